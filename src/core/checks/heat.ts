/** The heat forecasts of a batch: how its hot part cools and how its parcels heat. Runs in the worker. */
import { drawLedger, type Ledger } from '../filling/ledger';
import {
  cookingCurve,
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
import { COLDER_C, fullest } from './least-done';
import { type CoolingForecast, workOutCooling } from '../cooling/forecast';
import { hotPartOf } from '../cooling/hot-part';
import { type Kitchen } from '../document/kitchen';
import { type Outline, outline } from './outline';
import { type Batch } from '../document/schema';

export interface CoreForecast {
  targetC: number;
  at: CookingTarget['at'];
  /** Minutes for the average parcel, and for the least-done: fuller and colder; null where not within three hours. */
  minutes: number | null;
  leastDoneMinutes: number | null;
  samples: CookingSample[];
  leastDone: CookingSample[];
  mediumC: number;
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
}

/** Works out both forecasts. Null where there is nothing to forecast. */
export function workOutHeat(batch: Batch, kitchen: Kitchen): HeatWorked {
  const o = outline(batch, kitchen);
  const before = drawLedger(o.lines, batch.water, 0);
  const part = o.coolTarget ? hotPartOf(o.lines, batch.water) : null;
  const cooling =
    part && workOutCooling({ cool: batch.cool, part, constraints: o.coolConstraints, pack: o.pack }, kitchen);
  const core = o.lines.length > 0 ? forecastCore(batch, kitchen, o, before) : null;
  return {
    heat: { cooling: cooling?.forecast ?? null, core },
    withAlternatives: (elapsed) => ({ cooling: cooling?.withAlternatives(elapsed) ?? null, core }),
  };
}

/**
 * Both forecasts at once.
 * @param depth `first` leaves out the alternatives of cooling
 * @param elapsed minutes on the cooling clock: the alternatives begin there
 */
export function forecastHeat(
  batch: Batch,
  kitchen: Kitchen,
  depth: 'first' | 'all' = 'all',
  elapsed = 0,
): HeatForecast {
  const worked = workOutHeat(batch, kitchen);
  return depth === 'first' ? worked.heat : worked.withAlternatives(elapsed);
}

/** The parcel and its surroundings, for the core forecast and for docs and tests. */
export function cookingPlan(
  batch: Batch,
  kitchen: Kitchen,
  o: Outline,
  ledger: Ledger,
  portionG: number,
  startC: number,
): CookingPlan {
  const { body } = fitParcel({
    form: batch.wrap.form,
    laid: laidOf(batch.wrap, o.dough),
    dough: o.dough,
    fillingG: portionG,
    density: fillingDensity(ledger.composition),
  });
  const boilingC = boilingPoint(kitchen.altitudeM);
  const [first, ...rest] = batch.cook.steps.map(({ medium, mediumC, minutes, turn }): CookingStep => {
    const { faces, heats, usualC } = MEDIA[medium];
    const { roomC, fanOven } = kitchen;
    return { minutes, turn, heats, ...faces({ setC: mediumC ?? usualC, boilingC, roomC, fanOven }) };
  });
  return {
    parcel: {
      ...body,
      filling: ledger.composition,
      wrapper: o.dough.composition,
      wrapperDensity: o.dough.cookedDensity,
      wrapperConductivity: o.dough.conductivity,
    },
    startC,
    steps: [first, ...rest],
    boilingC,
  };
}

function forecastCore(batch: Batch, kitchen: Kitchen, o: Outline, ledger: Ledger): CoreForecast {
  const target: CookingTarget = { at: o.limit.kind === 'safety' ? 'centre' : 'wrapper', c: o.limit.c };
  const average = cookingPlan(batch, kitchen, o, ledger, batch.wrap.portionG, batch.cook.startC);
  const least = cookingCurve(
    cookingPlan(
      batch,
      kitchen,
      o,
      ledger,
      batch.wrap.portionG * fullest(batch, kitchen).factor,
      batch.cook.startC - COLDER_C,
    ),
    target,
  );
  const leastDoneMinutes = least.minutesTo(target.c);
  // The crust goes on browning until the least-done is hot.
  const curve = cookingCurve(average, target, { atLeast: leastDoneMinutes ?? 0 });
  return {
    targetC: target.c,
    at: target.at,
    minutes: curve.minutesTo(target.c),
    leastDoneMinutes,
    samples: curve.samples,
    leastDone: least.samples,
    mediumC: mainStep(batch.cook).mediumC ?? average.boilingC,
    above: curve.above,
    below: curve.below,
  };
}
