/** Binders side by side for the free liquid there is: how much of each, how it goes in, what it needs and costs. */
import { type Allergen } from '../food/ingredient';
import { ingredientById } from '../food/catalogue';
import { inSpoons } from '../units/spoons';
import { type Binder, BINDERS } from './binders';
import { type Ledger } from './ledger';
import { toBind } from './stop-weight';

export interface BinderOption {
  binder: Binder;
  /** g that bring the free liquid to the aim, to half a gram. */
  grams: number;
  spoons: string;
  /** g in 100 g of the filling as it would be: beyond a few it is tasted. */
  per100: number;
  allergens: readonly Allergen[];
}

/** More than this share of the filling would make another dish of it. House estimate. */
const MOST_SHARE = 0.15;

/**
 * The binders that work hot, each with its dose for this filling, the smallest dose first.
 * @param aim g of free liquid in 100 g that is wanted
 * @returns none where there is nothing to bind
 */
export function compareBinders(ledger: Pick<Ledger, 'free' | 'finishedG'>, aim: number): BinderOption[] {
  return BINDERS.flatMap((binder) => {
    const ingredient = ingredientById(binder.ingredientId);
    const exact = toBind(ledger.free, ledger.finishedG, aim, binder.capacity);
    if (!ingredient || binder.coldOnly || exact <= 0) return [];
    const grams = Math.max(0.5, Math.round(2 * exact) / 2);
    const share = grams / (ledger.finishedG + grams);
    if (share > MOST_SHARE) return [];
    return [
      {
        binder,
        grams,
        spoons: inSpoons(grams / ingredient.gPerMl),
        per100: 100 * share,
        allergens: ingredient.allergens,
      },
    ];
  }).sort((a, b) => a.grams - b.grams);
}
