/** Whole recipes, their methods, and what a line says beside its food. */
import { countInWords, usualCount } from '@/core/stored/create';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { readBatch } from '@/core/stored/read';
import { ingredientById } from '@/core/food/catalogue';
import { resolveLines } from '@/core/filling/lines';
import { asMethodSays, methodOf } from '@/core/recipe/pasted';
import { sentencesOn } from '@/core/recipe/method';
import { notFilling } from '@/core/recipe/not-filling';
import { parseLine } from '@/core/recipe/parse-line';
import { readLines } from '@/core/recipe/read-lines';
import { batchInWords } from '@/core/recipe/to-batch';
import { planOfText } from '@/core/formats/plan-of-text';
import { foodsIn } from '@/core/recipe/two-foods';
import { takeApart } from '@/core/recipe/whole';

const FRESH = { id: 'x', at: '2026-12-05T15:00:00Z' };
const made = (lines: string[], steps: string[] = [], school: 'raw' | 'cooked' = 'cooked') =>
  batchInWords({ title: 'x', form: 'half-moon', school, count: 12, lines, steps }, FRESH);

describe('a whole recipe', () => {
  const text = [
    'Hut-night pieces', 'Makes about 24', '', 'For the filling:', '- 500 g minced pork', '• 1 onion, chopped', '', 'For the dough:',
    '300 g flour', '150 ml water', '', 'Method', '1. Fry the onion.', 'Mix it with the pork. Fill and seal.',
  ].join('\n'); // prettier-ignore

  it('what it makes, and whom it serves, are two things; one a person is meant of what is as large as a hand', () => {
    const of = (line: string) => takeApart(['Hut pockets', line, 'Ingredients', '500 g leeks'].join('\n'));
    expect(of('Serves 6')).toMatchObject({ count: null, serves: 6 });
    expect(of('Makes about 30')).toMatchObject({ count: 30, serves: null });
    expect(countInWords('pocket', of('Serves 6'))).toBe(6);
    expect(countInWords('half-moon', of('Serves 6'))).toBeNull();
    expect(countInWords('half-moon', of('Makes 30'))).toBe(30);
    expect([usualCount('half-moon'), usualCount('pocket'), usualCount('pan-pie')]).toEqual([24, 6, 1]);
  });
  it('is taken apart: title, count, what goes in, what does not, steps', () => {
    expect(takeApart(text)).toEqual({
      title: 'Hut-night pieces',
      count: 24,
      serves: null,
      ingredients: ['500 g minced pork', '1 onion, chopped'],
      others: ['300 g flour', '150 ml water'],
      steps: ['Fry the onion.', 'Mix it with the pork. Fill and seal.'],
    });
  });

  it('a bare list stays one, whatever its first line is', () => {
    const list = 'minced pork\n2 onions\nsalt';
    expect(takeApart(list)).toMatchObject({ title: null, ingredients: ['minced pork', '2 onions', 'salt'], steps: [] });
  });

  it('without headings, sentences are steps and a dish’s name is its title', () => {
    const recipe = takeApart(
      'Leek pockets\n500 g leeks\n50 g butter\nSweat the leeks in the butter until they are soft and dry.',
    );
    expect(recipe).toMatchObject({ title: 'Leek pockets', ingredients: ['500 g leeks', '50 g butter'] });
    expect(recipe.steps).toHaveLength(1);
  });
});

