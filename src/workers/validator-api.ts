/** What the validating worker can be asked. The validator is large: no page has it. */
import { checkFields } from '../core/document/check-fields';
import { readBatch, readKitchen, salvageKitchen } from '../core/document/read';

export const validatorApi = { checkFields, readBatch, readKitchen, salvageKitchen };
export type ValidatorApi = typeof validatorApi;
