/** Documents as SWR keys. The fetchers read storage; edits write it and revalidate; other tabs are heard through `storage`. */
import { useCallback, useEffect } from 'react';
import useSWR, { mutate } from 'swr';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { DEMO_TEACHES_NOTHING, isDemo } from '@/core/stored/demo-id';
import { isRehearsal } from '@/core/stored/rehearsal';
import { nowOf } from './clock';
import { isDayKey, putDayBeside } from './day-store';
import { rowsWanted } from './larder-rows';
import { readingList, showInList } from './list-reading';
import { say } from './notices';
import { forget } from './forget';
import { whilePending } from './pending';
import * as batchStore from './batch-store';
import * as kitchenStore from './kitchen-store';
import { idOfKey, KITCHEN_KEY } from './keys';
import { type Demo, openFirst } from './opening';
import { type BrokenRecord, InvalidError, MissingError, TakenError } from './records';
import { storeHeldRecords } from './held-records';
import { TAB } from './tab';
import { showHours } from './shown-hours';
import * as undo from './undo';

/** Now, ISO 8601. @param of the document whose time it is: a rehearsal has its own */
export const now = (of?: string): string => nowOf(of);

/** The demo, as it stands now; fetched when it is asked for, which is once. */
const demo = async (): Promise<Demo> => (await import('./demo')).demo(now());

/** The first visit puts the demo in; whatever reads storage waits for that. */
export const opened = (): Promise<void> => openFirst(demo, () => void mutate(() => true));

const BATCHES = 'batches';
export const DAYS = 'days';
const KITCHEN = 'kitchen';
/** Of a rehearsal its own kitchen; of everything else the kitchen. */
const kitchenOf = (of?: string): string | readonly [string, string] =>
  of !== undefined && isRehearsal(of) ? [KITCHEN, of] : KITCHEN;
const one = (id: string) => ['batch', id] as const;

type Batches = Awaited<ReturnType<typeof batchStore.listBatches>>;

/** Hears of other tabs' writes: only what was written is read again. Mounted once, at the root. */
export function useOtherTabs(): void {
  useEffect(() => {
    const heard = ({ key }: StorageEvent) => {
      if (key === null) {
        void mutate(() => true);
        return;
      }
      const id = idOfKey(key);
      if (id !== null) {
        void mutate(one(id));
        void mutate(BATCHES);
      } else if (key.startsWith(KITCHEN_KEY)) void mutate(KITCHEN);
      else if (isDayKey(key)) void mutate(DAYS);
    };
    const leaving = () => undo.keepAll();
    window.addEventListener('storage', heard);
    window.addEventListener('pagehide', leaving);
    return () => {
      window.removeEventListener('storage', heard);
      window.removeEventListener('pagehide', leaving);
    };
  }, []);
}

/** All batches and the records that could not be read. */
export function useBatches() {
  return useSWR<Batches, Error>(BATCHES, () =>
    readingList(BATCHES, async () => {
      await opened();
      const list = await batchStore.listBatches();
      const wanted = rowsWanted(list.batches);
      if (wanted !== null) await wanted;
      return list;
    }),
  );
}

/** One batch: undefined while loading, null where there is none. */
export function useBatch(id: string) {
  return useSWR<Batch | BrokenRecord | null, Error>(one(id), async () => {
    await opened();
    if (isRehearsal(id)) await (await import('./rehearsal-store')).openRehearsal(id);
    const batch = await batchStore.loadBatch(id);
    if (batch === null || batchStore.isBroken(batch)) return batch;
    const wanted = rowsWanted([batch]);
    if (wanted !== null) await wanted;
    await undo.recall(batch, TAB);
    return batch;
  });
}

/** The kitchen as it is stored, with what of it could not be read; undefined until storage has answered. */
export const useStoredKitchen = (of?: string): kitchenStore.StoredKitchen | undefined =>
  useSWR(kitchenOf(of), async () => {
    await opened();
    const stored = await kitchenStore.loadKitchen(of);
    showHours(stored.kitchen.hours);
    return stored;
  }).data;

/**
 * The kitchen; the usual one until storage has answered.
 * @param of the document that is made in it: a rehearsal has a kitchen of its own
 */
