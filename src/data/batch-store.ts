/**
 * Batches as they are kept, one key each. Every change is read, applied, checked and written under one lock over all tabs; what
 * cannot be read is offered, never overwritten.
 */
import { titled } from '@/core/stored/create';
import { type Changed } from '@/core/stored/changing';
import { type EditId, holds, withEdit } from '@/core/stored/edits';
import { type Operation } from '@/core/stored/operations';
import { problemWords } from '@/core/stored/problem';
import { type Batch } from '@/core/stored/schema';
import { BATCH_VERSION } from '@/core/vocabulary/formats';
import { asWritten } from './as-written';
import { batchKey, idOfKey, PREFIX_OF } from './keys';
import { inTurn } from './lock';
import { newId } from './new-id';
import { type BrokenRecord, InvalidError, MissingError, notJson, parse, TakenError } from './records';
import { keysOf, readText, readToChange, removeText, writeText } from './store';
import { TAB } from './tab';
import * as validator from './validator';

/** Texts that have been read, and what they are: the same text is not checked again, and is the same object. */
const remembered = new Map<string, { text: string; batch: Batch }>();
/** What a text under a key is, where that is certain without reading it: the program itself has written it. */
export const remember = (key: string, text: string, batch: Batch): void => void remembered.set(key, { text, batch });

async function read(key: string, text: string): Promise<Batch | BrokenRecord> {
  const before = remembered.get(key);
  if (before?.text === text) return before.batch;
  const json = parse(text);
  const result = json === undefined ? { ok: false as const, problems: [notJson()] } : await validator.readBatch(json);
  if (!result.ok) return { key, text, problems: result.problems };
  const id = idOfKey(key);
  if (result.value.id === id) {
    remember(key, text, result.value);
    return result.value;
  }
  const wrong = `is “${result.value.id}”, but it is kept under “${id}”`;
  return { key, text, problems: [{ code: 'value', path: 'id', text: wrong }] };
}

export const isBroken = (record: Batch | BrokenRecord): record is BrokenRecord => 'problems' in record;

/** Writes a valid batch. */
function put(batch: Batch): Promise<boolean> {
  const key = batchKey(batch.id);
  const text = JSON.stringify(batch);
  remember(key, text, batch);
  return writeText(key, text);
}

/** Batches that this program has written are known without the validator. */
async function takeAsWritten(texts: readonly { key: string; text: string }[]): Promise<void> {
  const fresh = texts.filter(({ key, text }) => remembered.get(key)?.text !== text);
  const batches = await asWritten<Batch>(fresh, BATCH_VERSION);
  fresh.forEach(({ key, text }, i) => {
    const batch = batches[i];
    if (batch?.id === idOfKey(key)) remember(key, text, batch);
  });
}

/** All batches, the newest change first, and what could not be read. */
export async function listBatches(): Promise<{ batches: Batch[]; broken: BrokenRecord[] }> {
  const keys = await keysOf(PREFIX_OF.batch);
  const texts = await Promise.all(keys.map(readText));
  const there = texts.flatMap((text, i) => (text === null ? [] : [{ key: keys[i], text }]));
  await takeAsWritten(there);
  const records = await Promise.all(there.map(({ key, text }) => read(key, text)));
  return { batches: newestFirst(records.filter((r): r is Batch => !isBroken(r))), broken: records.filter(isBroken) };
}

export const newestFirst = (batches: readonly Batch[]): Batch[] =>
  [...batches].sort((a, b) => b.updatedAt.localeCompare(a.updatedAt));

/** One batch; null where there is none. */
export async function loadBatch(id: string): Promise<Batch | BrokenRecord | null> {
  const key = batchKey(id);
  const text = await readText(key);
  if (text === null) return null;
  await takeAsWritten([{ key, text }]);
  return read(key, text);
}

/** The same where it is going to be changed. */
export async function batchToChange(id: string): Promise<Batch | BrokenRecord | null> {
  const text = await readToChange(batchKey(id));
  return text === null ? null : read(batchKey(id), text);
}

async function readable(id: string): Promise<Batch> {
  const batch = await batchToChange(id);
  if (batch === null) throw new MissingError('This batch is gone. It was deleted, perhaps in another tab.');
  if (isBroken(batch)) throw new MissingError('This batch can’t be read. The Bench offers its text.');
  return batch;
}

/**
 * Stores a new batch.
 * @throws TakenError where one of that id is there: nothing is overwritten
 * @throws InvalidError where it would not be read again
 */
