/**
 * Where documents are kept, one key a document. Every change is read, applied, checked and written under one lock over all
 * tabs; what cannot be read is set aside and offered, never overwritten.
 */
import { problemWords } from '@/core/stored/problem';
import { type Day } from '@/core/stored/day';
import { type Changed } from '@/core/stored/changing';
import { titled } from '@/core/stored/create';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { type Operation } from '@/core/stored/operations';
import { type EditId, holds, withEdit } from '@/core/stored/edits';
import { isRehearsal } from '@/core/stored/rehearsal';
import { type Batch } from '@/core/stored/schema';
import { BATCH_VERSION, KITCHEN_VERSION } from '@/core/vocabulary/formats';
import { asWritten } from './as-written';
import { purgePrints } from './fresh';
import { dayKey, putChangedDay } from './day-store';
import { inTurn, pagesHere } from './lock';
import { newId } from './new-id';
import { type BrokenRecord, InvalidError, MissingError, notJson, parse, TakenError } from './records';
import { pageOf, PENDING_PREFIX, type PendingEdit } from './pending';
import { holdText, keysOf, readText, readToChange, removeText, storeHeld, writeText, writeTexts } from './store';
import { TAB } from './tab';
import * as validator from './validator';

const PREFIX = 'involucrum/';
const BATCH = `${PREFIX}batch/`;
/** What is rehearsed is kept apart: no list of real batches ever sees it. */
const REHEARSED_BATCH = `${PREFIX}rehearsal-batch/`;
const REHEARSED_KITCHEN = `${PREFIX}rehearsal-kitchen/`;
export const KITCHEN_KEY = `${PREFIX}kitchen`;
const SET_ASIDE = `${KITCHEN_KEY}-set-aside`;
const OPENED = `${PREFIX}opened`;

export { type BrokenRecord, InvalidError, MissingError, TakenError };

export const batchKey = (id: string): string => `${isRehearsal(id) ? REHEARSED_BATCH : BATCH}${id}`;
/** Of the kitchen that a document is made in: of a rehearsal its own. */
export const kitchenKey = (of?: string): string =>
  of !== undefined && isRehearsal(of) ? `${REHEARSED_KITCHEN}${of}` : KITCHEN_KEY;
/** The id of the batch under a key; null where it is another record. */
export function idOfKey(key: string): string | null {
  const prefix = [BATCH, REHEARSED_BATCH].find((p) => key.startsWith(p));
  return prefix === undefined ? null : key.slice(prefix.length);
}

/** What this tab stores says so. */
export const WRITER = TAB;

/** Texts that have been read, and what they are: the same text is not checked again, and is the same object. */
const known = new Map<string, { text: string; batch: Batch }>();

