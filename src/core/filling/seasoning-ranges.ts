/** Usual amounts of what seasons and leavens, g per kg of finished filling. House estimates. */
import { formatNumber } from '../units/amount';
import { type Finding } from './finding';
import { type ResolvedLine } from './lines';

const RANGES: Record<string, readonly [low: number, high: number]> = {
  'black-pepper': [1, 4],
  'white-pepper': [0.5, 3],
  'szechuan-pepper': [0.5, 4],
  cayenne: [0.2, 3],
  'chilli-flakes': [0.5, 5],
  'chilli-fresh': [2, 25],
  paprika: [2, 15],
  'smoked-paprika': [1, 10],
  nutmeg: [0.3, 2],
  mace: [0.3, 2],
  cumin: [1, 5],
  'coriander-seed': [1, 6],
  caraway: [1, 6],
  'fennel-seed': [1, 6],
  fenugreek: [0.5, 3],
  cardamom: [0.3, 2],
  cinnamon: [0.5, 4],
  cloves: [0.2, 1],
  allspice: [0.5, 3],
  'star-anise': [0.3, 2],
  'five-spice': [1, 5],
  'curry-powder': [5, 15],
  turmeric: [0.5, 3],
  'ginger-ground': [0.5, 4],
  'garlic-powder': [1, 6],
  'onion-powder': [1, 10],
  'mustard-powder': [0.5, 5],
  'mustard-seed': [1, 8],
  sumac: [1, 8],
  saffron: [0.02, 0.3],
  nigella: [1, 6],
  'celery-seed': [0.3, 2],
  juniper: [0.5, 4],
  'thyme-dried': [0.5, 3],
  'oregano-dried': [0.5, 3],
  'marjoram-dried': [0.5, 4],
  'mint-dried': [0.5, 3],
  'dill-dried': [0.5, 4],
  'sage-dried': [0.3, 2],
  'rosemary-dried': [0.3, 2],
  'savory-dried': [0.5, 3],
  'basil-dried': [0.5, 3],
  'parsley-dried': [0.5, 5],
  'mixed-herbs': [0.5, 4],
  parsley: [10, 60],
  dill: [8, 50],
  'coriander-leaf': [10, 60],
  mint: [5, 40],
  chives: [8, 50],
  basil: [8, 50],
  tarragon: [3, 20],
  sage: [2, 10],
  rosemary: [1, 6],
  thyme: [1, 8],
  'wild-garlic': [10, 80],
  lovage: [3, 15],
  garlic: [4, 15],
  ginger: [4, 20],
  horseradish: [5, 40],
  sugar: [2, 15],
  'brown-sugar': [2, 20],
  'sesame-oil': [3, 15],
  'chilli-oil': [2, 20],
  mustard: [5, 25],
  'worcester-sauce': [3, 15],
  'lemon-zest': [1, 8],
  'orange-zest': [1, 8],
  bicarbonate: [2, 5],
};

/** Things sweet by nature are judged by nobody's savoury range: a filling with fruit or sugar in plenty is a sweet one. */
const SWEET_SHARE = 0.15;
const SUGARS = ['sugar', 'brown-sugar', 'cinnamon'];

/** How many ingredients have a range. */
export const RANGES_KNOWN = Object.keys(RANGES).length;

/** What lies outside its range, with the slip of the spoon that would explain it. */
export function seasoningFindings(lines: readonly ResolvedLine[], finishedG: number): Finding[] {
  if (finishedG <= 0) return [];
  const fruit = lines.filter((l) => l.ingredient.family === 'fruit').reduce((sum, l) => sum + l.readyG, 0);
  const isSweet = fruit / finishedG > SWEET_SHARE;
  return lines.flatMap((l) => {
    const range = RANGES[l.ingredient.id];
    if (!range || (isSweet && SUGARS.includes(l.ingredient.id))) return [];
    const perKg = (1000 * l.readyG) / finishedG;
    const [low, high] = range;
    const said = `${formatNumber(perKg)} g per kg; usual is ${formatNumber(low)} to ${formatNumber(high)} (house estimate)`;
    if (perKg > high * 1.25) {
      const slipped = l.line.unit === 'tbsp' && perKg / 3 <= high * 1.25;
      return [
        {
          lineId: l.line.id,
          text: `${l.ingredient.name} is far above the usual: ${said}.${slipped ? ' Teaspoons?' : ''}`,
          fix: slipped
            ? {
                label: 'Teaspoons, then',
                change: [{ do: 'changeLine' as const, id: l.line.id, to: { unit: 'tsp' as const } }],
              }
            : null,
        },
      ];
    }
    if (perKg >= low / 2) return [];
    return [{ lineId: l.line.id, text: `${l.ingredient.name} will hardly be tasted: ${said}.`, fix: null }];
  });
}
