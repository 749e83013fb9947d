/** Which part of a plan is decided anew: some hours of it, some tasks wherever they are, or a whole cluster or two. */
import { type WayOut } from './clashes';
import { type Clusters } from './clusters';
import { type Problem } from './problem';

/** Shares of a plan's length, or of its tasks, that are freed. House estimates. */
const LEAST = 0.1;
const MORE = 0.4;
const SHORTEST_WINDOW = 45;

export function freed(
  { tasks, endMinute }: Problem,
  { starts, worth }: { starts: Int32Array; worth: { length: number } },
  { members }: Clusters,
  random: () => number,
): (way: WayOut) => boolean {
  const isFree = new Uint8Array(tasks.length);
  const share = LEAST + MORE * random();
  const how = random();
  if (how < 0.4) {
    const width = Math.max(SHORTEST_WINDOW, worth.length * share);
    const from = endMinute - worth.length + random() * Math.max(1, worth.length - width / 2);
    for (let i = 0; i < tasks.length; i++)
      if (starts[i] + tasks[i].minutes > from && starts[i] < from + width) isFree[i] = 1;
  } else if (how < 0.7) {
    for (let i = 0; i < tasks.length; i++) if (random() < share) isFree[i] = 1;
  } else {
    for (let k = 0; k < 2; k++)
      members[Math.floor(random() * members.length)].forEach((i) => {
        isFree[i] = 1;
      });
  }
  return (way) => ('task' in way ? isFree[way.task] === 1 : isFree[way.before] === 1 || isFree[way.after] === 1);
}
