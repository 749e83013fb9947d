/** The reading worker's own thread. */
import { expose } from 'comlink';
import { readerApi } from './reader-api';

expose(readerApi);
