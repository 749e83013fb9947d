/** The third document: a day. */
import { type Day } from './day-schema';
import { DAY_FORMAT, DAY_VERSION } from '../vocabulary/formats';

export type { Day };

/** What a household has until it says otherwise, and how much longer work takes than it is thought to. House estimates. */
const USUAL = { carryMinutes: 20, nights: true, spareShare: 0.1, rings: 4, benches: 2 };

/** A new day: nothing is made yet. */
export function beginDay({
  id,
  title,
  serveAt,
  from,
  at,
}: Pick<Day, 'id' | 'title' | 'serveAt' | 'from'> & { /** Now, ISO 8601. */ at: string }): Day {
  return {
    format: DAY_FORMAT,
    version: DAY_VERSION,
    id,
    revision: 0,
    writer: '',
    edits: [],
    title,
    createdAt: at,
    updatedAt: at,
    serveAt,
    from,
    batches: [],
    helpers: [],
    away: [],
    ...USUAL,
    pins: [],
    changes: [],
    added: [],
    plan: null,
    run: null,
    there: [],
  };
}

/**
 * A day whose batches are called otherwise, with all that names their tasks.
 * @param ids the new id by the old
 */
export function withBatchIds(day: Day, ids: ReadonlyMap<string, string>): Day {
  // Tasks are called after their batch: its id, then what is done.
  const renamed = (text: string): string => {
    const [first] = text.split(' ');
    const to = ids.get(first);
    return to === undefined ? text : `${to}${text.slice(first.length)}`;
  };
  const inTask = <T extends { taskId: string }>(item: T): T => ({ ...item, taskId: renamed(item.taskId) });
  return {
    ...day,
    batches: day.batches.map((b) => ({ ...b, batchId: renamed(b.batchId) })),
    pins: day.pins.map(inTask),
    changes: day.changes.map(inTask),
    added: day.added.map((t) => ({ ...t, before: t.before === null ? null : renamed(t.before) })),
    plan: day.plan && { ...day.plan, starts: day.plan.starts.map(inTask) },
    run: day.run && { ...day.run, did: day.run.did.map(inTask) },
  };
}
