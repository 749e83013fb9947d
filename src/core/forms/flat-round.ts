/** Thin and flat: two thin rounds, or a ball rolled out round its filling, with a thin layer spread inside. */
import { areaOf, type Laid } from './skins';
import { risen } from './body';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { ROUND_PILLOW } from './lens';
import { circle, f } from './paths';
import { type Filled, type SectionShape } from './section';

/** The thickest layer that still stays in when it is rolled or turned, mm. House estimate. */
const MOST_LAYER_MM = 12;

const inside = (laid: Laid): number => Math.max(0, skinOf(laid, 'round').diameterMm / 2 - laid.rimMm);

export const flatRound: Form = {
  label: 'flat stuffed round',
  plural: 'flat stuffed rounds',
  shapes: ['round'],
  sizeWord: 'skin',
  made: 'A thin layer spread between two thin rounds; or a ball filled, closed and rolled out to the same.',
  law: 'A layer over the round inside the rim, π a² times its thickness: 4 to 8 mm is comfortable, beyond 12 mm it bursts when it is rolled or turned. Small rounds hold no more than two skins enclose, 1.2185 a³.',
  maxMl: (laid) => {
    const a = inside(laid);
    return Math.min(Math.PI * a * a * MOST_LAYER_MM, ROUND_PILLOW * a ** 3) / 1000;
  },
  comfortable: [1 / 3, 2 / 3],
  tight: 5 / 6,
  skinArea: ({ skin }) => 2 * areaOf(skin),
  body: (laid, fillMl, wrapperMl) => ({
    dimension: 1,
    fillingMm: (fillMl * 1000) / (Math.PI * inside(laid) ** 2) / 2,
    wrapperMm: risen(laid.thicknessMm, flatRound.skinArea(laid, fillMl), wrapperMl),
  }),
  usualRatio: [0.5, 1.5],
  hasOwnSize: true,
  rimWord: 'rim',
  isFilledAfter: false,
  isClosed: true,
  canHaveMouth: false,
  edges: ['pressed', 'fork'],
  bakesOffPer100: 4,
  brothy: null,
  usual: {
    skin: { shape: 'round', diameterMm: 180 },
    rimMm: 8,
    thicknessMm: 2,
    dough: 'griddle',
    method: 'griddle',
    mediumC: 190,
    minutes: 10,
  },
  size: 'large',
  section,
  flat: (_filled, laid) => {
    const R = skinOf(laid, 'round').diameterMm / 2;
    return [
      flatSkin({
        label: 'round, rolled thin',
        each: 2,
        widthMm: 2 * R,
        heightMm: 2 * R,
        outline: circle(R),
        rim: circle(inside(laid)),
        filling: circle(inside(laid) * 0.98),
      }),
    ];
  },
};

function section({ body }: Filled, laid: Laid): SectionShape {
  const a = inside(laid);
  const R = a + laid.rimMm;
  const t = body.wrapperMm;
  const h = Math.max(0.5, 2 * body.fillingMm);
  const top = -(h + 2 * t);
  const lip = 1.5 * t;
  const side = (x: number, s: 1 | -1) => f(s * x);
  return {
    widthMm: 2 * R,
    heightMm: h + 2 * t,
    leftMm: R,
    isSlice: false,
    skin: [
      `M ${f(-R)} 0 L ${f(R)} 0 L ${f(R)} ${f(-lip)}`,
      `C ${side(a + laid.rimMm * 0.5, 1)} ${f(-lip)} ${f(a + t)} ${f(top)} ${f(a - t)} ${f(top)}`,
      `L ${f(-a + t)} ${f(top)} C ${f(-a - t)} ${f(top)} ${side(a + laid.rimMm * 0.5, -1)} ${f(-lip)} ${f(-R)} ${f(-lip)} Z`,
    ].join(' '),
    filling: [
      `M ${f(-a)} ${f(-t)} L ${f(a)} ${f(-t)} Q ${f(a)} ${f(top + t)} ${f(a - t - h * 0.4)} ${f(top + t)}`,
      `L ${f(-a + t + h * 0.4)} ${f(top + t)} Q ${f(-a)} ${f(top + t)} ${f(-a)} ${f(-t)} Z`,
    ].join(' '),
    seam: `M ${f(a)} ${f(-t * 0.85)} L ${f(R)} ${f(-t * 0.75)} M ${f(-a)} ${f(-t * 0.85)} L ${f(-R)} ${f(-t * 0.75)}`,
    crack: `M ${f(a * 0.5)} ${f(top)} l 2 ${f(t * 0.5)} l -3 ${f(t * 0.5)}`,
    inside: { cx: 0, cy: -(t + h / 2), rx: a * 0.92, ry: h * 0.42 },
    skinAt: { x: a * 0.7, y: top + t / 2 },
  };
}
