/** A strip of dough rolled round a rope of filling, cut to lengths. One parcel is one length. */
import { areaOf, type Laid } from './skins';
import { risen } from './body';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { ellipse, f, line, rectangle } from './paths';
import { type Filled, type SectionShape } from './section';

/** Radius of the rope that the strip goes round once, with its overlap, mm. */
const ropeRadius = (laid: Laid): number =>
  Math.max(0, (skinOf(laid, 'strip').widthMm - laid.rimMm) / (2 * Math.PI) - laid.thicknessMm / 2);

export const roll: Form = {
  label: 'roll',
  plural: 'rolls',
  shapes: ['strip'],
  sizeWord: 'strip',
  made: 'A rope of filling laid along a strip, the strip rolled round it once and sealed underneath, then cut to lengths.',
  law: 'Once round: the strip without its overlap is the girth at the middle of its thickness, so r = (W − overlap) / 2π − t / 2, and it holds π r² times its length.',
  maxMl: (laid) => (Math.PI * ropeRadius(laid) ** 2 * skinOf(laid, 'strip').lengthMm) / 1000,
  comfortable: [0.75, 1],
  // A little more, and the overlap is narrower: half of it makes a seventh more room.
  tight: 1.15,
  skinArea: ({ skin }) => areaOf(skin),
  body: (laid, fillMl, wrapperMl) => {
    const { lengthMm } = skinOf(laid, 'strip');
    const fillingMm = Math.sqrt((fillMl * 1000) / (Math.PI * lengthMm));
    const wrapperMm = risen(laid.thicknessMm, areaOf(laid.skin), wrapperMl);
    // Cut short, heat comes in at the open ends, too. Fitted.
    const short = (2 * (fillingMm + wrapperMm)) / lengthMm;
    return { dimension: Math.min(3, 2 + 0.53 * short ** 3), fillingMm, wrapperMm };
  },
  usualRatio: [0.8, 2.2],
  hasOwnSize: false,
  rimWord: 'overlap',
  isFilledAfter: false,
  isClosed: false,
  canHaveMouth: false,
  edges: ['pressed', 'fork'],
  bakesOffPer100: 6,
  brothy: null,
  usual: {
    skin: { shape: 'strip', lengthMm: 60, widthMm: 110 },
    rimMm: 12,
    thicknessMm: 3,
    dough: 'rough-laminated',
    method: 'bake',
    mediumC: 200,
    minutes: 25,
  },
  size: 'small',
  section,
  flat: ({ body }, laid) => {
    const { lengthMm, widthMm } = skinOf(laid, 'strip');
    const half = widthMm / 2;
    const seal = half - laid.rimMm;
    const ropeAt = -half + widthMm * 0.32;
    const rope = Math.min(body.fillingMm, widthMm * 0.26);
    return [
      flatSkin({
        label: 'strip',
        widthMm: lengthMm,
        heightMm: widthMm,
        outline: rectangle(lengthMm, widthMm),
        rim: line(-lengthMm / 2, seal, lengthMm / 2, seal),
        filling: `M ${f(-lengthMm / 2)} ${f(ropeAt - rope)} H ${f(lengthMm / 2)} V ${f(ropeAt + rope)} H ${f(-lengthMm / 2)} Z`,
        folds: line(-lengthMm / 2, ropeAt + rope * 2.2, lengthMm / 2, ropeAt + rope * 2.2),
        ticks: [-1, 1].map((s) => line((s * lengthMm) / 2, -half - 5, (s * lengthMm) / 2, half + 5)).join(' '),
      }),
    ];
  },
};

/** Cut across: a ring of dough, its overlap underneath. */
function section({ body }: Filled, laid: Laid): SectionShape {
  const r = body.fillingMm;
  const t = body.wrapperMm;
  const R = r + t;
  const cy = -R;
  // The end of the strip lies over its beginning, below at the right.
  const lap = Math.min(1, laid.rimMm / R);
  const point = (radius: number, angle: number) => `${f(radius * Math.cos(angle))} ${f(cy + radius * Math.sin(angle))}`;
  const from = Math.PI / 2 - lap / 2;
  return {
    widthMm: 2 * R,
    heightMm: 2 * R,
    leftMm: R,
    isSlice: false,
    skin: ellipse(0, cy, R, R),
    filling: ellipse(0, cy, r, r),
    seam: `M ${point(R, from)} L ${point(r + t * 0.5, from + lap * 0.25)} A ${f(r + t * 0.5)} ${f(r + t * 0.5)} 0 0 1 ${point(r + t * 0.5, from + lap * 0.8)} L ${point(r, from + lap)}`,
    crack: `M ${point(R, from)} l ${f(-t * 0.5)} ${f(-t * 0.5)} l ${f(t * 0.6)} ${f(-t * 0.2)} l ${f(-t * 0.5)} ${f(-t * 0.5)}`,
    inside: { cx: 0, cy, rx: r * 0.85, ry: r * 0.85 },
    skinAt: { x: R * 0.76, y: cy - R * 0.6 },
  };
}
