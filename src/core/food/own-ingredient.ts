/** Ingredients of the cook's own, read like the larder's. */
import type { OwnIngredient } from '../stored/own-ingredient-schema';
import { type Ingredient } from './ingredient';

export type { OwnIngredient };

/** Read as the larder's own ingredients are. */
export function asIngredient(own: OwnIngredient): Ingredient {
  const { water, protein, fat, carbohydrate, fibre, ash } = own.per100g;
  return {
    id: own.id,
    name: own.name,
    family: own.family,
    composition: {
      water: water / 100,
      protein: protein / 100,
      fat: fat / 100,
      carbohydrate: carbohydrate / 100,
      fibre: fibre / 100,
      ash: ash / 100,
    },
    salt: own.salt,
    gPerMl: own.gPerMl,
    hazard: own.hazard,
    allergens: own.allergens,
    counts: own.pieceG === null ? {} : { piece: own.pieceG },
    release: own.release,
    liquid: own.liquid,
    isTender: own.isTender,
    isStrong: own.isStrong,
    isLeavener: own.isLeavener,
    isSweet: false,
    sugar: 0,
    isGrated: false,
    packs: false,
    dose: own.dose,
    lessSalt: null,
  };
}
