/** What the worker can be asked: anything that takes more than about ten milliseconds. */
import { simulatedSignal } from '../core/cooling/simulated';
import { forecastBoard } from '../core/checks/board';
import { forecastHeat, propose } from './forecasts';

export const api = { forecastBoard, forecastHeat, propose, simulatedSignal };
export type WorkerApi = typeof api;
