/**
 * Parcels as households cook them, written before the rules for browning and for too long were: what one who makes them would
 * say. Ordinary ones want nothing but the thermometer; spoilt ones are named, with what such a cook would do.
 */
import { type FillingInWords } from '@/core/recipe/to-batch';
import { type Batch } from '@/core/stored/schema';
import { type Glaze } from '@/core/vocabulary/edges';
import { step } from '@/core/vocabulary/media/step';

export interface Cooking {
  name: string;
  words: Omit<FillingInWords, 'title'>;
  glaze?: Glaze;
  cook: Partial<Batch['cook']>;
  /** 74 °C in the middle of an ordinary one after so many minutes, as cooks find; null where dough is what is waited for. */
  minutes?: readonly [number, number];
  /** Of a spoilt one: what it is called, and what is done first. */
  spoilt?: { headline: RegExp; first: RegExp; isFix: boolean };
}

const PORK = ['500 g pork mince', '200 g chinese cabbage, salted and squeezed', '2 spring onions', '5 g salt'];
const BEEF = ['400 g beef mince', '300 g potato, diced', '150 g onion, finely diced', '9 g salt'];
const BRAISE = ['500 g braised beef', '150 g onion, sweated', '20 g breadcrumbs', '6 g salt'];
const CHEESE = ['300 g feta', '400 g spinach, frozen, squeezed', '1 egg', '2 g salt'];
const TURKEY = ['500 g turkey breast mince', '120 g leek, sweated', '6 g salt'];

const half = (lines: string[], portionG: number, count = 30): Cooking['words'] => ({
  form: 'half-moon',
  school: 'raw',
  count,
  lines,
  dough: 'noodle',
  wrap: { portionG },
});
const made = (
  form: Cooking['words']['form'],
  dough: Cooking['words']['dough'],
  lines: string[],
  portionG: number,
  count = 12,
  school: Cooking['words']['school'] = 'raw',
): Cooking['words'] => ({ form, dough, lines, count, school, wrap: { portionG } });
const bake = (mediumC: number, minutes: number, startC = 8): Partial<Batch['cook']> => ({
  method: 'bake',
  startC,
  steps: [step('oven', mediumC, minutes)],
});
const boil = (minutes: number, startC = 6): Partial<Batch['cook']> => ({
  method: 'boil',
  startC,
  steps: [step('water', null, minutes)],
});
const steam = (minutes: number): Partial<Batch['cook']> => ({
  method: 'steam',
  startC: 8,
  steps: [step('steam', null, minutes)],
});
const fry = (mediumC: number, minutes: number, startC = 8): Partial<Batch['cook']> => ({
  method: 'fry',
  startC,
  steps: [step('oil', mediumC, minutes)],
});

const underLid = (minutes: number, startC = 8): Partial<Batch['cook']> => ({
  method: 'fry',
  startC,
  steps: [step('shallow-lid', 160, minutes), step('shallow-lid', 160, minutes, true)],
});

