/** A square skin, its four corners folded to the middle and sealed there. */
import { areaOf, type Laid } from './skins';
import { risen } from './body';
import { cushionBody } from './cushion';
import { type FlatSkin, flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { halfMoon } from './half-moon';
import { rectanglePillow } from './lens';
import { f, rectangle } from './paths';
import { type Filled, type SectionShape } from './section';

/** Side of the square that it folds to, inside the seams, mm. */
export const foldedSide = (laid: Laid): number =>
  Math.max(0, (skinOf(laid, 'square').sideMm - 2 * laid.rimMm) / Math.SQRT2);

/** Its corners left open, it may be heaped: so much more than closed. House estimate. */
const HEAPED = 1.1;

export const envelope: Form = {
  ...halfMoon,
  label: 'envelope',
  plural: 'envelopes',
  shapes: ['square'],
  made: 'Filling in the middle of a square, the four corners folded up to meet over it, the seams pinched.',
  law: 'Folded, it is two squares of side w = (side − 2 rims) / √2 sealed flat: at most w³ (1/π − 0.142 (1 − 1/10)) = 0.19 w³.',
  maxMl: (laid, hasMouth = false) =>
    ((hasMouth ? HEAPED : 1) * rectanglePillow(foldedSide(laid), foldedSide(laid))) / 1000,
  comfortable: [0.35, 0.6],
  tight: 0.8,
  skinArea: ({ skin }) => areaOf(skin),
  body: (laid, fillMl, wrapperMl) =>
    cushionBody(fillMl, fillMl / envelope.maxMl(laid), risen(laid.thicknessMm, areaOf(laid.skin), wrapperMl)),
  usualRatio: [0.5, 1.6],
  hasOwnSize: true,
  edges: ['pressed', 'pleats'],
  canHaveMouth: true,
  usual: {
    skin: { shape: 'square', sideMm: 120 },
    rimMm: 6,
    thicknessMm: 2.5,
    dough: 'rough-laminated',
    method: 'bake',
    mediumC: 200,
    minutes: 24,
  },
  section,
  flat: (_filled, laid) => [cornersIn(laid, foldedSide(laid) * 0.42)],
};

/** A square on its corner. @param corner from its middle to a corner, mm */
const diamond = (corner: number): string => `M ${f(-corner)} 0 L 0 ${f(-corner)} L ${f(corner)} 0 L 0 ${f(corner)} Z`;

/** A square whose four corners come to its middle, laid flat. @param heapMm from its middle to a corner of the heap */
export function cornersIn(laid: Laid, heapMm: number): FlatSkin {
  const side = skinOf(laid, 'square').sideMm;
  return flatSkin({
    label: 'square',
    widthMm: side,
    heightMm: side,
    outline: rectangle(side, side),
    rim: rectangle(side - 2 * laid.rimMm, side - 2 * laid.rimMm),
    filling: diamond(heapMm),
    folds: diamond(side / 2),
  });
}

/** Cut across: a flat bottom, and on top two flaps that meet in a pinched seam. */
function section({ body, hasMouth }: Filled, laid: Laid): SectionShape {
  const b = (foldedSide(laid) / 2) * 0.96;
  const t = body.wrapperMm;
  const H = Math.max(1, 2 * body.fillingMm);
  const gap = hasMouth ? b * 0.16 : 0;
  /** @param x half its width @param low where its floor is @param high where the flaps stand highest @param dip where they meet */
  const outline = (x: number, low: number, high: number, dip: number, open: number) =>
    [
      `M ${f(-x * 0.86)} ${f(low)} L ${f(x * 0.86)} ${f(low)}`,
      `C ${f(x * 1.05)} ${f(low)} ${f(x * 1.06)} ${f((low + high) / 2)} ${f(x * 0.9)} ${f(high * 0.78 + low * 0.22)}`,
      `C ${f(x * 0.68)} ${f(high * 1.02)} ${f(x * 0.34)} ${f(high * 1.02)} ${f(open)} ${f(dip)} L ${f(-open)} ${f(dip)}`,
      `C ${f(-x * 0.34)} ${f(high * 1.02)} ${f(-x * 0.68)} ${f(high * 1.02)} ${f(-x * 0.9)} ${f(high * 0.78 + low * 0.22)}`,
      `C ${f(-x * 1.06)} ${f((low + high) / 2)} ${f(-x * 1.05)} ${f(low)} ${f(-x * 0.86)} ${f(low)} Z`,
    ].join(' ');
  const top = -(H + 2 * t);
  const dip = top + t * 0.3;
  return {
    widthMm: 2 * (b + t),
    heightMm: H + 2.3 * t,
    leftMm: b + t,
    isSlice: false,
    skin: outline(b + t, 0, top - t * 0.2, dip, gap),
    filling: outline(b, -t, top + t * 0.8, hasMouth ? dip : top + t * 1.5, gap),
    // The pinched seam stands up a little where the flaps meet.
    seam: hasMouth
      ? ''
      : `M 0 ${f(top + t * 1.5)} L 0 ${f(top - t * 0.3)} M ${f(-t * 0.5)} ${f(top - t * 0.1)} L 0 ${f(top - t * 0.4)} L ${f(t * 0.5)} ${f(top - t * 0.1)}`,
    crack: `M 0 ${f(top)} l ${f(-t * 0.5)} ${f(t * 0.6)} l ${f(t * 0.8)} ${f(t * 0.4)} l ${f(-t * 0.5)} ${f(t * 0.6)}`,
    inside: { cx: 0, cy: -t - H * 0.44, rx: b * 0.78, ry: H * 0.36 },
    skinAt: { x: b * 0.7, y: top * 0.93 },
  };
}
