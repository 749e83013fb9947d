/** The worker that reads noted batches and plays rehearsals, called like a function. */
import { lively } from './lively';
import { type NotebookApi } from './notebook-api';

export const askNotebook = lively<NotebookApi>(() => new Worker(new URL('./notebook-entry', window.location.href)));
