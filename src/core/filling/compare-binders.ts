/** Binders side by side for the free liquid there is: how much of each, how it goes in, what it needs and costs. */
import { type Allergen } from '../vocabulary/foods';
import { ingredientById } from '../food/catalogue';
import { inSpoons } from '../units/spoons';
import { type BinderPart, BINDERS, type MadeBinder } from './binders';
import { type Ledger } from './ledger';
import { toBind } from './stop-weight';
import { WHITE_SAUCE, whiteSauceParts } from './white-sauce';

export interface BinderOption extends MadeBinder {
  /** What it is made of: most binders of themselves, a white sauce of flour, butter and milk. */
  parts: readonly BinderPart[];
  /** g of all parts that bring the free liquid to the aim, to half a gram. */
  grams: number;
  spoons: string;
  /** g in 100 g of the filling as it would be: beyond a few it is tasted. */
  per100: number;
  allergens: readonly Allergen[];
}

/** More than this share of the filling would make another dish of it; of a sauce, more than the second. House estimates. */
const MOST_SHARE = 0.15;
const MOST_SAUCE_SHARE = 0.6;

/**
 * The binders that work hot, each with its dose for this filling, the smallest dose first.
 * @param aim g of free liquid in 100 g that is wanted
 * @param strength what starch is worth here
 * @returns none where there is nothing to bind
 */
export function compareBinders(ledger: Pick<Ledger, 'free' | 'finishedG'>, aim: number, strength = 1): BinderOption[] {
  const single = BINDERS.flatMap((binder) => {
    const exact = toBind(ledger.free, ledger.finishedG, aim, binder.capacity * (binder.isThickener ? strength : 1));
    if (binder.coldOnly || binder.isFood || exact <= 0) return [];
    return option(binder, [{ ingredientId: binder.ingredientId, grams: toHalf(exact) }], ledger, MOST_SHARE);
  });
  const flour = strength < 1 ? 0 : toBind(ledger.free, ledger.finishedG, aim, WHITE_SAUCE.net, WHITE_SAUCE.mass);
  const sauce = flour > 0 ? option(WHITE_SAUCE.binder, whiteSauceParts(flour), ledger, MOST_SAUCE_SHARE) : [];
  return [...single, ...sauce].sort((a, b) => a.grams - b.grams);
}

const toHalf = (grams: number): number => Math.max(0.5, Math.round(2 * grams) / 2);

/** One option, or none where it would be more of the filling than it may be. */
function option(
  { id, label, needsC, how, weepsAfterFreezing, taste, isStarch, isEgg, isAtHand }: MadeBinder,
  parts: readonly BinderPart[],
  ledger: Pick<Ledger, 'finishedG'>,
  most: number,
): BinderOption[] {
  const made = parts.map((part) => ({ ...part, ingredient: ingredientById(part.ingredientId) }));
  const grams = parts.reduce((sum, part) => sum + part.grams, 0);
  const share = grams / (ledger.finishedG + grams);
  if (share > most) return [];
  const ml = made.reduce((sum, part) => sum + part.grams / (part.ingredient?.gPerMl ?? 1), 0);
  return [
    {
      id,
      label,
      needsC,
      how,
      weepsAfterFreezing,
      taste,
      isStarch,
      isEgg,
      isAtHand,
      parts,
      grams,
      spoons: parts.length === 1 ? inSpoons(ml) : `${Math.round(ml / 5) * 5} ml in all`,
      per100: 100 * share,
      allergens: [...new Set(made.flatMap((part) => part.ingredient?.allergens ?? []))],
    },
  ];
}
