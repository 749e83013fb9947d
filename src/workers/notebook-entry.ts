/** The thread that reads noted batches, fetched when the first fault is noted. */
import { expose } from 'comlink';
import { notebookApi } from './notebook-api';

expose(notebookApi);
