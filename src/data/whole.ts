/** The whole kitchen as one file, out and in; batches that are done, archived into one. Nothing is overwritten without being kept. */
import { mutate } from 'swr';
import {
  type Compared,
  isFreshDemo,
  nameOf,
  readWhole,
  type RecordKind,
  recordOf,
  standingOf,
  textOf,
  type Whole,
  wholeOf,
  type WholeRecord,
} from '@/core/formats/whole';
import { titled } from '@/core/stored/create';
import { type Problem, problemWords, type ReadResult } from '@/core/stored/problem';
import { isRehearsal } from '@/core/stored/rehearsal';
import { type Batch } from '@/core/stored/schema';
import { download } from './files';
import { forget } from './forget';
import { forgetAllAnswers } from './answers';
import { now } from './hooks';
import {
  batchKey,
  dayKey,
  KITCHEN_KEY,
  kitchenKey,
  OPENED_KEY,
  photographKey,
  PREFIX,
  PREFIX_OF,
  rehearsalKey,
} from './keys';
import { inTurn } from './lock';
import { newId } from './new-id';
import { parse } from './records';

import { say } from './notices';
import { keysOf, readText, readToChange, removeText, writeText, writeTexts } from './store';
import * as validator from './validator';

/** Where each kind of record lies. */
const KEYS: Readonly<Record<RecordKind, (id: string) => string>> = {
  batch: batchKey,
  day: dayKey,
  kitchen: () => KITCHEN_KEY,
  rehearsal: rehearsalKey,
  'rehearsed-batch': batchKey,
  'rehearsed-kitchen': kitchenKey,
  photograph: photographKey,
  unreadable: (id) => id,
};
const KINDS = ['batch', 'day', 'rehearsal', 'rehearsed-batch', 'rehearsed-kitchen', 'photograph'] as const;
const PREFIXES = KINDS.map((kind) => [kind, PREFIX_OF[kind]] as const);

const KITCHEN = ['kitchen', KITCHEN_KEY] as const;
/** Bookkeeping: it is of this browser alone. */
const OTHER = [null, ''] as const;

const keyOf = ({ kind, id }: WholeRecord): string => KEYS[kind](id);

/** Every document that is kept here. */
async function allRecords(): Promise<WholeRecord[]> {
  const keys = (await keysOf(PREFIX)).sort();
  const records = await Promise.all(
    keys.map(async (key) => {
      const [kind, prefix] = KITCHEN_KEY === key ? KITCHEN : (PREFIXES.find(([, p]) => key.startsWith(p)) ?? OTHER);
      const text = kind === null ? null : await readText(key);
      return kind === null || text === null ? null : recordOf(kind, key.slice(prefix.length), key, text);
    }),
  );
  return records.filter((record) => record !== null);
}

const save = (name: string, whole: Whole): void => download(name, `${JSON.stringify(whole)}\n`);
const today = (): string => now().slice(0, 10);

/** Saves everything as one file. */
export async function saveWhole(): Promise<void> {
  save(`kitchen-${today()}.json`, wholeOf(await allRecords(), now()));
}

/** Records of some batches, with their photographs. */
async function recordsOf(batches: readonly Pick<Batch, 'id'>[]): Promise<WholeRecord[]> {
  const ids = new Set(batches.map(({ id }) => id));
  return (await allRecords()).filter(({ kind, id }) => (kind === 'batch' || kind === 'photograph') && ids.has(id));
}

/** Saves batches with their photographs: a thing with all its versions, or what is to be archived. */
export async function saveBatches(batches: readonly Pick<Batch, 'id'>[], name: string): Promise<void> {
  save(name, wholeOf(await recordsOf(batches), now()));
}

/** What a file holds, against what is here; or what is wrong with it. */
export async function previewWhole(text: string): Promise<{ compared: Compared[] } | { problems: Problem[] }> {
  const read = readWhole(parse(text.replace(/^\uFEFF/, '')));
  if (!read.ok) return { problems: read.problems };
  const compared = await Promise.all(
    read.value.records.map(async (record) => ({
      record,
      name: nameOf(record),
      standing: standingOf(record, await readText(keyOf(record))),
    })),
  );
  return { compared };
}

/** Of what is here in another state: mine stays; or theirs comes, and mine is kept beside it. */
export type OfChanged = 'mine' | 'theirs';

export interface Restored {
  put: number;
  left: number;
  /** What could not be read, by name, with the first thing that is wrong. */
  refused: string[];
}

/** Where a text that cannot be read may lie: among documents, never among bookkeeping. */
const isDocumentKey = (key: string): boolean => key === KITCHEN_KEY || PREFIXES.some(([, p]) => key.startsWith(p));

