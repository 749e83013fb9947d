/** What the Notebook's worker can be asked: why a batch came out as it did; and all that happens in a rehearsal. */
import { comeAt, debrief, heardAt } from '../core/rehearsal/debrief';
import { look } from '../core/rehearsal/look';
import { batchIn } from '../core/rehearsal/own-batches';
import { tryChange } from '../core/notebook/next-version';
import { rehearsedCore, rehearsedSignal } from '../core/rehearsal/thermometers';
import { explainBatch, readTrends } from './notebook';

export const notebookApi = {
  comeAt,
  debrief,
  explainBatch,
  heardAt,
  look,
  batchIn,
  readTrends,
  rehearsedCore,
  rehearsedSignal,
  tryChange,
};
export type NotebookApi = typeof notebookApi;
