/** The thread that reads noted batches, fetched when the first fault is noted. */
import '../core/food/catalogue/more';
import { expose } from 'comlink';
import { notebookApi } from './notebook-api';

expose(notebookApi);