const READERS = {
  batch: validator.readBatch,
  'rehearsed-batch': validator.readBatch,
  day: validator.readDay,
  kitchen: validator.readKitchen,
  'rehearsed-kitchen': validator.readKitchen,
  rehearsal: validator.readRehearsal,
};
/** Kinds that are of a rehearsal, and are called so. */
const OF_REHEARSAL: readonly RecordKind[] = ['rehearsal', 'rehearsed-batch', 'rehearsed-kitchen'];

/** Whether a record can be read, and is what it says; null, or what stands against it. */
async function refusalOf({ kind, id, document }: WholeRecord): Promise<string | null> {
  if (kind === 'unreadable')
    return typeof document === 'string' && isDocumentKey(id) ? null : 'is no text of a document';
  if (OF_REHEARSAL.includes(kind) !== isRehearsal(id)) return `id: “${id}” is not what a ${kind} is called`;
  if (kind === 'photograph')
    return typeof document === 'string' && document.startsWith('data:image/') ? null : 'is no picture';
  const result: ReadResult<object> = await READERS[kind](document);
  if (!result.ok) return result.problems.map(problemWords)[0] ?? 'can’t be read';
  const { value } = result;
  return 'id' in value && value.id !== id ? `id: is not “${id}”, as the file says` : null;
}

/**
 * Keeps what is here of a record that is going to be replaced.
 * @param copies the copy that each batch of mine has become by now; its photograph goes along
 */
async function keepMine({ kind, id }: WholeRecord, text: string, copies: Map<string, string>): Promise<void> {
  if (isFreshDemo(text)) return;
  if (kind === 'kitchen') await writeText(`${KITCHEN_KEY}-set-aside/${now()}`, text);
  else if (kind === 'photograph') await writeText(photographKey(copies.get(id) ?? id), text);
  else if (kind === 'batch' || kind === 'day') {
    const copyId = newId();
    const { title, ...mine } = parse(text) as { title: string };
    await writeText(
      KEYS[kind](copyId),
      JSON.stringify({ ...mine, title: titled(title, ' (as it was here)'), id: copyId }),
    );
    copies.set(id, copyId);
  }
}

/** Kinds of which mine can be kept beside theirs. */
const CAN_BE_KEPT: readonly RecordKind[] = ['batch', 'day', 'kitchen'];

/** Puts records in, under one lock. What is the same stays as it is. */
export async function restoreWhole(compared: readonly Compared[], ofChanged: OfChanged): Promise<Restored> {
  const done: Restored = { put: 0, left: 0, refused: [] };
  const copies = new Map<string, string>();
  // A photograph of mine has somewhere to go only once its batch has become a copy.
  const isKept = ({ kind, id }: WholeRecord): boolean =>
    CAN_BE_KEPT.includes(kind) || (kind === 'photograph' && copies.has(id));
  const isPhotograph = ({ record }: Compared): boolean => record.kind === 'photograph';
  const ordered = [...compared.filter((c) => !isPhotograph(c)), ...compared.filter(isPhotograph)];
  await inTurn(async () => {
    for (const { record } of ordered) {
      const key = keyOf(record);
      const here = await readToChange(key);
      const standing = standingOf(record, here);
      const isTaken =
        standing === 'new' ||
        (standing === 'changed' && (isFreshDemo(here ?? '') || (ofChanged === 'theirs' && isKept(record))));
      const refusal = isTaken ? await refusalOf(record) : null;
      if (refusal !== null) done.refused.push(`${nameOf(record)}: ${refusal}`);
      else if (!isTaken) done.left += standing === 'changed' ? 1 : 0;
      else {
        if (standing === 'changed' && here !== null) await keepMine(record, here, copies);
        await writeText(key, textOf(record));
        done.put += 1;
      }
    }
  });
  await mutate(() => true);
  return done;
}

/** Removes batches with their photographs, after they were saved. @returns what puts them back */
export async function removeBatches(batches: readonly Pick<Batch, 'id'>[]): Promise<() => Promise<Restored>> {
  const records = await recordsOf(batches);
  await inTurn(async () => {
    for (const record of records) await removeText(keyOf(record));
  });
  for (const { id } of batches) await forget(id);
  await mutate(() => true);
  return () =>
    restoreWhole(
      records.map((record) => ({ record, name: nameOf(record), standing: 'new' as const })),
      'mine',
    );
}

/** Erases everything that this browser keeps. @returns what puts it back, as long as the page is open */
export async function eraseAll(): Promise<() => Promise<void>> {
  const keys = (await keysOf(PREFIX)).filter((key) => key !== OPENED_KEY);
  const texts: { key: string; text: string }[] = [];
  await inTurn(async () => {
    for (const key of keys) {
      const text = await readText(key);
      if (text !== null) texts.push({ key, text });
      await removeText(key);
    }
  });
  await forgetAllAnswers();
  await mutate(() => true);
  return async () => {
    await inTurn(() => writeTexts(texts));
    await mutate(() => true);
    say({ text: 'Everything is back.', kind: 'done' });
  };
}
