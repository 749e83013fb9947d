/** A square skin wound several times round a bar of filling, its ends folded in. */
import { areaOf, type Laid } from './skins';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { halfMoon } from './half-moon';
import { f, line } from './paths';
import { type Filled, type SectionShape } from './section';

/** Laid on its corner, the sides folded in, the bar is so long, as a share of the square's diagonal. House estimate. */
const LENGTH = 0.45;
/** Fewer layers than this all round tear as it is wound. House estimate. */
const LEAST_LAYERS = 3;
/** So much of the skin lies over the ends. House estimate. */
const OVER_ENDS = 0.15;

/** Of a square so large, mm. */
export const woundLength = (sideMm: number): number => LENGTH * Math.SQRT2 * sideMm;

const sideOf = (laid: Laid): number => skinOf(laid, 'square').sideMm;

/** The bar of filling, mm. */
const lengthOf = (laid: Laid): number => woundLength(sideOf(laid));

export const woundRoll: Form = {
  ...halfMoon,
  label: 'wound roll',
  plural: 'wound rolls',
  shapes: ['square'],
  made: 'A bar of filling across the lower third of a square laid on its corner, that corner over it, both sides folded in, wound up to the last corner, which is stuck down.',
  law: 'The bar is 0.45 of the diagonal long. Wound three times all round, the skin goes over a bar of radius r = side² / (3 · 2π · length); more filling leaves fewer layers, and tears them.',
  maxMl: (laid) => {
    const length = lengthOf(laid);
    const r = length <= 0 ? 0 : sideOf(laid) ** 2 / (LEAST_LAYERS * 2 * Math.PI * length);
    return (Math.PI * r * r * length) / 1000;
  },
  comfortable: [0.3, 0.65],
  tight: 0.85,
  skinArea: ({ skin }) => areaOf(skin),
  body: (laid, fillMl, wrapperMl) => {
    const length = lengthOf(laid);
    const fillingMm = Math.sqrt((fillMl * 1000) / (Math.PI * length));
    // All layers together, laid round the bar.
    const wrapperMm = Math.sqrt(fillingMm ** 2 + ((1 - OVER_ENDS) * wrapperMl * 1000) / (Math.PI * length)) - fillingMm;
    // Thick for its length, heat comes in at the ends, too. Fitted.
    const short = (2 * (fillingMm + wrapperMm)) / (length + 2 * wrapperMm);
    return { dimension: Math.min(3, 2 + 0.53 * short ** 3), fillingMm, wrapperMm };
  },
  usualRatio: [1.2, 4],
  hasOwnSize: true,
  rimWord: null,
  edges: ['pressed'],
  usual: {
    skin: { shape: 'square', sideMm: 190 },
    rimMm: 0,
    thicknessMm: 0.6,
    dough: 'bought-skin',
    method: 'fry',
    mediumC: 175,
    minutes: 6,
  },
  size: 'small',
  section,
  flat: ({ body }, laid) => {
    const half = sideOf(laid) / Math.SQRT2;
    const bar = lengthOf(laid) / 2;
    const r = Math.min(body.fillingMm, half * 0.2);
    const offset = half * 0.3;
    return [
      flatSkin({
        label: 'square, on its corner',
        widthMm: 2 * half,
        heightMm: 2 * half,
        outline: `M ${f(-half)} 0 L 0 ${f(-half)} L ${f(half)} 0 L 0 ${f(half)} Z`,
        filling: `M ${f(-bar)} ${f(offset - r)} H ${f(bar)} V ${f(offset + r)} H ${f(-bar)} Z`,
        // The lower corner over the bar, then both sides in.
        folds: [
          line(-(half - offset - r), offset + r, half - offset - r, offset + r),
          line(-bar, -(half - bar), -bar, half - bar),
          line(bar, -(half - bar), bar, half - bar),
        ].join(' '),
      }),
    ];
  },
};

/** Turns of the spiral that are drawn, at most. */
const MOST_TURNS = 5;

/** Cut across: the skin wound round its bar, its last corner on top. */
function section({ body }: Filled, laid: Laid): SectionShape {
  const r = body.fillingMm;
  const t = body.wrapperMm;
  const R = r + t;
  const cy = -R;
  const turns = Math.max(1, Math.min(MOST_TURNS, Math.round(t / Math.max(0.3, laid.thicknessMm))));
  const ring = (radius: number): string =>
    `M ${f(-radius)} ${f(cy)} A ${f(radius)} ${f(radius)} 0 1 1 ${f(radius)} ${f(cy)} A ${f(radius)} ${f(radius)} 0 1 1 ${f(-radius)} ${f(cy)} Z`;
  // Half a turn wide, half a turn a layer further out: a spiral of half rounds.
  const step = t / (2 * turns);
  const spiral = Array.from({ length: 2 * turns }, (_, i) => {
    const from = r + i * step;
    const mid = from + step / 2;
    const to = i % 2 === 0 ? from + step : -(from + step);
    return `A ${f(mid)} ${f(mid)} 0 0 1 ${f(to)} ${f(cy)}`;
  }).join(' ');
  return {
    widthMm: 2 * R,
    heightMm: 2 * R,
    leftMm: R,
    isSlice: false,
    skin: ring(R),
    filling: ring(r),
    seam: `M ${f(-r)} ${f(cy)} ${spiral}`,
    crack: `M ${f(R * 0.3)} ${f(cy - R * 0.95)} l ${f(-t * 0.6)} ${f(t * 0.5)} l ${f(t * 0.7)} ${f(t * 0.3)} l ${f(-t * 0.6)} ${f(t * 0.5)}`,
    inside: { cx: 0, cy, rx: r * 0.85, ry: r * 0.85 },
    skinAt: { x: R * 0.74, y: cy - R * 0.62 },
  };
}
