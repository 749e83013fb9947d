/** Documents as SWR keys. The fetchers read storage; edits write it and revalidate; other tabs are heard through `storage`. */
import { useCallback, useEffect, useMemo } from 'react';
import useSWR, { mutate } from 'swr';
import { assess, type Assessment } from '@/core/batch/assess';
import { type HeatForecast } from '@/core/batch/heat';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/batch/kitchen';
import { type Operation } from '@/core/batch/operations';
import { type Batch } from '@/core/batch/schema';
import { forecastHeat } from '@/workers/client';
import { Superseded } from '@/workers/latest';
import { lanternSupper } from './demo';
import { say } from './notices';
import * as repository from './repository';
import * as undo from './undo';
import { useNow } from './use-now';

export const now = (): string => new Date().toISOString();

const BATCHES = 'batches';
const KITCHEN = 'kitchen';
const one = (id: string) => ['batch', id] as const;

/** Hears of other tabs' writes. Mounted once, at the root. */
export function useOtherTabs(): void {
  useEffect(() => {
    const heard = (event: StorageEvent) => {
      if (event.key === null || event.key.startsWith('involucrum/')) void mutate(() => true);
    };
    window.addEventListener('storage', heard);
    return () => window.removeEventListener('storage', heard);
  }, []);
}

/** All batches and the records that could not be read. */
export function useBatches() {
  return useSWR(BATCHES, async () => {
    await repository.openFirst(() => lanternSupper(now()));
    return repository.listBatches();
  });
}

/** One batch: undefined while loading, null where there is none. */
export function useBatch(id: string) {
  return useSWR(one(id), async () => {
    await repository.openFirst(() => lanternSupper(now()));
    return repository.loadBatch(id);
  });
}

/** The kitchen; the usual one until storage has answered. */
export function useKitchen(): Kitchen {
  return useSWR(KITCHEN, repository.loadKitchen).data ?? DEFAULT_KITCHEN;
}

/** Runs a change of storage; a failure is said, and the documents on screen go back to what is stored. */
async function attempt<Result>(run: () => Promise<Result>): Promise<Result | null> {
  try {
    return await run();
  } catch (error) {
    say({ text: error instanceof Error ? error.message : String(error), kind: 'problem' });
    return null;
  } finally {
    void mutate(BATCHES);
  }
}

/** Changes settings of the kitchen. */
export async function editKitchen(to: Partial<Kitchen>): Promise<void> {
  await attempt(async () => mutate(KITCHEN, await repository.changeKitchen(to), { revalidate: false }));
}

/** Edits run one after another, so that none is applied to a document that is about to change. */
let queue: Promise<unknown> = Promise.resolve();
function inTurn<Result>(run: () => Promise<Result>): Promise<Result> {
  const turn = queue.then(run, run);
  queue = turn;
  return turn;
}

/** Edits of one batch. */
export function useEditor(id: string) {
  const edit = useCallback(
    (changes: Operation | readonly Operation[], what = '') =>
      inTurn(() =>
        attempt(async () => {
          const list = Array.isArray(changes) ? (changes as readonly Operation[]) : [changes as Operation];
          const { before, after } = await repository.changeBatch(id, list, now());
          undo.remember(before, after.revision, what, Date.now());
          await mutate(one(id), after, { revalidate: false });
        }),
      ),
    [id],
  );
  const takeBack = useCallback(
    () =>
      inTurn(() =>
        attempt(async () => {
          const step = undo.takeBack(id);
          if (!step) return;
          const restored = await repository.restoreBatch(step.before, step.made, now());
          if (restored) undo.rebase(id, restored.revision);
          else {
            undo.forget(id);
            say({
              text: 'This batch was changed in another tab since; that change is kept, and nothing was undone.',
              kind: 'problem',
            });
          }
          await mutate(one(id), restored ?? undefined, { revalidate: restored === null });
        }),
      ),
    [id],
  );
  return { edit, undo: takeBack, canUndo: undo.canUndo(id) };
}

/** Stores a batch that is new here. @returns whether it was stored */
export async function keepBatch(batch: Batch): Promise<boolean> {
  const kept = await attempt(async () => {
    await repository.createBatch(batch);
    await mutate(one(batch.id), batch, { revalidate: false });
    return true;
  });
  return kept ?? false;
}

