/** The worker that reads long texts, called like a function. It has the validator with it: it is started only when needed. */
import { lively } from './lively';
import { type ReaderApi } from './reader-api';

/** A large file takes its time on a phone, s. */
const PATIENCE_S = 60;

const ask = lively<ReaderApi>(() => new Worker(new URL('./reader-entry', window.location.href)), PATIENCE_S);

/** Reads a whole recipe as it was sent: a plan to be looked over. */
export const readPlan = (...args: Parameters<ReaderApi['readPlan']>) => ask((remote) => remote.readPlan(...args));

/** Reads lines of a recipe. */
export const readLines = (...args: Parameters<ReaderApi['readLines']>) => ask((remote) => remote.readLines(...args));

/** Reads what the steps of a recipe say of its lines. */
export const readMethod = (...args: Parameters<ReaderApi['readMethod']>) => ask((remote) => remote.readMethod(...args));

/** "Salt to taste", in grams, for lines as they will be. */
export const saltToTaste = (...args: Parameters<ReaderApi['saltToTaste']>) =>
  ask((remote) => remote.saltToTaste(...args));

/** Reads a file: a batch, or a recipe as a new batch. */
export const readFile = (...args: Parameters<ReaderApi['readFile']>) =>
  ask(async (remote) => await remote.readFile(...args));

/** Reads a table of lines that was saved here. */
export const readTable = (...args: Parameters<ReaderApi['readTable']>) =>
  ask(async (remote) => await remote.readTable(...args));
