/** Where days are kept, one key a day; every change under the lock over all tabs, as for batches. */
import { problemWords } from '@/core/stored/problem';
import { type Changed } from '@/core/stored/changing';
import { type Day } from '@/core/stored/day';
import { type DayOperation } from '@/core/stored/day-operations';
import { type EditId, holds, withEdit } from '@/core/stored/edits';
import { DAY_VERSION } from '@/core/vocabulary/formats';
import { asWritten } from './as-written';
import { dayKey, PREFIX_OF } from './keys';
import { inTurn } from './lock';
import { type BrokenRecord, InvalidError, MissingError, notJson, parse, TakenError } from './records';
import { keysOf, readText, readToChange, removeText, writeText } from './store';
import { TAB } from './tab';
import * as validator from './validator';

export const isDayKey = (key: string): boolean => key.startsWith(PREFIX_OF.day);

/** Texts that have been read, and what they are: the same text is the same object. */
const lastRead = new Map<string, { text: string; day: Day }>();

const isBrokenDay = (record: Day | BrokenRecord): record is BrokenRecord => 'problems' in record;

async function read(key: string, text: string): Promise<Day | BrokenRecord> {
  const before = lastRead.get(key);
  if (before?.text === text) return before.day;
  const [ours] = await asWritten<Day>([{ key, text }], DAY_VERSION);
  if (ours !== null) {
    lastRead.set(key, { text, day: ours });
    return ours;
  }
  const json = parse(text);
  const result = json === undefined ? { ok: false as const, problems: [notJson()] } : await validator.readDay(json);
  if (!result.ok) return { key, text, problems: result.problems };
  lastRead.set(key, { text, day: result.value });
  return result.value;
}

/** Writes a valid day. */
function putDay(day: Day): Promise<boolean> {
  const key = dayKey(day.id);
  const text = JSON.stringify(day);
  lastRead.set(key, { text, day });
  return writeText(key, text);
}

export const isDayThere = async (id: string): Promise<boolean> => (await readToChange(dayKey(id))) !== null;

/** All days, the last changed first, and what could not be read. */
export async function listDays(): Promise<{ days: Day[]; broken: BrokenRecord[] }> {
  const keys = await keysOf(PREFIX_OF.day);
  const texts = await Promise.all(keys.map(readText));
  const records = await Promise.all(texts.flatMap((text, i) => (text === null ? [] : [read(keys[i], text)])));
  const days = records.filter((r): r is Day => !isBrokenDay(r));
  return { days: days.sort((a, b) => b.updatedAt.localeCompare(a.updatedAt)), broken: records.filter(isBrokenDay) };
}

async function dayToChange(id: string): Promise<Day> {
  const text = await readToChange(dayKey(id));
  const day = text === null ? null : await read(dayKey(id), text);
  if (day === null) throw new MissingError('This day is gone. It was deleted, perhaps in another tab.');
  if (isBrokenDay(day)) throw new MissingError('This day can’t be read.');
  return day;
}

/** The change itself, in its turn. */
export async function putChangedDay(
  id: string,
  operations: readonly DayOperation[],
  at: string,
  edit: EditId,
): Promise<Changed<Day> & { before?: Day }> {
  const before = await dayToChange(id);
  if (holds(before, edit)) return { ok: true, document: before };
  const changed = await validator.changeDay(before, operations);
  if (!changed.ok) return changed;
  const edits = withEdit(before.edits, edit);
  const document = { ...changed.document, revision: before.revision + 1, writer: TAB, edits, updatedAt: at };
  await putDay(document);
  return { ok: true, document, before };
}

/** Changes a day. @throws MissingError */
export const changeDay = (id: string, operations: readonly DayOperation[], at: string, edit: EditId) =>
  inTurn(() => putChangedDay(id, operations, at, edit));

/**
 * Puts an earlier state back, as a new revision; where somebody else has stored since, nothing.
 * @returns the day now; null where somebody else has been there
 */
export const restoreDay = (earlier: Day, expected: Pick<Day, 'revision' | 'writer'>, at: string): Promise<Day | null> =>
  inTurn(async () => {
    const now = await dayToChange(earlier.id);
    if (now.revision !== expected.revision || now.writer !== expected.writer) return null;
    const document = { ...earlier, revision: now.revision + 1, writer: TAB, edits: now.edits, updatedAt: at };
    await putDay(document);
    return document;
  });

/** Stores a day that is new. @throws TakenError, InvalidError */
export const createDay = (day: Day): Promise<void> =>
  inTurn(async () => {
    const checked = await validator.readDay(day);
    if (!checked.ok)
      throw new InvalidError(`Not stored: ${checked.problems.slice(0, 3).map(problemWords).join('; ')}.`);
    if (await isDayThere(day.id)) throw new TakenError(`“${day.title}” is already here, and was left as it is.`);
    await putDay({ ...day, writer: TAB });
  });

/** Puts a day in where none of its id is there; one that is there stays as it is. */
export const putDayBeside = (day: Day): Promise<void> =>
  inTurn(async () => {
    if (!(await isDayThere(day.id))) await putDay({ ...day, writer: TAB });
  });

export const deleteDay = (id: string): Promise<void> => inTurn(() => removeText(dayKey(id)));
