/** The worker's own thread. */
import '../core/food/catalogue/more';
import { expose } from 'comlink';
import { api } from './api';

expose(api);
