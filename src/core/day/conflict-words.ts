/** What collides on a day, in the cook's words and with its minutes. */
import { type Conflict } from '../schedule/problem';
import { formatMinutes } from '../units/format';
import { type DayPlan, type PlannedTask } from './day-plan';
import { PLACE_WORDS } from './place-words';
import { fullTitle, type PlaceOfWork } from './task';
import { whatTakesLong } from './what-takes-long';

/** One conflict in a sentence; the deciding number between asterisks. */
function conflictWords(conflict: Conflict, plan: DayPlan): string {
  const { kind, tasks, resource, byMinutes } = conflict;
  const by = new Map(plan.tasks.map((t) => [t.id, t]));
  const [first, second] = tasks.map((id) => by.get(id));
  const minutes = formatMinutes(byMinutes);
  if (kind === 'too-late') {
    const what = first ? ` It begins with “${fullTitle(first)}”` : '';
    const where = resource === null ? '' : `, and most of what follows needs ${placeWords(resource)}`;
    const long = whatTakesLong(tasks.flatMap((id) => by.get(id) ?? []));
    return `All of it would be *${minutes}* late.${long}${what}${where}.`;
  }
  if (kind === 'waits-too-long' && first && second) {
    const why = first.after.find(({ id }) => id === second.id)?.why;
    if (byMinutes > NO_TIME)
      return `“${fullTitle(second)}” doesn’t fit before “${fullTitle(first)}”${why ? ` (${why})` : ''}. The nearest is *${minutes}* too early.${resting(second, first, plan) || meeting(second, plan)}`;
    if (first.kind === 'serve' && second.kind === 'load-out')
      return `“${fullTitle(second)}” would stay hot *${minutes}* longer than it may before it’s served.${meeting(second, plan)}`;
    return `“${fullTitle(second)}” would be ready *${minutes}* too early${why ? ` (${why})` : ''} before “${fullTitle(first)}”.${meeting(second, plan)}`;
  }
  if (kind === 'never-fits' && resource !== null)
    return `More of ${placeWords(resource)} is needed at once than there is.`;
  return 'The pins, absences and task order can’t all be kept.';
}

/** From so many minutes on it is not a matter of waiting: there is no time for it. */
const NO_TIME = 120;

/** When nobody is at work between two tasks, and that is why. */
function resting(from: PlannedTask, to: PlannedTask, { rests }: DayPlan): string {
  const between = rests.filter((r) => r.from < to.start && r.to > from.end);
  if (between.length === 0) return '';
  const whys = [
    ...new Set(
      between.map(({ why }) => (why === 'night' ? 'at night hands rest' : why === '' ? 'nobody is there' : why)),
    ),
  ];
  return ` Between them: ${whys.join(', ')}.`;
}

const placeWords = (resource: string): string => PLACE_WORDS[resource as PlaceOfWork] ?? resource;

/** What a load meets in the oven or the steamer: everything that stands in it. */
function meeting(out: PlannedTask, { tasks }: DayPlan): string {
  const load = tasks.find((t) => out.after.some(({ id }) => id === t.id) && !t.hasHands) ?? out;
  const place = (['oven', 'steamer', 'pan', 'pot', 'hob'] as const).find((p) => (load.needs[p] ?? 0) > 0);
  if (place === undefined) return '';
  const there = tasks.filter((t) => (t.needs[place] ?? 0) > 0 && t.kind === 'load');
  if (there.length < 2) return '';
  const all = there.reduce((sum, t) => sum + (t.end - t.start), 0);
  return ` ${there.length} loads meet at ${PLACE_WORDS[place]}, ${formatMinutes(all)} in all.`;
}

/** So many are said one by one. */
const MOST = 3;

/** All conflicts: of each kind and batch the worst, then how many more. */
export function conflictSentences(plan: DayPlan): string[] {
  const seen = new Set<string>();
  const worst = plan.conflicts.filter(({ kind, tasks }) => {
    const second = plan.tasks.find((t) => t.id === tasks[1]);
    const key = `${kind} ${second?.batchIds.join() ?? ''}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
  const sentences = worst.slice(0, MOST).map((c) => conflictWords(c, plan));
  const more = worst.length - sentences.length;
  const overdue = plan.overdue.map(({ taskId, afterId, byMinutes, why, isToCome }) => {
    const task = plan.tasks.find((t) => t.id === taskId);
    const before = plan.tasks.find((t) => t.id === afterId);
    if (isToCome && task && before)
      return `“${fullTitle(before)}” was early: by “${fullTitle(task)}” it will have waited *${formatMinutes(byMinutes)}* longer than it may${why === '' ? '' : ` (${why})`}.`;
    return `“${task ? fullTitle(task) : taskId}” has waited *${formatMinutes(byMinutes)}* longer than it may${why === '' ? '' : ` (${why})`}: look at it before you go on.`;
  });
  return [...overdue, ...sentences, ...(more > 0 ? [`And ${more} more.`] : [])];
}
