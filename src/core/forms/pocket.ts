/** One large round or oval folded over, one for each person. */
import { areaOf, type Laid } from './skins';
import { risen, thickOver } from './body';
import { flatSkin } from './flat';
import { foldedMl, foldedSection } from './folded';
import { type Form, skinOf } from './form';
import { halfMoon } from './half-moon';
import { ellipse, line } from './paths';

/** The lens of its section is so much narrower than the skin from fold to rim. House estimate. */
const LENS = 0.95;

/** Half its length along the fold, and half its width, mm. */
const halves = (laid: Laid): { a: number; b: number } => {
  const skin = skinOf(laid, 'round', 'oval');
  return skin.shape === 'round'
    ? { a: skin.diameterMm / 2, b: skin.diameterMm / 2 }
    : { a: skin.lengthMm / 2, b: skin.widthMm / 2 };
};

export const pocket: Form = {
  ...halfMoon,
  label: 'pocket',
  plural: 'pockets',
  shapes: ['round', 'oval'],
  law: 'Cut across, the skin is two strips of length ℓ = b√(1 − x²/a²) − rim; bulged round they enclose ℓ²/π. Summed along the fold. Of a round, a and b are its radius.',
  maxMl: (laid) => {
    const { a, b } = halves(laid);
    return foldedMl(a, b, laid.rimMm);
  },
  edges: ['fork', 'pressed', 'rope', 'pleats'],
  usualRatio: [0.9, 2],
  usual: {
    skin: { shape: 'round', diameterMm: 160 },
    rimMm: 12,
    thicknessMm: 3.5,
    dough: 'short',
    method: 'bake',
    mediumC: 190,
    minutes: 32,
  },
  size: 'large',
  body: (laid, fillMl, wrapperMl) => {
    // Wide and flat: the thickest section as an ellipse from fold to rim.
    const across = halves(laid).b - laid.rimMm;
    const fill = Math.min(1, fillMl / pocket.maxMl(laid));
    const area = (fill * across ** 2) / Math.PI;
    const size = {
      fillingMm: (2 * area) / (Math.PI * LENS * across),
      wrapperMm: risen(laid.thicknessMm, areaOf(laid.skin), wrapperMl),
    };
    // So flat that little heat comes in from its edges. Fitted.
    return { dimension: 1 + 0.27 * fill ** 2 + 0.25 * fill * thickOver(size), ...size };
  },
  section: (filled, laid) =>
    foldedSection(filled, laid, {
      rx: (LENS / 2) * (halves(laid).b - laid.rimMm),
      ry: filled.body.fillingMm,
    }),
  flat: (_filled, laid) => {
    const { a, b } = halves(laid);
    const s = laid.rimMm;
    return [
      flatSkin({
        widthMm: 2 * a,
        heightMm: 2 * b,
        outline: ellipse(0, 0, a, b),
        rim: ellipse(0, 0, a - s, b - s),
        filling: ellipse(0, (b - s) * 0.42, (a - s) * 0.66, (b - s) * 0.34),
        folds: line(-a, 0, a, 0),
      }),
    ];
  },
};
