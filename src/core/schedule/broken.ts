/** Checks a plan against its problem, independently of how it was found. */
import { capacityAt, isFixed, type Problem, type Scheduled } from './problem';

/** Everything that a plan breaks, in words for whoever develops it; empty where it keeps all. */
export function brokenBy(problem: Problem, plan: readonly Scheduled[]): string[] {
  const by = new Map(plan.map((p) => [p.id, p]));
  const broken: string[] = [];
  for (const task of problem.tasks) {
    const placed = by.get(task.id);
    if (!placed) {
      broken.push(`${task.id}: is not planned`);
      continue;
    }
    if (placed.end - placed.start !== task.minutes) broken.push(`${task.id}: takes other than its minutes`);
    if (
      placed.start <
      (isFixed(task) ? (task.earliest ?? 0) : Math.max(problem.startMinute ?? 0, task.earliest ?? -Infinity))
    )
      broken.push(`${task.id}: starts too early`);
    if (placed.end > Math.min(problem.endMinute, task.latest ?? Infinity)) broken.push(`${task.id}: ends too late`);
    for (const { id, minWait = 0, maxWait = Infinity } of task.after) {
      const before = by.get(id);
      if (!before) continue;
      const wait = placed.start - before.end;
      if (wait < minWait) broken.push(`${task.id}: too soon after ${id}`);
      if (wait > maxWait) broken.push(`${task.id}: too long after ${id}`);
    }
  }
  for (const [name, has] of Object.entries(problem.resources)) {
    const users = problem.tasks.filter(
      (t) => ((t.needs[name] ?? 0) > 0 || t.ways?.[name] !== undefined) && t.minutes > 0 && by.has(t.id),
    );
    const spans = users.map((t) => ({ t, ...(by.get(t.id) as Scheduled) }));
    const minutes = [...spans.map((s) => s.start), ...(has.changes ?? []).flatMap(({ from, to }) => [from, to])];
    for (const minute of minutes) {
      const there = spans.filter((s) => s.start <= minute && minute < s.end);
      const used = there.reduce((sum, s) => sum + (s.t.needs[name] ?? 0), 0);
      if (used > capacityAt(has, minute)) broken.push(`${name}: ${used} at minute ${minute}, where there is less`);
    }
    for (const a of spans)
      for (const b of spans) {
        const [wayA, wayB] = [a.t.ways?.[name], b.t.ways?.[name]];
        if (a.id >= b.id || wayA === undefined || wayB === undefined || wayA === wayB) continue;
        // What takes none of it is the change itself.
        const isChange = [a, b].some(({ t }) => (t.needs[name] ?? 0) === 0);
        const gap = isChange ? 0 : (has.changeOver ?? 0);
        if (a.end + gap > b.start && b.end + gap > a.start) broken.push(`${name}: ${a.id} and ${b.id} in two ways`);
      }
  }
  return broken;
}
