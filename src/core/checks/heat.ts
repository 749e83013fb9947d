/** The heat forecasts of a batch: how its hot part cools and how its parcels heat. Runs in the worker. */
import { drawLedger, type Ledger } from '../filling/ledger';
import {
  cookingCurve,
  minutesUntilDone,
  type Browning,
  type CookingPlan,
  type CookingSample,
  type CookingStep,
  type CookingTarget,
} from '../heat/cooking';
import { boilingPoint } from '../heat/surfaces';
import { mainStep } from '../document/cooking';
import { MEDIA } from '../document/vocabulary/media';
import { fillingDensity } from '../filling/density';
import { fitParcel } from '../wrapper/fit';
import { laidOf } from '../wrapper/laid';
import { type Deviations, leastDoneOf, type ParcelSpread, spreadOf } from './least-done';
import { fitResponse } from '../heat/response';
import { allDone, DRAWS, drawMinutes, quantile, SURE } from '../heat/draws';
import { type Met } from '../document/vocabulary/media/medium';
import { type CoolingForecast, workOutCooling } from '../cooling/forecast';
import { hotPartOf } from '../cooling/hot-part';
import { type Kitchen } from '../document/kitchen';
import { type Outline, outline } from './outline';
import { type Batch } from '../document/schema';

export interface MinutesSpread {
  /** By then every parcel is there in 95 of 100 batches. */
  allDoneMinutes: number;
  /** Of 20 parcels one is there before the first, one after the second. */
  earlyMinutes: number;
  lateMinutes: number;
}

export interface CoreForecast {
  targetC: number;
  at: CookingTarget['at'];
  /** Minutes for the average parcel, and for the least-done: fuller and colder; null where not within three hours. */
  minutes: number | null;
  leastDoneMinutes: number | null;
  samples: CookingSample[];
  leastDone: CookingSample[];
  mediumC: number;
  /** How the least-done differs: so much fuller, colder at the start, and in a cooler place. */
  differs: {
    fullerShare: number;
    colderK: number;
    coolerK: number;
    from: ParcelSpread['from'];
    /** The same in standard deviations; null where some parcel never gets there. */
    deviations: Deviations | null;
  };
  /** All parcels together; null while it is being worked out. */
  spread: MinutesSpread | null;
  /** When the faces of the average parcel are brown, and too brown, as long as it cooks. */
  above: Browning;
  below: Browning;
}

export interface HeatForecast {
  cooling: CoolingForecast | null;
  core: CoreForecast | null;
}

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
    part && workOutCooling({ cool: batch.cool, part, constraints: o.coolConstraints, pack: o.pack }, kitchen);
  const target: CookingTarget = { at: o.limit.kind === 'safety' ? 'centre' : 'wrapper', c: o.limit.c };
  const cooked: Cooked = { batch, kitchen, o, ledger, spread: spreadOf(batch, kitchen), target };
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
 * @param depth `first` leaves out the alternatives of cooling, `ways` the spread of the parcels
 * @param elapsed minutes on the cooling clock: the alternatives begin there
 */
export function forecastHeat(
  batch: Batch,
  kitchen: Kitchen,
  depth: 'first' | 'ways' | 'all' = 'all',
  elapsed = 0,
): HeatForecast {
  const worked = workOutHeat(batch, kitchen);
  if (depth === 'first') return worked.heat;
  const ways = worked.withAlternatives(elapsed);
  return depth === 'ways' ? ways : worked.withSpread(ways);
}

/** What makes the parcel and its surroundings, once for all that differ. */
interface Cooked {
  batch: Batch;
  kitchen: Kitchen;
  o: Outline;
  ledger: Ledger;
  spread: ParcelSpread;
  target: CookingTarget;
}

