/** Thirty wraps as households make them, and fifteen that went wrong: written before the rules were opened. */
import { type FillingInWords } from '../../src/core/recipe/to-batch';
import { type Batch } from '../../src/core/stored/schema';

export interface KnownWrap {
  name: string;
  words: Omit<FillingInWords, 'title'>;
  /** What was made or bought for it. */
  made: Partial<Pick<Batch['wrap'], 'doughG' | 'packet'>>;
  /** What one who makes it would say of Fit. */
  says: readonly ('good' | 'watch' | 'fix')[];
  /** Of a spoilt one: what is named, and what one would do first. */
  named?: RegExp;
  first?: RegExp;
}

/** What is made or bought for it is not said in words. */
type Wrap = NonNullable<FillingInWords['wrap']> & KnownWrap['made'];
const PORK = ['500 g pork mince', '1 tsp salt', '80 g leek, sweated'];
const POTATO = ['800 g potatoes, boiled and mashed', '200 g curd cheese, drained', '1½ tsp salt'];
const MUSHROOM = ['1.1 kg mushrooms, browned', '180 g onion, browned', '1 tsp salt'];

/** So many, of filling scaled to what they take. */
const wrap = (
  name: string,
  [form, dough, method]: readonly [
    FillingInWords['form'],
    FillingInWords['dough'],
    'boil' | 'steam' | 'sear' | 'bake' | 'fry' | 'griddle',
  ],
  count: number,
  lines: string[],
  { doughG, packet, ...to }: Wrap,
  says: KnownWrap['says'] = ['good'],
  more: Pick<KnownWrap, 'named' | 'first'> = {},
): KnownWrap => ({
  name,
  words: {
    form,
    dough,
    count,
    lines,
    school: lines === PORK || lines[0].includes('raw') ? 'raw' : 'cooked',
    wrap: to,
    cook: { method },
  },
  made: { ...(doughG === undefined ? {} : { doughG }), ...(packet === undefined ? {} : { packet }) },
  says,
  ...more,
});
const across = (diameterMm: number): Wrap['skin'] => ({ shape: 'round', diameterMm });
const square = (sideMm: number): Wrap['skin'] => ({ shape: 'square', sideMm });

