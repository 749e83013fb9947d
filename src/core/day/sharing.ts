/** What several batches have in common is done once: the same thing cut for two, a hot oven for both. */
import { type ResolvedLine } from '../filling/lines';
import { formatGrams } from '../units/format';
import { SET_UP } from './estimates';
import { cutMinutes } from './filling-tasks';
import { type BatchFacts } from './facts';
import { type DayTask, taskId } from './task';
import { amountsOf } from './words';
import { spokenFirst } from '../food/spoken-name';

/** Cut together it is worth a task of its own from so many minutes on. House estimate. */
const WORTH = 3;

interface Shared {
  ingredientId: string;
  name: string;
  of: { facts: BatchFacts; line: ResolvedLine }[];
}

/** What more than one batch of the same hour cuts. */
function sharedOf(all: readonly BatchFacts[]): Shared[] {
  const by = new Map<string, Shared>();
  for (const facts of all)
    for (const line of facts.accounts.lines) {
      if (cutMinutes(line) === 0) continue;
      const { id, name } = line.ingredient;
      const shared = by.get(id) ?? { ingredientId: id, name, of: [] };
      by.set(id, { ...shared, of: [...shared.of, { facts, line }] });
    }
  return [...by.values()].filter(
    ({ of }) =>
      new Set(of.map((o) => o.facts.batch.id)).size > 1 &&
      new Set(of.map((o) => o.facts.serveMinute)).size === 1 &&
      of.reduce((sum, o) => sum + cutMinutes(o.line), 0) >= WORTH,
  );
}

/**
 * Puts what is cut for several batches into one task, which their own cutting no longer holds.
 * @param tasks of all batches
 */
export function shareCutting(tasks: readonly DayTask[], all: readonly BatchFacts[]): DayTask[] {
  const shared = sharedOf(all);
  if (shared.length === 0) return [...tasks];
  const cuts = shared.map(({ ingredientId, name, of }): DayTask => {
    const grams = of.reduce((sum, { line }) => sum + line.rawG, 0);
    const batchIds = [...new Set(of.map((o) => o.facts.batch.id))];
    return {
      id: taskId('all', 'cut', ingredientId),
      kind: 'cut',
      batchIds,
      about: '',
      title: `${spokenFirst(name)}: cut for all`,
      how: `${formatGrams(grams)}: ${of.map(({ facts, line }) => `${formatGrams(line.rawG)} for the ${facts.about.toLowerCase()}`).join(', ')}`,
      doneWhen: 'In bowls by what it is for, covered.',
      minutes: Math.max(1, Math.round(1 + of.reduce((sum, { line }) => sum + cutMinutes(line), 0))),
      hasHands: true,
      needs: { hands: 1, bench: 1 },
      after: [],
      weight: 1,
      isEstimate: true,
      warning: null,
    };
  });
  return [...cuts, ...tasks.flatMap((task) => withoutShared(task, cuts, shared))];
}

/** A batch's own cutting with what is left of it, and all that followed it after what is cut for all, too. */
function withoutShared(task: DayTask, cuts: readonly DayTask[], shared: readonly Shared[]): DayTask[] {
  const [batchId] = task.batchIds;
  const mine = cuts.filter((cut) => cut.batchIds.includes(batchId) && task.batchIds.length === 1);
  const isOwnCut = (id: string): boolean => id === taskId(batchId, 'cut');
  const follows = task.after.some(({ id }) => isOwnCut(id));
  const gone = shared.flatMap(({ of }) => of.filter((o) => o.facts.batch.id === batchId));
  const less = gone.reduce((sum, { line }) => sum + cutMinutes(line), 0);
  if (isOwnCut(task.id) && gone.length > 0) {
    const left = Math.round(task.minutes - less);
    const [{ facts }] = gone;
    const ids = new Set(gone.map(({ line }) => line.line.id));
    const own = facts.accounts.lines.filter((l) => cutMinutes(l) > 0 && !ids.has(l.line.id));
    return left > SET_UP && own.length > 0 ? [{ ...task, minutes: left, how: amountsOf(own, facts.kitchen) }] : [];
  }
  if (!follows || mine.length === 0) return [task];
  const [like] = task.after.filter(({ id }) => isOwnCut(id));
  return [{ ...task, after: [...task.after, ...mine.map(({ id }) => ({ ...like, id }))] }];
}
