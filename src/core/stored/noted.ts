/** A note with nothing in it, changes to one, and where a batch stands that is the first of its kind. */
import { type Lineage, type Note, type Outcome } from './note-schema';

export const NOTHING_NOTED: Note = {
  at: null,
  outcomes: [],
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
  words: '',
};

/** The line of something that begins with a batch. */
export const firstOf = (batchId: string): Lineage => ({ thing: batchId, number: 1, parentId: null, changed: [] });

/** With something that was found; the same thing at the same place is there once, the last said counts. */
export const withOutcome = (note: Note, outcome: Outcome, at: string): Note => ({
  ...note,
  at: note.at ?? at,
  outcomes: [...note.outcomes.filter((o) => !isSame(o, outcome)), outcome],
});

export const withoutOutcome = (note: Note, which: Pick<Outcome, 'what' | 'where'>): Note => ({
  ...note,
  outcomes: note.outcomes.filter((o) => !isSame(o, which)),
});

const isSame = (a: Pick<Outcome, 'what' | 'where'>, b: Pick<Outcome, 'what' | 'where'>): boolean =>
  a.what === b.what && a.where === b.where;