/** Deletes a batch; the notice offers to bring it back. */
export async function discardBatch(batch: Batch): Promise<void> {
  await attempt(() => repository.deleteBatch(batch.id));
  await mutate(one(batch.id), null, { revalidate: false });
  say({
    text: `“${batch.title}” is deleted.`,
    kind: 'done',
    action: { label: 'Bring it back', run: () => void keepBatch(batch) },
  });
}

/** Removes a record that cannot be read, after it was offered for download. */
export async function discardBroken(record: repository.BrokenRecord): Promise<void> {
  await attempt(() => repository.removeRecord(record.key));
}

/** Puts the demo's batches back as they were at the start; the cook's own batches stay. */
export async function restoreDemo(): Promise<void> {
  for (const batch of lanternSupper(now())) await keepBatch(batch);
  say({ text: 'The demo is as it was.', kind: 'done' });
}

/** What heat depends on: words and bookkeeping do not start a new forecast. */
const heatKey = (batch: Batch, kitchen: Kitchen) => {
  const { id, lines, water, cool, wrap, cook } = batch;
  const { roomC, fridgeC, freezerC, porchC, iceKg, fridgeLitres, vessels, cooling, altitudeM, fanOven, rulePack } =
    kitchen;
  const rooms = [roomC, fridgeC, freezerC, porchC, iceKg, fridgeLitres, vessels, cooling];
  // A clock without readings changes nothing.
  const { offHeatAt, ...cooled } = cool;
  const clock = cool.readings.length > 0 ? offHeatAt : null;
  const { readings: _read, ...cooking } = cook;
  return [
    'heat',
    id,
    JSON.stringify([
      lines,
      batch.ingredients,
      water,
      cooled,
      clock,
      wrap,
      cooking,
      rooms,
      altitudeM,
      fanOven,
      rulePack,
    ]),
  ];
};

const FORECAST = {
  keepPreviousData: true,
  revalidateOnFocus: false,
  revalidateOnReconnect: false,
  revalidateIfStale: false,
  shouldRetryOnError: false,
} as const;

/** So often alternatives are worked out again while a clock runs, min. */
const ELAPSED_STEP = 3;

/** Minutes on a clock, in steps; 0 without one. */
function useElapsed(offHeatAt: string | null): number {
  const now = useNow(offHeatAt === null ? 0 : 20_000);
  if (offHeatAt === null) return 0;
  const minutes = (Date.parse(now) - Date.parse(offHeatAt)) / 60_000;
  return Math.max(0, Math.floor(minutes / ELAPSED_STEP) * ELAPSED_STEP);
}

/**
 * The heat forecasts, from the worker: the plan's own first, then with all alternatives. The last ones stay on screen
 * until the next have come.
 */
export function useHeat(batch: Batch | null, kitchen: Kitchen): { heat: HeatForecast | null; error: string | null } {
  const key = batch === null ? null : heatKey(batch, kitchen);
  // Alternatives begin now: they are worked out again every few minutes while the clock runs.
  const elapsed = useElapsed(batch?.cool.offHeatAt ?? null);
  const ask = (depth: 'first' | 'all') => () =>
    batch === null ? Promise.reject(new Error('no batch')) : forecastHeat(batch, kitchen, depth, elapsed);
  const first = useSWR<HeatForecast, Error>(key && [...key, 'first'], ask('first'), FORECAST);
  const all = useSWR<HeatForecast, Error>(key && [...key, 'all', elapsed], ask('all'), FORECAST);
  const error = first.error ?? all.error;
  return {
    heat: all.isLoading ? together(first.data, all.data) : (all.data ?? first.data ?? null),
    error: error && !(error instanceof Superseded) ? error.message : null,
  };
}

/** The newest curve with the alternatives of the last one, until their turn has come. */
function together(first: HeatForecast | undefined, all: HeatForecast | undefined): HeatForecast | null {
  if (!first?.cooling || !all?.cooling) return first ?? all ?? null;
  return { ...first, cooling: { ...first.cooling, alternatives: all.cooling.alternatives } };
}

/** A batch's checks and all that is derived from it. */
export function useAssessment(batch: Batch, kitchen: Kitchen): Assessment {
  const { heat, error } = useHeat(batch, kitchen);
  useEffect(() => {
    if (error !== null)
      say({ text: `The heat forecast failed (${error}). Moisture, Salt and Fit still hold.`, kind: 'problem' });
  }, [error]);
  return useMemo(() => assess(batch, kitchen, heat), [batch, kitchen, heat]);
}
