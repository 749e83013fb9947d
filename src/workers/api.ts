/** What the worker can be asked: anything that takes more than about ten milliseconds. */
import { forecastHeat } from '../core/batch/heat';
import { simulatedSignal } from '../core/batch/simulated';

export const api = { forecastHeat, simulatedSignal };
export type WorkerApi = typeof api;
