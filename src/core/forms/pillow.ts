/** Two squares, one on the other, sealed all round. */
import { areaOf, type Laid } from './skins';
import { risen } from './body';
import { cushionBody } from './cushion';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { halfMoon } from './half-moon';
import { rectanglePillow } from './lens';
import { f, rectangle } from './paths';
import { type Filled, type SectionShape } from './section';

/** Side of the square inside the rim, mm. */
const inside = (laid: Laid): number => Math.max(0, skinOf(laid, 'square').sideMm - 2 * laid.rimMm);

export const pillow: Form = {
  ...halfMoon,
  label: 'pillow',
  plural: 'pillows',
  shapes: ['square'],
  made: 'Filling in the middle of one square, another laid over it, the air pressed out, four edges sealed.',
  law: 'Two squares sealed flat, of side w inside the rim, enclose at most w³ (1/π − 0.142 (1 − 1/10)) = 0.19 w³.',
  maxMl: (laid) => rectanglePillow(inside(laid), inside(laid)) / 1000,
  comfortable: [0.35, 0.6],
  tight: 0.8,
  skinArea: ({ skin }) => 2 * areaOf(skin),
  body: (laid, fillMl, wrapperMl) =>
    cushionBody(fillMl, fillMl / pillow.maxMl(laid), risen(laid.thicknessMm, pillow.skinArea(laid, fillMl), wrapperMl)),
  usualRatio: [0.5, 1.6],
  hasOwnSize: true,
  edges: ['pressed', 'fork'],
  usual: {
    skin: { shape: 'square', sideMm: 60 },
    rimMm: 7,
    thicknessMm: 1.2,
    dough: 'noodle',
    method: 'boil',
    mediumC: 100,
    minutes: 5,
  },
  section,
  flat: (_filled, laid) => {
    const side = skinOf(laid, 'square').sideMm;
    return [
      flatSkin({
        label: 'square',
        each: 2,
        widthMm: side,
        heightMm: side,
        outline: rectangle(side, side),
        rim: rectangle(inside(laid), inside(laid)),
        filling: rectangle(inside(laid) * 0.62, inside(laid) * 0.62),
      }),
    ];
  },
};

/** Cut through the middle: a lens with a pressed rim on both sides. */
function section({ body }: Filled, laid: Laid): SectionShape {
  const b = (inside(laid) / 2) * 0.94;
  const R = b + laid.rimMm;
  const t = body.wrapperMm;
  const H = Math.max(0.6, body.fillingMm);
  const cy = -(H + t);
  const lens = (half: number, height: number) =>
    [
      `M ${f(-half)} ${f(cy)} C ${f(-half * 0.72)} ${f(cy - height * 0.75)} ${f(-half * 0.45)} ${f(cy - height)} 0 ${f(cy - height)}`,
      `C ${f(half * 0.45)} ${f(cy - height)} ${f(half * 0.72)} ${f(cy - height * 0.75)} ${f(half)} ${f(cy)}`,
      `C ${f(half * 0.72)} ${f(cy + height * 0.75)} ${f(half * 0.45)} ${f(cy + height)} 0 ${f(cy + height)}`,
      `C ${f(-half * 0.45)} ${f(cy + height)} ${f(-half * 0.72)} ${f(cy + height * 0.75)} ${f(-half)} ${f(cy)} Z`,
    ].join(' ');
  const lip = t * 0.85;
  const half = (s: 1 | -1) =>
    `L ${f(s * R)} ${f(cy - s * lip)} L ${f(s * R)} ${f(cy + s * lip)} L ${f(s * b)} ${f(cy + s * lip)}`;
  return {
    widthMm: 2 * R,
    heightMm: 2 * (H + t),
    leftMm: R,
    isSlice: false,
    skin: [
      `M ${f(-b)} ${f(cy - lip)} C ${f(-b * 0.72)} ${f(cy - t - H * 0.75)} ${f(-b * 0.45)} ${f(cy - t - H)} 0 ${f(cy - t - H)}`,
      `C ${f(b * 0.45)} ${f(cy - t - H)} ${f(b * 0.72)} ${f(cy - t - H * 0.75)} ${f(b)} ${f(cy - lip)}`,
      half(1),
      `C ${f(b * 0.72)} ${f(cy + t + H * 0.75)} ${f(b * 0.45)} ${f(cy + t + H)} 0 ${f(cy + t + H)}`,
      `C ${f(-b * 0.45)} ${f(cy + t + H)} ${f(-b * 0.72)} ${f(cy + t + H * 0.75)} ${f(-b)} ${f(cy + lip)}`,
      half(-1),
      'Z',
    ].join(' '),
    filling: lens(b, H),
    seam: `M ${f(b)} ${f(cy)} L ${f(R)} ${f(cy)} M ${f(-b)} ${f(cy)} L ${f(-R)} ${f(cy)}`,
    crack: `M ${f(R)} ${f(cy)} l ${f(-laid.rimMm * 0.4)} ${f(-t * 0.7)} l ${f(-laid.rimMm * 0.3)} ${f(t * 1.3)} l ${f(-laid.rimMm * 0.5)} ${f(-t * 0.6)}`,
    inside: { cx: 0, cy, rx: b * 0.7, ry: H * 0.75 },
    skinAt: { x: b * 0.5, y: cy - H * 0.85 - t / 2 },
  };
}
