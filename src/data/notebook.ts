/** What is noted of batches: why they came out so, and the versions that follow. */
import useSWR from 'swr';
import { firstVersions, nextNumber } from '@/core/notebook/versions';
import { nextBatch, type NextChange } from '@/core/notebook/next-batch';
import { type FormOutcomes, type Trend } from '@/core/notebook/trends';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { type Why } from '@/workers/notebook';
import { askNotebook as ask } from '@/workers/notebook-client';
import { keepBatch, messageOf, now, useBatches } from './hooks';
import { newId } from './new-id';
import { say } from './notices';
import { inRehearsal } from './rehearsed';

/** Why, worked out in the worker whenever the batch or the kitchen has changed; what it said before stands meanwhile. */
export function useWhy(batch: Batch, kitchen: Kitchen) {
  const isAsked = batch.note.outcomes.length > 0;
  const key = isAsked ? ['why', batch.id, batch.revision, batch.writer, kitchen.revision, kitchen.writer] : null;
  return useSWR<Why, Error>(key, () => ask((remote) => remote.explainBatch(batch, kitchen)), {
    keepPreviousData: true,
    revalidateOnFocus: false,
  });
}

/** How the noted batches went, from the worker. */
export function useTrends(batches: readonly Batch[], kitchen: Kitchen) {
  const stored = batches.map(({ id, revision, writer }) => `${id} ${revision} ${writer}`).join('\n');
  const key = batches.length === 0 ? null : ['trends', stored, kitchen.revision, kitchen.writer];
  return useSWR<{ trends: Trend[]; forms: FormOutcomes[] }, Error>(
    key,
    () => ask((remote) => remote.readTrends(batches, kitchen)),
    { keepPreviousData: true, revalidateOnFocus: false },
  );
}

/** What a change does that was given another number, from the worker; until it has come, nothing is promised. */
export function useTried(batch: Batch, kitchen: Kitchen, change: NextChange, original: NextChange): NextChange {
  const isOther = change !== original;
  const key = isOther ? ['tried', batch.id, batch.revision, kitchen.revision, JSON.stringify(change.operations)] : null;
  const what = original.effect?.what ?? null;
  const { data } = useSWR<NextChange, Error>(
    key,
    () => ask((remote) => remote.tryChange(batch, kitchen, change, what)),
    {
      revalidateOnFocus: false,
    },
  );
  return isOther ? (data ?? change) : original;
}

/** All versions of the thing that a batch is, the first first. */
export function useVersions(batch: Batch): Batch[] {
  const { data } = useBatches();
  return firstVersions(data?.batches ?? [], batch.lineage.thing);
}

/** Makes the next version with what was taken. @returns its id; null where it was not stored */
export async function makeNext(
  batch: Batch,
  versions: readonly Batch[],
  taken: readonly NextChange[],
): Promise<string | null> {
  const id = newId();
  const next = nextBatch(batch, taken, { id, at: now(), number: nextNumber(versions) });
  return (await keepBatch(next)) ? id : null;
}

/** The same kitchen again, with what was taken. @returns the id of the rehearsal; null where it was not begun */
export async function makeRehearsed(
  batch: Batch,
  kitchen: Kitchen,
  taken: readonly NextChange[],
): Promise<string | null> {
  try {
    const next = nextBatch(batch, taken, { id: batch.id, at: now(batch.id), number: batch.lineage.number + 1 });
    return await inRehearsal().againWith(batch.id, kitchen, next);
  } catch (error) {
    say({ text: messageOf(error), kind: 'problem' });
    return null;
  }
}
