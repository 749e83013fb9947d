/**
 * The vocabulary is kept as records: an id, and everything that depends on nothing but it. Schema, screens, words and
 * commands are made from the records, so that a thing is added in one place and the compiler names what is missing.
 */

/** Records of one kind, by id: `recordsOf<Kind>()({ id: …, id: … })`. */
export const recordsOf =
  <Kind>() =>
  <Id extends string>(records: Record<Id, Kind>): Readonly<Record<Id, Kind>> =>
    records;

/** The ids of a record, in its order. */
export const idsOf = <Id extends string>(record: Readonly<Record<Id, unknown>>): [Id, ...Id[]] =>
  Object.keys(record) as [Id, ...Id[]];

/** Whether a text is one of a record's ids. */
export const isIdOf = <Id extends string>(record: Readonly<Record<Id, unknown>>, text: string): text is Id =>
  Object.hasOwn(record, text);
