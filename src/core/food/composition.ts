/** What food is made of, as mass fractions, and how compositions mix. */

/** The components whose thermal properties are known (Choi & Okos 1986). */
export const COMPONENTS = ['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash'] as const;
export type Component = (typeof COMPONENTS)[number];

/** Mass fractions, 0 to 1, summing to 1. Carbohydrate is without fibre. */
export type Composition = Record<Component, number>;

const PURE_WATER: Composition = { water: 1, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 };

/** Scales fractions so that they sum to exactly 1 (food tables sum to 100 ± 3 g). */
export function normalise(parts: Composition): Composition {
  const sum = COMPONENTS.reduce((total, c) => total + parts[c], 0);
  return mapComponents((c) => parts[c] / sum);
}

/** The composition of masses mixed together; pure water where there is nothing. */
export function mix(parts: readonly { grams: number; composition: Composition }[]): Composition {
  const total = parts.reduce((sum, part) => sum + part.grams, 0);
  if (total <= 0) return PURE_WATER;
  return mapComponents((c) => parts.reduce((sum, part) => sum + part.grams * part.composition[c], 0) / total);
}

/** The composition left when `grams` of a food have lost `waterGrams` of water; never below none. */
export function withoutWater(composition: Composition, grams: number, waterGrams: number): Composition {
  const lost = Math.min(waterGrams, composition.water * grams);
  const left = grams - lost;
  if (left <= 0) return composition;
  return mapComponents((c) => (composition[c] * grams - (c === 'water' ? lost : 0)) / left);
}

function mapComponents(value: (component: Component) => number): Composition {
  return {
    water: value('water'),
    protein: value('protein'),
    fat: value('fat'),
    carbohydrate: value('carbohydrate'),
    fibre: value('fibre'),
    ash: value('ash'),
  };
}
