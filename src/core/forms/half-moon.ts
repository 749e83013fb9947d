/** One round skin folded over, its edge sealed. */
import { areaOf } from './skins';
import { risen, thickOver } from './body';
import { flatSkin } from './flat';
import { barHalf, flatBar, type Flatness, foldedMl, foldedSection } from './folded';
import { type Form, skinOf } from './form';
import { circle, ellipse, line } from './paths';

/** House estimate. */
const FLATNESS: Flatness = [0.75, 0.22];

export const halfMoon: Form = {
  label: 'half-moon',
  plural: 'half-moons',
  shapes: ['round'],
  sizeWord: 'skin',
  made: 'Filling on one half, the other folded over it, the air pressed out, the edge sealed.',
  law: 'Cut across, the skin is two strips of length ℓ = √(R² − x²) − rim; bulged round they enclose ℓ²/π. Summed along the fold.',
  maxMl: (laid) => {
    const R = skinOf(laid, 'round').diameterMm / 2;
    return foldedMl(R, R, laid.rimMm);
  },
  comfortable: [0.5, 0.7],
  tight: 0.85,
  skinArea: ({ skin }) => areaOf(skin),
  body: (laid, fillMl, wrapperMl) => {
    const fill = Math.min(1, fillMl / halfMoon.maxMl(laid));
    const size = {
      fillingMm: barHalf(skinOf(laid, 'round').diameterMm / 2 - laid.rimMm, fill, FLATNESS),
      wrapperMm: risen(laid.thicknessMm, areaOf(laid.skin), wrapperMl),
    };
    // A little filling is a flat lens, a full one a bar that tapers to both ends. Fitted.
    return { dimension: 1.45 + 0.22 * fill + 0.31 * fill ** 2 + 0.15 * thickOver(size), ...size };
  },
  usualRatio: [0.9, 2.2],
  hasOwnSize: false,
  rimWord: 'rim',
  isFilledAfter: false,
  isClosed: true,
  canHaveMouth: false,
  edges: ['pressed', 'fork', 'pleats', 'rope'],
  bakesOffPer100: 4,
  brothy: null,
  usual: {
    skin: { shape: 'round', diameterMm: 90 },
    rimMm: 8,
    thicknessMm: 1.5,
    dough: 'noodle',
    method: 'boil',
    mediumC: 100,
    minutes: 6,
  },
  size: 'small',
  section: (filled, laid) => foldedSection(filled, laid, flatBar(filled, FLATNESS)),
  flat: (_filled, laid) => {
    const R = skinOf(laid, 'round').diameterMm / 2;
    const a = R - laid.rimMm;
    return [
      flatSkin({
        widthMm: 2 * R,
        heightMm: 2 * R,
        outline: circle(R),
        rim: circle(a),
        filling: ellipse(0, a * 0.4, a * 0.62, a * 0.3),
        folds: line(-R, 0, R, 0),
      }),
    ];
  },
};
