/**
 * Where documents are kept: AsyncStorage, one key a document. On the web that is the browser's own storage (about 5 MB), whose
 * `storage` event tells other tabs. A write is all or nothing. What cannot be read is set aside and offered, never overwritten.
 */
import AsyncStorage from '@react-native-async-storage/async-storage';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/batch/kitchen';
import { apply, type Operation } from '@/core/batch/operations';
import { type Batch } from '@/core/batch/schema';

/** The validator is large: it loads beside the first screen, not before it. */
const validator = () => import('@/core/batch/read');
// Asked for at once, while the first screen is still being put together. A failure shows when a document is read.
validator().catch(() => undefined);

const PREFIX = 'involucrum/';
const BATCH = `${PREFIX}batch/`;
const KITCHEN = `${PREFIX}kitchen`;
const OPENED = `${PREFIX}opened`;

export const batchKey = (id: string): string => `${BATCH}${id}`;

/** A record that cannot be read; its text is kept as it is. */
export interface BrokenRecord {
  key: string;
  text: string;
  problems: string[];
}

/** The browser refused to store: nothing was changed. The message says what to do. */
export class StoreFullError extends Error {}
/** The document is not there any more: deleted, perhaps in another tab. */
export class MissingError extends Error {}

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

async function read(key: string, text: string): Promise<Batch | BrokenRecord> {
  const { readBatch } = await validator();
  const json = parse(text);
  const result = json === undefined ? { ok: false as const, problems: ['(document): is not JSON'] } : readBatch(json);
  return result.ok ? result.value : { key, text, problems: result.problems };
}

export const isBroken = (record: Batch | BrokenRecord): record is BrokenRecord => 'problems' in record;

async function write(key: string, document: object): Promise<void> {
  try {
    await AsyncStorage.setItem(key, JSON.stringify(document));
  } catch (cause) {
    throw new StoreFullError(
      'Not saved: this browser’s store is full or closed. What was stored before is unchanged. Export a batch to a file, or delete one.',
      { cause },
    );
  }
}

/** All batches, the newest change first, and what could not be read. */
export async function listBatches(): Promise<{ batches: Batch[]; broken: BrokenRecord[] }> {
  const keys = (await AsyncStorage.getAllKeys()).filter((key) => key.startsWith(BATCH));
  const stored = await AsyncStorage.multiGet(keys);
  const records = await Promise.all(stored.flatMap(([key, text]) => (text === null ? [] : [read(key, text)])));
  return {
    batches: records.filter((r): r is Batch => !isBroken(r)).sort((a, b) => b.updatedAt.localeCompare(a.updatedAt)),
    broken: records.filter(isBroken),
  };
}

/** One batch; null where there is none. */
export async function loadBatch(id: string): Promise<Batch | BrokenRecord | null> {
  const text = await AsyncStorage.getItem(batchKey(id));
  return text === null ? null : read(batchKey(id), text);
}

/** Stores a new batch. @throws StoreFullError */
export async function createBatch(batch: Batch): Promise<void> {
  await write(batchKey(batch.id), batch);
}

/**
 * Changes a batch: operations are applied to what is stored *now*, so that another tab's change is kept.
 * @returns the batch before and after
 * @throws StoreFullError, MissingError
 */
export async function changeBatch(
  id: string,
  changes: readonly Operation[],
  at: string,
): Promise<{ before: Batch; after: Batch }> {
  const before = await loadBatch(id);
  if (before === null || isBroken(before)) throw new MissingError('This batch is not there any more.');
  const after = { ...changes.reduce(apply, before), revision: before.revision + 1, updatedAt: at };
  await write(batchKey(id), after);
  return { before, after };
}

/**
 * Puts an earlier state back, as a new revision.
 * @param expected the revision that is being undone: if another tab has changed the batch since, nothing is put back
 * @returns the batch now, or null where another tab's change stands in the way
 */
export async function restoreBatch(earlier: Batch, expected: number, at: string): Promise<Batch | null> {
  const now = await loadBatch(earlier.id);
  if (now === null || isBroken(now)) throw new MissingError('This batch is not there any more.');
  if (now.revision !== expected) return null;
  const restored = { ...earlier, revision: now.revision + 1, updatedAt: at };
  await write(batchKey(earlier.id), restored);
  return restored;
}

/** Removes a record by its storage key. */
export const removeRecord = (key: string): Promise<void> => AsyncStorage.removeItem(key);
export const deleteBatch = (id: string): Promise<void> => removeRecord(batchKey(id));

/** The kitchen; the usual one where none is stored or it cannot be read. */
export async function loadKitchen(): Promise<Kitchen> {
  const text = await AsyncStorage.getItem(KITCHEN);
  if (text === null) return DEFAULT_KITCHEN;
  const result = (await validator()).readKitchen(parse(text));
  if (result.ok) return result.value;
  // A kitchen that cannot be read is set aside under a name of its own before the usual one takes its place.
  console.warn(`kitchen settings set aside: ${result.problems.join('; ')}`);
  await AsyncStorage.setItem(`${KITCHEN}-set-aside`, text);
  return DEFAULT_KITCHEN;
}

/** Changes settings of the kitchen. @throws StoreFullError */
export async function changeKitchen(to: Partial<Kitchen>): Promise<Kitchen> {
  const before = await loadKitchen();
  const after = { ...before, ...to, revision: before.revision + 1 };
  await write(KITCHEN, after);
  return after;
}

/** At the very first visit, stores what is given. Later visits find the mark and store nothing. */
export async function openFirst(demo: () => Batch[]): Promise<void> {
  if ((await AsyncStorage.getItem(OPENED)) !== null) return;
  for (const batch of demo()) await createBatch(batch);
  await AsyncStorage.setItem(OPENED, '1');
}