export const createBatch = (batch: Batch): Promise<void> =>
  inTurn(async () => {
    const checked = await validator.readBatch(batch);
    if (!checked.ok)
      throw new InvalidError(`Not stored: ${checked.problems.slice(0, 3).map(problemWords).join('; ')}.`);
    if ((await readToChange(batchKey(batch.id))) !== null)
      throw new TakenError(`“${batch.title}” is already here, and was left as it is.`);
    await put({ ...batch, writer: TAB });
  });

/**
 * Changes a batch: operations are applied to what is stored *now*, and only what is valid is written.
 * @returns the batch before and after, or what stands against it
 * @throws MissingError
 */
export const changeBatch = (
  id: string,
  operations: readonly Operation[],
  at: string,
  edit: EditId,
): Promise<{ before: Batch; after: Changed<Batch> }> =>
  inTurn(async () => {
    const before = await readable(id);
    // Another page has done it meanwhile, in the belief that this one was gone.
    if (holds(before, edit)) return { before, after: { ok: true, document: before } };
    return { before, after: await putChanged(before, operations, at, edit) };
  });

/** The change itself, in its turn. @param now what is stored, where that is not what is changed: a step back */
export async function putChanged(
  from: Batch,
  operations: readonly Operation[],
  at: string,
  edit: EditId,
  now = from,
): Promise<Changed<Batch>> {
  const changed = await validator.changeBatch(from, operations);
  if (!changed.ok) return changed;
  const document = {
    ...changed.document,
    revision: now.revision + 1,
    writer: TAB,
    edits: withEdit(now.edits, edit),
    updatedAt: at,
  };
  await put(document);
  return { ok: true, document };
}

/**
 * Replays a batch from an earlier state, as a new revision.
 * @param expected what is being undone: where another tab has stored since, nothing is put back
 * @returns the batch now, or what stands against it: somebody else's change, or that it would not be valid
 */
export const replayBatch = (
  from: Batch,
  operations: readonly Operation[],
  expected: Pick<Batch, 'revision' | 'writer'>,
  at: string,
  edit: EditId,
): Promise<Changed<Batch> & { isForeign?: boolean }> =>
  inTurn(async () => {
    const now = await readable(from.id);
    if (holds(now, edit)) return { ok: true, document: now };
    if (now.revision !== expected.revision || now.writer !== expected.writer) {
      return {
        ok: false,
        isForeign: true,
        problems: ['This batch was changed in another tab since; that change is kept, and nothing was undone.'],
      };
    }
    return putChanged(from, operations, at, edit, now);
  });

/** Removes a record by its storage key. @throws NotRemovedError */
export const removeRecord = (key: string): Promise<void> => inTurn(() => removeText(key));

/** Removes a batch; what else is kept under its id goes with `forget`. @throws NotRemovedError */
export const deleteBatch = (id: string): Promise<void> => inTurn(() => removeText(batchKey(id)));

/** The revision of a batch as this page last read or wrote it; null where it has not. */
export const revisionOf = (id: string): number | null => remembered.get(batchKey(id))?.batch.revision ?? null;

interface PutBeside {
  fresh: number;
  beside: number;
  same: number;
  /** The id that a copy has, by the one that it came with. */
  ids: Map<string, string>;
}

/**
 * Puts batches in where they are missing. One that is there in another state stays as it is, and a fresh copy comes in
 * beside it.
 * @param suffix what a copy is called beside its title
 */
export const putBeside = (batches: readonly Batch[], suffix = ', as the demo has it'): Promise<PutBeside> =>
  inTurn(async () => {
    const count: PutBeside = { fresh: 0, beside: 0, same: 0, ids: new Map() };
    for (const batch of batches) {
      const there = await batchToChange(batch.id);
      if (there === null) {
        await put({ ...batch, writer: TAB });
        count.fresh += 1;
      } else if (!isBroken(there) && isUntouched(there, batch)) count.same += 1;
      else {
        const id = newId();
        await put({ ...batch, id, title: titled(batch.title, suffix), writer: TAB });
        count.ids.set(batch.id, id);
        count.beside += 1;
      }
    }
    return count;
  });

/** Fields in the order of their names: what was read has them in another than what was just made. */
const inOrder = (_key: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;

/** The same but for when and by whom it was stored. */
function isUntouched(a: Batch, b: Batch): boolean {
  const content = ({ revision: _r, writer: _w, edits: _e, createdAt: _c, updatedAt: _u, ...rest }: Batch) =>
    JSON.stringify(rest, inOrder);
  return content(a) === content(b);
}