export const WRAPS: readonly KnownWrap[] = [
  wrap('pork dumplings, own noodle dough', ['half-moon', 'noodle', 'boil'], 38, PORK, {
    skin: across(90),
    thicknessMm: 1.2,
    portionG: 15,
    doughG: 410,
  }),
  wrap('potato dumplings, thicker', ['half-moon', 'noodle', 'boil'], 64, POTATO, {
    skin: across(80),
    thicknessMm: 2,
    portionG: 14,
    doughG: 880,
  }),
  wrap('hot-water pot stickers', ['half-moon', 'hot-water', 'sear'], 36, PORK, {
    skin: across(85),
    thicknessMm: 1.8,
    portionG: 16,
    doughG: 460,
  }),
  wrap('clear half-moons', ['half-moon', 'hot-water', 'steam'], 46, PORK, {
    skin: across(80),
    thicknessMm: 1.4,
    portionG: 12.5,
  }),
  wrap('bought round skins', ['half-moon', 'bought-skin', 'boil'], 42, PORK, {
    skin: across(90),
    portionG: 14,
    packet: { count: 50, grams: 450 },
  }),
  wrap('steamed purses in noodle dough', ['purse', 'noodle', 'steam'], 32, PORK, {
    skin: across(90),
    thicknessMm: 1.5,
    portionG: 18,
    doughG: 390,
  }),
  wrap('steamed buns', ['purse', 'steamed-bun', 'steam'], 19, PORK, {
    skin: across(110),
    thicknessMm: 5,
    portionG: 30,
    doughG: 1150,
  }),
  wrap('large steamed buns', ['purse', 'steamed-bun', 'steam'], 10, PORK, {
    skin: across(130),
    thicknessMm: 6,
    portionG: 57,
    doughG: 1000,
  }),
  wrap('baked buns of soft dough', ['purse', 'enriched', 'bake'], 16, MUSHROOM, {
    skin: across(110),
    thicknessMm: 5,
    portionG: 35,
    doughG: 960,
  }),
  wrap(
    'pasties of a hand',
    ['pocket', 'short', 'bake'],
    4,
    ['300 g beef skirt, raw, diced', '250 g potato, diced', '120 g swede, diced', '1 tsp salt'],
    { skin: across(200), thicknessMm: 3, portionG: 165, doughG: 560 },
  ),
  wrap('bread dough pockets', ['pocket', 'bread', 'bake'], 15, MUSHROOM, {
    skin: across(120),
    thicknessMm: 4,
    portionG: 38,
    doughG: 860,
  }),
  wrap('a large one of bread dough', ['pocket', 'bread', 'bake'], 4, MUSHROOM, {
    skin: across(220),
    thicknessMm: 4,
    portionG: 150,
    doughG: 800,
  }),
  wrap('flaky turnovers', ['half-moon', 'rough-laminated', 'bake'], 18, MUSHROOM, {
    skin: across(120),
    thicknessMm: 3,
    portionG: 32,
    doughG: 850,
  }),
  wrap('short half-moons, fried', ['half-moon', 'short', 'fry'], 12, MUSHROOM, {
    skin: across(130),
    thicknessMm: 3,
    portionG: 46,
    doughG: 700,
  }),
  wrap('raised half-moons', ['half-moon', 'raised', 'bake'], 22, MUSHROOM, {
    skin: across(105),
    thicknessMm: 4,
    portionG: 26,
    doughG: 1000,
  }),
  wrap(
    'small pillows of egg pasta',
    ['pillow', 'oil-egg', 'boil'],
    90,
    POTATO,
    { skin: square(50), thicknessMm: 1, portionG: 6 },
    ['good', 'watch'],
  ),
  wrap('pillows in noodle dough', ['pillow', 'noodle', 'boil'], 160, POTATO, {
    skin: square(55),
    thicknessMm: 1,
    portionG: 6,
    doughG: 1250,
  }),
  wrap('spiced potato triangles, fried', ['triangle', 'oil-egg', 'fry'], 36, POTATO, {
    skin: square(110),
    thicknessMm: 2,
    portionG: 26,
    doughG: 1250,
  }),
  wrap('two rounds of short pastry', ['double-round', 'short', 'bake'], 14, MUSHROOM, {
    skin: across(110),
    thicknessMm: 3,
    portionG: 40,
    doughG: 1150,
  }),
  wrap('envelopes of soft dough', ['envelope', 'enriched', 'bake'], 16, MUSHROOM, {
    skin: square(110),
    thicknessMm: 4,
    portionG: 36,
    doughG: 1100,
  }),
  wrap('sausage rolls', ['roll', 'rough-laminated', 'bake'], 10, ['500 g sausage meat', '80 g onion, sweated'], {
    portionG: 42,
    thicknessMm: 3,
  }),
  wrap('stuffed flat breads', ['flat-round', 'griddle', 'griddle'], 10, POTATO, {
    skin: across(180),
    thicknessMm: 2,
    portionG: 95,
  }),
  wrap(
    'a covered pie of short pastry',
    ['pan-pie', 'short', 'bake'],
    1,
    ['600 g braised beef, shredded', '300 g carrots, boiled', '200 g onion, browned', '1½ tsp salt'],
    { portionG: 930, thicknessMm: 4, doughG: 700 },
  ),
  wrap(
    'folded buns',
    ['folded-bun', 'steamed-bun', 'steam'],
    12,
    ['600 g braised pork, shredded', '50 g hoisin sauce'],
    { portionG: 52, thicknessMm: 6 },
  ),
  wrap('three-cornered pies in bread dough', ['three-corners', 'bread', 'bake'], 33, MUSHROOM, {
    skin: across(110),
    thicknessMm: 3,
    portionG: 18,
  }),
  wrap('pinched squares in noodle dough', ['closed-square', 'noodle', 'steam'], 32, PORK, {
    skin: square(90),
    thicknessMm: 1.4,
    portionG: 18,
  }),
  wrap('flags of potato and curd', ['flag-triangle', 'bought-sheets', 'bake'], 62, POTATO, {
    skin: { shape: 'strip', lengthMm: 300, widthMm: 80 },
    portionG: 15,
  }),
  wrap('wound rolls, fried', ['wound-roll', 'bought-skin', 'fry'], 20, POTATO, {
    skin: square(190),
    portionG: 45,
  }),
  wrap('large half-moons, fried flat', ['half-moon', 'oil-egg', 'fry'], 8, PORK, {
    skin: across(180),
    thicknessMm: 2,
    portionG: 70,
  }),
  wrap('meat buns as full as they go', ['purse', 'enriched', 'bake'], 9, PORK, {
    skin: across(120),
    thicknessMm: 5,
    portionG: 61,
  }),
];

