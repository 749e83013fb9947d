/** The validating worker's own thread. */
import { expose } from 'comlink';
import { validatorApi } from './validator-api';

expose(validatorApi);