/** A parcel so many standard deviations fuller, colder and in a cooler place than the average. */
function planFor(
  { batch, kitchen, o, ledger, spread }: Cooked,
  [fuller, colder, cooler]: Deviations = [0, 0, 0],
): CookingPlan {
  const { body } = fitParcel({
    form: batch.wrap.form,
    laid: laidOf(batch.wrap, o.dough),
    dough: o.dough,
    fillingG: batch.wrap.portionG * Math.max(LEAST_PORTION, 1 + fuller * spread.portion),
    density: fillingDensity(ledger.composition),
  });
  const boilingC = boilingPoint(kitchen.altitudeM);
  const { roomC, fanOven } = kitchen;
  const [first, ...rest] = batch.cook.steps.map(({ medium, mediumC, minutes, turn }): CookingStep => {
    const { faces, heats, usualC } = MEDIA[medium];
    const { above, below } = faces({ setC: mediumC ?? usualC, boilingC, roomC, fanOven });
    const there = (met: Met): Met => (heats ? { ...met, mediumC: met.mediumC - cooler * spread.placeK } : met);
    return { minutes, turn, heats, above: there(above), below: there(below) };
  });
  return {
    parcel: {
      ...body,
      filling: ledger.composition,
      wrapper: o.dough.composition,
      wrapperDensity: o.dough.cookedDensity,
      wrapperConductivity: o.dough.conductivity,
    },
    startC: batch.cook.startC - colder * spread.startK,
    steps: [first, ...rest],
    boilingC,
  };
}

/** Cells that do where two parcels are compared: what the grid does to both falls out. */
const COARSE = 16;

/** However much portions differ, something is in each. */
const LEAST_PORTION = 0.2;

/** How much longer each takes for one standard deviation, in log minutes; null where a parcel then never gets there. */
function slopesOf(cooked: Cooked): Deviations | null {
  const solve = (deviations?: Deviations): number | null =>
    minutesUntilDone(planFor(cooked, deviations), cooked.target, COARSE);
  const average = solve();
  if (average === null || !(average > 0)) return null;
  const slope = (deviations: Deviations): number | null => {
    const minutes = solve(deviations);
    return minutes === null ? null : Math.max(0, Math.log(minutes / average));
  };
  const [fuller, colder, cooler] = [slope([1, 0, 0]), slope([0, 1, 0]), slope([0, 0, 1])];
  return fuller === null || colder === null || cooler === null ? null : [fuller, colder, cooler];
}

/** @param as how the least-done differs, where it is known from a batch that is much the same */
function forecastCore(cooked: Cooked, as: Deviations | null): CoreForecast {
  const { batch, target, spread } = cooked;
  const plan = planFor(cooked);
  const slopes = as === null ? slopesOf(cooked) : null;
  const deviations = as ?? (slopes === null ? null : leastDoneOf(slopes, batch.count));
  const least = deviations === null ? null : cookingCurve(planFor(cooked, deviations), target);
  const leastDoneMinutes = least?.minutesTo(target.c) ?? null;
  // The crust goes on browning until the least-done is hot.
  const curve = cookingCurve(plan, target, { atLeast: leastDoneMinutes ?? 0 });
  const [fuller, colder, cooler] = deviations ?? [0, 0, 0];
  return {
    targetC: target.c,
    at: target.at,
    minutes: curve.minutesTo(target.c),
    leastDoneMinutes,
    differs: {
      fullerShare: fuller * spread.portion,
      colderK: colder * spread.startK,
      coolerK: cooler * spread.placeK,
      from: spread.from,
      deviations,
    },
    spread: null,
    samples: curve.samples,
    leastDone: least?.samples ?? curve.samples,
    mediumC: mainStep(batch.cook).mediumC ?? plan.boilingC,
    above: curve.above,
    below: curve.below,
  };
}

const spreadOut = (core: CoreForecast, cooked: Cooked): CoreForecast =>
  core.leastDoneMinutes === null ? core : { ...core, spread: spreadOfMinutes(cooked) };

/** The same dice for every batch: a forecast read again is the same. */
const SEED = 1;

/** All parcels together, by a response surface and 100 000 draws; null where some never get there. */
function spreadOfMinutes(cooked: Cooked): MinutesSpread | null {
  const surface = fitResponse(([fuller, colder, cooler]) =>
    minutesUntilDone(planFor(cooked, [fuller, colder, cooler]), cooked.target, COARSE),
  );
  const [fine, coarse] = [undefined, COARSE].map((cells) => minutesUntilDone(planFor(cooked), cooked.target, cells));
  if (surface === null || !fine || !coarse) return null;
  const scale = fine / coarse;
  const minutes = drawMinutes(surface, DRAWS, SEED);
  return {
    allDoneMinutes: scale * allDone(minutes, cooked.batch.count),
    earlyMinutes: scale * quantile(minutes, 1 - SURE),
    lateMinutes: scale * quantile(minutes, SURE),
  };
}
