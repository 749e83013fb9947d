/** The third document: a day. */
import { type Day } from './day-schema';
import { DAY_FORMAT, DAY_VERSION } from './vocabulary/formats';

export type { Day };
export type DayBatch = Day['batches'][number];

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
