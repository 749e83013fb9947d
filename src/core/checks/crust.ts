/** The crust beside the middle: when it is brown, when it is too brown. Estimates, by a dose of browning. */
import { MEDIA, ONE_SIDED } from '../vocabulary/media';
import { type Batch } from '../stored/schema';
import { type CoreForecast } from '../forecast/heat';

export interface CrustFigures {
  /** The first face that is brown, and that is too brown, minutes; null where none is as long as it cooks. */
  brownAt: number | null;
  burntAt: number | null;
  /** The least-done middle is hot, minutes. */
  hotAt: number | null;
}

/** @returns null where nothing browns, in steam or water; and of what is round in a pan, where one side browns and is not told from the rest */
export function crustOf({ cook }: Pick<Batch, 'cook'>, forecast: CoreForecast): CrustFigures | null {
  if (!cook.steps.some(({ medium }) => MEDIA[medium].browns)) return null;
  if (!forecast.hasFaces && cook.steps.some(({ medium }) => ONE_SIDED.includes(medium))) return null;
  const { above, below, leastDoneMinutes } = forecast;
  return {
    brownAt: soonest(above.brownAt, below.brownAt),
    burntAt: soonest(above.burntAt, below.burntAt),
    hotAt: leastDoneMinutes,
  };
}

/** The sooner of two, where there is one. */
export function soonest(a: number | null, b: number | null): number | null {
  if (a === null || b === null) return a ?? b;
  return Math.min(a, b);
}
