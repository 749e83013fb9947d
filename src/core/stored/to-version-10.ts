/**
 * Version 10: an outcome has how much and where; what was measured at the end, who liked it; a batch knows the version that it
 * was made from, and when it was done.
 */
type Json = Record<string, unknown>;

/** Outcomes were only named: as one says a thing that is worth saying. */
const outcomeOf = (what: unknown): unknown =>
  typeof what === 'string' ? { what, much: 'clearly', where: what === 'soggy' ? 'bottom' : null } : what;

export function toVersion10(document: Json): Json {
  const { note, id, updatedAt } = document;
  const noted = typeof note === 'object' && note !== null ? (note as Json) : {};
  const outcomes = Array.isArray(noted.outcomes) ? (noted.outcomes as unknown[]).map(outcomeOf) : noted.outcomes;
  const isNoted = Array.isArray(outcomes) && outcomes.length > 0;
  return {
    ...document,
    version: 10,
    note: {
      ...noted,
      at: isNoted ? updatedAt : null,
      outcomes,
      measured: {
        parcelBeforeG: null,
        parcelAfterG: null,
        fillingLeftG: null,
        doughLeftG: null,
        wastedG: null,
        cutAfterMinutes: null,
      },
      forWhom: '',
      tasters: [],
    },
    lineage: { thing: id, number: 1, parentId: null, changed: [] },
    doneAt: null,
  };
}
