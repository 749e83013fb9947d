/** Reading a rehearsal from outside: its batch is brought to the current version, then all of it is validated. */
import { problemsOf, readBatch, type ReadResult } from './read';
import { type Rehearsal, rehearsalSchema } from './rehearsal-schema';
import { REHEARSAL_FORMAT, REHEARSAL_VERSION } from '../vocabulary/formats';

/** Reads a rehearsal. @returns it, or one line per problem */
export function readRehearsal(json: unknown): ReadResult<Rehearsal> {
  if (typeof json !== 'object' || json === null || Array.isArray(json))
    return { ok: false, problems: ['(document): is not a rehearsal, which would be a JSON object'] };
  const rehearsal = json as Record<string, unknown>;
  if (rehearsal.format !== REHEARSAL_FORMAT)
    return { ok: false, problems: [`format: is not a rehearsal’s file; would be "${REHEARSAL_FORMAT}"`] };
  if (typeof rehearsal.version === 'number' && rehearsal.version > REHEARSAL_VERSION)
    return {
      ok: false,
      problems: [
        `version: was made by a newer Involucrum (${rehearsal.version}); this one reads up to ${REHEARSAL_VERSION}`,
      ],
    };
  const begun = readBatch(rehearsal.begun);
  if (!begun.ok) return { ok: false, problems: begun.problems.map((p) => `begun.${p}`) };
  const result = rehearsalSchema.safeParse({ ...rehearsal, begun: begun.value });
  return result.success ? { ok: true, value: result.data } : { ok: false, problems: problemsOf(result.error) };
}
