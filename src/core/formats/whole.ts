/**
 * A whole kitchen in one file: every document as it is stored, with photographs. What is restored from it is what was there,
 * letter by letter.
 */

import { type Problem, type ReadResult, tooNew, wrongFormat } from '../stored/problem';
import { KITCHEN_FORMAT, WHOLE_FORMAT, WHOLE_VERSION } from '../vocabulary/formats';

/** What a record is. Of a rehearsal its batch and its kitchen are records of their own. */
export const RECORD_KINDS = [
  'batch',
  'day',
  'kitchen',
  'rehearsal',
  'rehearsed-batch',
  'rehearsed-kitchen',
  'photograph',
  'unreadable',
] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

export interface WholeRecord {
  kind: RecordKind;
  /** Of a batch or a day its own; of what belongs to a batch, the batch’s; of what cannot be read, the key it lies under. */
  id: string;
  /** As JSON; of what cannot be read, the text itself. */
  document: unknown;
}

export interface Whole {
  format: typeof WHOLE_FORMAT;
  version: typeof WHOLE_VERSION;
  madeAt: string;
  records: WholeRecord[];
}

/** The text that a record is stored as. */
export const textOf = ({ kind, document }: WholeRecord): string =>
  kind === 'unreadable' && typeof document === 'string' ? document : JSON.stringify(document);

/** A record from what is stored; a text that is no JSON goes along as it is. */
export function recordOf(kind: RecordKind, id: string, key: string, text: string): WholeRecord {
  try {
    return { kind, id, document: JSON.parse(text) as unknown };
  } catch {
    return { kind: 'unreadable', id: key, document: text };
  }
}

/** The file. @param madeAt ISO 8601 */
export const wholeOf = (records: readonly WholeRecord[], madeAt: string): Whole => ({
  format: WHOLE_FORMAT,
  version: WHOLE_VERSION,
  madeAt,
  records: [...records],
});

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isKind = (value: unknown): value is RecordKind => (RECORD_KINDS as readonly unknown[]).includes(value);

/** Reads the cover of such a file; its documents are read one by one by who restores them. @returns it, or what is wrong with it */
export function readWhole(json: unknown): ReadResult<Whole> {
  if (!isObject(json) || json.format !== WHOLE_FORMAT)
    return { ok: false, problems: [wrongFormat('whole kitchen’s file', WHOLE_FORMAT)] };
  const { version, madeAt, records } = json;
  if (typeof version === 'number' && version > WHOLE_VERSION)
    return { ok: false, problems: [tooNew(version, WHOLE_VERSION)] };
  const mustBe = (path: string, text: string): Problem => ({ code: 'value', path, text: `must ${text}` });
  if (version !== WHOLE_VERSION) return { ok: false, problems: [mustBe('version', `be ${WHOLE_VERSION}`)] };
  if (!Array.isArray(records)) return { ok: false, problems: [mustBe('records', 'be a list')] };
  const problems = (records as unknown[]).flatMap((record, i) =>
    isObject(record) && isKind(record.kind) && typeof record.id === 'string' && 'document' in record
      ? []
      : [mustBe(`records.${i}`, 'have a kind, an id and a document')],
  );
  if (problems.length > 0) return { ok: false, problems };
  return {
    ok: true,
    value: {
      format: WHOLE_FORMAT,
      version: WHOLE_VERSION,
      madeAt: typeof madeAt === 'string' ? madeAt : '',
      records: records as WholeRecord[],
    },
  };
}

/** How a record of a file stands to what is here. */
export type Standing = 'new' | 'changed' | 'same';

export interface Compared {
  record: WholeRecord;
  name: string;
  standing: Standing;
}

/** @param here the text that is here; null where there is none */
export const standingOf = (record: WholeRecord, here: string | null): Standing =>
  here === null ? 'new' : here === textOf(record) ? 'same' : 'changed';

/** What a record is called, for a preview. */
export function nameOf({ kind, id, document }: WholeRecord): string {
  const title = isObject(document) && typeof document.title === 'string' ? document.title : null;
  switch (kind) {
    case 'kitchen':
      return 'The kitchen, with what it has learned';
    case 'photograph':
      return `Photograph of ${id}`;
    case 'rehearsal':
      return `Rehearsal${isObject(document) && isObject(document.begun) && typeof document.begun.title === 'string' ? ` of ${document.begun.title}` : ''}`;
    case 'rehearsed-batch':
    case 'rehearsed-kitchen':
      return 'What belongs to a rehearsal';
    case 'unreadable':
      return `A text that can’t be read (${id})`;
    case 'batch':
    case 'day':
      return title ?? id;
  }
}

/** Nothing was set or learned since it was put in; a version before put in what the demo had taught it, too. */
const isFreshKitchen = ({ revision, learned }: Record<string, unknown>): boolean =>
  revision === 0 ||
  (revision === 1 &&
    Array.isArray(learned) &&
    learned.length > 0 &&
    (learned as { evidence?: { batchId?: string }[] }[]).every(({ evidence }) =>
      (evidence ?? []).every(({ batchId }) => batchId?.startsWith('demo-') === true),
    ));

/** Nobody has changed it since it came with the program: it can be had again at any time. */
export function isFreshDemo(text: string): boolean {
  try {
    const json: unknown = JSON.parse(text);
    if (!isObject(json)) return false;
    if (json.format === KITCHEN_FORMAT) return isFreshKitchen(json);
    return typeof json.id === 'string' && json.id.startsWith('demo-') && json.revision === 0;
  } catch {
    return false;
  }
}
