/** Dough that is rolled out beyond what is eaten: over the rim of a pan, and between the rounds that are cut from a sheet. */
import { areaOf, type Laid, type SkinOf } from '../forms/skins';
import { type Batch } from '../stored/schema';
import { layRounds, rerolled } from './layout';

/** Sheets hang over the rim of their pan by so much all round, to be sealed, folded in or trimmed, mm. House estimate. */
const OVERHANG_MM = 20;

/** A sheet that comes up the wall by so much and hangs over, mm². */
const sheetArea = (pan: SkinOf<'pan' | 'tin'>, wallMm: number): number => {
  const more = 2 * (wallMm + OVERHANG_MM);
  return pan.shape === 'pan'
    ? (Math.PI / 4) * (pan.diameterMm + more) ** 2
    : (pan.lengthMm + more) * (pan.widthMm + more);
};

/**
 * What the sheets of a pan take beyond what lies in it, as a share of that.
 * @param skinMm2 what lies in it: floor, wall and cover
 * @returns 0 of what is no pan
 */
export function overhangShare({ skin }: Pick<Laid, 'skin'>, skinMm2: number): number {
  if (!('sheetsBelow' in skin) || skinMm2 <= 0) return 0;
  const rolled = skin.sheetsBelow * sheetArea(skin, skin.depthMm) + skin.sheetsAbove * sheetArea(skin, 0);
  return Math.max(0, rolled / skinMm2 - 1);
}

/**
 * What whole sheets of a size have beyond the rounds that are cut from them, trimmings rolled once more, as a share of the rounds.
 * @param rounds how many are cut
 * @returns null where nothing says how they are cut
 */
export function layoutShare({ skin, sheet }: Pick<Batch['wrap'], 'skin' | 'sheet'>, rounds: number): number | null {
  if (skin.shape !== 'round' || sheet === null || rounds <= 0) return null;
  const layout = layRounds(sheet, skin.diameterMm);
  const perSheet = layout.count + rerolled(layout);
  if (perSheet === 0) return null;
  const rolled = Math.ceil(rounds / perSheet) * sheet.lengthMm * sheet.widthMm;
  return Math.max(0, rolled / (rounds * areaOf(skin)) - 1);
}