export const ORDINARY: readonly Cooking[] = [
  { name: 'pork dumplings, seven minutes in the pot', words: half(PORK, 15), cook: boil(7), minutes: [3, 6] },
  { name: 'the same from the freezer, ten', words: half(PORK, 15), cook: boil(10, -18), minutes: [5, 9] },
  { name: 'steamed pork buns', words: made('purse', 'steamed-bun', PORK, 35, 16), cook: steam(17), minutes: [10, 17] },
  { name: 'large steamed buns', words: made('purse', 'steamed-bun', PORK, 60, 10), cook: steam(23), minutes: [14, 21] },
  {
    name: 'beef pasties',
    words: made('pocket', 'short', BEEF, 110, 8),
    glaze: 'egg',
    cook: bake(190, 40),
    minutes: [18, 32],
  },
  {
    name: 'sausage rolls',
    words: made('roll', 'rough-laminated', ['600 g pork mince', '60 g breadcrumbs', '9 g salt'], 40, 16),
    glaze: 'egg',
    cook: bake(200, 28),
    minutes: [14, 24],
  },
  { name: 'spinach pie in sheets', words: made('pan-pie', 'thin-sheets', CHEESE, 900, 1), cook: bake(180, 50, 12) },
  {
    name: 'potato dumplings, five minutes',
    words: half(['500 g potato, mashed', '100 g cheddar', '80 g onion, sweated', '6 g salt'], 15),
    cook: boil(5, 12),
  },
  {
    name: 'little cheese pillows',
    words: { ...made('pillow', 'noodle', ['300 g ricotta', '60 g parmesan', '1 egg'], 8, 40) },
    cook: boil(4),
  },
  {
    name: 'apple hand pies',
    words: made(
      'half-moon',
      'rough-laminated',
      ['500 g apple, stewed', '60 g sugar', '10 g corn starch'],
      35,
      12,
      'cooked',
    ),
    glaze: 'egg',
    cook: bake(200, 27, 12),
  },
  {
    name: 'bare apple hand pies',
    words: made(
      'half-moon',
      'rough-laminated',
      ['500 g apple, stewed', '60 g sugar', '10 g corn starch'],
      35,
      12,
      'cooked',
    ),
    cook: bake(200, 27, 12),
  },
  {
    name: 'chicken envelopes in the steamer',
    words: made('envelope', 'noodle', ['500 g chicken thigh mince', '120 g leek, sweated', '6 g salt'], 30, 16),
    cook: steam(14),
    minutes: [7, 12],
  },
  {
    name: 'onion tarts with a lid',
    words: made('double-round', 'short', ['400 g onion, browned', '150 g gruyere', '3 g salt'], 40, 12, 'cooked'),
    glaze: 'egg',
    cook: bake(190, 30, 15),
  },
  { name: 'turkey half-moons in oil', words: half(TURKEY, 15), cook: fry(170, 6), minutes: [2.5, 5.5] },
  {
    name: 'stuffed soft buns',
    words: made('purse', 'enriched', BRAISE, 40, 12, 'cooked'),
    glaze: 'egg',
    cook: bake(190, 22, 18),
  },
  {
    name: 'soft buns, milk on top',
    words: made('purse', 'enriched', BRAISE, 40, 12, 'cooked'),
    glaze: 'milk',
    cook: bake(190, 24, 18),
  },
  {
    name: 'a beef pie in short crust',
    words: made('pan-pie', 'short', BRAISE, 1100, 1, 'cooked'),
    glaze: 'egg',
    cook: bake(190, 50, 12),
  },
  { name: 'feta triangles in sheets', words: made('triangle', 'noodle', CHEESE, 20, 24), cook: fry(170, 5) },
  {
    name: 'three-cornered pies of raw beef in bread dough',
    words: made('three-corners', 'bread', ['400 g beef mince', '150 g onion, finely diced', '7 g salt'], 20, 20),
    glaze: 'egg',
    cook: bake(220, 16),
    minutes: [7, 13],
  },
  {
    name: 'pinched squares of lamb, steamed',
    words: made('closed-square', 'noodle', ['500 g lamb mince', '200 g onion, finely diced', '8 g salt'], 28, 24),
    cook: steam(20),
    minutes: [7, 13],
  },
  {
    name: 'cabbage pies under a lid in the pan',
    words: made(
      'half-moon',
      'enriched',
      ['600 g white cabbage, sweated', '3 boiled eggs', '7 g salt'],
      40,
      14,
      'cooked',
    ),
    // Filled as soon as it is cool, not from the fridge.
    cook: underLid(6, 20),
    minutes: [6, 11],
  },
  {
    name: 'cheese flags in bought sheets',
    words: made('flag-triangle', 'bought-sheets', CHEESE, 16, 30),
    cook: bake(190, 22),
    minutes: [8, 16],
  },
  {
    name: 'wound rolls of cooked chicken, fried',
    words: made(
      'wound-roll',
      'bought-skin',
      ['300 g chicken breast, cooked and shredded', '300 g white cabbage, sweated', '6 g salt'],
      40,
      14,
      'cooked',
    ),
    cook: fry(180, 6),
    minutes: [2, 5.5],
  },
];

