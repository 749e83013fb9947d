/** How the hot part of a batch cools: as planned, as it really goes by its readings, and what could be done instead. */
import { airOf } from './air';
import { coolingCurve, type CoolingSample } from './curve';
import { type CoolingPlan } from './stretches';
import { type CoolReading, runEvidence } from './evidence-of';
import { type CoolingFit, fitCooling } from './refit';
import { COLD_C, type CoolingStage, coolingStages } from '../safety/cooled';
import { type LeftOut } from '../safety/evidence';
import { minuteAtMost, throughReadings, type Track } from '../safety/exposure';
import { type CoolTarget } from './constraints';
import { type HotPart } from './hot-part';
import { type Cool, coolingPlan, historyOf, inTheColdAt, legsAfter, warmestRoom } from './plan';
import { type CoolingAlternative, fridgeRiseOf, type Judged, type Stall, stallOf } from './judged';
import { coolingWays } from './ways';
import { type Kitchen } from '../stored/kitchen';
import { type RulePack } from '../safety/packs';

export interface Deadline {
  rule: string;
  limitMinutes: number;
  atMinute: number;
  /** At or below which it must be by then, °C; null: it must be in the cold. */
  belowC: number | null;
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
  /** The warmest place, through every reading that counts; while a clock runs, on beyond the target. */
  track: Track;
  /** When it goes into the cold, minutes; null where it does not. */
  coldAtMinute: number | null;
  stages: CoolingStage[];
  /** The minute by which it must be at or below a temperature. */
  deadlines: Deadline[];
  /** From wrap-ready so long until it is in the heat again, minutes. */
  thenMinutes: number;
  /** Surface coefficients as a multiple of the usual: by its readings, else by what the kitchen has learned, else 1. */
  factor: number;
  fit: CoolingFit | null;
  /** Readings of this run that count, against its clock; and those that do not, each with its reason. */
  readings: Track;
  left: readonly LeftOut<CoolReading>[];
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
interface CoolingTask {
  cool: Cool;
  part: HotPart;
  /** Everything that asks for a temperature, the coldest first: that is the target. */
  constraints: CoolTarget[];
  /** The rules that hold; none where nothing in it spoils within hours. */
  rules: Pick<RulePack, 'cooling'>;
  /** From wrap-ready so long until it is in the heat again, minutes. */
  thenMinutes: number;
  isRehearsal: boolean;
}

interface CoolingWorked {
  /** As planned, and as it goes by its readings; without alternatives, which take longer. */
  forecast: CoolingForecast;
  /**
   * The same with alternatives.
   * @param elapsed minutes since it came off the heat, where the clock runs: alternatives begin then
   */
  withAlternatives(elapsed: number): CoolingForecast;
}

/** Above the air's own temperature by so much nothing more happens, K. */
const AT_REST_K = 1;

/** How a plan of cooling goes, and how it stands by the rules. */
function judged({ cool, constraints, rules, thenMinutes }: CoolingTask, plan: CoolingPlan, share: number): Judged {
  const [target] = constraints;
  // While a clock runs it is asked what it is like beyond the target, and when it is cold.
  const onwards = cool.run === null ? target.c : Math.min(target.c, Math.max(COLD_C, airOf(plan) + AT_REST_K));
  const curve = coolingCurve(plan, onwards);
  const stall = stallOf(plan, curve, target.c);
  const minutes = curve.minutesTo(target.c);
  const ready = stall?.minutes ?? minutes;
  const stages = coolingStages(
    { ...EMPTY, ...rules },
    {
      track: curve.track,
      coldAtMinute: inTheColdAt(plan),
      depthMm: lyingIn(plan),
      heatedAtMinute: ready === null ? null : ready + thenMinutes,
      roomC: warmestRoom(plan),
    },
  );
  return { plan, curve, minutes, evaporatedG: curve.evaporatedAt(ready ?? Infinity) / share, stall, stages };
}

/** Works out how the hot part cools. */
export function workOutCooling(task: CoolingTask, kitchen: Kitchen): CoolingWorked {
  const { cool, part } = task;
  const { counted, left } = runEvidence(cool.run, { isRehearsal: task.isRehearsal });
  let steps = 0;
  const judge = (plan: CoolingPlan, share: number): Judged => {
    const done = judged(task, plan, share);
    steps += done.curve.steps;
    return done;
  };
  const usual = coolingPlan(cool, part, kitchen);
  const fit = fitCooling(usual, counted);
  // What the readings taught holds for the alternatives, too: it is the same filling in the same kitchen.
  const taught = fit ? { factor: fit.factor, startC: fit.startC } : {};
  const really = judge({ ...usual, ...taught }, cool.share);
  const readings = counted.map(({ minute, c }) => ({ minute, c }));
  const forecast: CoolingForecast = {
    ...ofTask(task),
    ...ofCurve(task, really, throughReadings(really.curve.track, readings)),
    factor: really.plan.factor ?? 1,
    fit,
    readings,
    left,
    assumedMinutes: fit ? judge(usual, cool.share).minutes : really.minutes,
    fridgeRiseK: fridgeRiseOf(really, kitchen),
    alternatives: [],
    elapsed: 0,
    leftOut: 0,
    steps: steps + (fit?.steps ?? 0),
  };
  return {
    forecast,
    withAlternatives: (elapsed) => {
      steps = 0;
      const judgeWay = (way: Cool): Judged => judge({ ...coolingPlan(way, part, kitchen), ...taught }, way.share);
      const { ways, leftOut } = coolingWays(cool, part, kitchen, judgeWay, {
        history: historyOf(cool, elapsed, really.plan.depthMm),
        rest: legsAfter(cool, elapsed),
      });
      return { ...forecast, alternatives: ways, elapsed, leftOut, steps: forecast.steps + steps };
    },
  };
}

/** What a forecast has from what was asked. */
const ofTask = ({ part, constraints, thenMinutes }: CoolingTask) => ({
  targetC: constraints[0].c,
  because: constraints[0].because,
  constraints,
  thenMinutes,
  isPourable: part.isPourable,
});

/** What a forecast has from its curve. */
function ofCurve({ cool, part, rules }: CoolingTask, really: Judged, track: Track) {
  const { plan, curve, minutes, evaporatedG, stall, stages } = really;
  return {
    massG: plan.massG,
    depthMm: plan.depthMm,
    areaCm2: (10 * plan.massG) / part.density / plan.depthMm,
    startC: plan.startC,
    airC: airOf((plan.legs ?? [])[0] ?? plan),
    minutes,
    evaporatedG,
    soundSteamG: soundSteam(really, rules, cool.share),
    stall,
    samples: minutes === null ? curve.samples : curve.samplesTo(minutes),
    track,
    coldAtMinute: inTheColdAt(plan),
    stages,
    deadlines: deadlinesOf(stages, rules, track),
    isCoarse: curve.isCoarse,
  };
}

/** How deep it lies in the cold, mm: spread on the way it is shallower. */
const lyingIn = ({ depthMm, legs = [] }: CoolingPlan): number =>
  legs.reduce<number>((_, leg) => leg.depthMm ?? depthMm, depthMm);

/** Where no rule holds there is nothing to be late for. */
const EMPTY: RulePack = { id: 'home', label: '', authority: '', core: {}, cooling: [], equivalents: [] };

/** Steam that may be counted on: of a cooling that keeps the rules, and no more than leaves before the first deadline. */
function soundSteam(
  { curve, stages, minutes, stall }: Judged,
  { cooling }: Pick<RulePack, 'cooling'>,
  share: number,
): number {
  if (stages.some((stage) => !stage.ok)) return 0;
  const deadlines = cooling.map((rule, i) =>
    rule.kind === 'fall' ? (curve.minutesTo(rule.from.c) ?? 0) + stages[i].limitMinutes : stages[i].limitMinutes,
  );
  return curve.evaporatedAt(Math.min(stall?.minutes ?? minutes ?? Infinity, ...deadlines)) / share;
}

/** By when each rule is to be met. */
const deadlinesOf = (
  stages: readonly CoolingStage[],
  { cooling }: Pick<RulePack, 'cooling'>,
  track: Track,
): Deadline[] =>
  cooling.map((rule, i) => ({
    rule: rule.id,
    limitMinutes: stages[i].limitMinutes,
    atMinute: (rule.kind === 'fall' ? (minuteAtMost(track, rule.from.c) ?? 0) : 0) + stages[i].limitMinutes,
    belowC: rule.kind === 'fall' ? rule.to.c : null,
  }));
