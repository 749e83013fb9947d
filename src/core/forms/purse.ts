/** One round skin gathered and pleated shut over the top. */
import { areaOf } from './skins';
import { type Body } from './body';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { circle, f, line } from './paths';
import { type Filled, type SectionShape } from './section';

/** How many layers the pleats lay over each other on average. House estimate. */
const PLEAT_OVERLAP = 1.3;
/** Left open, it stands as a cup so many times as high as the radius of its foot. House estimate. */
const CUP_HEIGHT = 1.5;
/** Edge that one pleat takes up, mm. House estimate. */
const PLEAT_MM = 19;

/** It stands on a flat foot: a ball cut off so far below its middle, as a share of its radius. House estimate. */
const FOOT = 0.6;

/** Radius of the ball that a dome of so much is cut from, mm: π r³ (2/3 + FOOT − FOOT³/3) = V. */
const domeRadius = (ml: number): number => Math.cbrt((ml * 1000) / (Math.PI * (2 / 3 + FOOT - FOOT ** 3 / 3)));

/** Radius of the ball that the filling of a purse is cut from, mm. */
const ballOf = ({ fillingMm }: Body): number => (2 * fillingMm) / (1 + FOOT);

/** A purse seen from above, across, mm. */
export const purseAcross = (body: Body): number => 2 * (ballOf(body) + body.wrapperMm);

/** A dome's wrapper is as thick everywhere; grown like itself it would be thinner below. Volume over area of such a dome, of its radius. */
const EVENLY = (3 * (2 / 3 + FOOT - FOOT ** 3 / 3)) / (2 * (1 + FOOT) + (1 - FOOT ** 2));

export const purse: Form = {
  label: 'purse',
  plural: 'purses',
  shapes: ['round'],
  sizeWord: 'skin',
  made: 'Filling in the middle, the edge gathered up over it pleat by pleat and twisted shut, or left with a small open mouth.',
  law: 'Gathered round, the skin inside the rim covers a ball of radius a / (2√p), with pleats p = 1.3 layers deep on average. Left open, it stands as a cup that needs no rim: foot b and wall R − b, half as high again as its foot’s radius, so 1.5 π (R / 2.5)³.',
  maxMl: (laid, hasMouth = false) => {
    const R = skinOf(laid, 'round').diameterMm / 2;
    const r = Math.max(0, R - laid.rimMm) / (2 * Math.sqrt(PLEAT_OVERLAP));
    const closed = (4 / 3) * Math.PI * r ** 3;
    const foot = R / (1 + CUP_HEIGHT);
    const open = CUP_HEIGHT * Math.PI * foot ** 3;
    return (hasMouth ? Math.max(closed, open) : closed) / 1000;
  },
  comfortable: [0.7, 0.95],
  tight: 1,
  skinArea: ({ skin }) => areaOf(skin),
  body: (_laid, fillMl, wrapperMl) => {
    const inner = domeRadius(fillMl);
    const fillingMm = ((1 + FOOT) / 2) * inner;
    const wrapperMm = EVENLY * (domeRadius(fillMl + wrapperMl) - inner);
    // A thick wrapper rounds it more. Fitted.
    return { dimension: 2.2 + (0.33 * wrapperMm) / fillingMm, fillingMm, wrapperMm };
  },
  usualRatio: [0.6, 1.3],
  hasOwnSize: false,
  rimWord: 'rim',
  isFilledAfter: false,
  isClosed: true,
  canHaveMouth: true,
  edges: ['pleats'],
  bakesOffPer100: 4,
  brothy: 28,
  usual: {
    skin: { shape: 'round', diameterMm: 110 },
    rimMm: 10,
    thicknessMm: 3,
    dough: 'steamed-bun',
    method: 'steam',
    mediumC: 100,
    minutes: 18,
  },
  size: 'small',
  section: purseSection,
  flat: ({ body }, laid) => {
    const R = skinOf(laid, 'round').diameterMm / 2;
    const a = R - laid.rimMm;
    const pleats = Math.max(8, Math.round((2 * Math.PI * R) / PLEAT_MM));
    const tick = (i: number): string => {
      const [x, y] = [Math.cos((2 * Math.PI * i) / pleats), Math.sin((2 * Math.PI * i) / pleats)];
      return line(a * x, a * y, R * x, R * y);
    };
    return [
      flatSkin({
        widthMm: 2 * R,
        heightMm: 2 * R,
        outline: circle(R),
        rim: circle(a),
        filling: circle(Math.min(1.15 * ballOf(body), a * 0.8)),
        ticks: Array.from({ length: pleats }, (_, i) => tick(i)).join(' '),
      }),
    ];
  },
};

