/** How much is meant of what was added without an amount: a pinch of what seasons, one of what is counted, else 100 g. */
import { type Ingredient } from '../food/ingredient';

/** What is used by so little is a spice, g in a kg of filling at most. House estimate. */
const SPICE_MOST = 12;

/** In a cook's words: `a pinch`, `1`, `100 g`. */
export function usualAmount({ dose, counts }: Pick<Ingredient, 'dose' | 'counts'>): string {
  if (dose !== null && dose[1] <= SPICE_MOST) return 'a pinch';
  return counts.piece === undefined ? '100 g' : '1';
}
