/** What a parcel covers as it lies in the heat, seen from above, mm. */
import { type Body, type FormId } from '../forms';
import { purseAcross } from '../forms/purse';
import { tentAcross } from '../forms/tent';
import { woundLength } from '../forms/wound-roll';
import { type Laid, type Skin } from '../forms/skins';

export interface Footprint {
  /** A round; a half round or a triangle, its long side along; or a rectangle. */
  outline: 'round' | 'half' | 'triangle' | 'rectangle';
  /** Its long side, mm. */
  longMm: number;
  wideMm: number;
}

/** A filled fold is so much shorter than the skin was across: it bulges. House estimate. */
const FOLDED = 0.95;

/** Along and across, mm. */
function sizeOf(skin: Skin): readonly [number, number] {
  switch (skin.shape) {
    case 'round':
    case 'pan':
      return [skin.diameterMm, skin.diameterMm];
    case 'square':
      return [skin.sideMm, skin.sideMm];
    default:
      return [Math.max(skin.lengthMm, skin.widthMm), Math.min(skin.lengthMm, skin.widthMm)];
  }
}

const round = (mm: number): Footprint => ({ outline: 'round', longMm: mm, wideMm: mm });

/** Of each form before it swells, from its skin and the body it makes. Half-moons and pockets lie on their side. */
const LYING: Readonly<Record<FormId, (size: readonly [number, number], body: Body, skin: Skin) => Footprint>> = {
  'half-moon': ([d]) => ({ outline: 'half', longMm: d * FOLDED, wideMm: d / 2 }),
  pocket: ([long, wide]) => ({ outline: 'half', longMm: long * FOLDED, wideMm: wide / 2 }),
  'folded-bun': ([long, wide]) => ({ outline: 'half', longMm: wide, wideMm: long / 2 }),
  purse: (_size, body) => round(purseAcross(body)),
  'double-round': ([d]) => round(d),
  'flat-round': ([d]) => round(d),
  roll: (_size, body, skin) => ({
    outline: 'rectangle',
    // A strip is cut to length along the rope.
    longMm: 'lengthMm' in skin ? skin.lengthMm : sizeOf(skin)[0],
    wideMm: 2 * (body.fillingMm + body.wrapperMm),
  }),
  'wound-roll': ([side], body) => ({
    outline: 'rectangle',
    longMm: woundLength(side) + 2 * body.wrapperMm,
    wideMm: 2 * (body.fillingMm + body.wrapperMm),
  }),
  triangle: ([side]) => ({ outline: 'triangle', longMm: side * Math.SQRT2, wideMm: side / Math.SQRT2 }),
  'flag-triangle': ([, wide]) => ({ outline: 'triangle', longMm: wide * Math.SQRT2, wideMm: wide / Math.SQRT2 }),
  envelope: ([side]) => ({ outline: 'rectangle', longMm: side / Math.SQRT2, wideMm: side / Math.SQRT2 }),
  'three-corners': (_size, body) => ({
    outline: 'triangle',
    longMm: 2 * Math.sqrt(3) * tentAcross(body),
    wideMm: 3 * tentAcross(body),
  }),
  'closed-square': (_size, body) => ({
    outline: 'rectangle',
    longMm: 2 * tentAcross(body),
    wideMm: 2 * tentAcross(body),
  }),
  pillow: ([side]) => ({ outline: 'rectangle', longMm: side, wideMm: side }),
  'pan-pie': ([long, wide], _body, skin) =>
    skin.shape === 'pan' ? round(long) : { outline: 'rectangle', longMm: long, wideMm: wide },
};

/** What a footprint covers, mm². */
export function areaOfFootprint({ outline, longMm, wideMm }: Footprint): number {
  const share = { round: Math.PI / 4, half: Math.PI / 4, triangle: 0.5, rectangle: 1 }[outline];
  return share * longMm * wideMm;
}

/** As it stands on its fold or floor, its seam up: as it is steamed, and seared to be steamed. */
const standing = (lying: Footprint, body: Body): Footprint => ({
  outline: 'rectangle',
  longMm: lying.longMm,
  wideMm: Math.min(lying.wideMm, 2 * (body.fillingMm + body.wrapperMm)),
});

/** Forms whose size is that of their body, the swelled wrapper and all. */
const BY_BODY: readonly FormId[] = ['purse', 'roll', 'wound-roll', 'pan-pie', 'three-corners', 'closed-square'];

/** Forms that can stand. */
const STANDS: readonly FormId[] = ['half-moon'];

/** As it lies when it has swelled: what rises grows outwards on every side. */
export function footprintOf(form: FormId, laid: Laid, body: Body, isStanding = false): Footprint {
  const lying = LYING[form](sizeOf(laid.skin), body, laid.skin);
  if (isStanding && STANDS.includes(form)) return standing(lying, body);
  const grows = BY_BODY.includes(form) ? 0 : 2 * Math.max(0, body.wrapperMm - laid.thicknessMm);
  return { ...lying, longMm: lying.longMm + grows, wideMm: lying.wideMm + grows };
}
