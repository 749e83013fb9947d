/**
 * Which edits a document holds already. Each page that edits counts its edits, and the document keeps of each page the last one:
 * an edit that was stored as its page died is known when the next page finds it, and is not done again.
 */
import { type Edits } from './edits-schema';
import { MOST } from '../vocabulary/limits';

/** One edit: the page that makes it, and its number there. */
export interface EditId {
  by: string;
  number: number;
}

/** Whether a document holds an edit already. A page's edits come in their order. */
export const holds = ({ edits }: { edits: Edits }, { by, number }: EditId): boolean =>
  edits.some((e) => e.by === by && e.last >= number);

/** What a document remembers after an edit: the page that was silent longest is let go. */
export const withEdit = (edits: Edits, { by, number }: EditId): Edits =>
  [...edits.filter((e) => e.by !== by), { by, last: number }].slice(-MOST.edits);