/** A dome on a flat foot with a pleated neck: that of the heat model. */
function purseSection({ body, hasMouth }: Filled): SectionShape {
  const t = body.wrapperMm;
  const r = ballOf(body);
  const R = r + t;
  const neck = hasMouth ? R * 0.42 + t * 0.5 : R * 0.13 + 2;
  const top = hasMouth ? -1.6 * R : -1.92 * R;
  const skin = [
    `M ${f(-R * 0.62)} 0`,
    `C ${f(-R * 1.02)} 0 ${f(-R * 1.06)} ${f(-R * 0.5)} ${f(-R * 0.98)} ${f(-R * 0.82)}`,
    `C ${f(-R * 0.86)} ${f(-R * 1.32)} ${f(-neck * 1.5)} ${f(-R * 1.52)} ${f(-neck)} ${f(top)}`,
    `L ${f(neck)} ${f(top)}`,
    `C ${f(neck * 1.5)} ${f(-R * 1.52)} ${f(R * 0.86)} ${f(-R * 1.32)} ${f(R * 0.98)} ${f(-R * 0.82)}`,
    `C ${f(R * 1.06)} ${f(-R * 0.5)} ${f(R * 1.02)} 0 ${f(R * 0.62)} 0 Z`,
  ].join(' ');
  const foot = -t * 0.75;
  const cy = foot - r * 0.92;
  // Left open, the filling stands up between the lips.
  const lip = neck - t * 0.5;
  const openTop = [
    `C ${f(-r * 0.74)} ${f(cy - r * 0.8)} ${f(-lip * 1.25)} ${f(-R * 1.4)} ${f(-lip)} ${f(top)}`,
    `Q 0 ${f(top - R * 0.12)} ${f(lip)} ${f(top)}`,
    `C ${f(lip * 1.25)} ${f(-R * 1.4)} ${f(r * 0.74)} ${f(cy - r * 0.8)} ${f(r * 0.86)} ${f(cy - r * 0.55)}`,
  ].join(' ');
  const dome = `C ${f(-r * 0.5)} ${f(cy - r * 1.02)} ${f(r * 0.5)} ${f(cy - r * 1.02)} ${f(r * 0.86)} ${f(cy - r * 0.55)}`;
  const filling = [
    `M ${f(-r * 0.72)} ${f(foot)}`,
    `C ${f(-r * 1.12)} ${f(foot)} ${f(-r * 1.12)} ${f(cy - r * 0.25)} ${f(-r * 0.86)} ${f(cy - r * 0.55)}`,
    hasMouth ? openTop : dome,
    `C ${f(r * 1.12)} ${f(cy - r * 0.25)} ${f(r * 1.12)} ${f(foot)} ${f(r * 0.72)} ${f(foot)} Z`,
  ].join(' ');
  const pleat = (x: number, spread: number) =>
    `M ${f(x)} ${f(top + 1)} Q ${f(x * 1.4)} ${f(-R * 1.6)} ${f(spread)} ${f(-R * 1.34)}`;
  return {
    widthMm: 2 * R * 1.02,
    heightMm: -top,
    leftMm: R * 1.02,
    isSlice: false,
    skin,
    filling,
    seam: [-0.75, -0.3, 0.3, 0.75].map((k) => pleat(k * neck, k * R * 0.62)).join(' '),
    crack: `M ${f(neck * 0.2)} ${f(top)} l ${f(-neck * 0.5)} ${f(R * 0.14)} l ${f(neck * 0.6)} ${f(R * 0.12)} l ${f(-neck * 0.5)} ${f(R * 0.16)}`,
    inside: { cx: 0, cy: cy + r * 0.08, rx: r * 0.88, ry: r * 0.78 },
    skinAt: { x: R * 0.9, y: -R * 0.95 },
  };
}
