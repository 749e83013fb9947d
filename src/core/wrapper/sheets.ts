/** Sheets that line and cover a pan, counted by their own size. */
import { type SkinOf } from '../forms/skins';

type Pan = SkinOf<'pan' | 'tin'>;
interface SheetSize {
  lengthMm: number;
  widthMm: number;
}

/** Laid side by side they overlap by so much, mm. House estimate. */
const OVERLAP_MM = 20;

/** How many sheets lie side by side to cover so long a way. */
const inARow = (needMm: number, sheetMm: number): number =>
  needMm <= sheetMm ? 1 : 1 + Math.ceil((needMm - sheetMm) / Math.max(1, sheetMm - OVERLAP_MM));

/** Sheets of this size that one layer of so much by so much takes, laid whichever way takes fewer. */
const forLayer = (long: number, wide: number, { lengthMm, widthMm }: SheetSize): number =>
  Math.min(inARow(long, lengthMm) * inARow(wide, widthMm), inARow(long, widthMm) * inARow(wide, lengthMm));

/** Sheets of a size that one pan takes: below they come up the wall, above they cover it. */
export function sheetsNeeded(pan: Pan, sheet: SheetSize): { below: number; above: number; total: number } {
  const [long, wide] = pan.shape === 'pan' ? [pan.diameterMm, pan.diameterMm] : [pan.lengthMm, pan.widthMm];
  const below = pan.sheetsBelow * forLayer(long + 2 * pan.depthMm, wide + 2 * pan.depthMm, sheet);
  const above = pan.sheetsAbove * forLayer(long, wide, sheet);
  return { below, above, total: below + above };
}
