/** What the validating worker can be asked. The validator is large: no page has it. */
import { checkFields } from '../core/stored/check-fields';
import { readDay } from '../core/stored/read-day';
import { readRehearsal } from '../core/stored/read-rehearsal';
import { readBatch, readKitchen, salvageKitchen } from '../core/stored/read';

export const validatorApi = { checkFields, readBatch, readDay, readKitchen, readRehearsal, salvageKitchen };
export type ValidatorApi = typeof validatorApi;
