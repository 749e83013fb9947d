/** What the Notebook's worker can be asked: why a batch came out as it did. */
import { explainBatch } from './notebook';

export const notebookApi = { explainBatch };
export type NotebookApi = typeof notebookApi;
