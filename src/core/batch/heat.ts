/** The heat forecasts of a batch: how its hot part cools and how its parcels heat. Runs in the worker. */
import { mix } from '../food/composition';
import { drawLedger, type Ledger } from '../filling/ledger';
import { coolingCurve, type CoolingCurve, type CoolingPlan, type CoolingSample } from '../heat/cooling';
import {
  cookingCurve,
  type CookingPlan,
  type CookingSample,
  cookingSurface,
  type CookingTarget,
} from '../heat/cooking';
import { AIR, boilingPoint, type Place } from '../heat/surfaces';
import { coolingStages, type CoolingStage } from '../safety/cooling-stages';
import { fillingDensity, fitParcel } from '../wrapper/fit';
import { type Kitchen } from './kitchen';
import { type Outline, hotMass, outline } from './outline';
import { type Batch } from './schema';

type Cool = Batch['cool'];

export interface CoolingAlternative {
  id: string;
  label: string;
  /** What it needs, in words. */
  needs: string;
  to: Partial<Cool>;
  minutes: number | null;
  evaporatedG: number;
  stages: CoolingStage[];
}

export interface CoolingForecast {
  massG: number;
  targetC: number;
  because: string;
  /** Minutes until the warmest place is at the target; null where it does not get there within a day. */
  minutes: number | null;
  evaporatedG: number;
  samples: CoolingSample[];
  stages: CoolingStage[];
  /** The minute by which it must be at or below a temperature. */
  deadlines: { rule: string; label: string; atMinute: number; belowC: number }[];
  alternatives: CoolingAlternative[];
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
}

export interface HeatForecast {
  cooling: CoolingForecast | null;
  core: CoreForecast | null;
}

/** The least-done parcel holds so much more filling and starts so much colder. House estimates until three are weighed. */
const FULLER = 1.15;
const COLDER_C = 2;

/** Works out both forecasts. Null where there is nothing to forecast. */
export function forecastHeat(batch: Batch, kitchen: Kitchen): HeatForecast {
  const o = outline(batch, kitchen);
  const before = drawLedger(o.lines, batch.water, 0);
  return {
    cooling: o.coolTarget && hotPartOf(batch, o) ? forecastCooling(batch, kitchen, o) : null,
    core: o.lines.length > 0 ? forecastCore(batch, kitchen, o, before) : null,
  };
}

/** Mass and composition of what is hot; null where nothing is. */
function hotPartOf(batch: Batch, o: Outline): { massG: number; composition: CoolingPlan['composition'] } | null {
  const ledger = drawLedger(o.hot, batch.water, 0);
  const massG = hotMass(
    o,
    ledger.cookedOff - o.hot.reduce((sum, l) => sum + (l.preparation.losesTo === 'cookedOff' ? l.lostG : 0), 0),
  );
  if (massG <= 0) return null;
  return { massG, composition: ledger.finishedG > 0 ? ledger.composition : mix([]) };
}

/** The air where the filling stands: typed, or the kitchen's own. */
export function ambientOf(cool: Pick<Cool, 'place' | 'ambientC'>, kitchen: Kitchen): number {
  return cool.ambientC ?? kitchenAir(cool.place, kitchen);
}

function kitchenAir(place: Place, kitchen: Kitchen): number {
  if (place === 'fridge') return kitchen.fridgeC;
  return place === 'freezer' ? AIR.freezer.ambientC : kitchen.roomC;
}

function forecastCooling(batch: Batch, kitchen: Kitchen, o: Outline): CoolingForecast | null {
  const part = hotPartOf(batch, o);
  if (!part || !o.coolTarget) return null;
  const targetC = o.coolTarget.c;
  const run = (cool: Cool) => {
    const ambientC = ambientOf(cool, kitchen);
    const curve = coolingCurve({ ...part, ...cool, ambientC }, targetC);
    const minutes = curve.minutesTo(targetC);
    return {
      curve,
      minutes,
      evaporatedG: curve.evaporatedAt(minutes ?? Infinity),
      stages: stagesOf(o, curve, cool, ambientC, targetC),
    };
  };
  const asPlanned = run(batch.cool);
  return {
    massG: part.massG,
    targetC,
    because: o.coolTarget.because,
    minutes: asPlanned.minutes,
    evaporatedG: asPlanned.evaporatedG,
    samples: asPlanned.curve.samples,
    stages: asPlanned.stages,
    deadlines: deadlinesOf(asPlanned.stages, o, asPlanned.curve, targetC),
    alternatives: ways(batch.cool)
      .map(({ to, ...way }) => {
        const { minutes, evaporatedG, stages } = run({ ...batch.cool, ...to });
        return { ...way, to, minutes, evaporatedG, stages };
      })
      .sort((a, b) => (a.minutes ?? Infinity) - (b.minutes ?? Infinity)),
  };
}

