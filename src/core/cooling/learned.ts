/** What a kitchen keeps of a cooling that was fitted to its readings, and when readings teach nothing. */
import { type FitKey } from '../stored/kitchen-operations';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { type CoolingFit } from './refit';

/** Readings so far off their own fit teach nothing, K. House estimate. */
const DISAGREES_K = 5;

/** The readings do not fit any cooling of this filling: a wrong time, or a probe that is not in the middle. */
export const disagrees = ({ residualK }: Pick<CoolingFit, 'residualK'>): boolean => residualK > DISAGREES_K;

/** What decides how quickly it cools here, and is kept for the next time. */
const fitKeyOf = ({
  vessel,
  place,
  base,
  covered,
}: Pick<Batch['cool'], 'vessel' | 'place' | 'base' | 'covered'>): FitKey => ({
  vessel: vessel.kind,
  place,
  base,
  covered,
});

/** What is kept under it: the factor to a thousandth. */
export const keptFit = (cool: Batch['cool'], { factor, readings }: CoolingFit): Kitchen['cooling'][number] => ({
  ...fitKeyOf(cool),
  factor: Math.round(1000 * factor) / 1000,
  readings,
});

/** What the kitchen has learned of this vessel in this place; 1 where it has not. */
export function learnedFactor(cool: Batch['cool'], { cooling }: Pick<Kitchen, 'cooling'>): number {
  const key = fitKeyOf(cool);
  return (
    cooling.find(
      (fit) =>
        fit.vessel === key.vessel && fit.place === key.place && fit.base === key.base && fit.covered === key.covered,
    )?.factor ?? 1
  );
}
