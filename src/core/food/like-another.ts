/** Something that the larder has not, taken as what it is most like. */
import type { OwnIngredient } from '../stored/own-ingredient-schema';
import { type Ingredient } from './ingredient';

/** So many letters a name of one's own has at most. */
const MOST_NAME = 80;

/**
 * Under its own name, with the other's figures, until its packet says better.
 * @param id begins with `own-`
 */
export function likeAnother(name: string, like: Ingredient, id: string): OwnIngredient {
  const grams = (share: number): number => Math.round(share * 1e4) / 100;
  const { water, protein, fat, carbohydrate, fibre, ash } = like.composition;
  return {
    id,
    name: `${name[0].toUpperCase()}${name.slice(1)}`.slice(0, MOST_NAME),
    family: like.family,
    per100g: {
      water: grams(water),
      protein: grams(protein),
      fat: grams(fat),
      carbohydrate: grams(carbohydrate),
      fibre: grams(fibre),
      ash: grams(ash),
    },
    salt: like.salt,
    gPerMl: like.gPerMl,
    pieceG: like.counts.piece ?? null,
    hazard: like.hazard,
    allergens: [...like.allergens],
    release: like.release,
    liquid: like.liquid,
    isTender: like.isTender,
    isStrong: like.isStrong,
    isLeavener: like.isLeavener,
    dose: like.dose === null ? null : [...like.dose],
  };
}
