/** Lines in households' words: nearly all of them are understood, and none becomes another food. */
import { catalogue, ingredientById } from '@/core/food/catalogue';
import { CLASS_ROWS } from '@/core/recipe/classes';
import { parseLine } from '@/core/recipe/parse-line';
import { readLines } from '@/core/recipe/read-lines';
import { KNOWN_LINES, type KnownLine, SECOND_LINES, THIRD_LINES } from '../known-lines/known-lines';
import { readKnown } from '../known-lines/judged';

const read = (lines: readonly KnownLine[]) => lines.map((line) => ({ line, ...readKnown(line) }));

describe.each([
  ['the lines written before the reader', read(KNOWN_LINES), 0.97],
  ['the lines written after it', read(SECOND_LINES), 0.97],
  ['and those written after that', read(THIRD_LINES), 0.97],
] as const)('%s', (_what, lines, least) => {
  it('are understood', () => {
    const wrong = lines.filter(({ how }) => how !== 'right').map(({ line, made }) => `${line.text} → ${made}`);
    expect(wrong.length / lines.length <= 1 - least ? [] : wrong).toEqual([]);
  });
  it('never become another food', () => {
    expect(lines.filter(({ how }) => how === 'other').map(({ line, made }) => `${line.text} → ${made}`)).toEqual([]);
  });
});

describe('amounts, wherever they stand and however they are written', () => {
  it.each([
    ['250g/9oz minced lamb', 250],
    ['2 x 400 g tins chopped tomatoes', 800],
    ['half a 500 g pack of minced pork', 250],
    ['1/2 a 200g block of feta', 100],
    ['one 7-ounce block of feta', 198],
    ['two dozen raw prawns', 288],
    ['onions x 3, large', 562.5],
    ['flour x 3 tbsp', 23.9],
    ['neck of lamb, 700 g, off the bone', 700],
    ['4 chicken thighs (600 g)', 600],
    ['3 tins (145 g each) of sardines', 435],
    ['chopped tomatoes 1 tin, not drained', 400],
    ['1 small tin sweetcorn (198 g), drained (165 g)', 165],
    ['a walnut-sized piece of butter', 18],
    ['butter the size of an egg', 50],
    ['2 tbps dark soy sauce', 37.5],
  ])('%s: %s g', (text, grams) => expect(parseLine(text).grams).toBeCloseTo(grams, 0));

  it('spoons of a salt that is named hold their grams, whatever salt the kitchen has', () => {
    const salt = (text: string) => {
      const made = readLines(text, 'raw');
      return made.kind === 'lines' ? made.lines[0].line : null;
    };
    expect(salt('2 tsp kosher salt')).toMatchObject({ amount: 8, unit: 'g' });
    expect(salt('1 tsp fine salt')).toMatchObject({ amount: 6, unit: 'g' });
    expect(salt('1 tsp salt')).toMatchObject({ amount: 1, unit: 'tsp' });
  });
});

describe('what the larder does not hold', () => {
  it.each([
    ['3 tbsp tayberry jam', 'jam', 'an ordinary jam'],
    ['200 g smoked hard gnome cheese', 'smoked-cheese', 'an ordinary smoked cheese'],
    ['300 g saltwater fish', 'white-fish', 'an ordinary white fish'],
    ['2 tbsp fenland relish', 'chutney', 'an ordinary chutney'],
  ])('is taken as its class, and says so: %s', (text, id, as) => {
    expect(parseLine(text)).toMatchObject({ ingredientId: id, takenAs: as });
    expect(parseLine(text).note).toContain(`taken as ${as}`);
  });
  it('a class has a row of the larder, and its hazard is the strictest that anything of it has', () => {
    for (const id of CLASS_ROWS) expect([id, ingredientById(id)]).toEqual([id, expect.objectContaining({ id })]);
    expect(ingredientById('mince-unsaid')?.hazard).toBe('poultry');
    expect(ingredientById('meat-unsaid')?.hazard).toBe('poultry');
    expect(ingredientById('sausage-raw')?.hazard).toBe('minced-meat');
  });
});

describe('spelling', () => {
  it.each([
    ['1 onoin, choped', 'onion'],
    ['400 g brocolli', 'broccoli'],
    ['1 tsp cinammon', 'cinnamon'],
    ['2 galic cloves', 'garlic'],
    ['200 g chiken thigh, diced', 'chicken-thigh'],
    ['100g mozarella', 'stretched-cheese'],
  ])('%s', (text, id) => expect(parseLine(text).ingredientId).toBe(id));
});

describe('every row is what its family must be', () => {
  it.each(catalogue().map((i) => [i.id, i] as const))('%s', (_id, { family, composition, salt, hazard, liquid }) => {
    const { water, protein, fat, carbohydrate } = composition;
    if (['vegetable', 'leaf', 'root', 'mushroom', 'allium'].includes(family) && water > 0.6)
      expect(fat).toBeLessThan(0.2);
    if (family === 'fat') expect(fat + water + protein + carbohydrate).toBeGreaterThan(0.9);
    if (family === 'meat' || family === 'fish') {
      expect(carbohydrate).toBeLessThan(0.36);
      expect(hazard === 'none' ? 'none' : 'said').toBe(_id === 'fish-flakes' ? 'none' : 'said');
    }
    if (liquid) expect(water).toBeGreaterThan(0.25);
    if (salt > 12 && family !== 'seasoning')
      expect(['sauce', 'liquid', 'fish', 'leaf', 'fruit', 'vegetable', 'root']).toContain(family);
  });
});
