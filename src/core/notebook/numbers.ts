/** What a batch's numbers are, planned and measured, as causes are read off them. */
import { type Verdict } from '../safety/loads';
import { type Accounts, account } from '../checks/account';
import { crustOf, type CrustFigures } from '../checks/crust';
import { fitCook, type CookFit } from '../forecast/cook-fit';
import { type CoreForecast } from '../forecast/core-forecast';
import { type HeatForecast } from '../forecast/heat';
import { moistureFigures } from '../checks/moisture';
import { boardOf, type BoardSeen } from './board-seen';
import { readingsInHeat } from '../cooking/load-evidence';
import { loadAtHand } from '../stored/cook-runs';
import { plannedMinutes } from '../stored/cooking';
import { lastTaken } from '../stored/taken';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Outcome } from '../stored/note-schema';
import { type Batch } from '../stored/schema';
import { METHODS } from '../vocabulary/methods';
import { type OutcomeId } from '../vocabulary/outcomes';
import { weighedParcel, type Weighing, weighing } from '../wrapper/weighings';

export interface BatchNumbers {
  batch: Batch;
  kitchen: Kitchen;
  accounts: Accounts;
  outcomes: readonly Outcome[];
  /** Free liquid, g in 100 g: in the heat, where the oven has taken its part, and at the board; each with what is usual. */
  heat: { value: number; band: readonly [number, number] };
  board: { value: number; band: readonly [number, number] };
  /** Filling in a parcel, g: as weighed, else as planned. */
  portionG: number;
  isWeighed: boolean;
  portions: Weighing | null;
  skins: Weighing | null;
  /** That much filling over what closes easily; 1 at the upper edge. */
  fullness: number;
  /** Under what fills it: 1 at the lower edge. */
  slackness: number;
  core: CoreForecast | null;
  crust: CrustFigures | null;
  cookFit: CookFit | null;
  /** Minutes in the heat: by the clock of the loads, else as the cook says, else as planned. */
  inHeatMinutes: number;
  isTimed: boolean;
  plannedMinutes: number;
  /** The lowest reading of the last load, °C; null where nobody measured. */
  lowestC: number | null;
  /** Its readings against the forecast; null without any. */
  against: ReadingsAgainst | null;
  bench: BoardSeen | null;
  /** Of the parcel that was weighed before and after: what it lost, % of the filling in it. */
  lossPercent: number | null;
  /** It is one that dries in the oven. */
  dries: boolean;
}

/** How readings of the core lie to its forecast. */
export interface ReadingsAgainst {
  /** K that the lowest is under the least-done parcel as forecast, and the highest over the average one; 0 where between. */
  behindK: number;
  aheadK: number;
  count: number;
}

/** The figures of a batch. @param heat its forecast */
export function numbersOf(batch: Batch, kitchen: Kitchen, heat: HeatForecast): BatchNumbers {
  const accounts = account(batch, kitchen, heat);
  const { board, heat: hot } = moistureFigures(accounts);
  const { wrap, cook, note } = batch;
  const weighed = weighedParcel(wrap.weighed, { portionG: wrap.portionG, skinG: accounts.fit.wrapperG });
  const portionG = weighed?.portionG ?? wrap.portionG;
  const ml = portionG / accounts.density;
  const [low, high] = accounts.fit.comfortableMl;
  const runs = cook.earlierRuns.map(({ inAt, outAt }) => (Date.parse(outAt) - Date.parse(inAt)) / 60_000);
  const planned = plannedMinutes(cook);
  const taken = lastTaken(batch, 'load');
  const { parcelBeforeG, parcelAfterG } = note.measured;
  return {
    batch,
    kitchen,
    accounts,
    outcomes: note.outcomes,
    heat: { value: hot.value, band: hot.band },
    board: { value: board.value, band: board.band },
    portionG,
    isWeighed: weighed !== null,
    portions: weighing(wrap.weighed, 'filling'),
    skins: weighing(wrap.weighed, 'skin'),
    fullness: high > 0 ? ml / high : 0,
    slackness: low > 0 ? ml / low : 1,
    core: heat.core,
    crust: heat.core && crustOf(batch, heat.core),
    cookFit: fitCook(batch, kitchen),
    inHeatMinutes: runs.length > 0 ? runs.reduce((sum, m) => sum + m, 0) / runs.length : (taken?.minutes ?? planned),
    isTimed: runs.length > 0 || taken !== null,
    plannedMinutes: planned,
    lowestC: lowestOf(accounts.verdict),
    against: heat.core && readingsAgainst(batch, heat.core),
    bench: boardOf(batch),
    lossPercent:
      parcelBeforeG === null || parcelAfterG === null || portionG <= 0
        ? null
        : (100 * (parcelBeforeG - parcelAfterG)) / portionG,
    dries: METHODS[cook.method].dries,
  };
}

/** The lowest of what decided on any load; null where nothing that counts was measured. */
function lowestOf({ loads }: Verdict): number | null {
  const all = loads.flatMap(({ lowestC }) => (lowestC === null ? [] : [lowestC]));
  return all.length === 0 ? null : Math.min(...all);
}

/** What was noted of an outcome. */
export const noted = ({ outcomes }: Pick<BatchNumbers, 'outcomes'>, what: OutcomeId): Outcome | undefined =>
  outcomes.find((o) => o.what === what);

/** Readings of the last round, each where the curves are at its minute. */
function readingsAgainst(batch: Batch, { samples, leastDone }: CoreForecast): ReadingsAgainst | null {
  const all = readingsInHeat(batch, loadAtHand(batch.cook)).filter(({ minute }) => minute > 0);
  if (all.length === 0) return null;
  const valueAt = (curve: typeof samples, minute: number): number =>
    (curve.find((s) => s.minute >= minute) ?? curve[curve.length - 1]).centreC;
  return {
    behindK: Math.max(0, ...all.map((r) => valueAt(leastDone, r.minute) - r.c)),
    aheadK: Math.max(0, ...all.map((r) => r.c - valueAt(samples, r.minute))),
    count: all.length,
  };
}
