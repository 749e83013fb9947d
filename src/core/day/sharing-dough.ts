/** One dough for two batches is made once: kneaded together, rested together, rolled for each when it is its turn. */
import { formatGrams } from '../units/format';
import { type BatchFacts } from './facts';
import { type DayTask, taskId } from './task';
import { doughGoesIn } from './words';

/** Twice the dough takes so many times as long in one bowl. House estimate. */
const TOGETHER = 1.25;
/** It may wait for the other batch to be filled, covered and cool, min. House estimate. */
const WAITS = 120;

/** Batches of one dough, served in the same hour; what rises on its own clock is made for each. */
function alike(all: readonly BatchFacts[]): BatchFacts[][] {
  const by = new Map<string, BatchFacts[]>();
  for (const facts of all) {
    const { dough } = facts.accounts;
    if (dough.parts.length === 0 || dough.kind === 'yeasted' || facts.accounts.lines.length === 0) continue;
    const key = JSON.stringify([dough.id, dough.parts, facts.serveMinute, facts.batch.wrap.doughSaltPercent]);
    by.set(key, [...(by.get(key) ?? []), facts]);
  }
  return [...by.values()].filter((group) => group.length > 1);
}

const isDoughOf = ({ kind, batchIds, id }: DayTask, batchId: string): boolean =>
  batchIds.length === 1 && batchIds[0] === batchId && (kind === 'dough' || (kind === 'rest' && id.includes(' rest ')));

/**
 * Puts the work on one dough into one task for all that it is for.
 * @param tasks of all batches
 * @param begun ids of what has been begun: a dough that has been made for one batch stays that batch's
 */
export function shareDough(
  tasks: readonly DayTask[],
  all: readonly BatchFacts[],
  begun: ReadonlySet<string>,
): DayTask[] {
  return alike(all).reduce((now, group) => shared(now, group, begun), [...tasks]);
}

function shared(tasks: readonly DayTask[], group: readonly BatchFacts[], begun: ReadonlySet<string>): DayTask[] {
  const [first] = group;
  const ids = group.map(({ batch }) => batch.id);
  const own = ids.map((id) => tasks.filter((task) => isDoughOf(task, id)));
  // Only where the steps are the same ones.
  const kinds = own.map((list) => list.map(({ kind, title }) => `${kind} ${title}`).join('|'));
  const isBegun = own.some((list) => list.some(({ id }) => begun.has(id)));
  if (own[0].length === 0 || new Set(kinds).size > 1 || isBegun) return [...tasks];
  const total = group.reduce((sum, { wrapPlan }) => sum + wrapPlan.neededG, 0);
  const forEach = group.map(({ wrapPlan, about }) => `${formatGrams(wrapPlan.neededG)} for the ${about.toLowerCase()}`);
  const divided = `${formatGrams(total)}: ${forEach.join(', ')}`;
  const [mixing] = own[0].filter(({ kind }) => kind === 'dough');
  const howOf = (task: DayTask): string =>
    task.kind !== 'dough'
      ? task.how
      : task === mixing
        ? `${doughGoesIn(first.accounts.dough.parts, total)}; ${divided}`
        : divided;
  const renamed = new Map<string, string>();
  own[0].forEach((_task, i) => {
    const to = taskId('all', 'dough', `${first.accounts.dough.id} ${i}`);
    own.forEach((list) => renamed.set(list[i].id, to));
  });
  const follows = (after: DayTask['after']): DayTask['after'] =>
    after.map((a) => ({ ...a, id: renamed.get(a.id) ?? a.id }));
  const together = own[0].map((task, i): DayTask => ({
    ...task,
    id: renamed.get(task.id) ?? task.id,
    batchIds: ids,
    about: '',
    title: task.kind === 'dough' ? `${task.title}, for ${group.length === 2 ? 'both' : 'all'}` : task.title,
    how: howOf(task),
    minutes: task.kind === 'dough' ? Math.ceil(TOGETHER * Math.max(...own.map((l) => l[i].minutes))) : task.minutes,
    after: follows(task.after),
  }));
  const gone = new Set(renamed.keys());
  const rest = tasks
    .filter(({ id }) => !gone.has(id))
    .map((task): DayTask => {
      const after = task.after.map((a) =>
        renamed.has(a.id)
          ? { ...a, id: renamed.get(a.id) ?? a.id, ...(a.maxWait === undefined ? {} : { maxWait: a.maxWait + WAITS }) }
          : a,
      );
      return { ...task, after };
    });
  return [...together, ...rest];
}
