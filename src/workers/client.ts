/** The worker, called like a function. Started at the first call; errors come back as errors. */
import { wrap, type Remote } from 'comlink';
import { type WorkerApi } from './api';
import { latestOnly } from './latest';

let remote: Remote<WorkerApi> | null = null;

function worker(): Remote<WorkerApi> {
  remote ??= wrap<WorkerApi>(new Worker(new URL('./entry', window.location.href)));
  return remote;
}

const newest = latestOnly(
  (...args: Parameters<WorkerApi['forecastHeat']>) => Promise.resolve(worker().forecastHeat(...args)),
  (batch, _kitchen, depth, _elapsed) => `${batch.id} ${depth ?? 'all'}`,
);

/** The heat forecasts of a batch; of each batch the latest request wins. `first` comes sooner and leaves the alternatives out. */
export const forecastHeat = (...args: Parameters<WorkerApi['forecastHeat']>) => newest(...args);

/** What the simulated thermometer of a batch shows at a minute. */
export const simulatedSignal = (...args: Parameters<WorkerApi['simulatedSignal']>) =>
  Promise.resolve(worker().simulatedSignal(...args));
