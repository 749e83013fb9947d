/**
 * White sauce as a made binder: flour cooked in its own weight of butter, milk by the binding end of the white-sauce scale
 * (32 g flour to 240 ml). It brings water of its own, and what its flour holds beyond that is what it binds.
 */
import { ingredientById } from '../food/catalogue';
import { binderById, type BinderPart, type MadeBinder } from './binders';

/** g of milk to a g of flour: 240 ml of 1.03 g/ml to 32 g. */
const MILK = (240 * 1.03) / 32;
/** g of butter to a g of flour. */
const BUTTER = 1;

const milkWater = MILK * (ingredientById('milk')?.composition.water ?? 0.88);

export const WHITE_SAUCE: {
  /** g of the filling's liquid that a sauce of 1 g flour holds. */
  net: number;
  /** g of sauce made with 1 g flour. */
  mass: number;
  binder: MadeBinder;
} = {
  net: (binderById('flour')?.capacity ?? 10) - milkWater,
  mass: 1 + BUTTER + MILK,
  binder: {
    id: 'white-sauce',
    label: 'white sauce, binding',
    needsC: 90,
    how: 'melt the butter, cook the flour in it 2 minutes, add the milk bit by bit, boil 3 minutes stirring; cover it to cool',
    weepsAfterFreezing: true,
    isStarch: false,
    isEgg: false,
    isAtHand: false,
    taste: 'creamy and mild: add more salt and nutmeg',
  },
};

/** Flour, butter and milk for a sauce of so much flour. */
export function whiteSauceParts(flourG: number): BinderPart[] {
  const flour = Math.max(1, Math.round(flourG));
  return [
    { ingredientId: 'wheat-flour', grams: flour },
    { ingredientId: 'butter', grams: Math.round(BUTTER * flour) },
    { ingredientId: 'milk', grams: Math.round(MILK * flour) },
  ];
}
