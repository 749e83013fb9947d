/** Under which keys documents lie, and what lies beside them. What one module alone keeps it names itself. */
import { isRehearsal } from '@/core/stored/rehearsal';

export const PREFIX = 'involucrum/';
/** Keys of one kind begin alike. What is rehearsed is kept apart: no list of real batches ever sees it. */
export const PREFIX_OF = {
  batch: `${PREFIX}batch/`,
  day: `${PREFIX}day/`,
  rehearsal: `${PREFIX}rehearsal/`,
  'rehearsed-batch': `${PREFIX}rehearsal-batch/`,
  'rehearsed-kitchen': `${PREFIX}rehearsal-kitchen/`,
  photograph: `${PREFIX}photograph/`,
  /** Which steps of a batch that is cooked now were begun and ended. */
  steps: `${PREFIX}steps/`,
  undo: `${PREFIX}undo/`,
  /** Edits on their way to a document. */
  pending: `${PREFIX}pending/`,
} as const;

export const KITCHEN_KEY = `${PREFIX}kitchen`;
/** Says that this browser has been opened before: without it the demo would come again. */
export const OPENED_KEY = `${PREFIX}opened`;

export const batchKey = (id: string): string => `${PREFIX_OF[isRehearsal(id) ? 'rehearsed-batch' : 'batch']}${id}`;
export const dayKey = (id: string): string => `${PREFIX_OF.day}${id}`;
export const rehearsalKey = (id: string): string => `${PREFIX_OF.rehearsal}${id}`;
/** Of the kitchen that a document is made in: of a rehearsal its own. */
export const kitchenKey = (of?: string): string =>
  of !== undefined && isRehearsal(of) ? `${PREFIX_OF['rehearsed-kitchen']}${of}` : KITCHEN_KEY;
/** One photograph a batch lies beside it. */
export const photographKey = (batchId: string): string => `${PREFIX_OF.photograph}${batchId}`;
export const stepsKey = (batchId: string): string => `${PREFIX_OF.steps}${batchId}`;
export const undoKey = (batchId: string): string => `${PREFIX_OF.undo}${batchId}`;

/** The id of the batch under a key; null where it is another record. */
export function idOfKey(key: string): string | null {
  const prefix = [PREFIX_OF.batch, PREFIX_OF['rehearsed-batch']].find((p) => key.startsWith(p));
  return prefix === undefined ? null : key.slice(prefix.length);
}
