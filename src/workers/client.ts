/** The worker that computes, called like a function. Errors come back as errors. */
import { type WorkerApi } from './api';
import { latestOnly } from './latest';
import { lively } from './lively';

const ask = lively<WorkerApi>(() => new Worker(new URL('./entry', window.location.href)));
const newest = latestOnly();

/** The heat forecasts of a batch; of each batch the latest request wins. `first` comes sooner and leaves the alternatives out. */
export const forecastHeat = (...args: Parameters<WorkerApi['forecastHeat']>) => {
  const [, batch, , depth] = args;
  return newest(`${batch.id} ${depth}`, () => ask((remote) => remote.forecastHeat(...args)));
};

/** What could be done about a batch; of each batch the latest request wins. */
export const propose = (...args: Parameters<WorkerApi['propose']>) => {
  const [, batch] = args;
  return newest(`${batch.id} proposals`, () => ask((remote) => remote.propose(...args)));
};

/** What the board asks the solver about a batch; of each batch the latest request wins. */
export const forecastBoard = (...args: Parameters<WorkerApi['forecastBoard']>) => {
  const [batch] = args;
  return newest(`${batch.id} board`, () => ask((remote) => remote.forecastBoard(...args)));
};

/** What the simulated thermometer of a batch shows at a minute. */
export const simulatedSignal = (...args: Parameters<WorkerApi['simulatedSignal']>) =>
  ask((remote) => remote.simulatedSignal(...args));

/** What the core readings of a load say; of each batch the latest request wins. */
export const fitCook = (...args: Parameters<WorkerApi['fitCook']>) => {
  const [batch] = args;
  return newest(`${batch.id} cook fit`, () => ask((remote) => remote.fitCook(...args)));
};

/** What the middle of a parcel has that the simulated thermometer is stuck into. */
export const simulatedCore = (...args: Parameters<WorkerApi['simulatedCore']>) =>
  ask((remote) => remote.simulatedCore(...args));
