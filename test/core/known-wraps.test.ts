/** Wraps as households make them, and spoilt ones: what an experienced cook would say of each, and do first. */
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/checks/heat';
import { DEFAULT_KITCHEN } from '@/core/document/kitchen';
import { apply } from '@/core/document/operations';
import { type Batch } from '@/core/document/schema';
import { batchInWords, type FillingInWords } from '@/core/recipe/to-batch';

const AT = '2026-12-05T15:00:00Z';
const PORK = [
  '500 g pork mince',
  '200 g chinese cabbage, salted and squeezed',
  '2 spring onions',
  '1 tbsp soy sauce',
  '1 tsp sesame oil',
  '10 g ginger',
  '4 g salt',
];
const BUN = ['450 g pork mince', '150 g leek, sweated', '1 tbsp soy sauce', '5 g salt'];

const assessed = (words: Omit<FillingInWords, 'title'>, to: Partial<Batch['wrap']> = {}) => {
  const { batch } = batchInWords({ title: 'Known', ...words }, { id: 'known', at: AT });
  const wrapped = apply(batch, { do: 'setWrap', to });
  return assess(wrapped, DEFAULT_KITCHEN, forecastHeat(wrapped, DEFAULT_KITCHEN, 'first'));
};

type Case = [name: string, words: Omit<FillingInWords, 'title'>, to?: Partial<Batch['wrap']>];

const ORDINARY: Case[] = [
  ['22 buns of mince and leek', { form: 'purse', school: 'raw', count: 22, lines: BUN, wrap: { portionG: 26 } }],
  [
    'a greens pie of eight thin sheets, a kilo of filling in 28 cm',
    {
      form: 'pan-pie',
      school: 'cooked',
      count: 1,
      lines: ['1 kg spinach, wilted and squeezed', '400 g feta', '4 eggs', '1 onion, sweated', '20 g dill'],
      wrap: { portionG: 1050 },
    },
  ],
  [
    'sausage rolls cut to six centimetres',
    {
      form: 'roll',
      school: 'raw',
      count: 16,
      lines: ['500 g sausage meat', '60 g onion, sweated'],
      wrap: { portionG: 34 },
      cook: { method: 'bake' },
    },
  ],
  [
    'prawn triangles in bought squares, nine grams',
    {
      form: 'triangle',
      school: 'raw',
      count: 40,
      lines: ['300 g prawns', '60 g water chestnuts', '1 tsp sesame oil', '3 g salt'],
      dough: 'bought-skin',
      wrap: { skin: { shape: 'square', sideMm: 85 }, portionG: 9 },
      cook: { method: 'boil' },
    },
  ],
  [
    'apple envelopes of laminated pastry',
    {
      form: 'envelope',
      school: 'cooked',
      count: 10,
      lines: ['450 g apple, cooked until soft', '40 g sugar', '20 g butter', '3 g cinnamon'],
      wrap: { portionG: 38 },
      cook: { method: 'bake' },
    },
  ],
  [
    'folded buns with braised pork, half a portion short over twelve',
    {
      form: 'folded-bun',
      school: 'cooked',
      count: 12,
      lines: ['550 g braised pork, shredded', '60 g hoisin sauce'],
      wrap: { portionG: 50 },
    },
  ],
  [
    'potato flat breads from the griddle',
    {
      form: 'flat-round',
      school: 'cooked',
      count: 8,
      lines: ['700 g potato, boiled and mashed', '1 green chilli', '8 g salt'],
      wrap: { diameterMm: 170, portionG: 84 },
      cook: { method: 'griddle' },
    },
  ],
  [
    'mushroom double rounds',
    {
      form: 'double-round',
      school: 'cooked',
      count: 12,
      lines: ['500 g mushrooms, browned', '100 g onion, browned', '50 g cream cheese', '5 g salt'],
      wrap: { portionG: 28 },
      cook: { method: 'bake' },
    },
  ],
  [
    'dumplings in bought skins, ten skins left in the packet',
    {
      form: 'half-moon',
      school: 'raw',
      count: 48,
      lines: PORK,
      dough: 'bought-skin',
      wrap: { diameterMm: 90, portionG: 14.5 },
      cook: { method: 'boil' },
    },
    { packet: { count: 30, grams: 300 }, doughG: 600 },
  ],
  [
    'small pillows, seven grams of spinach and fresh cheese',
    {
      form: 'pillow',
      school: 'cooked',
      count: 40,
      lines: ['200 g spinach, wilted and squeezed', '200 g ricotta, drained', '40 g parmesan', '3 g salt'],
      wrap: { portionG: 7 },
    },
  ],
];

