/** How the hot part of a batch cools: as planned, as it really goes by its readings, and what could be done instead. */
import { type Composition, mix } from '../food/composition';
import { thermalProperties } from '../food/thermal';
import { drawLedger } from '../filling/ledger';
import { airOf, coolingCurve, type CoolingCurve, type CoolingPlan, type CoolingSample } from '../heat/cooling';
import { type CoolingFit, fitCooling } from '../heat/fit-cooling';
import { fridgeRise } from '../heat/fridge';
import { AIR, type Place } from '../heat/surfaces';
import { coolingStages, type CoolingStage } from '../safety/cooling-stages';
import { fillingDensity } from '../wrapper/fit';
import { coolingWays } from './cooling-ways';
import { type Kitchen } from './kitchen';
import { type CoolTarget, hotMass, type Outline } from './outline';
import { type Batch } from './schema';
import { depthOn } from './vessels';

export type Cool = Batch['cool'];
type Surroundings = Pick<Cool, 'base' | 'place' | 'ambientC' | 'covered' | 'stirred' | 'stirEveryMinutes'>;

export interface CoolingAlternative {
  id: string;
  label: string;
  /** What it needs, in words and figures. */
  needs: string;
  to: Partial<Cool>;
  minutes: number | null;
  evaporatedG: number;
  stages: CoolingStage[];
  /** A few points of its curve, to be drawn thinly beside the plan's. */
  samples: { minute: number; c: number }[];
}

export interface Deadline {
  rule: string;
  label: string;
  atMinute: number;
  belowC: number;
}

export interface CoolingForecast {
  /** g that is cooled now, and its depth, mm. */
  massG: number;
  depthMm: number;
  /** Floor that it takes, cm². */
  areaCm2: number;
  targetC: number;
  because: string;
  /** Everything that asks for a temperature, the coldest first. */
  constraints: CoolTarget[];
  /** Minutes until the warmest place is at the target; null where it does not get there within a day. */
  minutes: number | null;
  /** g of steam lost by then, of all that is to be cooled. */
  evaporatedG: number;
  samples: CoolingSample[];
  stages: CoolingStage[];
  /** The minute by which it must be at or below a temperature. */
  deadlines: Deadline[];
  /** Surface coefficients as a multiple of the usual: by its readings, else by what the kitchen has learned, else 1. */
  factor: number;
  fit: CoolingFit | null;
  /** Minutes as they were forecast before any reading. */
  assumedMinutes: number | null;
  /** So thin that it mixes itself. */
  isPourable: boolean;
  /** By how much it warms the fridge, K; 0 where it does not go there. */
  fridgeRiseK: number;
  alternatives: CoolingAlternative[];
}

/** More free liquid than this, g in 100 g, and it pours: it mixes itself. House estimate. */
const POURS = 35;

export interface HotPart {
  massG: number;
  composition: Composition;
  /** g/ml */
  density: number;
  isPourable: boolean;
}

/** Mass and composition of what is hot; null where nothing is. */
export function hotPartOf(batch: Batch, o: Outline): HotPart | null {
  const ledger = drawLedger(o.hot, batch.water, 0);
  const massG = hotMass(o, ledger.cookedOffInPan);
  if (massG <= 0) return null;
  const composition = ledger.finishedG > 0 ? ledger.composition : mix([]);
  return { massG, composition, density: fillingDensity(composition), isPourable: ledger.freePer100 > POURS };
}

/** The air where the filling stands: typed, or the kitchen's own, °C. */
export function ambientOf(cool: Pick<Cool, 'place' | 'ambientC'>, kitchen: Kitchen): number {
  if (cool.ambientC !== null) return cool.ambientC;
  const own: Record<Place, number> = {
    counter: kitchen.roomC,
    fan: kitchen.roomC,
    fridge: kitchen.fridgeC,
    freezer: kitchen.freezerC,
    porch: kitchen.porchC,
  };
  return own[cool.place] ?? AIR[cool.place].ambientC;
}

/** The plan as the solver takes it. */
export function coolingPlan(cool: Cool, part: HotPart, kitchen: Kitchen): CoolingPlan {
  const surroundings = (s: Surroundings) => ({
    base: s.base,
    place: s.place,
    covered: s.covered,
    stirEveryMinutes: s.stirEveryMinutes,
    ambientC: ambientOf(s, kitchen),
    stirred: s.stirred || part.isPourable,
  });
  const massG = part.massG * cool.share;
  return {
    ...surroundings(cool),
    massG,
    composition: part.composition,
    startC: cool.startC,
    depthMm: cool.vessel.areaCm2 === null ? cool.depthMm : depthOn(massG, part.density, cool.vessel.areaCm2),
    legs: cool.legs.map((leg) => ({ ...surroundings(leg), minutes: leg.minutes })),
    factor: learnedFactor(cool, kitchen),
  };
}

/** What the kitchen has learned of this vessel in this place; 1 where it has not. */
export const learnedFactor = (cool: Cool, kitchen: Kitchen): number =>
  kitchen.cooling.find(
    (fit) =>
      fit.vessel === cool.vessel.kind &&
      fit.place === cool.place &&
      fit.base === cool.base &&
      fit.covered === cool.covered,
  )?.factor ?? 1;