async function read(key: string, text: string): Promise<Batch | BrokenRecord> {
  const before = known.get(key);
  if (before?.text === text) return before.batch;
  const json = parse(text);
  const result = json === undefined ? { ok: false as const, problems: [notJson()] } : await validator.readBatch(json);
  if (!result.ok) return { key, text, problems: result.problems };
  const id = idOfKey(key);
  if (result.value.id === id) {
    known.set(key, { text, batch: result.value });
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
  known.set(key, { text, batch });
  return writeText(key, text);
}

/** Batches that this program has written are known without the validator. */
async function takeAsWritten(texts: readonly { key: string; text: string }[]): Promise<void> {
  const fresh = texts.filter(({ key, text }) => known.get(key)?.text !== text);
  const batches = await asWritten<Batch>(fresh, BATCH_VERSION);
  fresh.forEach(({ key, text }, i) => {
    const batch = batches[i];
    if (batch?.id === idOfKey(key)) known.set(key, { text, batch });
  });
}

/** All batches, the newest change first, and what could not be read. */
export async function listBatches(): Promise<{ batches: Batch[]; broken: BrokenRecord[] }> {
  const keys = await keysOf(BATCH);
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
async function batchToChange(id: string): Promise<Batch | BrokenRecord | null> {
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
    await put({ ...batch, writer: WRITER });
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
async function putChanged(
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
    writer: WRITER,
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

/** One photograph a batch lies beside it. */
const PHOTOGRAPH = `${PREFIX}photograph/`;
export const photographKey = (batchId: string): string => `${PHOTOGRAPH}${batchId}`;
/** Which steps of a batch that is cooked now were begun and ended. */
export const stepsKey = (batchId: string): string => `${PREFIX}steps/${batchId}`;

/** Removes a batch; what else is kept under its id goes with `forget`. @throws NotRemovedError */
export const deleteBatch = (id: string): Promise<void> => inTurn(() => removeText(batchKey(id)));

export interface StoredKitchen {
  kitchen: Kitchen;
  /** The kitchen as it is stored, where it cannot be read as a whole: what can be is in `kitchen`. */
  broken: BrokenRecord | null;
  /** Earlier kitchens that could not be read, set aside under dated names. */
  setAside: BrokenRecord[];
}

async function kitchenOf(key: string, text: string | null): Promise<Omit<StoredKitchen, 'setAside'>> {
  if (text === null) return { kitchen: DEFAULT_KITCHEN, broken: null };
  const [ours] = await asWritten<Kitchen>([{ key, text }], KITCHEN_VERSION);
  if (ours !== null) return { kitchen: ours, broken: null };
  const json = parse(text);
  const result = await validator.readKitchen(json);
  if (result.ok) return { kitchen: result.value, broken: null };
  const problems = json === undefined ? [notJson('(kitchen)')] : result.problems;
  return { kitchen: await validator.salvageKitchen(json), broken: { key: KITCHEN_KEY, text, problems } };
}

/** The kitchen that a document is made in, and what of it could not be read. */
export async function loadKitchen(of?: string): Promise<StoredKitchen> {
  const key = kitchenKey(of);
  const now = await kitchenOf(key, await readText(key));
  const keys = key === KITCHEN_KEY ? await keysOf(SET_ASIDE) : [];
  const texts = await Promise.all(keys.map(readText));
  return {
    ...now,
    setAside: keys.flatMap((key, i) => {
      const text = texts[i];
      return text === null ? [] : [{ key, text, problems: [] }];
    }),
  };
}

/**
 * Changes the kitchen. One that cannot be read is first set aside under a dated name.
 * @returns the kitchen, or what stands against the change
 */
export const changeKitchen = (
  operations: readonly KitchenOperation[],
  at: string,
  of: string | undefined,
  edit: EditId,
): Promise<Changed<Kitchen>> => inTurn(() => putKitchen(operations, at, of, edit));

/** The change itself, in its turn. */
async function putKitchen(
  operations: readonly KitchenOperation[],
  at: string,
  of: string | undefined,
  edit: EditId,
): Promise<Changed<Kitchen>> {
  const key = kitchenKey(of);
  const { kitchen, broken } = await kitchenOf(key, await readToChange(key));
  if (holds(kitchen, edit)) return { ok: true, document: kitchen };
  const changed = await validator.changeKitchen(kitchen, operations);
  if (!changed.ok) return changed;
  const document = {
    ...changed.document,
    revision: kitchen.revision + 1,
    writer: WRITER,
    edits: withEdit(kitchen.edits, edit),
  };
  const isAside = broken === null || (await writeText(`${SET_ASIDE}/${at}`, broken.text));
  // Where the old text could not be set aside, it stays where it is until it can.
  await (isAside ? writeText : holdText)(key, JSON.stringify(document));
  return { ok: true, document };
}

/**
 * Does the edits that another page had on their way when it went: in their order, and none that a document holds already. One
 * that is still here does its own, and can take them back.
 */
async function finishPending(): Promise<void> {
  const here = await pagesHere();
  const keys = (await keysOf(PENDING_PREFIX)).filter((key) => !here.has(pageOf(key))).sort();
  const texts = await Promise.all(keys.map(readText));
  const left = keys.flatMap((key, i) => pendingIn(key, texts[i]).map((pending) => ({ key, pending })));
  // In the order of time; of one page and moment, in its own.
  for (const { pending } of left.sort((a, b) => a.pending.at.localeCompare(b.pending.at))) await finish(pending);
  for (const key of keys) await removeText(key);
}

/** What is written down under a key. The version before kept all edits of a page in one list, without numbers. */
function pendingIn(key: string, text: string | null): PendingEdit[] {
  const json = parse(text ?? '');
  const isAsked = (one: unknown): one is PendingEdit => typeof one === 'object' && one !== null && 'at' in one;
  if (!Array.isArray(json)) return isAsked(json) && 'edit' in json ? [json] : [];
  const by = key.slice(PENDING_PREFIX.length);
  return json.filter(isAsked).map((asked, i) => ({ ...asked, edit: { by, number: i + 1 }, from: null }));
}

async function finish(pending: PendingEdit): Promise<void> {
  const { edit, at } = pending;
  if ('kitchen' in pending) {
    await putKitchen(pending.kitchen, at, pending.of, edit);
    return;
  }
  if ('day' in pending) {
    await putChangedDay(pending.dayId, pending.day, at, edit).catch((error: unknown) => {
      // A day that is gone wants no more changes.
      if (!(error instanceof MissingError)) throw error;
    });
    return;
  }
  const before = await batchToChange('back' in pending ? pending.back.id : pending.batchId);
  if (before === null || isBroken(before) || holds(before, edit)) return;
  // Put back from an older file it is not the document that the edit was made for.
  if (pending.from !== null && before.revision < pending.from) return;
  if ('back' in pending) {
    const { revision, writer } = pending.expected;
    if (before.revision !== revision || before.writer !== writer) return;
    await putChanged({ ...pending.back, revision, edits: before.edits }, pending.operations, at, edit);
    return;
  }
  await putChanged(before, pending.operations, at, edit);
}

/** The revision of a batch as this page last read or wrote it; null where it has not. */
export const revisionOf = (id: string): number | null => known.get(batchKey(id))?.batch.revision ?? null;

/** At the very first visit, stores what is given. Later visits find the mark and store nothing. */
export const openFirst = (demo: () => Promise<Demo> | Demo): Promise<void> =>
  inTurn(async () => {
    await finishPending();
    await purgePrints(async (key) => (await readText(key)) !== null);
    if ((await readToChange(OPENED)) !== null) return;
    const { batches, days } = await demo();
    const there = new Set(await keysOf(PREFIX));
    const texts: { key: string; text: string }[] = [];
    const lay = (key: string, document: object): string => {
      const text = JSON.stringify(document);
      if (!there.has(key)) texts.push({ key, text });
      return text;
    };
    for (const batch of batches) {
      const key = batchKey(batch.id);
      const text = lay(key, batch);
      if (!there.has(key)) known.set(key, { text, batch });
    }
    for (const day of days) lay(dayKey(day.id), day);
    // The program's own, and tested: nobody waits for the validator.
    lay(KITCHEN_KEY, { ...DEFAULT_KITCHEN, writer: WRITER });
    await writeTexts([...texts, { key: OPENED, text: '1' }]);
  });

/** What is there at the very first visit. */
export interface Demo {
  batches: Batch[];
  days: Day[];
}

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
        await put({ ...batch, writer: WRITER });
        count.fresh += 1;
      } else if (!isBroken(there) && isUntouched(there, batch)) count.same += 1;
      else {
        const id = newId();
        await put({ ...batch, id, title: titled(batch.title, suffix), writer: WRITER });
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

/** Tries to store what is only in memory; a batch that somebody else has changed meanwhile comes in as a copy. */
export const storeAgain = (): Promise<number> =>
  inTurn(() =>
    storeHeld((key, text) => {
      const batch = parse(text);
      const id = newId();
      if (idOfKey(key) === null || typeof batch !== 'object' || batch === null) return [`${key}-set-aside/${id}`, text];
      const { title } = batch as Batch;
      return [batchKey(id), JSON.stringify({ ...batch, id, title: titled(title, ' (kept copy)') })];
    }),
  );
