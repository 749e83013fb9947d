/** The small changes a day is edited by. Each is plain JSON, and applying it is a pure function from day to day. */
import { type Day } from './day-schema';
import { type Serving } from '../vocabulary/servings';

type DayBatch = Day['batches'][number];
type Settings = Pick<
  Day,
  'title' | 'serveAt' | 'from' | 'carryMinutes' | 'nights' | 'spareShare' | 'rings' | 'benches'
>;

export type DayOperation =
  | { do: 'setDay'; to: Partial<Settings> }
  | { do: 'putBatch'; batchId: string; serve: Serving }
  | { do: 'setServing'; batchId: string; to: Partial<Omit<DayBatch, 'batchId'>> }
  | { do: 'takeBatchOut'; batchId: string }
  | { do: 'addHelper'; helper: Day['helpers'][number] }
  | { do: 'dropHelper'; id: string }
  | { do: 'addAway'; away: Day['away'][number] }
  | { do: 'dropAway'; away: Day['away'][number] }
  /** It starts at a time; null: whenever it is best. */
  | { do: 'pin'; taskId: string; at: string | null }
  | { do: 'changeTask'; taskId: string; to: Partial<Omit<Day['changes'][number], 'taskId'>> }
  | { do: 'addTask'; task: Day['added'][number] }
  | { do: 'dropTask'; id: string }
  | { do: 'keepPlan'; plan: NonNullable<Day['plan']> }
  | { do: 'startDay'; at: string }
  | { do: 'stopDay' }
  | { do: 'startTask'; taskId: string; at: string }
  /** What goes on was begun at another time than was said. */
  | { do: 'beganAt'; taskId: string; at: string }
  | { do: 'endTask'; taskId: string; at: string }
  /** It takes so much longer. */
  | { do: 'moreTime'; taskId: string; minutes: number }
  /** It has not been begun after all. */
  | { do: 'forgetTask'; taskId: string }
  | { do: 'tickThere'; what: string; isThere: boolean };

/** Applies a change. What is not in the day changes nothing. */
export function applyToDay(day: Day, change: DayOperation): Day {
  switch (change.do) {
    case 'setDay':
      return { ...day, ...change.to };
    case 'putBatch':
      return day.batches.some((b) => b.batchId === change.batchId)
        ? day
        : { ...day, batches: [...day.batches, { batchId: change.batchId, serve: change.serve, serveAt: null }] };
    case 'setServing':
      return {
        ...day,
        batches: day.batches.map((b) => (b.batchId === change.batchId ? { ...b, ...change.to } : b)),
      };
    case 'takeBatchOut':
      return { ...day, batches: day.batches.filter((b) => b.batchId !== change.batchId) };
    case 'addHelper':
      return { ...day, helpers: [...day.helpers.filter((h) => h.id !== change.helper.id), change.helper] };
    case 'dropHelper':
      return { ...day, helpers: day.helpers.filter((h) => h.id !== change.id) };
    case 'addAway':
      return { ...day, away: [...day.away, change.away] };
    case 'dropAway': {
      const index = day.away.findIndex((a) => a.from === change.away.from && a.to === change.away.to);
      return { ...day, away: day.away.filter((_, i) => i !== index) };
    }
    case 'pin': {
      const others = day.pins.filter((p) => p.taskId !== change.taskId);
      return { ...day, pins: change.at === null ? others : [...others, { taskId: change.taskId, at: change.at }] };
    }
    case 'changeTask':
      return changeTask(day, change.taskId, change.to);
    case 'addTask':
      return { ...day, added: [...day.added, change.task] };
    case 'dropTask':
      return { ...day, added: day.added.filter((t) => t.id !== change.id) };
    case 'keepPlan':
      return { ...day, plan: change.plan };
    case 'startDay':
      return day.run === null ? { ...day, run: { startedAt: change.at, did: [] } } : day;
    case 'stopDay':
      return { ...day, run: null };
    case 'startTask':
      return withDid(day, change.at, (did) =>
        did.some((d) => d.taskId === change.taskId)
          ? did
          : [...did, { taskId: change.taskId, startedAt: change.at, endedAt: null, moreMinutes: 0 }],
      );
    case 'beganAt':
      return withTask(day, change.taskId, (d) => (d.endedAt === null ? { ...d, startedAt: change.at } : d));
    case 'endTask':
      return withDid(day, change.at, (did) => {
        const begun = did.find((d) => d.taskId === change.taskId);
        const startedAt = begun?.startedAt ?? change.at;
        const ended = { taskId: change.taskId, startedAt, endedAt: change.at, moreMinutes: begun?.moreMinutes ?? 0 };
        return [...did.filter((d) => d !== begun), ended];
      });
    case 'moreTime':
      return withTask(day, change.taskId, (d) => ({ ...d, moreMinutes: d.moreMinutes + change.minutes }));
    case 'forgetTask':
      return day.run === null
        ? day
        : { ...day, run: { ...day.run, did: day.run.did.filter((d) => d.taskId !== change.taskId) } };
    case 'tickThere': {
      const others = day.there.filter((t) => t !== change.what);
      return { ...day, there: change.isThere ? [...others, change.what] : others };
    }
  }
}

type Did = NonNullable<Day['run']>['did'];

/** What is done begins the day. */
const withDid = (day: Day, at: string, change: (did: Did) => Did): Day => {
  const run = day.run ?? { startedAt: at, did: [] };
  return { ...day, run: { ...run, did: change(run.did) } };
};

const withTask = (day: Day, taskId: string, change: (d: Did[number]) => Did[number]): Day =>
  day.run === null
    ? day
    : { ...day, run: { ...day.run, did: day.run.did.map((d) => (d.taskId === taskId ? change(d) : d)) } };

/** What says nothing any more does not stay behind. */
function changeTask(day: Day, taskId: string, to: Partial<Omit<Day['changes'][number], 'taskId'>>): Day {
  const before = day.changes.find((c) => c.taskId === taskId) ?? { taskId, minutes: null, isLeftOut: false };
  const after = { ...before, ...to };
  const others = day.changes.filter((c) => c.taskId !== taskId);
  return { ...day, changes: after.minutes === null && !after.isLeftOut ? others : [...others, after] };
}
