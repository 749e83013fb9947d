/** Reading a document from outside: migrate to the current version, then validate. */
import { z } from '../zod';
import { type Kitchen, kitchenSchema } from './kitchen-schema';
import { type Batch, batchSchema } from './schema';
import { kitchenToCurrent, toVersion2, toVersion3 } from './migrations';
import { BATCH_FORMAT, BATCH_VERSION } from './vocabulary';

export type ReadResult<T> = { ok: true; value: T } | { ok: false; problems: string[] };

type Json = Record<string, unknown>;

/** Steps from one version to the next: `MIGRATIONS[n]` takes a document of version n to n + 1. */
export const MIGRATIONS: Record<number, (document: Json) => Json> = { 1: toVersion2, 2: toVersion3 };

/**
 * Reads a batch document of any known version.
 * @param json anything, as parsed from JSON
 * @param migrations for tests of the chain; the shipped ones otherwise
 * @returns the batch, or one line per problem: `path: what is wrong, and what would be right`
 */
export function readBatch(json: unknown, migrations = MIGRATIONS, current: number = BATCH_VERSION): ReadResult<Batch> {
  if (typeof json !== 'object' || json === null || Array.isArray(json)) {
    return { ok: false, problems: ['(document): is not a batch, which would be a JSON object'] };
  }
  let document = json as Json;
  if (document.format !== BATCH_FORMAT) {
    return { ok: false, problems: [`format: is not a batch file; would be "${BATCH_FORMAT}"`] };
  }
  if (typeof document.version === 'number' && document.version > current) {
    return {
      ok: false,
      problems: [`version: was made by a newer Involucrum (${document.version}); this one reads up to ${current}`],
    };
  }
  while (typeof document.version === 'number' && document.version < current) {
    const migrate = migrations[document.version];
    if (!migrate) break;
    document = migrate(document);
  }
  const result = batchSchema.safeParse(document);
  return result.success ? { ok: true, value: result.data } : { ok: false, problems: problemsOf(result.error) };
}

/** Reads the kitchen, of any known version. */
export function readKitchen(json: unknown): ReadResult<Kitchen> {
  const result = kitchenSchema.safeParse(kitchenToCurrent(json));
  return result.success ? { ok: true, value: result.data } : { ok: false, problems: problemsOf(result.error) };
}

/** A Zod error as one line per problem, unknown keys named one by one. */
export function problemsOf(error: z.ZodError): string[] {
  return error.issues.flatMap((issue) => {
    const path = issue.path.map(String).join('.');
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => `${path === '' ? key : `${path}.${key}`}: is not a known field; remove it`);
    }
    return [`${path === '' ? '(document)' : path}: ${issue.message}`];
  });
}
