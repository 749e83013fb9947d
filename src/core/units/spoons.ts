/** Small volumes as the spoons in a drawer: "1 tbsp + ½ tsp". */
import { formatFraction } from './amount';

/**
 * Names a volume in tablespoons and teaspoons, to a quarter teaspoon.
 * @param ml millilitres, 0 or more; spoons of 15 and 5 ml
 */
export function inSpoons(ml: number): string {
  const quarters = Math.round(ml / 1.25);
  if (quarters === 0) return ml > 0 ? 'a pinch' : 'none';
  const tablespoons = Math.floor(quarters / 12);
  const teaspoons = (quarters - tablespoons * 12) / 4;
  const half = tablespoons > 0 && teaspoons === 1.5;
  if (half) return `${formatFraction(tablespoons + 0.5)} tbsp`;
  const parts = [
    tablespoons > 0 ? `${formatFraction(tablespoons)} tbsp` : '',
    teaspoons > 0 ? `${formatFraction(teaspoons)} tsp` : '',
  ];
  return parts.filter((part) => part !== '').join(' + ');
}
