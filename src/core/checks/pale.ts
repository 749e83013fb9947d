/** A crust that is still pale when it comes out: all of it, or its bottom alone, soft and soggy under a wet filling. */
import { plannedMinutes } from '../stored/cooking';
import { type Batch } from '../stored/schema';
import { type Glaze } from '../vocabulary/edges';
import { MEDIA } from '../vocabulary/media';
import { formatMinutes, formatTemperature } from '../units/format';
import { type CheckState } from './check';
import { type CoreForecast } from '../forecast/heat';

/** Less than this after the planned time is not told from it, min. */
const GRACE = 3;
/** A bottom may be this much behind the planned time: a shade lighter. House estimate. */
const LIGHTER = 0.15;
/**
 * Above, a shade lighter is a matter of taste: pale is what would be brown only after so many times the time. What is brushed
 * with nothing is paler by nature. House estimates.
 */
const SHADE: Readonly<Record<Glaze, number>> = { egg: 1.25, milk: 1.25, water: 1.7, none: 1.7 };

/** A crust is waited for until it is golden, at most so many times as long as the middle takes. House estimate. */
export const GOLDEN_MOST = 1.6;

/** When a face has the colour that is looked for in one so brushed, min: a bare one sooner than it is golden. */
export const colouredAt = (glaze: Glaze, brownAt: number): number => (brownAt * SHADE.egg) / SHADE[glaze];

/** In a cooler oven things are warmed, not browned, °C. House estimate. */
const BROWNS_FROM_C = 170;

export const PALE_BELOW = 'Core: pale underneath';
export const STILL_PALE = 'Core: still pale';

interface Pale {
  state: CheckState;
  headline: typeof PALE_BELOW | typeof STILL_PALE;
  sentence: string;
}

type Looked = Pick<CoreForecast, 'above' | 'below' | 'samples' | 'hasFaces'>;

/** @returns null where it is not baked to be brown, or is brown in time */
export function pale({ cook, wrap }: Pick<Batch, 'cook' | 'wrap'>, forecast: Looked, scale: 'C' | 'F'): Pale | null {
  const isToBrown = cook.steps.some(
    ({ medium, mediumC }) =>
      MEDIA[medium].appliance === 'oven' && MEDIA[medium].browns && (mediumC ?? 0) >= BROWNS_FROM_C,
  );
  if (!isToBrown) return null;
  const planned = plannedMinutes(cook);
  return above(planned, wrap.glaze, forecast) ?? below(planned, forecast, scale);
}

function above(planned: number, glaze: Glaze, { above: { brownAt } }: Looked): Pale | null {
  if (brownAt !== null && brownAt <= SHADE[glaze] * planned + GRACE) return null;
  const late =
    brownAt === null ? 'It would not brown' : `Brown only after about *${formatMinutes(Math.round(brownAt))}*`;
  return {
    state: 'watch',
    headline: STILL_PALE,
    sentence: `${late}; it comes out after ${formatMinutes(planned)} (our estimate; go by your eye).`,
  };
}

function below(
  planned: number,
  { above: top, below: { brownAt }, samples, hasFaces }: Looked,
  scale: 'C' | 'F',
): Pale | null {
  // Of what is round its bottom is not told from the rest.
  if (!hasFaces || top.brownAt === null || top.brownAt > planned) return null;
  if (brownAt !== null && brownAt <= planned + Math.max(GRACE, LIGHTER * planned)) return null;
  const then = samples.find(({ minute }) => minute >= planned) ?? samples[samples.length - 1];
  const late = brownAt === null ? '' : `, brown only after ${formatMinutes(Math.round(brownAt))}`;
  return {
    state: 'watch',
    headline: PALE_BELOW,
    sentence: `Brown on top after ${formatMinutes(Math.round(top.brownAt))}; the bottom is at *${formatTemperature(Math.round(then.bottomC), scale)}* when it comes out${late}: soft under a wet filling (our estimate).`,
  };
}
