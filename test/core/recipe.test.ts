import { parseLine } from '@/core/recipe/parse-line';
import { answers, question, toLine } from '@/core/recipe/to-line';
import { lineSchema } from '@/core/stored/schema';
import { type Expected, RECIPE_LINES } from './recipe-lines';

/** What is wrong with a parsed line; null where all of it is right. */
function fault([text, amount, unit, id, grams]: Expected): string | null {
  const got = parseLine(text);
  const near = (a: number | null, b: number | null, share: number) =>
    a === null || b === null ? a === b : Math.abs(a - b) <= share * Math.abs(b) + 1e-9;
  const right =
    near(got.amount, amount, 1e-6) && got.unit === unit && got.ingredientId === id && near(got.grams, grams, 0.15);
  return right
    ? null
    : `${text} => ${got.amount} ${got.unit} ${got.ingredientId} ${got.grams} g; wanted ${amount} ${unit} ${id} ${grams} g`;
}

describe('lines of recipes', () => {
  it('reads 95 of 100 rightly: amount, unit, ingredient, and grams within 15 %', () => {
    expect(RECIPE_LINES.length).toBeGreaterThanOrEqual(120);
    const faults = RECIPE_LINES.map(fault).filter((f) => f !== null);
    // Listed, so that a failing run says which.
    expect(faults.length <= 0.05 * RECIPE_LINES.length ? [] : faults).toEqual([]);
  });

  it('drops nothing: what is not understood stays, with null beside it', () => {
    expect(parseLine('100 g moonstone dust, sifted')).toEqual({
      text: '100 g moonstone dust, sifted',
      amount: 100,
      amountTo: null,
      unit: 'g',
      ingredientId: null,
      name: 'moonstone dust',
      note: 'sifted',
      grams: 100,
      takenAs: null,
    });
    expect(parseLine('')).toMatchObject({ text: '', amount: null, name: null, grams: null });
    expect(parseLine('the rest of yesterday’s supper')).toMatchObject({
      amount: null,
      grams: null,
      text: 'the rest of yesterday’s supper',
    });
  });

  it('keeps the notes: cuts, treatments, parentheses', () => {
    expect(parseLine('200 g leeks (white part only), thinly sliced').note).toBe('thinly sliced, white part only');
    expect(parseLine('1 1/2 cups finely grated celeriac').note).toBe('finely, grated');
    expect(parseLine('2–3 tbsp cornflour')).toMatchObject({ amount: 2, amountTo: 3 });
    expect(parseLine('salt to taste').note).toBe('to taste');
  });
});

describe('from a recipe into the batch', () => {
  const line = (text: string, school: 'raw' | 'cooked' | 'part-cooked' = 'raw') =>
    toLine(parseLine(text), school, 'id');

  it('every line with grams becomes a valid line of the document', () => {
    for (const [text, , , , grams] of RECIPE_LINES) {
      const made = line(text);
      if (grams === null) expect(made).toBeNull();
      else expect(lineSchema.safeParse(made).success).toBe(true);
    }
  });

  it('keeps the unit it was written in, and turns what the document does not know to grams', () => {
    expect(line('1½ tbsp soy sauce')).toMatchObject({ amount: 1.5, unit: 'tbsp' });
    expect(line('2 large eggs')).toMatchObject({ amount: 125, unit: 'g' });
    expect(line('2–3 tbsp cornflour')).toMatchObject({ amount: 20.25, unit: 'g' });
    expect(line('1 x 400 g tin tomatoes, drained')).toMatchObject({ amount: 240, unit: 'g' });
  });

  it('takes the preparation from the words, weighed as bought', () => {
    expect(line('150 g leek, sweated')).toMatchObject({ preparation: 'sweated', weighed: 'raw', stage: 'cook-first' });
    expect(line('1 zucchini, grated and squeezed')).toMatchObject({ preparation: 'salted-squeezed', stage: 'raw-mix' });
    expect(line('600 g pumpkin, roasted and mashed', 'cooked')).toMatchObject({
      preparation: 'roasted-mash',
      stage: 'cook-first',
    });
    expect(line('180 g celeriac')).toMatchObject({ preparation: 'raw', weighed: 'ready', stage: 'raw-mix' });
    expect(line('300 ml milk', 'cooked')?.stage).toBe('simmer');
    expect(line('a handful of parsley', 'cooked')?.stage).toBe('when-cool');
  });

  it('asks one question where something is open', () => {
    expect(question(parseLine('salt to taste'))).toBe('How much?');
    expect(question(parseLine('100 g moonstone'))).toContain('what is it most like?');
    expect(question(parseLine('2 turkey mince'))).toContain('weigh');
    expect(question(parseLine('150 g leek'))).toBeNull();
  });
});

describe('the one question', () => {
  const ask = (text: string) => {
    const parsed = parseLine(text);
    return { asks: question(parsed), answers: answers(parsed) };
  };

  it('has answers that close it', () => {
    for (const text of ['salt to taste', 'parsley, chopped', '200 g selleriak root']) {
      for (const answer of ask(text).answers) {
        const then = parseLine(answer.text);
        expect([answer.text, question(then)]).toEqual([answer.text, null]);
        expect(toLine(then, 'raw', 'x')).not.toBeNull();
      }
    }
    expect(ask('salt to taste').answers.map((a) => a.label)).toEqual(['¼ tsp', '1 tsp', '1 tbsp']);
    expect(ask('parsley, chopped').answers).toHaveLength(3);
  });

  it('is not asked of what is understood', () => {
    expect(ask('200 g celeriac')).toEqual({ asks: null, answers: [] });
  });
});