it.each(ORDINARY.map(([name, words, to = {}]) => [name, words, to] as const))(
  '%s: nothing to mend',
  (_name, words, to) => {
    const { checks, findings } = assessed(words, to);
    expect(checks.fit).toMatchObject({ state: 'good', fixes: [] });
    expect(findings.filter(({ lineId }) => lineId === '')).toEqual([]);
  },
);

const SPOILT: [...Case, headline: RegExp, first: RegExp][] = [
  [
    'thirty grams in a 90 mm round',
    { form: 'half-moon', school: 'raw', count: 24, lines: PORK, wrap: { portionG: 30 } },
    {},
    /overfilled/,
    /^Take 15 g/,
  ],
  [
    'filling for fifteen of forty',
    {
      form: 'half-moon',
      school: 'cooked',
      count: 40,
      lines: ['250 g potato, boiled and mashed', '3 g salt'],
      wrap: { portionG: 15 },
    },
    {},
    /filling for only 15 of 40/,
    /^Make 15 instead of 40/,
  ],
  [
    'dough for half of them',
    { form: 'purse', school: 'raw', count: 24, lines: BUN, wrap: { portionG: 26 } },
    { doughG: 400 },
    /dough for only 11 of 24/,
    /^Mix \d+ g flour and \d+ g water more/,
  ],
  [
    'a packet of skins too few',
    {
      form: 'half-moon',
      school: 'raw',
      count: 46,
      lines: PORK,
      dough: 'bought-skin',
      wrap: { diameterMm: 90, portionG: 15 },
    },
    { packet: { count: 30, grams: 300 }, doughG: 300 },
    /dough for only 30 of 46/,
    /^Buy 16 skins more/,
  ],
  [
    'a thimble in a large purse',
    { form: 'purse', school: 'raw', count: 24, lines: BUN, wrap: { portionG: 8 } },
    {},
    /slack/,
    /^Take 27 g/,
  ],
  [
    'filling for three pans and one pan',
    {
      form: 'pan-pie',
      school: 'cooked',
      count: 1,
      lines: ['3 kg spinach, wilted and squeezed', '1.5 kg feta', '12 eggs'],
      wrap: { portionG: 1100 },
    },
    {},
    /filling for 2, not 1/,
    /^Make 2 instead of 1/,
  ],
  [
    'a folded bun heaped with a hundred grams',
    {
      form: 'folded-bun',
      school: 'cooked',
      count: 6,
      lines: ['600 g braised pork, shredded'],
      wrap: { portionG: 100 },
    },
    {},
    /will spill/,
    /^Take 56 g/,
  ],
  [
    'a roll that does not go round',
    { form: 'roll', school: 'raw', count: 10, lines: ['550 g sausage meat'], wrap: { portionG: 55 } },
    {},
    /overfilled/,
    /^Take 33 g/,
  ],
];

it.each(SPOILT)('%s: said, and what a cook would do first', (_name, words, to, headline, first) => {
  const { fit } = assessed(words, to).checks;
  expect(fit.state).not.toBe('good');
  expect(fit.headline).toMatch(headline);
  expect(fit.fixes[0].label).toMatch(first);
});

it('wet and closed in the oven, wet in a thin skin, vented under oil: each is said', () => {
  const texts = (words: Omit<FillingInWords, 'title'>, to?: Partial<Batch['wrap']>) =>
    assessed(words, to)
      .findings.filter(({ lineId }) => lineId === '')
      .map(({ text }) => text)
      .join(' ');
  const tomato = ['600 g tomatoes, chopped', '200 g mozzarella'];
  expect(texts({ form: 'pocket', school: 'cooked', count: 8, lines: tomato, cook: { method: 'bake' } })).toContain(
    'without a vent',
  );
  const courgette = ['300 g pork mince', '300 g courgette, grated', '4 g salt'];
  expect(
    texts({
      form: 'half-moon',
      school: 'raw',
      count: 40,
      lines: courgette,
      dough: 'bought-skin',
      wrap: { portionG: 14 },
    }),
  ).toContain('within about 5 min of closing');
  const potato = ['400 g potato, boiled and mashed', '4 g salt'];
  expect(
    texts(
      {
        form: 'half-moon',
        school: 'cooked',
        count: 30,
        lines: potato,
        wrap: { portionG: 13 },
        cook: { method: 'fry' },
      },
      { vent: 'slit' },
    ),
  ).toContain('it spits');
});