describe('the method', () => {
  const said = (lines: string[], steps: string[], school: 'raw' | 'cooked' = 'cooked') => {
    const foods = lines.flatMap((line) => {
      const read = readLines(line, school);
      return read.kind === 'lines' ? read.lines : [];
    });
    return methodOf(foods, steps, school, []).map((from, i) => {
      const { line } = foods[i];
      return line && asMethodSays(line, from);
    });
  };

  it('gives lines their preparation and stage; its sentences stand with the method', () => {
    const [mince, stock, parsley] = said(
      ['500 g minced beef', '200 ml beef stock', '2 tbsp chopped parsley'],
      ['Brown the mince.', 'Add the stock and simmer until nearly dry.', 'When cool, stir in the parsley.'],
    );
    expect(mince).toMatchObject({ preparation: 'browned', stage: 'cook-first' });
    expect(stock).toMatchObject({ preparation: 'simmered-dry', stage: 'simmer', weighed: 'raw' });
    expect(stock?.note).not.toContain('simmer');
    expect(parsley).toMatchObject({ stage: 'when-cool' });
  });

  it('shows the sentence that gives the preparation, not the first that shares a word', () => {
    const [, stock] = said(
      ['500 g minced beef', '200 ml beef stock'],
      ['Fry the onion, add the beef and brown it.', 'Add the stock and simmer until nearly dry.'],
    );
    expect(stock).toMatchObject({ preparation: 'simmered-dry', stage: 'simmer' });
    expect(stock?.note).not.toContain('simmer');
  });

  it('“simmer until thick” speaks of what was poured in before', () => {
    const [, stock] = said(
      ['2 tbsp flour', '300 ml stock'],
      ['Stir in the flour and add the stock.', 'Simmer until the gravy is thick.'],
    );
    expect(stock?.preparation).toBe('simmered-down');
  });

  it('squeezing is read for leaves, not for what stands in the same sentence', () => {
    const [cabbage, pork] = said(
      ['300 g white cabbage, shredded', '400 g minced pork'],
      ['Salt the cabbage, leave it 20 minutes and squeeze it, then mix with the pork.'],
      'raw',
    );
    expect(cabbage?.preparation).toBe('salted-squeezed');
    expect(pork?.preparation).toBe('worked');
  });

  it('the line’s own words hold against the method', () => {
    const [spinach] = said(['400 g spinach, salted and squeezed'], ['Wilt the spinach in a pan.']);
    expect(spinach?.preparation).toBe('salted-squeezed');
  });
});

it('what the method says of a line is found in the words that the batch keeps', () => {
  const words =
    'oil (pan)\n1. Fry the onion. Add the stock and simmer until nearly dry.\n2. When cool, stir in the parsley.';
  const stock = ingredientById('beef-stock');
  if (!stock) throw new Error('no stock');
  expect(sentencesOn(stock, words)).toEqual(['Add the stock and simmer until nearly dry.']);
});

describe('what a line keeps of its words', () => {
  const note = (text: string) => {
    const read = readLines(text, 'raw');
    return read.kind === 'lines' ? read.lines[0].line?.note : null;
  };
  it.each([
    ['2 big brown onions, chopped, sweated', '“2 big brown onions”, chopped, sweated'],
    ['200 g leeks, sliced', 'sliced'],
    ['juice of ½ lemon', '“juice of ½ lemon”'],
    ['1 lb ground pork', ''],
    ['3 tbsp tayberry jam', 'taken as an ordinary jam'],
  ])('%s: %s', (text, kept) => expect(note(text)).toContain(kept));
});

describe('two foods in a line', () => {
  it.each([
    ['salt and pepper', ['salt', 'pepper']],
    ['zest and juice of 1 lemon', ['zest of 1 lemon', 'juice of 1 lemon']],
    ['2 tbsp soy sauce, 1 tsp sesame oil', ['2 tbsp soy sauce', '1 tsp sesame oil']],
    ['1 tsp each cumin and coriander', ['1 tsp cumin', '1 tsp coriander']],
    ['2 tsp potato starch mixed with 2 tbsp water', ['2 tsp potato starch', '2 tbsp water']],
    ['500 g beef and pork mince', ['500 g beef and pork mince']],
    ['1 tbsp + 1 tsp soy sauce', ['1 tbsp + 1 tsp soy sauce']],
    ['150 g sage and onion stuffing', ['150 g sage and onion stuffing']],
  ])('%s', (text, foods) => expect(foodsIn(text)).toEqual(foods));
});

describe('food that the larder does not have', () => {
  it.each(['200 g limpets, raw', '200 g turtle', '200 g frog legs', '300 g shark', '2 lampreys'])(
    'is never taken for what is spelled nearly so: %s',
    (line) => expect(parseLine(line).ingredientId).toBeNull(),
  );
  it('and a slip of the pen still is what was meant', () => {
    expect(parseLine('150 g leeek').ingredientId).toBe('leek');
    expect(parseLine('200 g mushroms').ingredientId).toBe('mushroom');
  });
});

describe('what is not filling', () => {
  it.each([
    '1 egg, to glaze',
    'oil, for frying',
    '2 sheets puff pastry',
    'flour, for dusting',
    '1 litre oil for deep-frying',
  ])('“%s” is kept as a note', (text) => expect(notFilling(text)).not.toBeNull());
  it.each(['2 tbsp oil for frying the onions', '1 egg, beaten', '30 g flour', '200 g puffed rice'])(
    '“%s” goes in',
    (text) => expect(notFilling(text)).toBeNull(),
  );
});