export const SPOILT: readonly Cooking[] = [
  {
    name: 'dumplings forgotten in the pot',
    words: half(PORK, 15),
    cook: boil(30),
    spoilt: { headline: /boiled too long/, first: /^Boil \d min instead of 30/, isFix: true },
  },
  {
    name: 'dumplings a quarter of an hour too long',
    words: half(PORK, 15),
    cook: boil(20),
    spoilt: { headline: /boiled too long/, first: /^Boil \d min instead of 20/, isFix: false },
  },
  {
    name: 'raw pasties for a quarter of an hour',
    words: made('pocket', 'short', BEEF, 110, 8),
    glaze: 'egg',
    cook: bake(190, 15),
    spoilt: { headline: /too short/, first: /^Bake [2-4]\d min instead of 15/, isFix: true },
  },
  {
    name: 'buns steamed for six',
    words: made('purse', 'steamed-bun', PORK, 35, 16),
    cook: steam(6),
    spoilt: { headline: /too short/, first: /^Steam 1\d min/, isFix: true },
  },
  {
    name: 'pies burnt at 230',
    words: made('double-round', 'short', ['400 g onion, browned', '150 g gruyere', '3 g salt'], 40, 12, 'cooked'),
    glaze: 'egg',
    cook: bake(230, 60, 15),
    spoilt: { headline: /too brown/, first: /^Bake \d+ min instead of 60/, isFix: true },
  },
  {
    name: 'turkey pockets baked for an hour and a half',
    words: made('pocket', 'short', TURKEY, 60, 10),
    cook: bake(170, 95),
    spoilt: { headline: /dry by then|too brown/, first: /^Bake \d+ min instead of 95/, isFix: false },
  },
  {
    name: 'hand pies in a lukewarm oven',
    words: made('half-moon', 'short', ['500 g apple, stewed', '60 g sugar', '10 g corn starch'], 35, 12, 'cooked'),
    glaze: 'egg',
    cook: bake(175, 20, 15),
    spoilt: { headline: /still pale|short/, first: /golden: about \d+ min|^Bake 3\d min/, isFix: false },
  },
  {
    name: 'frozen chicken into hot oil for three minutes',
    words: half(['500 g chicken thigh mince', '120 g leek, sweated', '6 g salt'], 25, 20),
    cook: fry(190, 3, -18),
    spoilt: { headline: /too short|too brown/, first: /Thaw|Fry|instead/, isFix: true },
  },
  {
    name: 'a raw beef pie for twenty minutes',
    words: made('pan-pie', 'short', BEEF, 1300, 1),
    glaze: 'egg',
    cook: bake(180, 20),
    spoilt: { headline: /too short/, first: /^Bake [4-9]\d min instead of 20/, isFix: true },
  },
  {
    name: 'thick envelopes steamed for four',
    words: made('envelope', 'noodle', PORK, 38, 16),
    cook: steam(4),
    spoilt: { headline: /too short/, first: /^Steam 1\d min/, isFix: true },
  },
  {
    name: 'raw meat under a lid, three minutes a side',
    words: made('half-moon', 'bread', BEEF, 60, 12),
    cook: underLid(3),
    spoilt: { headline: /too short/, first: /^Fry \d+ min instead of 6/, isFix: true },
  },
  {
    name: 'three-cornered pies forgotten in a hot oven',
    words: made('three-corners', 'bread', ['400 g beef mince', '150 g onion, finely diced', '7 g salt'], 20, 20),
    glaze: 'egg',
    cook: bake(240, 32),
    spoilt: { headline: /brown/, first: /min|°C/, isFix: true },
  },
];
