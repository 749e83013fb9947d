/** The level spoon nearest to a portion of filling. */
const SPOONS: readonly { ml: number; label: string }[] = [
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

/** Beyond this nobody spoons: the volume itself is said. */
const MOST_ML = 170;

/** The spoon nearest by ratio to a volume, ml; the volume itself where it is too much for spoons. */
export function portionSpoon(ml: number): { ml: number; label: string } {
  if (ml > MOST_ML) {
    const round = Math.round(ml / 10) * 10;
    return { ml: round, label: `${round} ml` };
  }
  return SPOONS.reduce((best, spoon) =>
    Math.abs(Math.log(spoon.ml / ml)) < Math.abs(Math.log(best.ml / ml)) ? spoon : best,
  );
}
