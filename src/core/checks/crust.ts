/** The crust beside the middle: when it is brown, when it is too brown. Estimates, by a dose of browning. */
import { MEDIA } from '../document/vocabulary/media';
import { type Batch } from '../document/schema';
import { formatMinutes } from '../units/format';
import { type CoreForecast } from './heat';

export interface CrustFigures {
  /** The first face that is brown, and that is too brown, minutes; null where none is as long as it cooks. */
  brownAt: number | null;
  burntAt: number | null;
  /** The least-done middle is hot, minutes. */
  hotAt: number | null;
}

/** @returns null where nothing browns: in steam, in water */
export function crustOf({ cook }: Pick<Batch, 'cook'>, forecast: CoreForecast): CrustFigures | null {
  if (!cook.steps.some(({ medium }) => MEDIA[medium].browns)) return null;
  const { above, below, leastDoneMinutes } = forecast;
  return {
    brownAt: soonest(above.brownAt, below.brownAt),
    burntAt: soonest(above.burntAt, below.burntAt),
    hotAt: leastDoneMinutes,
  };
}

function soonest(a: number | null, b: number | null): number | null {
  if (a === null || b === null) return a ?? b;
  return Math.min(a, b);
}

/** Faces that brown within a minute of each other are not told apart. */
const TOGETHER = 1;

/** What the cook will see, in a sentence; null where nothing browns. */
export function crustWords(batch: Pick<Batch, 'cook'>, forecast: CoreForecast): string | null {
  if (crustOf(batch, forecast) === null) return null;
  const { above, below } = forecast;
  const after = (minutes: number | null): string =>
    minutes === null ? 'still pale' : `brown after about ${formatMinutes(Math.max(1, Math.round(minutes)))}`;
  const isSame =
    above.brownAt === below.brownAt ||
    (above.brownAt !== null && below.brownAt !== null && Math.abs(above.brownAt - below.brownAt) < TOGETHER);
  const burnt = soonest(above.burntAt, below.burntAt);
  const faces = isSame ? after(above.brownAt) : `above ${after(above.brownAt)}, below ${after(below.brownAt)}`;
  return `Crust: ${faces}${burnt === null ? '' : `; too brown after ${formatMinutes(Math.round(burnt))}`} (house estimate; go by your eye).`;
}
