/** What the validating worker can be asked. The validator is large: no page has it. */
import { checkFields } from '../core/document/check-fields';
import { readDay } from '../core/document/read-day';
import { readRehearsal } from '../core/document/read-rehearsal';
import { readBatch, readKitchen, salvageKitchen } from '../core/document/read';

export const validatorApi = { checkFields, readBatch, readDay, readKitchen, readRehearsal, salvageKitchen };
export type ValidatorApi = typeof validatorApi;
