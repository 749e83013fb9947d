/** The worker, called like a function. Started at the first call; errors come back as errors. */
import { wrap, type Remote } from 'comlink';
import { type WorkerApi } from './api';
import { latestOnly } from './latest';

let remote: Remote<WorkerApi> | null = null;

function worker(): Remote<WorkerApi> {
  remote ??= wrap<WorkerApi>(new Worker(new URL('./entry', window.location.href)));
  return remote;
}

/** The heat forecasts of a batch; of each batch the latest request wins. */
export const forecastHeat = latestOnly(
  (...args: Parameters<WorkerApi['forecastHeat']>) => Promise.resolve(worker().forecastHeat(...args)),
  (batch) => batch.id,
);