export const useKitchen = (of?: string): Kitchen => useStoredKitchen(of)?.kitchen ?? DEFAULT_KITCHEN;

/** What became of an edit. One that is refused has changed nothing, and says why. */
export type Outcome = { ok: true; step: number | null } | { ok: false; problems: string[] };

/** Where a refusal is said: at the foot of the screen, or beside its field by who asked. */
export type SaidWhere = 'foot' | 'beside';

const sayProblem = (text: string): void => say({ text, kind: 'problem' });

export function refused(problems: string[], where: SaidWhere): Outcome {
  if (where === 'foot') sayProblem(`Not changed. ${problems.slice(0, 3).join('. ')}.`);
  return { ok: false, problems };
}

export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Shows a batch that has just been stored, without reading all the others again. */
async function show(batch: Batch): Promise<void> {
  const wanted = rowsWanted([batch]);
  if (wanted !== null) await wanted;
  await mutate(one(batch.id), batch, { revalidate: false });
  // What is rehearsed is in no list.
  if (isRehearsal(batch.id)) return;
  await showInList<Batches>(BATCHES, (list) => ({
    ...list,
    batches: batchStore.newestFirst([...list.batches.filter((b) => b.id !== batch.id), batch]),
  }));
}

/** This tab's edits and steps back run in the order they were asked for: what is taken back is what has been done by then. */
let last: Promise<unknown> = Promise.resolve();
export function inOrder<Result>(run: () => Promise<Result>): Promise<Result> {
  const turn = last.then(run, run);
  last = turn.catch(() => undefined);
  return turn;
}

/** What a batch teaches its kitchen. */
const TEACHING: ReadonlySet<KitchenOperation['do']> = new Set(['learn', 'keepFit', 'keepHeat']);

/** Changes the kitchen. @param of the document that is made in it: a rehearsal changes its own */
export async function editKitchen(
  operations: KitchenOperation | readonly KitchenOperation[],
  where: SaidWhere = 'foot',
  of?: string,
): Promise<Outcome> {
  try {
    const list = ([] as KitchenOperation[]).concat(operations);
    if (of !== undefined && isDemo(of) && list.some(({ do: what }) => TEACHING.has(what)))
      return refused([DEMO_TEACHES_NOTHING], where);
    const at = now(of);
    const changed = await whilePending({ kitchen: list, at, of }, null, (edit) =>
      inOrder(() => kitchenStore.changeKitchen(list, at, of, edit)),
    );
    // Read again, with what was set aside.
    void mutate(kitchenOf(of));
    return changed.ok ? { ok: true, step: null } : refused(changed.problems, where);
  } catch (error) {
    return refused([messageOf(error)], where);
  }
}

/** Changes a batch. */
export async function editBatch(
  id: string,
  operations: Operation | readonly Operation[],
  what = '',
  where: SaidWhere = 'foot',
): Promise<Outcome> {
  const list = ([] as Operation[]).concat(operations);
  try {
    const at = now(id);
    return await whilePending({ batchId: id, operations: list, at }, batchStore.revisionOf(id), (edit) =>
      inOrder(async () => {
        const { before, after } = await batchStore.changeBatch(id, list, at, edit);
        if (!after.ok) return refused(after.problems, where);
        const isNew = after.document !== before;
        const step = isNew ? undo.remember(before, after.document, list, what, Date.now()) : null;
        await show(after.document);
        return { ok: true, step };
      }),
    );
  } catch (error) {
    if (error instanceof MissingError) void mutate(one(id));
    return refused([messageOf(error)], where);
  }
}

/** Takes the last step of a batch back, or the one that is named. @returns whether it was */
export const takeBack = (id: string, stepId?: number): Promise<boolean> =>
  inOrder(async () => {
    const left = undo.without(id, stepId);
    if (!left) {
      if (stepId !== undefined) sayProblem('That change can’t be undone: something else was saved since.');
      return false;
    }
    try {
      const at = now(id);
      const { base: back, operations, expected } = left;
      const replayed = await whilePending({ back, operations, expected, at }, expected.revision, (edit) =>
        batchStore.replayBatch(back, operations, expected, at, edit),
      );
      if (!replayed.ok) {
        if (replayed.isForeign) undo.forget(id);
        sayProblem(`Not undone. ${replayed.problems.join(' ')}`);
        void mutate(one(id));
        return false;
      }
      undo.takenBack(replayed.document, left.stepId);
      await show(replayed.document);
      // In its own turn: this one is not over yet.
      unlearn(id, left.gone);
      return true;
    } catch (error) {
      sayProblem(messageOf(error));
      return false;
    }
  });

