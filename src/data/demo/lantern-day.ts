/** The lantern supper, planned from the evening before: three batches carried over warm, and one tray too few for them. */
import { addDays } from 'date-fns/addDays';
import { set } from 'date-fns/set';
import { beginDay, type Day } from '@/core/stored/day';

const MADE = ['demo-turkey-purses', 'demo-duck-pockets', 'demo-haddock-pan-pie'];

/** As it stands at a moment (ISO 8601): supper is tomorrow at seven. */
export function lanternDay(at: string): Day {
  const serve = set(addDays(new Date(at), 1), { hours: 19, minutes: 0, seconds: 0, milliseconds: 0 });
  const day = beginDay({ id: 'demo-lantern-day', title: 'Lantern supper', serveAt: serve.toISOString(), from: at, at });
  return { ...day, batches: MADE.map((batchId) => ({ batchId, serve: 'carried-warm' as const, serveAt: null })) };
}
