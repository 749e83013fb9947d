/** What no plan can be shorter than: the longest chain of work, and each resource's work over how much there is of it. */
import { network } from './network';
import { type Problem } from './problem';

/** Minutes from the first start to the end, at least. Blocked times are not counted: with them it is longer still. */
export function lowerBound(problem: Problem): number {
  const free = {
    ...problem,
    tasks: problem.tasks.map(({ latest: _l, ...task }) => task),
  };
  const net = network(free);
  const chain = net === null ? 0 : problem.endMinute - Math.min(problem.endMinute, ...net.latest);
  const busiest = Object.entries(problem.resources).map(([name, { capacity, changes = [] }]) => {
    const most = capacity + changes.reduce((sum, { by }) => sum + Math.max(0, by), 0);
    const work = problem.tasks.reduce((sum, t) => sum + t.minutes * (t.needs[name] ?? 0), 0);
    return most > 0 ? Math.ceil(work / most) : 0;
  });
  return Math.max(chain, ...busiest, 0);
}
