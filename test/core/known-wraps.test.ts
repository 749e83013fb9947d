/** Wraps as households make them, and spoilt ones: what an experienced cook would say of each, and do first. */
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
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
  [
    'beef, potato and swede, raw, six of a hand each',
    {
      form: 'pocket',
      school: 'raw',
      count: 6,
      lines: [
        '500 g beef skirt, diced',
        '400 g potato, diced',
        '250 g swede, diced',
        '1 large onion, chopped',
        '2 tsp salt',
      ],
      dough: 'short',
      wrap: { skin: { shape: 'round', diameterMm: 220 }, portionG: 215 },
    },
  ],
  [
    'pea and potato triangles to be fried',
    {
      form: 'triangle',
      school: 'cooked',
      count: 20,
      lines: ['400 g potatoes, boiled and mashed', '100 g peas', '1 tsp cumin', '1 tsp salt'],
      dough: 'oil-egg',
      wrap: { skin: { shape: 'square', sideMm: 100 }, portionG: 24 },
      cook: { method: 'fry', mediumC: 175 },
    },
  ],
  [
    'a tray pie of spinach and white cheese',
    {
      form: 'pan-pie',
      school: 'cooked',
      count: 1,
      lines: ['1 kg frozen spinach, thawed and squeezed', '300 g feta', '3 eggs', '6 spring onions', '20 g dill'],
      dough: 'bought-sheets',
      wrap: {
        skin: { shape: 'pan', lengthMm: 300, widthMm: 200, depthMm: 45, sheetsBelow: 4, sheetsAbove: 4 },
        portionG: 1000,
      },
    },
  ],
  [
    'griddle breads with a thin layer of cheese and herbs',
    {
      form: 'flat-round',
      school: 'cooked',
      count: 6,
      lines: ['400 g ricotta, drained overnight', '150 g feta', 'a bunch of parsley', '2 spring onions'],
      dough: 'griddle',
      wrap: { diameterMm: 200, portionG: 100 },
    },
  ],
  [
    'forty half-moons from bought skins',
    {
      form: 'half-moon',
      school: 'raw',
      count: 40,
      lines: [
        '500 g chicken mince',
        '250 g chinese cabbage, salted and squeezed',
        '2 tbsp soy sauce',
        '1 tbsp sesame oil',
      ],
      dough: 'bought-skin',
      wrap: { diameterMm: 95, portionG: 18 },
    },
    { packet: { count: 50, grams: 450 }, doughG: 450 },
  ],
  [
    'open purses from bought skins',
    {
      form: 'purse',
      school: 'raw',
      count: 30,
      lines: ['300 g pork mince', '200 g prawns, chopped', '1 tbsp soy sauce', '1 tsp sesame oil', '1/2 tsp salt'],
      dough: 'bought-skin',
      wrap: { diameterMm: 85, portionG: 16 },
      cook: { method: 'steam' },
    },
    { vent: 'mouth', packet: { count: 40, grams: 300 }, doughG: 300 },
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
    /^Take 18 g/,
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
    /hardly any filling/,
    /^Take 24 g/,
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
    /filling left over/,
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
    /^Take 62 g/,
  ],
  [
    'a roll that does not go round',
    { form: 'roll', school: 'raw', count: 10, lines: ['550 g sausage meat'], wrap: { portionG: 55 } },
    {},
    /overfilled/,
    /^Cut to 95 mm/,
  ],
  [
    'small skins, a little too much in each',
    {
      form: 'half-moon',
      school: 'raw',
      count: 48,
      lines: ['300 g minced beef (15% fat)', '1 large onion, grated', '1 tsp salt', '3 tbsp cold water'],
      dough: 'noodle',
      wrap: { diameterMm: 75, portionG: 12 },
    },
    {},
    /tight/,
    /^Take 11 g/,
  ],
  [
    'apple rounds with some apple over',
    {
      form: 'double-round',
      school: 'cooked',
      count: 10,
      lines: ['500 g apples, cooked until soft', '60 g sugar', '1 tsp cinnamon', '1 tbsp lemon juice'],
      dough: 'short',
      wrap: { diameterMm: 100, portionG: 38 },
    },
    {},
    /filling left over/,
    /^Take 44 g/,
  ],
  [
    'little rolls cut as long as large ones',
    {
      form: 'roll',
      school: 'raw',
      count: 24,
      lines: ['450 g sausage meat', '1 small onion, sweated'],
      wrap: { portionG: 20 },
    },
    {},
    /slack/,
    /^Cut to 35 mm/,
  ],
  [
    'a tray pie with filling for three quarters of it',
    {
      form: 'pan-pie',
      school: 'cooked',
      count: 1,
      lines: ['1 kg spinach, wilted and squeezed', '300 g feta', '3 eggs'],
      wrap: { portionG: 1300 },
    },
    {},
    /filling for only \d\d % of it/,
    /^Take \d+ g instead of 1\s300 g/,
  ],
  [
    'a rim as wide as a thumb',
    {
      form: 'half-moon',
      school: 'raw',
      count: 40,
      lines: ['500 g pork mince', '150 g leek, sweated', '6 g salt'],
      wrap: { diameterMm: 90, rimMm: 25, portionG: 15 },
    },
    {},
    /overfilled/,
    /^Leave 8 mm of rim instead of 25 mm/,
  ],
  [
    'a skin as thick as a finger round a teaspoonful',
    {
      form: 'half-moon',
      school: 'raw',
      count: 43,
      lines: ['500 g pork mince', '150 g leek, sweated', '6 g salt'],
      wrap: { diameterMm: 90, thicknessMm: 6, portionG: 14 },
    },
    {},
    /skin too thick/,
    /^Roll to 1.5 mm instead of 6/,
  ],
  [
    'a spoonful in a skin as large as a plate',
    {
      form: 'pocket',
      school: 'raw',
      count: 6,
      lines: ['180 g beef mince', '2 g salt'],
      dough: 'short',
      wrap: { skin: { shape: 'round', diameterMm: 220 }, portionG: 30 },
    },
    {},
    /hardly any filling|mostly dough/,
    /^Roll: 12\d mm skin/,
  ],
  [
    'filling for nine pies and skins for six',
    {
      form: 'pocket',
      school: 'raw',
      count: 6,
      lines: ['1 kg beef skirt, diced', '600 g potato, diced', '400 g swede, diced', '4 tsp salt'],
      dough: 'short',
      wrap: { skin: { shape: 'round', diameterMm: 220 }, portionG: 215 },
    },
    {},
    /filling left over/,
    /^Make 9 instead of 6/,
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
