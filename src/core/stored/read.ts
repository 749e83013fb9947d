/** Reading a document from outside: migrate to the current version, then validate. */
import { DEFAULT_KITCHEN } from './kitchen';
import { BATCH_FORMAT, BATCH_VERSION, KITCHEN_VERSION } from '../vocabulary/formats';
import { type Kitchen, kitchenSchema } from './kitchen-schema';
import { type Problem, problemsOf, type ReadResult, tooNew, wrongFormat, wrongShape } from './problem';
import { type Batch, batchSchema, type Line, lineSchema } from './schema';
import { toVersion6 } from './to-version-6';
import { toVersion7 } from './to-version-7';
import { toVersion8 } from './to-version-8';
import { toVersion9 } from './to-version-9';
import { toVersion10 } from './to-version-10';
import { toVersion11 } from './to-version-11';
import { toVersion12 } from './to-version-12';
import { toVersion13 } from './to-version-13';
import { kitchenToCurrent, toVersion2, toVersion3, toVersion4, toVersion5 } from './migrations';

type Json = Record<string, unknown>;

/** Steps from one version to the next: `MIGRATIONS[n]` takes a document of version n to n + 1. */
const MIGRATIONS: Record<number, (document: Json) => Json> = {
  1: toVersion2,
  2: toVersion3,
  3: toVersion4,
  4: toVersion5,
  5: toVersion6,
  6: toVersion7,
  7: toVersion8,
  8: toVersion9,
  9: toVersion10,
  10: toVersion11,
  11: toVersion12,
  12: toVersion13,
};

/**
 * Reads a batch document of any known version.
 * @param json anything, as parsed from JSON
 * @param migrations for tests of the chain; the shipped ones otherwise
 * @returns the batch, or its problems
 */
export function readBatch(json: unknown, migrations = MIGRATIONS, current: number = BATCH_VERSION): ReadResult<Batch> {
  if (typeof json !== 'object' || json === null || Array.isArray(json)) {
    return { ok: false, problems: [wrongShape('batch')] };
  }
  let document = json as Json;
  if (document.format !== BATCH_FORMAT) {
    return { ok: false, problems: [wrongFormat('batch file', BATCH_FORMAT)] };
  }
  if (typeof document.version === 'number' && document.version > current) {
    return { ok: false, problems: [tooNew(document.version, current)] };
  }
  while (typeof document.version === 'number' && document.version < current) {
    const migrate = migrations[document.version];
    if (!migrate) break;
    document = migrate(document);
  }
  const result = batchSchema.safeParse(document);
  return result.success ? { ok: true, value: result.data } : { ok: false, problems: problemsOf(result.error) };
}

/** Reads one line, as it is in a batch. */
export function readLine(json: unknown): ReadResult<Line> {
  const result = lineSchema.safeParse(json);
  return result.success ? { ok: true, value: result.data } : { ok: false, problems: problemsOf(result.error) };
}

/** Reads the kitchen, of any known version. */
export function readKitchen(json: unknown): ReadResult<Kitchen> {
  if (isNewer(json)) {
    const { version } = json;
    return { ok: false, problems: [tooNew(version, KITCHEN_VERSION), ...problemsOfSettings(json)] };
  }
  const result = kitchenSchema.safeParse(kitchenToCurrent(json));
  return result.success ? { ok: true, value: result.data } : { ok: false, problems: problemsOf(result.error) };
}

const isNewer = (json: unknown): json is { version: number } =>
  typeof json === 'object' &&
  json !== null &&
  'version' in json &&
  typeof json.version === 'number' &&
  json.version > KITCHEN_VERSION;

/** What a kitchen document holds beside its settings. */
const BOOKKEEPING: readonly string[] = ['format', 'version', 'revision', 'writer', 'edits'];

/**
 * What can be saved of a kitchen that cannot be read as a whole: every setting that is valid on its own, the usual ones
 * for the rest.
 */
export function salvageKitchen(json: unknown): Kitchen {
  const current = kitchenToCurrent(json);
  if (typeof current !== 'object' || current === null) return DEFAULT_KITCHEN;
  const kept = Object.entries(kitchenSchema.shape).flatMap(([name, field]) => {
    const read = field.safeParse((current as Json)[name]);
    return read.success && !BOOKKEEPING.includes(name) ? [[name, read.data]] : [];
  });
  return { ...DEFAULT_KITCHEN, ...(Object.fromEntries(kept) as Partial<Kitchen>) };
}

/** Of a newer kitchen: the settings that this version does not understand. */
const problemsOfSettings = (json: object): Problem[] =>
  Object.entries(kitchenSchema.shape).flatMap(([name, field]) => {
    const read = field.safeParse((json as Json)[name]);
    if (read.success || BOOKKEEPING.includes(name)) return [];
    const [first] = read.error.issues;
    return [{ code: 'value' as const, path: name, text: first?.message ?? 'is not understood' }];
  });
