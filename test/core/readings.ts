/** Readings as a cook takes them, for tests: typed, each of another parcel, of the load that is at hand. */
import { loadAtHand } from '@/core/stored/cook-runs';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { type Source, TYPED } from '@/core/vocabulary/sources';
import { coolingEvidence, type Counted, type Reading } from '@/core/safety/evidence';

export const coolReading = (at: string, c: number, source: Source = TYPED): Operation => ({
  do: 'addCoolReading',
  reading: { at, c, source },
});

/** One core reading; the next parcel of its round. */
export function measure(
  batch: Batch,
  at: string,
  c: number,
  more: { round?: number; load?: number; source?: Source } = {},
): Batch {
  const { round = 1, load = loadAtHand(batch.cook), source = TYPED } = more;
  const parcel = batch.cook.readings.filter((r) => r.round === round && r.load === load).length + 1;
  return apply(batch, { do: 'addReading', reading: { round, c, at, load, parcel, source } });
}

/** Several at once. */
export const measureAll = (
  batch: Batch,
  at: string,
  celsius: readonly number[],
  more: Parameters<typeof measure>[3] = {},
): Batch => celsius.reduce((b, c) => measure(b, at, c, more), batch);

/** Readings that count, of the minute each was taken at. */
export const counted = (list: readonly { minute: number; c: number }[]): readonly Counted<Reading>[] =>
  coolingEvidence(
    list.map((r) => ({ ...r, source: TYPED })),
    { isRehearsal: false },
  ).counted;
