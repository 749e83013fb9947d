/** The heat forecasts of a batch: how its hot part cools and how its parcels heat. Runs in the worker. */
import { drawLedger } from '../filling/ledger';
import { type CoolingForecast, workOutCooling } from '../cooling/forecast';
import { wrapMinutesOf } from '../cooling/board-clock';
import { hotPartOf } from '../cooling/hot-part';
import { type Kitchen } from '../stored/kitchen';
import { isRehearsal } from '../stored/rehearsal-id';
import { type Batch } from '../stored/schema';
import { cook } from './cooked';
import { type CoreForecast, forecastCore, spreadOut } from './core-forecast';
import { outline } from './outline';

export type { CoreForecast } from './core-forecast';

export interface HeatForecast {
  cooling: CoolingForecast | null;
  core: CoreForecast | null;
}

/** Of what keeps no hours are asked. */
const NO_RULES = { cooling: [] };

export interface HeatWorked {
  /** Both forecasts, without the alternatives of cooling, which take longest: what is needed soonest. */
  heat: HeatForecast;
  /** The same with alternatives, which begin at a minute on the cooling clock. */
  withAlternatives(elapsed: number): HeatForecast;
  /** Of the parcels all together. */
  withSpread(heat: HeatForecast): HeatForecast;
}

/**
 * Works out both forecasts. Null where there is nothing to forecast.
 * @param before of a batch that this one is a change of: its least-done differs in the same way
 */
export function workOutHeat(batch: Batch, kitchen: Kitchen, before: CoreForecast | null = null): HeatWorked {
  const o = outline(batch, kitchen);
  const ledger = drawLedger(o.lines, batch.water, 0);
  const part = o.coolTarget ? hotPartOf(o.lines, batch.water) : null;
  const cooling =
    part &&
    workOutCooling(
      {
        cool: batch.cool,
        part,
        constraints: o.coolConstraints,
        rules: o.perishable.counts ? o.pack : NO_RULES,
        thenMinutes: wrapMinutesOf(batch, kitchen),
        isRehearsal: isRehearsal(batch.id),
      },
      kitchen,
    );
  const cooked = cook(batch, kitchen, o, ledger);
  const core = o.lines.length > 0 ? forecastCore(cooked, before?.differs.deviations ?? null) : null;
  // Worked out once, however often the alternatives begin anew.
  let whole: CoreForecast | null = null;
  return {
    heat: { cooling: cooling?.forecast ?? null, core },
    withAlternatives: (elapsed) => ({
      cooling: cooling?.withAlternatives(elapsed) ?? null,
      core,
    }),
    withSpread: (heat) => ({ ...heat, core: core && (whole ??= spreadOut(core, cooked)) }),
  };
}

/**
 * Both forecasts at once.
 * @param depth `first` is what a judgement needs; `ways` has the alternatives of cooling as well, `all` the spread of the parcels
 * @param elapsed minutes on the cooling clock: the alternatives begin there
 */
export function forecastHeat(
  batch: Batch,
  kitchen: Kitchen,
  depth: 'first' | 'ways' | 'all' = 'first',
  elapsed = 0,
): HeatForecast {
  const worked = workOutHeat(batch, kitchen);
  if (depth === 'first') return worked.heat;
  const ways = worked.withAlternatives(elapsed);
  return depth === 'ways' ? ways : worked.withSpread(ways);
}
