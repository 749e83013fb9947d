/** The worker that computes, called like a function. Errors come back as errors. */
import { type WorkerApi } from './api';
import { latestOnly } from './latest';
import { lively } from './lively';

const ask = lively<WorkerApi>(() => new Worker(new URL('./entry', window.location.href)));

const newest = latestOnly(
  (...args: Parameters<WorkerApi['forecastHeat']>) => ask((remote) => remote.forecastHeat(...args)),
  (batch, _kitchen, depth, _elapsed) => `${batch.id} ${depth ?? 'all'}`,
);

/** The heat forecasts of a batch; of each batch the latest request wins. `first` comes sooner and leaves the alternatives out. */
export const forecastHeat = (...args: Parameters<WorkerApi['forecastHeat']>) => newest(...args);

/** What the simulated thermometer of a batch shows at a minute. */
export const simulatedSignal = (...args: Parameters<WorkerApi['simulatedSignal']>) =>
  ask((remote) => remote.simulatedSignal(...args));
