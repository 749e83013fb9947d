/** The worker that validates, called like a function. */
import { lively } from './lively';
import { type ValidatorApi } from './validator-api';

const ask = lively<ValidatorApi>(() => new Worker(new URL('./validator-entry', window.location.href)));

export const checkFields = (...args: Parameters<ValidatorApi['checkFields']>) =>
  ask((remote) => remote.checkFields(...args));
export const readBatch = (json: unknown) => ask(async (remote) => await remote.readBatch(json));
export const readDay = (json: unknown) => ask(async (remote) => await remote.readDay(json));
export const readRehearsal = (json: unknown) => ask(async (remote) => await remote.readRehearsal(json));
export const readKitchen = (json: unknown) => ask(async (remote) => await remote.readKitchen(json));
export const salvageKitchen = (json: unknown) => ask((remote) => remote.salvageKitchen(json));
