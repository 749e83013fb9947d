/** How much is meant of what was added without an amount: a pinch of what seasons, one of what is counted, else 100 g. */
import { type Ingredient, isSpice } from '../food/ingredient';

/** In a cook's words: `a pinch`, `1`, `100 g`. */
export function usualAmount({ dose, counts }: Pick<Ingredient, 'dose' | 'counts'>): string {
  if (isSpice({ dose })) return 'a pinch';
  return counts.piece === undefined ? '100 g' : '1';
}