/** A stage that ends colder than wrap-ready is judged when the filling is wrapped: from then on it is cooked or put away. */
function stagesOf(o: Outline, curve: CoolingCurve, cool: Cool, ambientC: number, targetC: number): CoolingStage[] {
  const rules = o.pack.cooling.map((rule) =>
    rule.kind === 'between' && (rule.toC ?? 5) < targetC ? { ...rule, toC: targetC } : rule,
  );
  return coolingStages({ ...o.pack, cooling: rules }, { curve, place: cool.place, ambientC, untilC: targetC });
}

function deadlinesOf(
  stages: CoolingStage[],
  o: Outline,
  curve: CoolingCurve,
  targetC: number,
): CoolingForecast['deadlines'] {
  return o.pack.cooling.map((rule, i) => ({
    rule: rule.id,
    label: rule.label,
    atMinute: (rule.kind === 'between' ? (curve.minutesTo(rule.fromC ?? 57) ?? 0) : 0) + stages[i].limitMinutes,
    belowC: rule.kind === 'between' ? Math.max(rule.toC ?? 5, Math.min(targetC, 21)) : targetC,
  }));
}

/** What the cook could do instead. */
function ways(cool: Cool): { id: string; label: string; needs: string; to: Partial<Cool> }[] {
  const thin = Math.min(20, cool.depthMm);
  return [
    {
      id: 'tray',
      label: `Spread to ${thin} mm on a tray`,
      needs: 'a tray, on a rack',
      to: { depthMm: thin, base: 'rack', place: 'counter', ambientC: null, covered: false, stirred: false },
    },
    {
      id: 'tray-fan',
      label: `Spread to ${thin} mm, by a fan`,
      needs: 'a tray and a table fan',
      to: { depthMm: thin, base: 'rack', place: 'fan', ambientC: null, covered: false, stirred: false },
    },
    {
      id: 'tray-fridge',
      label: `Spread to ${thin} mm, in the fridge`,
      needs: 'a free shelf; let it fall below 60 °C first',
      to: { depthMm: thin, base: 'rack', place: 'fridge', ambientC: null, covered: false, stirred: false },
    },
    {
      id: 'tray-ice',
      label: `Spread to ${thin} mm, over ice`,
      needs: 'a metal tray on ice and water',
      to: { depthMm: thin, base: 'ice', place: 'counter', ambientC: null, covered: false, stirred: false },
    },
    {
      id: 'ice-stir',
      label: 'Over ice as it is, stirred',
      needs: 'a bowl of ice and water, and a hand',
      to: { base: 'ice', place: 'counter', ambientC: null, covered: false, stirred: true },
    },
    {
      id: 'fridge',
      label: 'As it is, in the fridge',
      needs: 'a free shelf; it warms the fridge',
      to: { place: 'fridge', base: 'rack', ambientC: null },
    },
  ];
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
    skin: batch.wrap,
    dough: o.dough,
    fillingG: portionG,
    density: fillingDensity(ledger.composition),
  });
  const boilingC = boilingPoint(kitchen.altitudeM);
  return {
    parcel: {
      ...body,
      filling: ledger.composition,
      wrapper: o.dough.composition,
      wrapperDensity: o.dough.cookedDensity,
      wrapperConductivity: o.dough.conductivity,
    },
    startC,
    mediumC: batch.cook.method === 'bake' ? batch.cook.mediumC : boilingC,
    h: cookingSurface(batch.cook.method, kitchen.fanOven),
    boilingC,
  };
}

function forecastCore(batch: Batch, kitchen: Kitchen, o: Outline, ledger: Ledger): CoreForecast {
  const target: CookingTarget = { at: o.limit.kind === 'safety' ? 'centre' : 'wrapper', c: o.limit.c };
  const average = cookingPlan(batch, kitchen, o, ledger, batch.wrap.portionG, batch.cook.startC);
  // A little beyond the planned time, so that the curve shows where the plan ends.
  const shown = batch.cook.minutes * 1.1;
  const curve = cookingCurve(average, target, shown);
  const least = cookingCurve(
    cookingPlan(batch, kitchen, o, ledger, batch.wrap.portionG * FULLER, batch.cook.startC - COLDER_C),
    target,
    shown,
  );
  return {
    targetC: target.c,
    at: target.at,
    minutes: curve.minutesTo(target.c),
    leastDoneMinutes: least.minutesTo(target.c),
    samples: curve.samples,
    leastDone: least.samples,
    mediumC: average.mediumC,
  };
}
