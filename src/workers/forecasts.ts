/** The worker's side of forecasting: what has been worked out is kept for a while, so that "all" goes on from "first". */
import { proposals as proposalsFor, type TriedOut } from '../core/checks/assess';
import { type Proposals } from '../core/checks/check';
import { type HeatForecast, type HeatWorked, workOutHeat } from '../core/forecast/heat';
import { type Kitchen } from '../core/stored/kitchen';
import { type Batch } from '../core/stored/schema';

/** So many are kept, the latest asked for. */
const KEPT = 6;

interface Kept {
  version: string;
  worked: HeatWorked;
  full: HeatForecast | null;
}
let kept: Kept[] = [];

function keptFor(version: string, batch: Batch, kitchen: Kitchen): Kept {
  const remembered = kept.find((k) => k.version === version) ?? {
    version,
    worked: workOutHeat(batch, kitchen),
    full: null,
  };
  kept = [remembered, ...kept.filter((k) => k !== remembered)].slice(0, KEPT);
  return remembered;
}

function fullOf(entry: Kept, elapsed: number): HeatForecast {
  if (entry.full?.cooling?.elapsed !== elapsed)
    entry.full = entry.worked.withSpread(entry.worked.withAlternatives(elapsed));
  return entry.full ?? entry.worked.heat;
}

/**
 * The heat forecasts of a batch.
 * @param version what heat depends on, under a short name
 * @param depth `first` comes sooner and leaves the alternatives of cooling out
 * @param elapsed minutes on the cooling clock: the alternatives begin there
 */
export function forecastHeat(
  version: string,
  batch: Batch,
  kitchen: Kitchen,
  depth: 'first' | 'all',
  elapsed: number,
): HeatForecast {
  const entry = keptFor(version, batch, kitchen);
  return depth === 'first' ? entry.worked.heat : fullOf(entry, elapsed);
}

/** What fixes were found to do: a core reading leaves nearly all of it as it was. */
const triedOut: TriedOut = new Map();

/** What could be done about a batch, by check; each promise is worked out on the batch as it would be. */
export const propose = (version: string, batch: Batch, kitchen: Kitchen, elapsed: number): Proposals =>
  proposalsFor(batch, kitchen, fullOf(keptFor(version, batch, kitchen), elapsed), triedOut);
