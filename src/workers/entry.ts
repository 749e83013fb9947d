/** The worker's own thread. */
import { expose } from 'comlink';
import { api } from './api';

expose(api);