/** One cooling, worked out and judged. */
export interface Judged {
  plan: CoolingPlan;
  curve: CoolingCurve;
  minutes: number | null;
  evaporatedG: number;
  stages: CoolingStage[];
}

/** Works out how the hot part cools. @param depth `first` leaves the alternatives out: they take longer */
export function forecastCooling(
  batch: Batch,
  kitchen: Kitchen,
  o: Outline,
  depth: 'first' | 'all',
): CoolingForecast | null {
  const part = o.coolTarget ? hotPartOf(batch, o) : null;
  if (!part || !o.coolTarget) return null;
  const target = o.coolTarget;
  const judge = (cool: Cool, plan = coolingPlan(cool, part, kitchen)): Judged => {
    const curve = coolingCurve(plan, target.c);
    const minutes = curve.minutesTo(target.c);
    const evaporatedG = curve.evaporatedAt(minutes ?? Infinity) / cool.share;
    return { plan, curve, minutes, evaporatedG, stages: stagesOf(o, curve, plan, target.c) };
  };
  const usual = coolingPlan(batch.cool, part, kitchen);
  const fit = fitCooling(usual, readingsOf(batch.cool));
  const plan = fit ? { ...usual, factor: fit.factor, startC: fit.startC } : usual;
  const really = judge(batch.cool, plan);
  return {
    massG: plan.massG,
    depthMm: plan.depthMm,
    areaCm2: (10 * plan.massG) / part.density / plan.depthMm,
    targetC: target.c,
    because: target.because,
    constraints: o.coolConstraints,
    minutes: really.minutes,
    evaporatedG: really.evaporatedG,
    samples: really.curve.samples,
    stages: really.stages,
    deadlines: deadlinesOf(really.stages, o, really.curve, target.c),
    factor: plan.factor ?? 1,
    fit,
    assumedMinutes: fit ? judge(batch.cool).minutes : really.minutes,
    isPourable: part.isPourable,
    fridgeRiseK: fridgeRiseOf(really, kitchen),
    alternatives: depth === 'first' ? [] : coolingWays(batch.cool, part, kitchen, judge),
  };
}

/** Readings against the clock that runs; none without it. */
export function readingsOf({ offHeatAt, readings }: Cool): { minute: number; c: number }[] {
  if (offHeatAt === null) return [];
  const start = Date.parse(offHeatAt);
  return readings.map(({ at, c }) => ({ minute: (Date.parse(at) - start) / 60_000, c }));
}

/** When it goes into the cold, min from the start; null where it does not. */
export function inTheColdAt({ legs = [], place }: CoolingPlan): number | null {
  let minute = 0;
  for (const leg of [...legs, { place, minutes: 0 }]) {
    if (leg.place === 'fridge' || leg.place === 'freezer') return minute;
    minute += leg.minutes;
  }
  return null;
}

/** The rise of the fridge's air when it goes in, K. */
export function fridgeRiseOf({ plan, curve, minutes }: Judged, kitchen: Kitchen): number {
  const at = [...(plan.legs ?? []), plan].some((leg) => leg.place === 'fridge') ? inTheColdAt(plan) : null;
  if (at === null) return 0;
  const { heatCapacity } = thermalProperties(plan.composition, 40);
  const kj = (plan.massG / 1000) * (heatCapacity / 1000) * Math.max(0, curve.at(at).meanC - kitchen.fridgeC);
  return fridgeRise(kj, Math.max(30, (minutes ?? 240) - at), kitchen.fridgeLitres);
}

/** A stage that ends colder than wrap-ready is judged when the filling is wrapped: from then on it is cooked or put away. */
function stagesOf(o: Outline, curve: CoolingCurve, plan: CoolingPlan, targetC: number): CoolingStage[] {
  const rules = o.pack.cooling.map((rule) =>
    rule.kind === 'between' && (rule.toC ?? 5) < targetC ? { ...rule, toC: targetC } : rule,
  );
  const inTheCold = inTheColdAt(plan);
  const warm = [...(plan.legs ?? []), plan].filter((leg) => leg.place !== 'fridge' && leg.place !== 'freezer');
  return coolingStages(
    { ...o.pack, cooling: rules },
    { curve, coldAtMinute: inTheCold, ambientC: Math.max(-50, ...warm.map(airOf)), untilC: targetC },
  );
}

function deadlinesOf(stages: CoolingStage[], o: Outline, curve: CoolingCurve, targetC: number): Deadline[] {
  return o.pack.cooling.map((rule, i) => ({
    rule: rule.id,
    label: rule.label,
    atMinute: (rule.kind === 'between' ? (curve.minutesTo(rule.fromC ?? 57) ?? 0) : 0) + stages[i].limitMinutes,
    belowC: rule.kind === 'between' ? Math.max(rule.toC ?? 5, Math.min(targetC, 21)) : targetC,
  }));
}
