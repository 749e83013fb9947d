/** A bottom that is still pale when the top is brown and the middle hot: soft and soggy under a wet filling. */
import { plannedMinutes } from '../stored/cooking';
import { type Batch } from '../stored/schema';
import { MEDIA } from '../vocabulary/media';
import { formatMinutes, formatTemperature } from '../units/format';
import { type CheckState } from './check';
import { type CoreForecast } from '../forecast/heat';

/** Less than this after the planned time is not told from it, min. */
const GRACE = 3;

/** In a cooler oven things are warmed, not browned, °C. House estimate. */
const BROWNS_FROM_C = 170;

/** @returns null where it is not baked, where one face is not told from the other, or where it is brown in time */
export function paleBelow(
  { cook }: Pick<Batch, 'cook'>,
  { above, below, samples }: Pick<CoreForecast, 'above' | 'below' | 'samples'>,
  scale: 'C' | 'F',
): { state: CheckState; headline: string; sentence: string } | null {
  const isToBrown = cook.steps.some(
    ({ medium, mediumC }) =>
      MEDIA[medium].appliance === 'oven' && MEDIA[medium].browns && (mediumC ?? 0) >= BROWNS_FROM_C,
  );
  if (!isToBrown) return null;
  const planned = plannedMinutes(cook);
  const isBrownAbove = above.brownAt !== null && above.brownAt <= planned;
  if (!isBrownAbove || (below.brownAt !== null && below.brownAt <= planned + GRACE)) return null;
  const then = samples.find(({ minute }) => minute >= planned) ?? samples[samples.length - 1];
  const late = below.brownAt === null ? '' : `, brown only after ${formatMinutes(Math.round(below.brownAt))}`;
  return {
    state: 'watch',
    headline: 'Core: pale below',
    sentence: `Brown above after ${formatMinutes(Math.round(above.brownAt ?? 0))}; the bottom is at *${formatTemperature(Math.round(then.bottomC), scale)}* when it comes out${late}: soft under a wet filling (house estimate).`,
  };
}
