/** What the worker can be asked: anything that takes more than about ten milliseconds. */
import { simulatedSignal } from '../core/cooling/simulated';
import { fitCook } from '../core/checks/cook-fit';
import { simulatedCore } from '../core/checks/simulated-core';
import { forecastBoard } from '../core/checks/board';
import { forecastHeat, propose } from './forecasts';

export const api = {
  fitCook,
  forecastBoard,
  forecastHeat,
  propose,
  simulatedCore,
  simulatedSignal,
};
export type WorkerApi = typeof api;
