import { type Kitchen } from '../stored/kitchen-schema';
import { spoonfulFactor } from '../learning/learned';

/** The spoon or scoop nearest to a portion of filling, level. */
const SPOONS: readonly Scoop[] = [
  { ml: 5, label: '1 level tsp' },
  { ml: 7.5, label: '1½ level tsp' },
  { ml: 10, label: '2 level tsp' },
  { ml: 15, label: '1 level tbsp' },
  { ml: 20, label: '1 level tbsp + 1 tsp' },
  { ml: 22.5, label: '1½ level tbsp' },
  { ml: 30, label: '2 level tbsp' },
  { ml: 37.5, label: '2½ level tbsp' },
  { ml: 45, label: '3 level tbsp' },
  { ml: 60, label: '4 level tbsp (¼ cup)' },
  { ml: 80, label: '⅓ cup' },
  { ml: 120, label: '½ cup' },
];

interface Scoop {
  ml: number;
  label: string;
}

/** Beyond this nobody spoons: the volume itself is said. */
const MOST_ML = 170;

/**
 * The spoon nearest by ratio to a volume, ml; the volume itself where it is too much for spoons.
 * @param scoopsMl the kitchen's own, which come first where they are as near
 */
export function portionSpoon(ml: number, scoopsMl: readonly number[] = []): Scoop {
  const own = scoopsMl.map((size) => ({ ml: size, label: `your ${size} ml scoop` }));
  if (ml > Math.max(MOST_ML, ...scoopsMl)) {
    const round = Math.round(ml / 10) * 10;
    return { ml: round, label: `${round} ml` };
  }
  const off = (spoon: Scoop): number => Math.abs(Math.log(spoon.ml / ml));
  return [...own, ...SPOONS].reduce((best, spoon) => (off(spoon) < off(best) - 1e-9 ? spoon : best));
}

/**
 * The spoon for a portion in a kitchen, in words: where its spoonfuls are known to weigh more or less than planned, a smaller
 * or a larger one.
 */
export function spoonFor(ml: number, kitchen: Pick<Kitchen, 'scoopsMl' | 'learned'>): string {
  const factor = spoonfulFactor(kitchen);
  const { label } = portionSpoon(ml / factor, kitchen.scoopsMl);
  return Math.abs(factor - 1) < SAME ? label : `${label}, as your kitchen fills it`;
}
/** Nearer to what is planned a spoonful is what it says. House estimate. */
const SAME = 0.03;
