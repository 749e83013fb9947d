/** Two rounds, the upper a little larger, their edges pressed together round a mound. */
import { type Laid } from './skins';
import { risen, thickOver } from './body';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { moundArc, moundHeight, ROUND_PILLOW } from './lens';
import { circle, f } from './paths';
import { type Filled, type SectionShape } from './section';

/** Radius of the lower round inside its rim, mm. */
const inside = (laid: Laid): number => Math.max(0, skinOf(laid, 'round').diameterMm / 2 - laid.rimMm);

/** Radius of the upper round, mm: the arc over the mound, and the rim. */
export const upperRadius = (laid: Laid, fillMl: number): number =>
  moundArc(moundHeight(fillMl, inside(laid)), inside(laid)) + laid.rimMm;

export const doubleRound: Form = {
  label: 'double round',
  plural: 'double rounds',
  shapes: ['round'],
  sizeWord: 'skin',
  made: 'Filling heaped on the lower round, the larger upper one laid over it, the edges pressed together.',
  law: 'Two rounds sealed flat enclose at most 1.2185 a³, a the radius inside the rim. The upper round must reach over the mound, a cap of a sphere: its radius is the arc.',
  maxMl: (laid) => (ROUND_PILLOW * inside(laid) ** 3) / 1000,
  comfortable: [0.35, 0.6],
  tight: 0.8,
  skinArea: (laid, fillMl) => Math.PI * ((skinOf(laid, 'round').diameterMm / 2) ** 2 + upperRadius(laid, fillMl) ** 2),
  body: (laid, fillMl, wrapperMl) => {
    const height = moundHeight(fillMl, inside(laid));
    const steep = Math.min(1, height / inside(laid));
    const size = {
      fillingMm: height / 2,
      wrapperMm: risen(laid.thicknessMm, doubleRound.skinArea(laid, fillMl), wrapperMl),
    };
    // The steeper the mound, the more comes in from all round. Fitted.
    return { dimension: 1 + 0.17 * steep + (0.51 + 0.65 * thickOver(size)) * steep ** 2, ...size };
  },
  usualRatio: [0.8, 2],
  hasOwnSize: false,
  rimWord: 'rim',
  isFilledAfter: false,
  isClosed: true,
  canHaveMouth: false,
  edges: ['fork', 'pressed', 'rope'],
  bakesOffPer100: 4,
  brothy: null,
  usual: {
    skin: { shape: 'round', diameterMm: 100 },
    rimMm: 10,
    thicknessMm: 3,
    dough: 'short',
    method: 'bake',
    mediumC: 190,
    minutes: 28,
  },
  size: 'small',
  section,
  flat: ({ fillMl }, laid) => {
    const R = skinOf(laid, 'round').diameterMm / 2;
    const upper = upperRadius(laid, fillMl);
    return [
      flatSkin({
        label: 'lower round',
        widthMm: 2 * R,
        heightMm: 2 * R,
        outline: circle(R),
        rim: circle(inside(laid)),
        filling: circle(inside(laid) * 0.8),
      }),
      flatSkin({
        label: 'upper round',
        widthMm: 2 * upper,
        heightMm: 2 * upper,
        outline: circle(upper),
        rim: circle(upper - laid.rimMm),
      }),
    ];
  },
};

function section({ body }: Filled, laid: Laid): SectionShape {
  const a = inside(laid);
  const R = a + laid.rimMm;
  const t = body.wrapperMm;
  const H = Math.max(1, 2 * body.fillingMm);
  const rho = (a * a + H * H) / (2 * H);
  const large = H > a ? 1 : 0;
  // Pressed together, the rims are thinner than both skins.
  const lip = 1.5 * t;
  return {
    widthMm: 2 * R,
    heightMm: H + 2 * t,
    leftMm: R,
    isSlice: false,
    skin: [
      `M ${f(-R)} 0 L ${f(R)} 0 L ${f(R)} ${f(-lip)} L ${f(a + t)} ${f(-lip - t * 0.1)}`,
      `A ${f(rho + t)} ${f(rho + t)} 0 ${large} 0 0 ${f(-H - 2 * t)}`,
      `A ${f(rho + t)} ${f(rho + t)} 0 ${large} 0 ${f(-a - t)} ${f(-lip - t * 0.1)} L ${f(-R)} ${f(-lip)} Z`,
    ].join(' '),
    filling: `M ${f(-a)} ${f(-t)} A ${f(rho)} ${f(rho)} 0 ${large} 1 ${f(a)} ${f(-t)} Z`,
    seam: `M ${f(a)} ${f(-t * 0.85)} L ${f(R)} ${f(-t * 0.75)} M ${f(-a)} ${f(-t * 0.85)} L ${f(-R)} ${f(-t * 0.75)}`,
    crack: `M ${f(R)} ${f(-t * 0.7)} l ${f(-laid.rimMm * 0.4)} ${f(-t * 0.6)} l ${f(-laid.rimMm * 0.3)} ${f(t)} l ${f(-laid.rimMm * 0.4)} ${f(-t * 0.5)}`,
    inside: { cx: 0, cy: -t - H * 0.42, rx: a * 0.72, ry: H * 0.36 },
    skinAt: { x: a * 0.62, y: -t - H * 0.72 },
  };
}
