/** A square skin folded corner to corner. */
import { areaOf, type Laid } from './skins';
import { risen, thickOver } from './body';
import { flatSkin } from './flat';
import { barHalf, flatBar, type Flatness, foldedSection } from './folded';
import { type Form, skinOf } from './form';
import { halfMoon } from './half-moon';
import { f, line, rectangle } from './paths';

/** From the fold to the rim at the corner, mm: the rim is measured from the edges, so at a corner it is √2 as deep. */
const heightOf = (laid: Laid): number =>
  Math.max(0, skinOf(laid, 'square').sideMm / Math.SQRT2 - Math.SQRT2 * laid.rimMm);

/** It is wide for its length, and lies flatter than a half-moon. House estimate. */
const FLATNESS: Flatness = [0.6, 0.35];

export const triangle: Form = {
  ...halfMoon,
  label: 'triangle',
  plural: 'triangles',
  shapes: ['square'],
  made: 'Filling on one half of a square, the corner folded over to its opposite, both edges sealed.',
  law: 'Cut across, the skin is two strips of length ℓ = L − |x|, L from fold to rim; bulged round they enclose ℓ²/π. Summed along the fold: 2 L³ / 3π.',
  comfortable: [0.22, 0.6],
  maxMl: (laid) => (2 * heightOf(laid) ** 3) / (3 * Math.PI) / 1000,
  body: (laid, fillMl, wrapperMl) => {
    const fill = Math.min(1, fillMl / triangle.maxMl(laid));
    const size = {
      fillingMm: barHalf(heightOf(laid), fill, FLATNESS),
      wrapperMm: risen(laid.thicknessMm, areaOf(laid.skin), wrapperMl),
    };
    // It tapers to both ends more than a half-moon: full, between a bar and a ball. Fitted.
    return { dimension: 1.25 + 0.75 * fill + 0.52 * fill ** 2 + 0.16 * (1 - 0.6 * fill) * thickOver(size), ...size };
  },
  edges: ['pressed', 'fork'],
  usual: {
    skin: { shape: 'square', sideMm: 90 },
    rimMm: 7,
    thicknessMm: 1.2,
    dough: 'noodle',
    method: 'boil',
    mediumC: 100,
    minutes: 5,
  },
  section: (filled, laid) => foldedSection(filled, laid, flatBar(filled, FLATNESS)),
  flat: (_filled, laid) => {
    const side = skinOf(laid, 'square').sideMm;
    const h = side / 2;
    const a = h - laid.rimMm;
    return [
      flatSkin({
        widthMm: side,
        heightMm: side,
        outline: rectangle(side, side),
        rim: rectangle(2 * a, 2 * a),
        // A heap of the same shape, towards the corner that is not folded.
        filling: `M ${f(-a * 0.5)} ${f(a * 0.74)} L ${f(a * 0.74)} ${f(a * 0.74)} L ${f(a * 0.74)} ${f(-a * 0.5)} Z`,
        folds: line(-h, h, h, -h),
      }),
    ];
  },
};
