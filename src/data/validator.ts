/**
 * All that needs the validator, which is large: one part of the program, fetched beside the first screen, never before it.
 * Whoever needs it asks `validator`; asked for from two places, it would be bound into what is loaded first.
 */
import { change } from '@/core/batch/change';
import { readBatch, readKitchen, readLine, salvageKitchen } from '@/core/batch/read';

export { change, readBatch, readKitchen, readLine, salvageKitchen };
