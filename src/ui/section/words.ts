/** What the drawings of a piece say. */
import { formatNumber } from '@/core/units/amount';

export const laidFlat = (label: string, what: string): string => `${label}, laid flat: ${what}`;

export const sliceOf = (across: string): string => `slice, ${across}`;
export const skinOf = (isSlice: boolean, thick: string): string => `${isSlice ? 'sheets' : 'skin'} ${thick}`;
export const fillingOf = (portionG: number): string => `filling ${formatNumber(portionG)} g`;
export const shareOfBite = (ratio: number): string => `${Math.round((100 * ratio) / (1 + ratio))} % of the bite`;
export const looseLiquid = (freePer100: number): string => `${formatNumber(freePer100, 1)} g of loose liquid in 100 g`;
export const NO_LOOSE_LIQUID = 'no loose liquid';
export const sectionInWords = (
  across: string,
  thick: string,
  wrapperG: number,
  portionG: number,
  wet: string,
): string =>
  `Section of one piece, ${across} across: skin ${thick}, ${formatNumber(wrapperG)} g; filling ${formatNumber(portionG)} g with ${wet}.`;
