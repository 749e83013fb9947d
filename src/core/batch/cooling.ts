/** How the hot part of a batch cools: as planned, as it really goes by its readings, and what could be done instead. */
import { airOf } from '../heat/air';
import { coolingCurve, type CoolingCurve, type CoolingPlan, type CoolingSample } from '../heat/cooling';
import { type CoolingFit, fitCooling } from '../heat/fit-cooling';
import { coolingStages, type CoolingStage } from '../safety/cooling-stages';
import { readingMinutes } from './runs';
import { type Cool, coolingPlan, historyOf, hotPartOf, inTheColdAt, legsAfter, warmestRoom } from './cooling-plan';
import { type CoolingAlternative, fridgeRiseOf, type Judged } from './cooling-judged';
import { coolingWays } from './cooling-ways';
import { type Kitchen } from './kitchen';
import { type CoolTarget, type Outline } from './outline';
import { type Batch } from './schema';

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
  /** What it begins with, by the plan or as fitted, and the air it stands in at first, °C. */
  startC: number;
  airC: number;
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
  /** Minutes on the clock at which the alternatives begin: taken at another time they would not be what they say. */
  elapsed: number;
  /** Alternatives that would have taken too long to work out. */
  leftOut: number;
  /** So many stirs and moves that fewer stirs, or coarser steps, were worked out than are planned. */
  isCoarse: boolean;
  /** Steps of the solver that all of it took. */
  steps: number;
}

/**
 * Works out how the hot part cools.
 * @param depth `first` leaves the alternatives out: they take longer
 * @param elapsed minutes since it came off the heat, where the clock runs: alternatives begin then
 */
export function forecastCooling(
  batch: Batch,
  kitchen: Kitchen,
  o: Outline,
  depth: 'first' | 'all',
  elapsed = 0,
): CoolingForecast | null {
  const part = o.coolTarget ? hotPartOf(batch, o) : null;
  if (!part || !o.coolTarget) return null;
  const target = o.coolTarget;
  let steps = 0;
  const judge = (cool: Cool, plan = coolingPlan(cool, part, kitchen)): Judged => {
    const curve = coolingCurve(plan, target.c);
    steps += curve.steps;
    const minutes = curve.minutesTo(target.c);
    const evaporatedG = curve.evaporatedAt(minutes ?? Infinity) / cool.share;
    return { plan, curve, minutes, evaporatedG, stages: stagesOf(o, curve, plan, target.c) };
  };
  const usual = coolingPlan(batch.cool, part, kitchen);
  const fit = fitOnce(usual, readingMinutes(batch.cool.run));
  const plan = fit ? { ...usual, factor: fit.factor, startC: fit.startC } : usual;
  const really = judge(batch.cool, plan);
  // What the readings taught holds for the alternatives, too: it is the same filling in the same kitchen.
  const judgeFitted = (cool: Cool): Judged => {
    const other = coolingPlan(cool, part, kitchen);
    return judge(cool, fit ? { ...other, factor: fit.factor, startC: fit.startC } : other);
  };
  const assumedMinutes = fit ? judge(batch.cool).minutes : really.minutes;
  const { ways: alternatives, leftOut } =
    depth === 'first'
      ? { ways: [], leftOut: 0 }
      : coolingWays(batch.cool, part, kitchen, judgeFitted, {
          history: historyOf(batch.cool, elapsed, plan.depthMm),
          rest: legsAfter(batch.cool, elapsed),
        });
  return {
    massG: plan.massG,
    depthMm: plan.depthMm,
    areaCm2: (10 * plan.massG) / part.density / plan.depthMm,
    targetC: target.c,
    because: target.because,
    startC: plan.startC,
    airC: airOf((plan.legs ?? [])[0] ?? plan),
    constraints: o.coolConstraints,
    minutes: really.minutes,
    evaporatedG: really.evaporatedG,
    samples: really.curve.samples,
    stages: really.stages,
    deadlines: deadlinesOf(really.stages, o, really.curve, target.c),
    factor: plan.factor ?? 1,
    fit,
    assumedMinutes,
    isPourable: part.isPourable,
    fridgeRiseK: fridgeRiseOf(really, kitchen),
    alternatives,
    elapsed,
    leftOut,
    isCoarse: really.curve.isCoarse,
    steps: steps + (fit?.steps ?? 0),
  };
}

/** The alternatives are asked for right after the plan's own curve: the same readings are not fitted twice. */
let lastFit: { key: string; fit: CoolingFit | null } | null = null;
function fitOnce(plan: CoolingPlan, readings: { minute: number; c: number }[]): CoolingFit | null {
  const key = JSON.stringify([plan, readings]);
  if (lastFit?.key !== key) lastFit = { key, fit: fitCooling(plan, readings) };
  return lastFit.fit;
}

/** A stage that ends colder than wrap-ready is judged when the filling is wrapped: from then on it is cooked or put away. */
function stagesOf(o: Outline, curve: CoolingCurve, plan: CoolingPlan, targetC: number): CoolingStage[] {
  const rules = o.pack.cooling.map((rule) =>
    rule.kind === 'between' && (rule.toC ?? 5) < targetC ? { ...rule, toC: targetC } : rule,
  );
  return coolingStages(
    { ...o.pack, cooling: rules },
    { curve, coldAtMinute: inTheColdAt(plan), ambientC: warmestRoom(plan), untilC: targetC },
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
