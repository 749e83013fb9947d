/** How the hot part of a batch cools: as planned, as it really goes by its readings, and what could be done instead. */
import { airOf } from './air';
import { coolingCurve, type CoolingCurve, type CoolingPlan, type CoolingSample } from './curve';
import { type CoolingFit, fitCooling } from './refit';
import { coolingStages, type CoolingStage } from '../safety/cooling-stages';
import { readingMinutes } from '../document/runs';
import { type CoolTarget } from './constraints';
import { type HotPart } from './hot-part';
import { type Cool, coolingPlan, historyOf, inTheColdAt, legsAfter, warmestRoom } from './plan';
import { type CoolingAlternative, fridgeRiseOf, type Judged, type Stall, stallOf } from './judged';
import { coolingWays } from './ways';
import { type Kitchen } from '../document/kitchen';
import { type RulePack } from '../safety/packs';

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
  /** Of that, g that a sound cooling loses before any rule's deadline; 0 where it is too slow. */
  soundSteamG: number;
  /** Where this place will not take it to the target: how far it does. */
  stall: Stall | null;
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

/** What is to be cooled, how far, and by whose rules. */
export interface CoolingTask {
  cool: Cool;
  part: HotPart;
  /** Everything that asks for a temperature, the coldest first: that is the target. */
  constraints: CoolTarget[];
  pack: RulePack;
}

export interface CoolingWorked {
  /** As planned, and as it goes by its readings; without alternatives, which take longer. */
  forecast: CoolingForecast;
  /**
   * The same with alternatives.
   * @param elapsed minutes since it came off the heat, where the clock runs: alternatives begin then
   */
  withAlternatives(elapsed: number): CoolingForecast;
}

/** Works out how the hot part cools. */
export function workOutCooling({ cool, part, constraints, pack }: CoolingTask, kitchen: Kitchen): CoolingWorked {
  const target = constraints[0];
  let steps = 0;
  const judge = (way: Cool, plan = coolingPlan(way, part, kitchen)): Judged => {
    const curve = coolingCurve(plan, target.c);
    steps += curve.steps;
    const stall = stallOf(plan, curve, target.c);
    const minutes = curve.minutesTo(target.c);
    const evaporatedG = curve.evaporatedAt(stall?.minutes ?? minutes ?? Infinity) / way.share;
    return { plan, curve, minutes, evaporatedG, stall, stages: stagesOf(pack, curve, plan, stall?.nearC ?? target.c) };
  };
  const usual = coolingPlan(cool, part, kitchen);
  const fit = fitCooling(usual, readingMinutes(cool.run));
  const plan = fit ? { ...usual, factor: fit.factor, startC: fit.startC } : usual;
  const really = judge(cool, plan);
  // What the readings taught holds for the alternatives, too: it is the same filling in the same kitchen.
  const judgeFitted = (way: Cool): Judged => {
    const other = coolingPlan(way, part, kitchen);
    return judge(way, fit ? { ...other, factor: fit.factor, startC: fit.startC } : other);
  };
  const forecast: CoolingForecast = {
    massG: plan.massG,
    depthMm: plan.depthMm,
    areaCm2: (10 * plan.massG) / part.density / plan.depthMm,
    targetC: target.c,
    because: target.because,
    startC: plan.startC,
    airC: airOf((plan.legs ?? [])[0] ?? plan),
    constraints,
    minutes: really.minutes,
    evaporatedG: really.evaporatedG,
    soundSteamG: soundSteam(really, pack, cool.share),
    stall: really.stall,
    samples: really.curve.samples,
    stages: really.stages,
    deadlines: deadlinesOf(really.stages, pack, really.curve, really.stall?.nearC ?? target.c),
    factor: plan.factor ?? 1,
    fit,
    assumedMinutes: fit ? judge(cool).minutes : really.minutes,
    isPourable: part.isPourable,
    fridgeRiseK: fridgeRiseOf(really, kitchen),
    alternatives: [],
    elapsed: 0,
    leftOut: 0,
    isCoarse: really.curve.isCoarse,
    steps: steps + (fit?.steps ?? 0),
  };
  return {
    forecast,
    withAlternatives: (elapsed) => {
      steps = 0;
      const { ways, leftOut } = coolingWays(cool, part, kitchen, judgeFitted, {
        history: historyOf(cool, elapsed, plan.depthMm),
        rest: legsAfter(cool, elapsed),
      });
      return { ...forecast, alternatives: ways, elapsed, leftOut, steps: forecast.steps + steps };
    },
  };
}

/** Steam that may be counted on: of a cooling that keeps the rules, and no more than leaves before the first deadline. */
function soundSteam({ curve, stages, minutes, stall }: Judged, pack: RulePack, share: number): number {
  if (stages.some((stage) => !stage.ok)) return 0;
  const deadlines = pack.cooling.map((rule, i) =>
    rule.kind === 'between'
      ? (curve.minutesTo(rule.fromC ?? 57) ?? 0) + stages[i].limitMinutes
      : stages[i].limitMinutes,
  );
  return curve.evaporatedAt(Math.min(stall?.minutes ?? minutes ?? Infinity, ...deadlines)) / share;
}

/** A stage that ends colder than wrap-ready is judged when the filling is wrapped: from then on it is cooked or put away. */
function stagesOf(pack: RulePack, curve: CoolingCurve, plan: CoolingPlan, targetC: number): CoolingStage[] {
  const rules = pack.cooling.map((rule) =>
    rule.kind === 'between' && (rule.toC ?? 5) < targetC ? { ...rule, toC: targetC } : rule,
  );
  return coolingStages(
    { ...pack, cooling: rules },
    { curve, coldAtMinute: inTheColdAt(plan), ambientC: warmestRoom(plan), untilC: targetC },
  );
}

function deadlinesOf(stages: CoolingStage[], pack: RulePack, curve: CoolingCurve, targetC: number): Deadline[] {
  return pack.cooling.map((rule, i) => ({
    rule: rule.id,
    label: rule.label,
    atMinute: (rule.kind === 'between' ? (curve.minutesTo(rule.fromC ?? 57) ?? 0) : 0) + stages[i].limitMinutes,
    belowC: rule.kind === 'between' ? Math.max(rule.toC ?? 5, Math.min(targetC, 21)) : targetC,
  }));
}
