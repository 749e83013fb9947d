/** The validator on the page itself: where there are no workers, or where the validating one cannot be started. */
export { validatorApi } from '@/workers/validator-api';
