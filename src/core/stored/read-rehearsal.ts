/** Reading a rehearsal from outside: its batch is brought to the current version, then all of it is validated. */
import { inside, problemsOf, type ReadResult, tooNew, wrongFormat, wrongShape } from './problem';
import { readBatch } from './read';
import { type Rehearsal, rehearsalSchema } from './rehearsal-schema';
import { REHEARSAL_FORMAT, REHEARSAL_VERSION } from '../vocabulary/formats';

/** Reads a rehearsal. @returns it, or its problems */
export function readRehearsal(json: unknown): ReadResult<Rehearsal> {
  if (typeof json !== 'object' || json === null || Array.isArray(json))
    return { ok: false, problems: [wrongShape('rehearsal')] };
  const rehearsal = json as Record<string, unknown>;
  if (rehearsal.format !== REHEARSAL_FORMAT)
    return { ok: false, problems: [wrongFormat('rehearsal’s file', REHEARSAL_FORMAT)] };
  if (typeof rehearsal.version === 'number' && rehearsal.version > REHEARSAL_VERSION)
    return { ok: false, problems: [tooNew(rehearsal.version, REHEARSAL_VERSION)] };
  const begun = readBatch(rehearsal.begun);
  if (!begun.ok) return { ok: false, problems: begun.problems.map((problem) => inside('begun', problem)) };
  const result = rehearsalSchema.safeParse({ ...rehearsal, begun: begun.value });
  return result.success ? { ok: true, value: result.data } : { ok: false, problems: problemsOf(result.error) };
}
