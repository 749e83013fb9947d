/** Lines for tests: weighed as they go in, into the raw mix unless said otherwise. */
import { type Line } from '@/core/batch/schema';

export { type Line } from '@/core/batch/schema';
export { STAGES } from '@/core/batch/vocabulary';

export const LINE = (
  ingredientId: string,
  amount: number,
  preparation = 'raw',
  stage: Line['stage'] = 'raw-mix',
  unit: Line['unit'] = 'g',
): Line => ({ id: ingredientId, ingredientId, amount, unit, preparation, weighed: 'ready', stage, note: '' });
