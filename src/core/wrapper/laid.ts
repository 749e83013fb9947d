/** The skin as it is laid: as thick as it is said to be, or as what is bought weighs. */
import { type Batch } from '../stored/schema';
import { areaOf, type Laid } from '../forms/skins';
import { type Dough } from './dough';

/** One skin or sheet of the packet, g; null where its packet is not said or it is made. */
export const packetPieceG = (
  { packet }: Pick<Batch['wrap'], 'packet'>,
  { parts }: Pick<Dough, 'parts'>,
): number | null => (packet === null || parts.length > 0 ? null : packet.grams / packet.count);

/**
 * What decides how much a parcel holds and what its wrapper weighs. Of what is bought by the packet the thickness follows from
 * the weight of one piece: of skins over their own area, of sheets over that of the sheet.
 */
export function laidOf(wrap: Batch['wrap'], dough: Pick<Dough, 'parts' | 'density'>): Laid {
  const { skin, rimMm, thicknessMm, sheet } = wrap;
  const pieceG = packetPieceG(wrap, dough);
  const isLined = 'sheetsBelow' in skin;
  const area = isLined ? (sheet === null ? null : sheet.lengthMm * sheet.widthMm) : areaOf(skin);
  if (pieceG === null || area === null) return { skin, rimMm, thicknessMm };
  return { skin, rimMm, thicknessMm: (pieceG / area / dough.density) * 1e6 };
}
