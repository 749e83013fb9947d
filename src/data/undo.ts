/** Undo: the list of previous documents, in this tab. Edits of one field in quick succession are one step. */
import { type Batch } from '@/core/batch/schema';

interface Step {
  before: Batch;
  /** Revision the edit made; undoing is refused once another tab has gone beyond it. */
  made: number;
  /** What was edited, to join keystrokes: the same text within `JOIN_MS`. */
  what: string;
  at: number;
}

const JOIN_MS = 1500;
const MOST = 100;
const histories = new Map<string, Step[]>();

const historyOf = (id: string): Step[] => {
  const history = histories.get(id) ?? [];
  histories.set(id, history);
  return history;
};

/** Remembers the document as it was before an edit. @param at milliseconds */
export function remember(before: Batch, made: number, what: string, at: number): void {
  const history = historyOf(before.id);
  const last = history[history.length - 1];
  if (last && last.what === what && at - last.at < JOIN_MS && last.made === made - 1) {
    last.made = made;
    last.at = at;
    return;
  }
  history.push({ before, made, what, at });
  if (history.length > MOST) history.shift();
}

/** Takes the latest step off the list. */
export const takeBack = (id: string): Step | undefined => historyOf(id).pop();
/** Whether there is anything to undo. */
export const canUndo = (id: string): boolean => historyOf(id).length > 0;

/** After an undo the document has a new revision: the step before it may be undone from there. */
export function rebase(id: string, revision: number): void {
  const last = historyOf(id).at(-1);
  if (last) last.made = revision;
}
/** Nothing of a document can be undone any more. */
export const forget = (id: string): void => void histories.delete(id);
