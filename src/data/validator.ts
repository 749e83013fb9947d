/**
 * All that needs the validator, which is large: it runs in a worker of its own, and is asked for only when a document is
 * read or changed. Where that worker cannot be had the validator is fetched into the page.
 */
import { type Changed, changingBatch, changingDay, changingKitchen } from '@/core/stored/changing';
import { type Day } from '@/core/stored/day-schema';
import { type DayOperation } from '@/core/stored/day-operations';
import { type Kitchen } from '@/core/stored/kitchen-schema';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { type Operation } from '@/core/stored/operations';
import { type ReadResult } from '@/core/stored/problem';
import { type Rehearsal } from '@/core/stored/rehearsal-schema';
import { type Batch } from '@/core/stored/schema';
import { ingredientById } from '@/core/food/catalogue';
import { WorkerDied } from '@/workers/lively';
import * as worker from '@/workers/validator';
import { type ValidatorApi } from '@/workers/validator-api';

const here = async (): Promise<ValidatorApi> => (await import('./validator-here')).validatorApi;

/** Asks the worker; where there is none, the page itself. */
async function asked<Result>(
  ask: (api: typeof worker) => Promise<Result>,
  askHere: (api: ValidatorApi) => Result,
): Promise<Result> {
  if (typeof Worker === 'undefined') return askHere(await here());
  try {
    return await ask(worker);
  } catch (error) {
    if (error instanceof WorkerDied) return askHere(await here());
    throw error;
  }
}

/** Reads a batch of any known version. */
export const readBatch = (json: unknown): Promise<ReadResult<Batch>> =>
  asked(
    (w) => w.readBatch(json),
    (api) => api.readBatch(json),
  );

/** Reads a day of any known version. */
export const readDay = (json: unknown): Promise<ReadResult<Day>> =>
  asked(
    (w) => w.readDay(json),
    (api) => api.readDay(json),
  );

/** Reads a rehearsal of any known version. */
export const readRehearsal = (json: unknown): Promise<ReadResult<Rehearsal>> =>
  asked(
    (w) => w.readRehearsal(json),
    (api) => api.readRehearsal(json),
  );

/** Reads a kitchen of any known version. */
export const readKitchen = (json: unknown): Promise<ReadResult<Kitchen>> =>
  asked(
    (w) => w.readKitchen(json),
    (api) => api.readKitchen(json),
  );

/** What can be saved of a kitchen that cannot be read as a whole. */
export const salvageKitchen = (json: unknown): Promise<Kitchen> =>
  asked(
    (w) => w.salvageKitchen(json),
    (api) => api.salvageKitchen(json),
  );

const nameOf = (ingredientId: string): string | undefined => ingredientById(ingredientId)?.name;

const checked = (format: string, fields: Parameters<ValidatorApi['checkFields']>[1]) =>
  asked(
    (w) => w.checkFields(format, fields),
    (api) => api.checkFields(format, fields),
  );

/** Changes a batch; refusals name ingredients as the larder does. */
export async function changeBatch(batch: Batch, operations: readonly Operation[]): Promise<Changed<Batch>> {
  const { format, fields, settle } = changingBatch(batch, operations, nameOf);
  return settle(await checked(format, fields));
}

/** Changes a day. */
export async function changeDay(day: Day, operations: readonly DayOperation[]): Promise<Changed<Day>> {
  const { format, fields, settle } = changingDay(day, operations);
  return settle(await checked(format, fields));
}

/** Changes a kitchen. */
export async function changeKitchen(
  kitchen: Kitchen,
  operations: readonly KitchenOperation[],
): Promise<Changed<Kitchen>> {
  const { format, fields, settle } = changingKitchen(kitchen, operations);
  return settle(await checked(format, fields));
}
