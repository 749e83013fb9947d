/** What beginning and ending a task does to its batch: a station's clock, and what it really took. */
import { parcelsClosed } from '../stored/boards';
import { type Operation } from '../stored/operations';
import { type Batch } from '../stored/schema';
import { minuteOf } from './moments';
import { type DayPlan, type PlannedTask } from './day-plan';

/** The clock at the station that is started with a task; nothing where it has none, or it runs already. */
export function beginOf({ kind, part, mended }: PlannedTask, { cool, wrap, cook }: Batch, at: string): Operation[] {
  // The way that the plan has taken is then the batch's own.
  if (kind === 'cool') return cool.run === null ? [...(mended?.change ?? []), { do: 'startCooling', at }] : [];
  if (kind === 'wrap') return wrap.board === null && (part?.[0] ?? 1) === 1 ? [{ do: 'startBoard', at }] : [];
  if (kind === 'load') return cook.run === null ? [{ do: 'startLoad', at }] : [];
  return [];
}

/** What ends with a task at its station, and the minutes that it took. */
export function endOf(task: PlannedTask, batch: Batch, at: string, { tasks }: Pick<DayPlan, 'tasks'>): Operation[] {
  const { kind, part, state, start, hasHands, minutes } = task;
  const took = minuteOf(at) - start;
  const taken: Operation[] =
    state === 'running' && hasHands && took >= 1
      ? [{ do: 'addTaken', taken: { what: kind, minutes: Math.min(took, MOST_TAKEN), planned: minutes, at } }]
      : [];
  return [...taken, ...stationEnds(kind, part, batch, at, waitsAfter(task, tasks, minuteOf(at)))];
}

/** Longer than this nobody was at it: it was forgotten, minutes. */
const MOST_TAKEN = 12 * 60;

/** What waits for longer than this for its next step waits in the fridge: so the plan says, minutes. */
const STANDS = 20;

/** Whether what is made waits in the cold: the next step on it is not near, or it is freezing. */
function waitsAfter({ id }: PlannedTask, tasks: readonly PlannedTask[], minute: number): boolean {
  const next = tasks.filter((t) => t.after.some((a) => a.id === id));
  return (
    next.some(({ kind }) => kind === 'freeze') ||
    (next.length > 0 && Math.min(...next.map((t) => t.start)) - minute > STANDS)
  );
}

function stationEnds(
  kind: PlannedTask['kind'],
  part: PlannedTask['part'],
  { cool, wrap, cook, count }: Batch,
  at: string,
  waitsInCold: boolean,
): Operation[] {
  if (kind === 'cool')
    return cool.run === null ? [] : [{ do: 'stopCooling', at, goesTo: waitsInCold ? 'cold' : 'board' }];
  if (kind === 'wrap' && wrap.board !== null) {
    const to = part?.[1] ?? count;
    const parcels = to - parcelsClosed(wrap.board);
    return [
      ...(parcels > 0 ? [{ do: 'addTap' as const, tap: { at, parcels: Math.min(100, parcels) } }] : []),
      ...(to >= count
        ? [{ do: 'stopBoard' as const, at, goesTo: waitsInCold ? ('cold' as const) : ('heat' as const) }]
        : []),
    ];
  }
  if (kind === 'load' || kind === 'load-out') return cook.run === null ? [] : [{ do: 'stopLoad', at }];
  return [];
}

/** What needs no hands and follows within so many minutes begins when what is before it ends. */
const SOON = 15;

/** Whether somebody has to begin it: what follows at once begins of itself. */
export const isBegunByHand = ({ hasHands, after }: Pick<PlannedTask, 'hasHands' | 'after'>): boolean =>
  hasHands || !after.some(({ maxWait }) => maxWait !== undefined && maxWait <= SOON);

/** The task that begins of itself as one ends: the pan comes off and cools, the dough is covered and rises. */
export const followsAtOnce = (task: PlannedTask, { tasks }: Pick<DayPlan, 'tasks'>): PlannedTask | null =>
  tasks.find(
    (t) =>
      t.state === 'planned' &&
      !t.hasHands &&
      t.after.some(({ id, maxWait }) => id === task.id && maxWait !== undefined && maxWait <= SOON),
  ) ?? null;
