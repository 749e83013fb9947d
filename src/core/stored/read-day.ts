/** Reading a day from outside: migrate to the current version, then validate. */
import { type Day, daySchema } from './day-schema';
import { problemsOf, type ReadResult, tooNew, wrongFormat, wrongShape } from './problem';
import { DAY_FORMAT, DAY_VERSION } from '../vocabulary/formats';

type Json = Record<string, unknown>;

/** Steps from one version to the next. 2: it knows which edits it holds. */
export const DAY_STEPS: Record<number, (day: Json) => Json> = { 1: (day) => ({ ...day, version: 2, edits: [] }) };

/**
 * Reads a day of any known version.
 * @param steps for tests of the chain; the shipped ones otherwise
 * @returns the day, or its problems
 */
export function readDay(json: unknown, steps = DAY_STEPS): ReadResult<Day> {
  if (typeof json !== 'object' || json === null || Array.isArray(json))
    return { ok: false, problems: [wrongShape('day')] };
  let day = json as Json;
  if (day.format !== DAY_FORMAT) return { ok: false, problems: [wrongFormat('day’s file', DAY_FORMAT)] };
  if (typeof day.version === 'number' && day.version > DAY_VERSION) {
    return { ok: false, problems: [tooNew(day.version, DAY_VERSION)] };
  }
  while (typeof day.version === 'number' && day.version < DAY_VERSION && steps[day.version])
    day = steps[day.version](day);
  const result = daySchema.safeParse(day);
  return result.success ? { ok: true, value: result.data } : { ok: false, problems: problemsOf(result.error) };
}