export const SPOILT_WRAPS: readonly KnownWrap[] = [
  wrap(
    'dumpling skins four millimetres thick',
    ['half-moon', 'noodle', 'boil'],
    38,
    PORK,
    { skin: across(90), thicknessMm: 4, portionG: 15 },
    ['fix'],
    { named: /thick/i, first: /^Roll to 1/ },
  ),
  wrap(
    'bun dough left like a cushion',
    ['purse', 'steamed-bun', 'steam'],
    19,
    PORK,
    { skin: across(110), thicknessMm: 15, portionG: 30 },
    ['fix'],
    { named: /thick|dough/i, first: /^Roll to/ },
  ),
  wrap(
    'flaky pastry rolled to a leaf',
    ['half-moon', 'rough-laminated', 'bake'],
    18,
    MUSHROOM,
    { skin: across(120), thicknessMm: 1, portionG: 32 },
    ['fix', 'watch'],
    { named: /thin/i, first: /^Roll to [23]/ },
  ),
  wrap(
    'pillows as thick as biscuits',
    ['pillow', 'noodle', 'boil'],
    160,
    POTATO,
    { skin: square(55), thicknessMm: 3.4, portionG: 6 },
    ['fix'],
    { named: /thick/i, first: /^Roll to/ },
  ),
  wrap(
    'short crust like a plank',
    ['pocket', 'short', 'bake'],
    4,
    MUSHROOM,
    { skin: across(200), thicknessMm: 8, portionG: 165 },
    ['fix'],
    { named: /thick/i, first: /^Roll to/ },
  ),
  wrap(
    'skins you can read through, boiled',
    ['half-moon', 'noodle', 'boil'],
    38,
    PORK,
    { skin: across(90), thicknessMm: 0.4, portionG: 15 },
    ['fix', 'watch'],
    { named: /thin/i, first: /^Roll to/ },
  ),
  wrap(
    'home-stretched sheets, not stretched',
    ['triangle', 'thin-sheets', 'bake'],
    36,
    POTATO,
    { skin: square(110), thicknessMm: 2.5, portionG: 26 },
    ['fix'],
    { named: /thick/i, first: /^Roll to|stretch/i },
  ),
  wrap(
    'a pasty that is mostly crust',
    ['pocket', 'short', 'bake'],
    16,
    MUSHROOM,
    { skin: across(200), thicknessMm: 3.5, portionG: 35 },
    ['fix', 'watch'],
    { named: /dough|slack|loose/i, first: /g in each|smaller|mm|Cut/i },
  ),
  wrap(
    'a bun four times too full',
    ['purse', 'steamed-bun', 'steam'],
    5,
    PORK,
    { skin: across(90), thicknessMm: 5, portionG: 118 },
    ['fix'],
    { named: /overfilled|split/i, first: /g in each|Only|Cut|mm|more/i },
  ),
  wrap(
    'dumplings that will not close',
    ['half-moon', 'noodle', 'boil'],
    18,
    PORK,
    { skin: across(85), thicknessMm: 1.2, portionG: 32 },
    ['fix'],
    { named: /overfilled|split/i, first: /g|mm/ },
  ),
  wrap(
    'dough for half of them',
    ['half-moon', 'noodle', 'boil'],
    38,
    PORK,
    { skin: across(90), thicknessMm: 1.2, portionG: 15, doughG: 180 },
    ['fix'],
    { named: /dough for only/i, first: /dough|Make|roll|Mix/i },
  ),
  wrap(
    'filling for a third',
    ['half-moon', 'noodle', 'boil'],
    110,
    PORK,
    { skin: across(90), thicknessMm: 1.2, portionG: 15 },
    ['fix'],
    { named: /filling for only/i, first: /Make|filling/i },
  ),
  wrap(
    'a three-cornered pie that cannot be drawn up',
    ['three-corners', 'bread', 'bake'],
    12,
    MUSHROOM,
    { skin: across(90), thicknessMm: 3, portionG: 42 },
    ['fix'],
    { named: /overfilled|split/i, first: /\d g|mm/ },
  ),
  wrap(
    'pinched squares of plank',
    ['closed-square', 'noodle', 'steam'],
    32,
    PORK,
    { skin: square(90), thicknessMm: 4, portionG: 18 },
    ['fix'],
    { named: /thick/i, first: /^Roll to [12]/ },
  ),
  wrap(
    'flags with a cup of cheese in each',
    ['flag-triangle', 'bought-sheets', 'bake'],
    11,
    POTATO,
    { skin: { shape: 'strip', lengthMm: 300, widthMm: 60 }, portionG: 85 },
    ['fix'],
    { named: /overfilled|split/i, first: /^Cut strips 1\d\d mm wide/ },
  ),
];
