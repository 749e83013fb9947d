import { gramsOf } from '@/core/filling/lines';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { CUTS } from '@/core/vocabulary/cuts';
import { catalogue, ingredientById } from '@/core/food/catalogue';
import { cutInWords, densityOf, hasCuts } from '@/core/food/densities';
import { type Ingredient } from '@/core/food/ingredient';
import { parseLine } from '@/core/recipe/parse-line';
import { toLine } from '@/core/recipe/to-line';

const get = (id: string): Ingredient => {
  const found = ingredientById(id);
  if (!found) throw new Error(id);
  return found;
};

describe('a cup by its cut', () => {
  it.each([
    ['carrot', 'grated', 110],
    ['carrot', 'chopped', 135],
    ['hard-cheese', 'grated', 113],
    ['hard-cheese', 'chopped', 140],
    ['spinach', 'packed', 45],
  ] as const)('%s, %s: about %i g', (id, cut, grams) => {
    const cup = 240 * densityOf(get(id), cut);
    expect(Math.abs(cup - grams) / grams).toBeLessThan(0.08);
  });

  it('what is usual is the larder’s own figure, and liquids and powders have no cut', () => {
    for (const ingredient of catalogue()) {
      expect(densityOf(ingredient, null)).toBe(ingredient.gPerMl);
      for (const cut of CUTS) {
        const density = densityOf(ingredient, cut);
        expect(density).toBeGreaterThan(0);
        if (!hasCuts(ingredient)) expect(density).toBe(ingredient.gPerMl);
      }
    }
    expect(hasCuts(get('milk'))).toBe(false);
    expect(hasCuts(get('celeriac'))).toBe(true);
  });

  it('is read from the words of a recipe and kept on the line', () => {
    expect(cutInWords('2 cups packed spinach leaves')).toBe('packed');
    expect(cutInWords('1 cup diced carrot')).toBe('chopped');
    const line = toLine(parseLine('1 cup diced carrot'), 'raw', 'x');
    expect(line).toMatchObject({ amount: 1, unit: 'cup', cut: 'chopped' });
    expect(toLine(parseLine('1 cup whole milk'), 'cooked', 'x')).toMatchObject({ unit: 'cup', cut: null });
    expect(gramsOf(get('carrot'), { amount: 1, unit: 'cup', cut: 'chopped' }, DEFAULT_KITCHEN)).toBeCloseTo(
      (240 * 0.46) / 0.8,
      6,
    );
  });
});

describe('pieces', () => {
  it('stay pieces where the larder knows what one weighs, and weigh nothing where it does not', () => {
    expect(toLine(parseLine('3 eggs'), 'raw', 'x')).toMatchObject({ amount: 3, unit: 'piece' });
    // A large one is no ordinary piece.
    expect(toLine(parseLine('2 large eggs'), 'raw', 'x')).toMatchObject({ unit: 'g', amount: 125 });
    expect(gramsOf(get('egg'), { amount: 1.5, unit: 'piece', cut: null }, DEFAULT_KITCHEN)).toBeCloseTo(75, 6);
    expect(gramsOf(get('wheat-flour'), { amount: 2, unit: 'piece', cut: null }, DEFAULT_KITCHEN)).toBeNull();
  });
});
