/** What the worker can be asked: anything that takes more than about ten milliseconds. */
import { simulatedSignal } from '../core/probes/simulated';
import { fitCook } from '../core/forecast/cook-fit';
import { simulatedCore } from '../core/probes/simulated-core';
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
