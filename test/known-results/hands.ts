/**
 * What households found at the first bite, and what one who has made hundreds would say it came from: written before the rules
 * for it. `because` are the causes any of which that cook would name first.
 */
import { type FillingInWords } from '@/core/recipe/to-batch';
import { type Outcome } from '@/core/stored/note-schema';
import { type Operation } from '@/core/stored/operations';
import { step } from '@/core/vocabulary/media/step';

export interface Result {
  name: string;
  words: Omit<FillingInWords, 'title'>;
  changes?: Operation[];
  found: Outcome['what'];
  where?: Outcome['where'];
  because: readonly string[];
}

const PORK = ['500 g pork mince', '200 g chinese cabbage, salted and squeezed', '2 spring onions', '6 g salt'];
const half = (lines: string[], portionG = 15, count = 30): Result['words'] => ({
  form: 'half-moon',
  school: 'raw',
  count,
  lines,
  dough: 'noodle',
  wrap: { portionG },
});
const made = (
  form: Result['words']['form'],
  dough: Result['words']['dough'],
  lines: string[],
  portionG: number,
  count = 12,
  school: Result['words']['school'] = 'raw',
): Result['words'] => ({ form, dough, lines, count, school, wrap: { portionG } });
const boil = (minutes: number): Operation => ({
  do: 'setCook',
  to: { method: 'boil', startC: 6, steps: [step('water', null, minutes)] },
});
const bake = (mediumC: number, minutes: number): Operation => ({
  do: 'setCook',
  to: { method: 'bake', startC: 8, steps: [step('oven', mediumC, minutes)] },
});
const egg: Operation = { do: 'setWrap', to: { glaze: 'egg' } };
const griddle = (mediumC: number, minutes: number): Operation => ({
  do: 'setCook',
  to: {
    method: 'griddle',
    startC: 15,
    steps: [step('griddle', mediumC, minutes), step('griddle', mediumC, minutes, true)],
  },
});
const POTATO = ['600 g potato, mashed', '80 g onion, sweated', '8 g salt'];
const ROUNDS = made('flat-round', 'griddle', POTATO, 110, 6, 'cooked');

