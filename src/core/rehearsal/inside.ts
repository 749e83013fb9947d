/** What really happens in a rehearsed batch, by what is hidden in its kitchen and what its cook has done so far. */
import { account } from '../checks/account';
import { forecastHeat, type HeatForecast } from '../forecast/heat';
import { coolingCurve } from '../cooling/curve';
import { type CoolingPlan } from '../cooling/stretches';
import { hotPartOf } from '../cooling/hot-part';
import { coolingPlan } from '../cooling/plan';
import { outMinutesAt } from '../cooling/board-clock';
import { plannedMinutes } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Outcome } from '../stored/note-schema';
import { type Rehearsal } from '../stored/rehearsal';
import { type Batch } from '../stored/schema';
import { resolveLines } from '../filling/lines';
import { outcomesOf } from './cut';
import { type Hidden, hiddenOf } from './hidden';
import { inHeat } from './live';
import { realKitchen, type Truth } from './truth';

/** A rehearsal as it stands. */
export interface Situation {
  rehearsal: Rehearsal;
  batch: Batch;
  kitchen: Kitchen;
}

/** By the scale portions hardly differ, %. House estimate. */
const BY_SCALE_PERCENT = 2;
/** By now it is cut, where nobody says, minutes after the heat. House estimate. */
const USUAL_CUT_MINUTES = 10;

const minutesBetween = (from: string, to: string): number => (Date.parse(to) - Date.parse(from)) / 60_000;

/** How long the load that was in shortest was in the heat, minutes; null where none has come out. */
function shortestLoad({ cook }: Batch): number | null {
  const runs = cook.earlierRuns.map(({ inAt, outAt }) => minutesBetween(inAt, outAt));
  return runs.length === 0 ? null : Math.min(...runs);
}

/** When the last load came out; null where none has. */
export const lastOut = ({ cook }: Batch): string | null => cook.earlierRuns.at(-1)?.outAt ?? null;

/** Minutes that the raw filling or the parcels stood out. */
const benchMinutes = ({ wrap }: Batch, now: string): number =>
  [...wrap.earlierBoards, ...(wrap.board ? [wrap.board] : [])].reduce((sum, b) => sum + outMinutesAt(b, now), 0);

/** What a spoonful or a weighed portion is, as a multiple of what is planned now. The spoon stays as it is, whatever is planned. */
function portionFactor({ rehearsal, batch }: Pick<Situation, 'rehearsal' | 'batch'>, hidden: Hidden): number {
  if (rehearsal.hands === 'scale') return 1;
  return (hidden.portionFactor * rehearsal.begun.wrap.portionG) / batch.wrap.portionG;
}

/** Everything that is really so, the cook's own doing included. */
export function truthNow(situation: Situation, hidden = hiddenOf(situation.rehearsal)): Truth {
  const { rehearsal, batch } = situation;
  const out = lastOut(batch);
  const minutes = shortestLoad(batch);
  return {
    ...hidden,
    portionFactor: portionFactor(situation, hidden),
    spreadPercent: rehearsal.hands === 'scale' ? BY_SCALE_PERCENT : hidden.spreadPercent,
    coolShare: 1,
    benchMinutes: benchMinutes(batch, rehearsal.simAt),
    heatShare: minutes === null ? 1 : minutes / plannedMinutes(batch.cook),
    cutAfterMinutes: out === null ? USUAL_CUT_MINUTES : minutesBetween(out, cutAt(rehearsal)),
    isLidLifted: false,
    forgottenLine: null,
  };
}

/** When the first one was cut open; else now. */
const cutAt = ({ looks, simAt }: Rehearsal): string => looks.find(({ what }) => what === 'cut')?.at ?? simAt;

/** The kitchen as it really is. */
export const kitchenNow = ({ kitchen, batch }: Situation, truth: Truth): Kitchen =>
  // What it has learned is not known to the simulation.
  realKitchen(
    { ...kitchen, cooling: [], appliances: kitchen.appliances.map((a) => ({ ...a, heats: [] })) },
    batch,
    { ...truth, coolingFactor: 1 },
    batch.createdAt,
  );

/** On ice water a kitchen's air says nothing. */
const factorFor = ({ cool }: Batch, { coolingFactor }: Pick<Truth, 'coolingFactor'>): number =>
  cool.base === 'ice' ? 1 : coolingFactor;

/** How the hot part of the filling really cools; null where nothing is hot. */
export function realCooling(batch: Batch, kitchen: Kitchen, truth: Pick<Truth, 'coolingFactor'>): CoolingPlan | null {
  const part = hotPartOf(resolveLines(batch, kitchen), batch.water);
  const earlier = batch.cool.earlierRuns.at(-1);
  const run = batch.cool.run ?? (earlier ? { ...earlier, readings: [] } : null);
  return part && { ...coolingPlan({ ...batch.cool, run }, part, kitchen), factor: factorFor(batch, truth) };
}

/** The middle of what cools, °C, so many minutes after it came off the heat. */
const cooledTo = (plan: CoolingPlan, minute: number): number =>
  minute <= 0 ? plan.startC : coolingCurve(plan, (plan.ambientC ?? 20) + 1).at(minute).centreC;

export interface Inside {
  /** Free liquid, g in 100 g of filling; salt, % of it; filling in a parcel over what closes easily. */
  freePer100: number;
  saltPercent: number;
  fullness: number;
  portionG: number;
  /** The coldest middle as it came out of the heat, °C, and after how many minutes; null before. */
  lowestC: number | null;
  heatMinutes: number | null;
  /** The filling as it was wrapped, °C, and how long it had cooled; null where nothing had to cool, or its clock never ran. */
  wrappedC: number | null;
  coolMinutes: number | null;
  benchMinutes: number;
  /** What a parcel shows that is cut open now; null before any has been in the heat. */
  outcomes: Outcome[] | null;
}

/** What is really so inside by now. */
export function insideOf(situation: Situation, hidden = hiddenOf(situation.rehearsal)): Inside {
  const { batch } = situation;
  const truth = truthNow(situation, hidden);
  const kitchen = kitchenNow(situation, truth);
  const heat: HeatForecast = forecastHeat(inHeat(batch, truth.heatShare), kitchen, 'first');
  const { coolTarget } = account(batch, kitchen, heat);
  const heatMinutes = shortestLoad(batch);
  const lowestC = heatMinutes === null ? null : middleAt(heat, heatMinutes);
  const earlier = batch.cool.earlierRuns.at(-1);
  const coolMinutes = earlier === undefined ? null : minutesBetween(earlier.offHeatAt, earlier.stoppedAt);
  const plan = coolTarget === null ? null : realCooling(batch, kitchen, truth);
  const wrappedC = plan === null ? null : cooledTo(plan, coolMinutes ?? 0);
  const cut = outcomesOf(batch, { kitchen, truth, heat, lowestC: lowestC ?? 100, wrappedC });
  return {
    ...cut.inside,
    portionG: batch.wrap.portionG * truth.portionFactor,
    lowestC,
    heatMinutes,
    wrappedC,
    coolMinutes,
    benchMinutes: truth.benchMinutes ?? 0,
    outcomes: heatMinutes === null ? null : cut.outcomes,
  };
}

/** The middle of the least-done after so many minutes, °C. */
function middleAt({ core }: HeatForecast, minutes: number): number {
  const samples = core?.leastDone ?? [];
  const [before, after] = [
    [...samples].reverse().find((s) => s.minute <= minutes),
    samples.find((s) => s.minute >= minutes),
  ];
  return (after ?? before)?.centreC ?? 20;
}