describe('how much', () => {
  it.each([
    ['1 400 g can chickpeas', 240],
    ['2 x 145 g tins of tuna', 290],
    ['1-inch piece of ginger', 12.7],
    ['a 5 cm piece of ginger', 25],
    ['1 heaped tbsp cornflour', 12.15],
    ['1 scant cup milk', 222.5],
    ['minced pork, 600 g', 600],
    ['1 cup minus 2 tbsp milk', 216],
    ['1 cup plus 2 tbsp milk', 278],
    ['about 300 g leeks', 300],
    ['250 g pack ricotta', 250],
    ['2 handfuls of spinach', 60],
    ['4 sprigs thyme', 4],
  ])('%s is %d g', (text, grams) => {
    const got = parseLine(text).grams ?? NaN;
    expect(Math.abs(got - grams) / grams).toBeLessThan(0.05);
  });
});

describe('the batch that it becomes', () => {
  it('salt to taste is given in grams, and said; what is salty enough gets none', () => {
    const { batch, questions } = made(['500 g potatoes, boiled and mashed', '200 g curd cheese', 'salt and pepper']);
    const salt = batch.lines.find((l) => l.ingredientId === 'salt');
    expect(questions).toEqual([]);
    expect(salt?.note).toContain('to taste');
    const lines = resolveLines(batch, DEFAULT_KITCHEN);
    const percent = (100 * lines.reduce((sum, l) => sum + l.saltG, 0)) / lines.reduce((sum, l) => sum + l.readyG, 0);
    expect(percent).toBeCloseTo(1.1, 1);
    expect(made(['300 g feta', 'salt to taste']).batch.lines.map((l) => l.ingredientId)).toEqual(['brined-cheese']);
  });

  it('what is not known stays in it under its own words, and is asked about', () => {
    const { batch, questions } = made(['200 g moonstone', '300 g potatoes']);
    expect(batch.lines[0]).toMatchObject({
      ingredientId: 'moonstone',
      amount: 200,
      unit: 'g',
      note: '200 g moonstone',
    });
    expect(questions).toEqual([{ text: '200 g moonstone', question: expect.stringContaining('most like') as string }]);
    expect(readBatch(batch).ok).toBe(true);
  });

  it('stands in the pan it was cooked in, as deep as its mass makes it; a depth that is said is a pot’s or a tray’s', () => {
    expect(made(['500 g potatoes']).batch.cool.vessel).toEqual({ kind: 'pan', areaCm2: null });
    const cool = (depthMm: number) =>
      batchInWords(
        { title: 'x', form: 'pocket', school: 'cooked', count: 8, lines: ['500 g potatoes'], cool: { depthMm } },
        FRESH,
      ).batch.cool;
    expect(cool(110)).toMatchObject({ depthMm: 110, vessel: { kind: 'pot' } });
    expect(cool(20)).toMatchObject({ depthMm: 20, vessel: { kind: 'tray' } });
  });

  it('of another method it has that method’s heat and minutes', () => {
    const { batch } = batchInWords(
      {
        title: 'x',
        form: 'half-moon',
        school: 'raw',
        count: 8,
        lines: ['500 g pork mince'],
        dough: 'short',
        cook: { method: 'bake' },
      },
      FRESH,
    );
    expect(batch.cook).toMatchObject({ method: 'bake', steps: [{ medium: 'oven', mediumC: 190, minutes: 22 }] });
    expect(batch.wrap).toMatchObject({ dough: 'short', thicknessMm: 3.5 });
  });
});

it('what is cured is called so, and is neither raw meat nor leftovers', () => {
  for (const id of ['salami', 'air-dried-ham', 'anchovy', 'salmon-smoked', 'cured-sausage']) {
    expect(ingredientById(id)?.hazard).toBe('cured');
  }
  for (const id of ['lard', 'gelatine', 'chicken-stock', 'beef-stock', 'ham', 'gravy']) {
    expect(ingredientById(id)?.hazard).toBe('cooked-animal');
  }
  expect(ingredientById('vegetable-stock')?.hazard).toBe('none');
});

it('a recipe whose skin its form is not made from says so, and what is taken', () => {
  const text =
    'Pork purses, makes 24\n\n400 g pork mince\n150 g leek, sweated\n5 g salt\n\nRoll the dough out and cut 9 cm squares. Fill, gather up and twist shut into purses. Steam for 15 minutes.';
  const { plans } = planOfText(text, { id: (at) => `batch-${at + 1}`, at: '2026-12-05T15:00:00Z' });
  const [{ batch, notes, found }] = plans;
  expect(batch.wrap.form).toBe('purse');
  expect(notes.join('\n')).toMatch(/^The recipe’s skin is square; read as purse, which is made from round\./m);
  expect(found.find(({ what }) => what === 'size')?.value).toMatch(/, skin \d+ mm, /);
});