export const RESULTS: readonly Result[] = [
  {
    name: 'left in the pot and burst',
    words: half(PORK),
    changes: [boil(26)],
    found: 'burst',
    where: 'seam',
    because: ['boiled-long'],
  },
  {
    name: 'left in the pot, slimy outside',
    words: half(PORK),
    changes: [boil(22)],
    found: 'soggy',
    where: 'side',
    because: ['boiled-long'],
  },
  {
    name: 'raw carrot dice in a pasty',
    words: made('pocket', 'short', ['400 g beef mince', '250 g carrot, diced', '8 g salt'], 110, 8),
    changes: [egg, bake(200, 28)],
    found: 'veg-hard',
    because: ['raw-pieces', 'too-short'],
  },
  {
    name: 'raw potato dice, half an hour',
    words: made('pocket', 'short', ['400 g lamb mince', '350 g potato, diced', '9 g salt'], 110, 8),
    changes: [egg, bake(200, 30)],
    found: 'veg-hard',
    because: ['raw-pieces', 'too-short'],
  },
  {
    name: 'raw carrot in dumplings',
    words: half(['400 g pork mince', '150 g carrot, diced', '6 g salt']),
    changes: [boil(6)],
    found: 'veg-hard',
    because: ['raw-pieces'],
  },
  {
    name: 'rhubarb without sugar',
    words: made('half-moon', 'rough-laminated', ['500 g rhubarb', '10 g corn starch'], 35, 12),
    changes: [egg, bake(200, 27)],
    found: 'sour',
    because: ['little-sugar'],
  },
  {
    name: 'sour cherries, a spoon of sugar',
    words: made('pocket', 'short', ['600 g sour cherries', '20 g sugar', '15 g corn starch'], 80, 8),
    changes: [egg, bake(190, 32)],
    found: 'sour',
    because: ['little-sugar'],
  },
  {
    name: 'fermented cabbage as it comes',
    words: made('half-moon', 'noodle', ['500 g sauerkraut', '100 g onion, sweated'], 15, 30, 'cooked'),
    changes: [boil(5)],
    found: 'sour',
    because: ['sour-things'],
  },
  {
    name: 'half a cup of vinegar',
    words: half([...PORK, '60 ml vinegar']),
    changes: [boil(7)],
    found: 'sour',
    because: ['sour-things'],
  },
  {
    name: 'a thimble of filling',
    words: half(PORK, 5),
    changes: [boil(6)],
    found: 'mostly-dough',
    because: ['slack', 'mostly-dough'],
  },
  {
    name: 'buns like pillows, a walnut inside',
    words: made('purse', 'steamed-bun', PORK, 14, 16),
    changes: [{ do: 'setWrap', to: { thicknessMm: 8 } }],
    found: 'mostly-dough',
    because: ['thick-dough', 'slack', 'mostly-dough'],
  },
  {
    name: 'crust twice as thick',
    words: made('pocket', 'short', ['500 g braised beef', '100 g onion, sweated', '6 g salt'], 60, 8, 'cooked'),
    changes: [egg, bake(190, 35), { do: 'setWrap', to: { thicknessMm: 7 } }],
    found: 'mostly-dough',
    because: ['thick-dough', 'slack', 'mostly-dough'],
  },
  {
    name: 'raw courgette',
    words: made('pocket', 'short', ['500 g courgette', '150 g feta', '1 g salt'], 100, 8),
    changes: [egg, bake(190, 35)],
    found: 'watery',
    because: ['wet-filling'],
  },
  {
    name: 'thawed spinach, not squeezed',
    words: made('pan-pie', 'thin-sheets', ['800 g spinach, frozen', '200 g feta'], 900, 1),
    changes: [bake(180, 50)],
    found: 'watery',
    because: ['wet-filling'],
  },
  {
    name: 'berries without starch',
    words: made('half-moon', 'rough-laminated', ['500 g blueberries', '60 g sugar'], 35, 12),
    changes: [egg, bake(200, 27)],
    found: 'watery',
    because: ['wet-filling'],
  },
  {
    name: 'turkey breast, baked for an hour and more',
    words: made('pocket', 'short', ['500 g turkey breast mince', '100 g leek, sweated', '6 g salt'], 60, 10),
    changes: [egg, bake(180, 80)],
    found: 'dry',
    because: ['too-long', 'lean-meat', 'too-dry'],
  },
  {
    name: 'pasties planned for too long',
    words: made('pocket', 'short', ['500 g braised beef', '100 g onion, sweated', '6 g salt'], 90, 8, 'cooked'),
    changes: [egg, bake(180, 95)],
    found: 'tough',
    because: ['too-long'],
  },
  {
    name: 'a griddle at its highest',
    words: ROUNDS,
    changes: [griddle(240, 5)],
    found: 'too-brown',
    where: 'bottom',
    because: ['planned-hot'],
  },
  {
    name: 'a quarter of an hour on each side',
    words: ROUNDS,
    changes: [griddle(190, 14)],
    found: 'too-brown',
    where: 'bottom',
    because: ['planned-hot', 'too-long', 'brown-before-hot'],
  },
  {
    name: 'as it is usually done, and black',
    words: ROUNDS,
    changes: [griddle(180, 4)],
    found: 'too-brown',
    where: 'bottom',
    because: ['oven-hot'],
  },
  {
    name: 'twenty minutes at 170',
    words: made('pocket', 'short', ['500 g braised beef', '100 g onion, sweated', '6 g salt'], 90, 8, 'cooked'),
    changes: [egg, bake(170, 20)],
    found: 'pale',
    where: 'top',
    because: ['too-mild', 'too-short'],
  },
  {
    name: 'six minutes for large buns',
    words: made('purse', 'steamed-bun', PORK, 35, 16),
    changes: [{ do: 'setCook', to: { method: 'steam', startC: 6, steps: [step('steam', null, 6)] } }],
    found: 'cold-centre',
    where: 'middle',
    because: ['too-short'],
  },
  {
    name: 'oil that hardly sizzled',
    words: half(PORK),
    changes: [{ do: 'setCook', to: { method: 'fry', startC: 8, steps: [step('oil', 145, 8)] } }],
    found: 'greasy',
    because: ['oil-mild', 'pot-fell'],
  },
  {
    name: 'no salt at all',
    words: half(['500 g pork mince', '200 g leek, sweated']),
    changes: [boil(7)],
    found: 'bland',
    because: ['little-salt'],
  },
  {
    name: 'soy by the ladle',
    words: half(['500 g pork mince', '200 g leek, sweated', '100 ml soy sauce', '8 g salt']),
    changes: [boil(7)],
    found: 'salty',
    because: ['much-salt'],
  },
  {
    name: 'stuffed to the last crumb',
    words: half(PORK, 34),
    changes: [boil(9)],
    found: 'burst',
    where: 'seam',
    because: ['overfilled'],
  },
  {
    name: 'frozen dumplings, steamed as fresh ones',
    words: made('purse', 'noodle', PORK, 22, 24),
    changes: [{ do: 'setCook', to: { method: 'steam', startC: -18, steps: [step('steam', null, 8)] } }],
    found: 'cold-centre',
    where: 'middle',
    because: ['from-frozen', 'too-short'],
  },
  {
    name: 'a pot of oil filled with dumplings',
    words: half(PORK, 16, 24),
    changes: [
      { do: 'setCook', to: { method: 'fry', startC: 6, steps: [step('oil', 175, 6)], load: 24, liquidG: 1000 } },
    ],
    found: 'greasy',
    because: ['pot-fell'],
  },
  {
    name: 'a hot oven, and cold beef in the middle',
    words: made('pocket', 'short', ['700 g beef mince', '150 g onion, sweated', '9 g salt'], 130, 6),
    changes: [egg, bake(240, 18)],
    found: 'cold-centre',
    where: 'middle',
    because: ['brown-before-hot', 'too-short'],
  },
  {
    name: 'raw mushrooms under a lid of pastry',
    words: made('pan-pie', 'short', ['700 g mushrooms', '200 g leek', '150 ml cream', '8 g salt'], 1000, 1, 'cooked'),
    changes: [egg, bake(190, 40)],
    found: 'soggy',
    where: 'bottom',
    because: ['wet-filling', 'cold-bottom'],
  },
  {
    name: 'closed with hardly a rim',
    words: { ...half(PORK, 17), wrap: { portionG: 17, rimMm: 3 } },
    changes: [boil(7)],
    found: 'leaked',
    where: 'seam',
    because: ['narrow-rim', 'overfilled'],
  },
  {
    name: 'chicken that falls out at the first bite',
    words: made(
      'half-moon',
      'short',
      ['400 g chicken breast, poached', '100 g carrot, sweated', '5 g salt'],
      20,
      20,
      'cooked',
    ),
    changes: [egg, bake(200, 24)],
    found: 'loose-filling',
    because: ['too-dry', 'tight-mix'],
  },
  {
    name: 'meat balls like rubber, with half a loaf in them',
    words: half(['400 g beef mince', '150 g breadcrumbs', '6 g salt']),
    changes: [boil(7)],
    found: 'dense',
    because: ['overbound', 'too-absorbent', 'too-dry'],
  },
  {
    name: 'cherries in paste',
    words: made('pocket', 'short', ['500 g cherries', '100 g sugar', '70 g corn starch'], 70, 8),
    changes: [egg, bake(190, 32)],
    found: 'pasty',
    because: ['overbound'],
  },
  {
    name: 'a closed pie of wet apples, blown open in the oven',
    words: made('pocket', 'short', ['700 g apples, diced', '60 g sugar'], 150, 6),
    changes: [egg, bake(200, 30)],
    found: 'burst',
    where: 'top',
    because: ['no-vent', 'wet-filling', 'overfilled'],
  },
  {
    name: 'belly of pork and butter',
    words: made('purse', 'steamed-bun', ['500 g pork belly', '80 g butter', '150 g leek, sweated', '7 g salt'], 30, 16),
    changes: [{ do: 'setCook', to: { method: 'steam', startC: 6, steps: [step('steam', null, 17)] } }],
    found: 'greasy',
    because: ['fatty'],
  },
  {
    name: 'raw crumb round a small filling',
    words: made('purse', 'steamed-bun', PORK, 25, 16),
    changes: [
      { do: 'setWrap', to: { thicknessMm: 9 } },
      { do: 'setCook', to: { method: 'steam', startC: 6, steps: [step('steam', null, 8)] } },
    ],
    found: 'raw-dough',
    because: ['too-short', 'thick-dough'],
  },
  {
    name: 'buns that fell in as the lid was lifted',
    words: made('purse', 'steamed-bun', PORK, 30, 16),
    changes: [{ do: 'setCook', to: { method: 'steam', startC: 6, steps: [step('steam', null, 17)] } }],
    found: 'collapsed',
    because: ['lid-off-soon'],
  },
  {
    name: 'a kilo of filling for two dozen',
    words: half(['700 g pork mince', '300 g leek, sweated', '12 g salt'], 15, 24),
    changes: [boil(7)],
    found: 'filling-left',
    because: ['much-filling', 'portions-light'],
  },
  {
    name: 'dough for a feast, filling for a few',
    words: half(['250 g pork mince', '80 g leek, sweated', '4 g salt'], 15, 20),
    changes: [boil(7), { do: 'setWrap', to: { doughG: 700 } }],
    found: 'dough-left',
    because: ['much-dough', 'little-filling', 'skins-heavy'],
  },
];