/** What was learned of a tasting goes with it. */
function unlearn(batchId: string, gone: readonly Operation[]): void {
  for (const o of gone)
    if (o.do === 'addTasting') void editKitchen({ do: 'unlearn', batchId, at: o.tasting.at }, 'foot', batchId);
}

/** Edits of one batch. */
export function useEditor(id: string) {
  const edit = useCallback(
    (operations: Operation | readonly Operation[], what = '', where: SaidWhere = 'foot') =>
      editBatch(id, operations, what, where),
    [id],
  );
  const undoStep = useCallback((stepId?: number): Promise<boolean> => takeBack(id, stepId), [id]);
  return { edit, undo: undoStep, canUndo: undo.useCanUndo(id) };
}

/** Stores a batch that is new here. @returns whether it was stored: nothing that is there is overwritten */
export async function keepBatch(batch: Batch): Promise<boolean> {
  try {
    await batchStore.createBatch(batch);
    const kept = await batchStore.loadBatch(batch.id);
    if (kept !== null && !batchStore.isBroken(kept)) await show(kept);
    return true;
  } catch (error) {
    const isFinal = error instanceof TakenError || error instanceof InvalidError;
    // An offer that failed stays: trying once more may help where storage or a part of the program was away.
    say({
      text: messageOf(error),
      kind: 'problem',
      action: isFinal ? undefined : { label: 'Try again', run: () => keepBatch(batch) },
    });
    return false;
  }
}

/** Deletes a batch; the notice offers to bring it back. */
export async function discardBatch(batch: Batch): Promise<void> {
  let photographBack: () => Promise<void>;
  try {
    await batchStore.deleteBatch(batch.id);
    photographBack = await forget(batch.id);
  } catch (error) {
    sayProblem(messageOf(error));
    return;
  }
  await mutate(one(batch.id), null, { revalidate: false });
  await mutate(BATCHES);
  say({
    text: `“${batch.title}” is deleted.`,
    kind: 'done',
    action: { label: 'Bring it back', run: () => keepBatch(batch).then((kept) => photographBack().then(() => kept)) },
  });
}

/** Removes a record that cannot be read, after it was offered for download. */
export async function discardBroken(record: BrokenRecord): Promise<void> {
  try {
    await batchStore.removeRecord(record.key);
  } catch (error) {
    sayProblem(messageOf(error));
  }
  void mutate(BATCHES);
  void mutate(KITCHEN);
}

/** Tries to store what is only in this page's memory. */
export async function storeAgain(): Promise<void> {
  try {
    const left = await storeHeldRecords();
    void mutate(() => true);
    if (left === 0) say({ text: 'All of it is stored now.', kind: 'done' });
  } catch (error) {
    sayProblem(messageOf(error));
  }
}

/** Puts the demo's batches in; what is there stays as it is. */
export async function restoreDemo(): Promise<void> {
  let count: Awaited<ReturnType<typeof batchStore.putBeside>>;
  try {
    const { batches, days } = await demo();
    count = await batchStore.putBeside(batches);
    for (const day of days) await putDayBeside(day);
  } catch (error) {
    sayProblem(messageOf(error));
    return;
  }
  const { fresh, beside, same } = count;
  await Promise.all([mutate(BATCHES), mutate(DAYS)]);
  void mutate((key) => Array.isArray(key) && key[0] === 'batch');
  const parts = [
    fresh > 0 ? `${fresh} put in` : '',
    beside > 0 ? `${beside} fresh beside yours, which stay as they are` : '',
    same > 0 ? `${same} there already` : '',
  ].filter((part) => part !== '');
  say({ text: `The demo: ${parts.join(', ')}.`, kind: 'done' });
}
