/** One document in, five checks out: account, judge, propose. With the solver: for the worker and the command line. */
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { account } from './account';
import { type CheckId, type Proposals } from './check';
import { type HeatForecast, workOutHeat } from '../forecast/heat';
import { heatKey } from '../forecast/heat-key';
import { judge } from './judge';
import { type Assessment, described } from './judgement';
import { type Forecaster, propose } from './propose';

/** Forecasts of batches that were tried out, so that the same is not worked out again after a reading or a word. */
export type TriedOut = Map<string, HeatForecast>;

/** So many are remembered: of a batch or two all that is offered. */
const REMEMBERED = 80;

/** A real forecast of a changed batch, for what its fixes promise; which parcel is the last is taken as before. */
const really =
  ({ core }: HeatForecast, triedOut: TriedOut): Forecaster =>
  (batch, kitchen) => {
    const key = `${core?.differs.deviations?.join() ?? ''} ${heatKey(batch, kitchen)}`;
    const remembered = triedOut.get(key);
    const heat = remembered ?? workOutHeat(batch, kitchen, core).heat;
    triedOut.delete(key);
    triedOut.set(key, heat);
    const [oldest] = triedOut.keys();
    if (triedOut.size > REMEMBERED && oldest !== undefined) triedOut.delete(oldest);
    return heat;
  };

/**
 * Assesses a batch.
 * @param heat from `forecastHeat`; null while it is being worked out, then Cooling and Core say so
 * @param problem why there will be no forecast, where it failed: Cooling and Core then say that, and are never Good
 * @param asked the checks whose fixes are asked for
 */
export function assess(
  batch: Batch,
  kitchen: Kitchen,
  heat: HeatForecast | null,
  problem: string | null = null,
  asked?: readonly CheckId[],
): Assessment {
  const accounts = account(batch, kitchen, heat, problem);
  const judged = judge(accounts);
  return described(accounts, judged, propose(accounts, judged, heat === null ? null : really(heat, new Map()), asked));
}

/**
 * What could be done about a batch, every promise worked out on the batch as it would be. Takes long: for the worker.
 * @param triedOut what has been worked out before; added to
 */
export function proposals(
  batch: Batch,
  kitchen: Kitchen,
  heat: HeatForecast,
  triedOut: TriedOut = new Map(),
): Proposals {
  const accounts = account(batch, kitchen, heat);
  return propose(accounts, judge(accounts), really(heat, triedOut));
}
