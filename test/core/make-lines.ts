/** Lines for tests: weighed as they go in, into the raw mix unless said otherwise. */
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type Batch, type Line } from '@/core/stored/schema';
import { type ResolvedLine, resolveLines } from '@/core/filling/lines';

export { type Line } from '@/core/stored/schema';
export { STAGE_IDS } from '@/core/vocabulary/stages';

export const LINE = (
  ingredientId: string,
  amount: number,
  preparation = 'raw',
  stage: Line['stage'] = 'raw-mix',
  unit: Line['unit'] = 'g',
): Line => ({
  id: ingredientId,
  ingredientId,
  amount,
  unit,
  preparation,
  weighed: 'ready',
  stage,
  cut: null,
  ticked: false,
  note: '',
});

/** Lines as the kitchen sees them. */
export const resolved = (lines: readonly Line[], kitchen = DEFAULT_KITCHEN): ResolvedLine[] =>
  resolveLines({ lines: [...lines], ingredients: [] }, kitchen);

/** Water of a batch of which nothing is known. */
export const DRY: Batch['water'] = {
  panG: null,
  estimate: { by: 'grams', grams: 0 },
  weighIns: [],
  plannedG: 0,
  drainedG: 0,
};

/** A pan of so many grams, weighed with its filling. */
export const weighed = (panG: number, grams: number): Batch['water'] => ({
  ...DRY,
  panG,
  weighIns: [{ at: '2026-12-05T15:00:00Z', grams }],
});
