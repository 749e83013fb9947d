/** A day as a file, with its batches, so that a second phone has all of it; and back. */
import { type Day, withBatchIds } from '@/core/stored/day';
import { inside, type ReadResult } from '@/core/stored/problem';
import { type Batch } from '@/core/stored/schema';
import { createDay, isDayThere } from './day-store';
import { download, fileName, pickText } from './files';
import { newId } from './new-id';
import { parse } from './records';
import { putBeside } from './batch-store';
import * as validator from './validator';

/** What the file calls itself: a day, and the batches that are made on it. */
const FORMAT = 'involucrum/day-with-batches';

/** Saves a day with its batches. */
export function exportDay(day: Day, batches: readonly Batch[]): void {
  const file = { format: FORMAT, version: 1, day, batches };
  download(fileName(day.title).replace(/\.json$/, '-day.json'), `${JSON.stringify(file, null, 2)}\n`);
}

/** Reads the text of such a file, or of a day alone. */
async function readDayFile(text: string): Promise<ReadResult<{ day: Day; batches: Batch[] }>> {
  const json = parse(text.replace(/^\uFEFF/, ''));
  const isBundle = typeof json === 'object' && json !== null && 'format' in json && json.format === FORMAT;
  const file = isBundle ? (json as { day?: unknown; batches?: unknown }) : { day: json, batches: [] };
  const day = await validator.readDay(file.day);
  if (!day.ok) return day;
  const batches: Batch[] = [];
  for (const [i, one] of (Array.isArray(file.batches) ? (file.batches as unknown[]) : []).entries()) {
    const batch = await validator.readBatch(one);
    if (!batch.ok) return { ok: false, problems: batch.problems.map((problem) => inside(`batches.${i}`, problem)) };
    batches.push(batch.value);
  }
  return { ok: true, value: { day: day.value, batches } };
}

/** Asks for a file and stores what is in it; what is there stays as it is. @returns the day's id, or the problems; null where nothing was chosen */
export async function importDay(): Promise<ReadResult<string> | null> {
  const text = await pickText(['application/json', '.json']);
  if (text === null || !text.ok) return text;
  const read = await readDayFile(text.value);
  if (!read.ok) return read;
  const { day, batches } = read.value;
  // A batch that is here in another state stays; the day is made from the copy that came with it.
  const { ids } = await putBeside(batches, ', from a day’s file');
  const id = (await isDayThere(day.id)) ? newId() : day.id;
  await createDay({ ...withBatchIds(day, ids), id });
  return { ok: true, value: id };
}
