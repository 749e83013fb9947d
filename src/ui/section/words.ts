/** What the drawings of a piece say. */
import { formatNumber } from '@/core/units/amount';

export const widthByHeight = (widthMm: number, heightMm: number): string =>
  `${formatNumber(widthMm, 0)} × ${formatNumber(heightMm, 0)} mm`;
export const laidFlat = (label: string, what: string): string => `${label}, laid flat: ${what}`;

export const sliceOf = (widthMm: number): string => `slice, ${formatNumber(widthMm, 0)} mm`;
export const skinOf = (isSlice: boolean, thicknessMm: number): string =>
  `${isSlice ? 'sheets' : 'skin'} ${formatNumber(thicknessMm)} mm`;
export const fillingOf = (portionG: number): string => `filling ${formatNumber(portionG)} g`;
export const shareOfBite = (ratio: number): string => `${Math.round((100 * ratio) / (1 + ratio))} % of the bite`;
export const looseLiquid = (freePer100: number): string => `${formatNumber(freePer100, 1)} g of loose liquid in 100 g`;
export const NO_LOOSE_LIQUID = 'no loose liquid';
export const sectionInWords = (
  widthMm: number,
  thicknessMm: number,
  wrapperG: number,
  portionG: number,
  wet: string,
): string =>
  `Section of one piece, ${Math.round(widthMm)} mm across: skin ${formatNumber(thicknessMm)} mm, ${formatNumber(wrapperG)} g; filling ${formatNumber(portionG)} g with ${wet}.`;
