/** Plans a day in a worker: shown as it improves, stopped when a newer question comes, and mended where it collides. */
import { dayPlan, type DayPlan } from '../core/day/day-plan';
import { troubleOf } from '../core/day/trouble';
import { keptSchedule, keptStarts } from '../core/day/kept-plan';
import { bestFirst, type Candidate, candidates, isWorthIt, pairs, type Remedy, tried } from '../core/day/remedies';
import { type DayInput, type Remembered, workOutDay } from '../core/day/work-out';
import { type Progress, planning } from '../core/schedule/schedule';

/** What is seen of a plan while it is worked out. */
export interface DaySeen {
  plan: DayPlan;
  /** What would mend it, each tried; those that mend all first. */
  remedies: Remedy[];
  /** What is still going on. */
  stage: 'planning' | 'mending' | 'done';
}

/** Looked for a better plan so long, and so long for each remedy, ms; and at a stretch before anything else is heard. */
const PLAN_MS = 1200;
const REMEDY_MS = 350;
const STRETCH_MS = 40;
/** Pairs of remedies are tried so long, ms. */
const PAIRS_MS = 5000;
/** A plan that collides is worth a longer look; while it runs nobody waits so long for what a few minutes make. */
const COLLIDING_MS = 2500;
const RUNNING_MS = 250;
/** Collisions of so few minutes are made up on the way, min. */
const TIGHT = 5;

const remembered: Remembered = new Map();
let latest = 0;

const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/**
 * Plans a day.
 * @param turn a newer one stops this; what it had found by then comes back
 * @param key what it follows from: a plan that was kept under the same is not worked out again
 * @param onBetter told of every better plan, and of every remedy
 * @param idFor a fresh id for something that a remedy adds
 */
export async function planDay(
  turn: number,
  key: string,
  input: DayInput,
  ids: readonly string[],
  onBetter: (seen: DaySeen) => void | Promise<void>,
): Promise<DaySeen | null> {
  latest = Math.max(latest, turn);
  const isOld = (): boolean => turn < latest;
  await breathe();
  if (isOld()) return null;
  const worked = workOutDay(input, remembered);
  const { day, tasks, of } = worked;
  // While it runs, and where nothing has changed, what was planned stays as long as it holds.
  const kept = day.run !== null || day.plan?.of === key ? keptSchedule(day, of) : null;
  if (kept !== null) return { plan: dayPlan(day, tasks, of, kept, false), remedies: [], stage: 'done' };
  const like = day.run === null ? undefined : keptStarts(day);
  const run = planning(of.problem, { like });
  const began = Date.now();
  let best: Progress | null = null;
  let told = '';
  for (let stretch = Date.now(); ;) {
    const { value, done } = run.next();
    best = value ?? best;
    if (done) break;
    const now = Date.now();
    const most = day.run !== null ? RUNNING_MS : best?.schedule.feasible === false ? COLLIDING_MS : PLAN_MS;
    const isLong = now - began > most;
    if (best !== null && isLong) break;
    if (now - stretch < STRETCH_MS) continue;
    if (best !== null) {
      const what = JSON.stringify(best.schedule.tasks);
      if (what !== told)
        void onBetter({ plan: dayPlan(day, tasks, of, best.schedule, false), remedies: [], stage: 'planning' });
      told = what;
    }
    await breathe();
    if (isOld()) return null;
    stretch = Date.now();
  }
  if (best === null) return null;
  const plan = dayPlan(day, tasks, of, best.schedule, best.isWhole);
  if (troubleOf(plan.conflicts) <= TIGHT) return { plan, remedies: [], stage: 'done' };
  const tries: Remedy[] = [];
  const offered = (): Remedy[] => bestFirst(tries.filter((remedy) => isWorthIt(remedy, plan)));
  const tryAll = async (list: readonly Candidate[], most: number, below = Infinity): Promise<boolean> => {
    const until = Date.now() + most;
    for (const candidate of list) {
      await breathe();
      if (isOld()) return false;
      if (Date.now() > until) return true;
      const patience = () => {
        const end = Date.now() + REMEDY_MS;
        return () => Date.now() > end;
      };
      const remedy = tried(worked, plan, candidate, remembered, patience);
      if (remedy === null || remedy.leftMinutes >= below) continue;
      tries.push(remedy);
      void onBetter({ plan, remedies: offered(), stage: 'mending' });
    }
    return true;
  };
  const single = candidates(worked, plan, (n) => ids[n]);
  if (!(await tryAll(single, Infinity))) return null;
  // Where no single change is enough, two may be; two that do no more than one are not worth saying.
  const least = Math.min(...tries.map(({ leftMinutes }) => leftMinutes));
  if (least > 0 && !(await tryAll(pairs(single, tries), PAIRS_MS, least))) return null;
  return { plan, remedies: offered(), stage: 'done' };
}
/** Stops what is going on. */
export function stopPlanning(turn: number): void {
  latest = Math.max(latest, turn);
}
