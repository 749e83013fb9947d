/** Batches as files: one JSON document, out and in. */
import * as DocumentPicker from 'expo-document-picker';
import { asPractice } from '@/core/stored/as-practice';
import { type Problem, type ReadResult, wrongFile } from '@/core/stored/problem';
import { firstOf } from '@/core/stored/noted';
import { isRehearsal } from '@/core/stored/rehearsal';
import { type Batch } from '@/core/stored/schema';
import { WHOLE_FORMAT } from '@/core/vocabulary/formats';
import { readFile } from '@/workers/reader';
import { isBroken, loadBatch } from './batch-store';
import { idOfKey } from './keys';

/** A whole kitchen with its photographs is larger. */
const MOST_WHOLE_BYTES = 60_000_000;
/** Larger files are refused before they are read: a batch is a few kilobytes, a saved page seldom more than a few megabytes. */
const MOST_BYTES = 5_000_000;

/** Hands a text to the browser as a file to keep. */
export function download(name: string, text: string, type = 'application/json'): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** A file name from a title. */
export const fileName = (title: string): string =>
  `${
    title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'batch'
  }.json`;

/** Saves a batch as a file. */
export function exportBatch(batch: Batch): void {
  download(fileName(batch.title), `${JSON.stringify(batch, null, 2)}\n`);
}

/** Saves a text under a batch's name with another ending. */
export const saveBeside = (batch: Batch, ending: string, text: string, type: string): void =>
  download(fileName(batch.title).replace(/\.json$/, ending), text, type);

/** What asking for a file comes to: its name and what was read, or null where nothing was chosen. */
type Picked<Value> = { name: string; result: ReadResult<Value> } | null;

/** So many letters say what a file is. */
const HEAD = 300;

const tooLarge = (most: number, what: string): { ok: false; problems: Problem[] } =>
  wrongFile(`is larger than ${most / 1e6} MB, too large for a ${what}`);

/** Asks for a file; one that is too large is refused before it is read. */
async function pick(type: string[], what: string, most = MOST_BYTES): Promise<Picked<File>> {
  const picked = await DocumentPicker.getDocumentAsync({ type, base64: false });
  const file = picked.assets?.[0]?.file;
  if (picked.canceled || !file) return null;
  return {
    name: file.name,
    result: file.size > most ? tooLarge(most, what) : { ok: true, value: file },
  };
}

/**
 * Asks for a file and reads it: a batch, a whole kitchen (its text, to be looked through), or a recipe (schema.org, JSON or a saved page) as a new batch. Nothing is stored.
 * @param onReading told when reading begins
 */
export async function pickBatch(
  fresh: { id: string; at: string },
  onReading: () => void,
): Promise<{ name: string; result: ReadResult<Batch> | { ok: false; problems: Problem[]; whole: string } } | null> {
  const picked = await pick(
    ['application/json', 'text/html', '.json', '.jsonld', '.html', '.htm'],
    'batch or recipe',
    MOST_WHOLE_BYTES,
  );
  if (!picked?.result.ok) return picked as Picked<Batch>;
  onReading();
  return readBatchFile(picked.result.value, fresh);
}

/** Reads a file as it was chosen or dropped: what it is, as above. Nothing is stored. */
export async function readBatchFile(
  file: File,
  fresh: { id: string; at: string },
): Promise<NonNullable<Awaited<ReturnType<typeof pickBatch>>>> {
  const { name } = file;
  if (file.size > MOST_WHOLE_BYTES) return { name, result: tooLarge(MOST_WHOLE_BYTES, 'batch or recipe') };
  // What it is, it says at its beginning.
  const isWholeFile = (await file.slice(0, HEAD).text()).includes(WHOLE_FORMAT);
  if (isWholeFile) return { name, result: { ok: false, problems: [], whole: await file.text() } };
  if (file.size > MOST_BYTES) return { name, result: tooLarge(MOST_BYTES, 'batch or recipe') };
  const text = await file.text();
  const result = await readFile(text, fresh);
  // A rehearsed batch that comes as a file is a batch like any other, under a name of its own.
  if (result.ok && isRehearsal(result.value.id))
    return {
      name,
      result: { ok: true, value: { ...asPractice(result.value), id: fresh.id, lineage: firstOf(fresh.id) } },
    };
  return { name, result };
}

/** Asks for a whole kitchen's file. */
export async function pickWhole(): Promise<ReadResult<string> | null> {
  const picked = await pick(['application/json', '.json'], 'kitchen', MOST_WHOLE_BYTES);
  if (!picked) return null;
  return picked.result.ok ? { ok: true, value: await picked.result.value.text() } : picked.result;
}

/** Asks for a picture. @returns null where nothing was chosen */
export async function pickPicture(): Promise<File | null> {
  const picked = await pick(['image/*'], 'photograph', MOST_WHOLE_BYTES);
  return picked?.result.ok ? picked.result.value : null;
}

/** Asks for a text file. */
export async function pickText(type: string[]): Promise<ReadResult<string> | null> {
  const picked = await pick(type, 'table of lines');
  if (!picked) return null;
  return picked.result.ok ? { ok: true, value: await picked.result.value.text() } : picked.result;
}

/** Saves what is only in this page's memory: each batch as a file. */
export async function saveHeld(keys: readonly string[]): Promise<void> {
  for (const key of keys) {
    const id = idOfKey(key);
    const batch = id === null ? null : await loadBatch(id);
    if (batch === null) continue;
    if (isBroken(batch)) download('unreadable-batch.txt', batch.text, 'text/plain');
    else exportBatch(batch);
  }
}

/** Saves the readings of a batch as a table. */
export async function exportReadings(batch: Batch): Promise<void> {
  const { readingsToCsv } = await import('./tables');
  saveBeside(batch, '.readings.csv', readingsToCsv(batch), 'text/csv');
}

/** Reads a table of readings into a batch. Nothing is stored. */
export async function readReadings(text: string, batch: Batch, as: 'cooling' | 'core') {
  return (await import('./tables')).readingsFromCsv(text, batch, as);
}
