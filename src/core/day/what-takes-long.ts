/** What of a chain of work takes most of its time, as a cook would name it: the rise, the hands, the pot. */
import { formatMinutes } from '../units/format';
import { type PlannedTask } from './day-plan';
import { PLACE_WORDS } from './place-words';
import { fullTitle } from './task';

/** What takes less of the whole is not named. House estimate. */
const MOST_OF_IT = 0.3;

interface Part {
  key: string;
  tasks: PlannedTask[];
}

const minutesOf = (tasks: readonly PlannedTask[]): number => tasks.reduce((sum, t) => sum + t.end - t.start, 0);

/** What waits by itself is one thing by itself; loads meet at what they are cooked in; what hands do is theirs. */
function keyOf(task: PlannedTask): string {
  const place = (['pot', 'pan', 'steamer', 'oven'] as const).find((p) => (task.needs[p] ?? 0) > 0);
  if (task.kind === 'load' && place !== undefined) return place;
  return task.hasHands ? `hands ${task.kind}` : task.id;
}

/** @returns a sentence, the deciding number between asterisks; empty where nothing stands out */
export function whatTakesLong(chain: readonly PlannedTask[]): string {
  const parts: Part[] = [];
  for (const task of chain) {
    const key = keyOf(task);
    const part = parts.find((p) => p.key === key);
    if (part) part.tasks.push(task);
    else parts.push({ key, tasks: [task] });
  }
  const [longest] = parts.sort((a, b) => minutesOf(b.tasks) - minutesOf(a.tasks));
  if (!longest || minutesOf(longest.tasks) < MOST_OF_IT * minutesOf(chain)) return '';
  const { key, tasks } = longest;
  const minutes = `*${formatMinutes(minutesOf(tasks))}*`;
  if (key in PLACE_WORDS)
    return ` ${tasks.length} ${tasks.length === 1 ? 'load takes' : 'loads take'} ${PLACE_WORDS[key as keyof typeof PLACE_WORDS]} ${minutes}.`;
  const [first] = tasks;
  if (!first.hasHands) return ` “${fullTitle(first)}” takes ${minutes} of it.`;
  return ` To ${plainly(first)} takes one pair of hands ${minutes}.`;
}

/** Of work in parts: what it is, without its numbers. */
const plainly = ({ title }: PlannedTask): string => {
  const whole = title.replace(/ \d+(?: to \d+)? of \d+$/, '');
  return `${whole.charAt(0).toLowerCase()}${whole.slice(1)}`;
};
