/**
 * The parts of a change that need no validator: what an edit alters, and what comes of the check. The check itself is
 * `checkFields`; it is large, and may run elsewhere.
 */
import { type Day } from './day-schema';
import { applyToDay, type DayOperation } from './day-operations';
import { nameInBatch, nameInDay, nameInKitchen } from './field-names';
import { type Kitchen } from './kitchen-schema';
import { applyToKitchen, type KitchenOperation } from './kitchen-operations';
import { apply, type Operation } from './operations';
import { type Problem } from './problem';
import { type Batch } from './schema';
import { KITCHEN_FORMAT } from '../vocabulary/formats';

export type Changed<Document> = { ok: true; document: Document } | { ok: false; problems: string[] };

/** Top-level fields of a document, by name. */
export type Fields = Readonly<Record<string, unknown>>;

/** What a check found: problems by their path, and texts that it took the blanks off. */
export interface CheckedFields {
  problems: readonly Problem[];
  texts: Readonly<Record<string, string>>;
}

/** How an ingredient is called; undefined where nobody knows. */
export type NameOf = (ingredientId: string) => string | undefined;

interface Changing<Document> {
  format: string;
  /** What is different, and must be checked. */
  fields: Fields;
  /** The document, or what stands against it in the cook's words. */
  settle(checked: CheckedFields): Changed<Document>;
}

/** A batch with operations applied, to be checked. */
export function changingBatch(before: Batch, operations: readonly Operation[], nameOf: NameOf): Changing<Batch> {
  const after = operations.reduce(apply, before);
  return changing(before, after, (path) => nameInBatch(after, path, nameOf));
}

/** A kitchen with operations applied, to be checked. */
export function changingKitchen(before: Kitchen, operations: readonly KitchenOperation[]): Changing<Kitchen> {
  const after = operations.reduce(applyToKitchen, before);
  return changing(before, after, (path) => nameInKitchen(after, path));
}

/** A day with operations applied, to be checked. */
export function changingDay(before: Day, operations: readonly DayOperation[]): Changing<Day> {
  const after = operations.reduce(applyToDay, before);
  return changing(before, after, nameInDay);
}

export const isKitchen = (document: Batch | Kitchen): document is Kitchen => document.format === KITCHEN_FORMAT;

/**
 * What has changed: the document was valid, and its parts are never altered in place, so a part that is the same object is
 * still valid. That keeps an edit of a large batch as light as one of a small one.
 */
function changing<Document extends { format: string }>(
  before: Document,
  after: Document,
  nameOfPath: (path: string) => string,
): Changing<Document> {
  const was = before as unknown as Fields;
  return {
    format: before.format,
    fields: Object.fromEntries(Object.entries(after).filter(([field, value]) => value !== was[field])),
    // Of the checked copy only the texts are needed: what did not change stays the same object.
    settle: ({ problems, texts }) =>
      problems.length === 0
        ? { ok: true, document: { ...after, ...texts } }
        : { ok: false, problems: problems.map(({ path, text }) => `${nameOfPath(path)}: ${text}`) },
  };
}
