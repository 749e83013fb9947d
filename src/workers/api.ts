/** What the worker can be asked: anything that takes more than about ten milliseconds. */
import { forecastHeat } from '../core/batch/heat';

export const api = { forecastHeat };
export type WorkerApi = typeof api;
