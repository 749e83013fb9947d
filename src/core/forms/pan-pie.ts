/** A covered pan pie: sheets below and up the wall, filling, sheets on top. One parcel is one pan. */
import { areaOf, type Laid, type SkinOf } from './skins';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { circle, f, rectangle } from './paths';
import { type Filled, type SectionShape } from './section';

const panOf = (laid: Laid): SkinOf<'pan' | 'tin'> => skinOf(laid, 'pan', 'tin');

/** All round the floor, mm. */
const girth = (pan: SkinOf<'pan' | 'tin'>): number =>
  pan.shape === 'pan' ? Math.PI * pan.diameterMm : 2 * (pan.lengthMm + pan.widthMm);

export const panPie: Form = {
  label: 'covered pan pie',
  plural: 'covered pan pies',
  shapes: ['pan', 'tin'],
  sizeWord: 'pan',
  made: 'Sheets over the floor and up the wall, the filling, sheets on top, the overhang folded in.',
  law: 'A pan: its area times its depth.',
  maxMl: (laid) => (areaOf(laid.skin) * panOf(laid).depthMm) / 1000,
  comfortable: [0.3, 0.85],
  tight: 1,
  // Floor and wall as often as there are sheets below, the cover as often as above.
  skinArea: (laid) => {
    const pan = panOf(laid);
    const floor = areaOf(pan);
    return pan.sheetsBelow * (floor + girth(pan) * pan.depthMm) + pan.sheetsAbove * floor;
  },
  body: (laid, fillMl, wrapperMl) => {
    const pan = panOf(laid);
    const swells = (wrapperMl * 1000) / (panPie.skinArea(laid, fillMl) * laid.thicknessMm);
    return {
      dimension: 1,
      fillingMm: (fillMl * 1000) / areaOf(pan) / 2,
      // Both faces as thick as they are on average.
      wrapperMm: (laid.thicknessMm * swells * (pan.sheetsBelow + pan.sheetsAbove)) / 2,
    };
  },
  usualRatio: [2, 6],
  hasOwnSize: false,
  rimWord: null,
  isFilledAfter: false,
  isClosed: true,
  canHaveMouth: false,
  edges: ['pressed', 'fork', 'pleats', 'rope'],
  bakesOffPer100: 5,
  brothy: null,
  usual: {
    skin: { shape: 'pan', diameterMm: 280, depthMm: 45, sheetsBelow: 4, sheetsAbove: 4 },
    rimMm: 0,
    thicknessMm: 0.5,
    dough: 'thin-sheets',
    method: 'bake',
    mediumC: 180,
    minutes: 60,
  },
  size: 'pan',
  section,
  flat: (_filled, laid) => {
    const pan = panOf(laid);
    const up = pan.depthMm;
    if (pan.shape === 'pan') {
      const R = pan.diameterMm / 2;
      const piece = { widthMm: 2 * (R + up), heightMm: 2 * (R + up) };
      return [
        flatSkin({
          label: 'below',
          each: pan.sheetsBelow,
          ...piece,
          outline: circle(R + up),
          folds: circle(R),
          filling: circle(R),
        }),
        flatSkin({ label: 'above', each: pan.sheetsAbove, widthMm: 2 * R, heightMm: 2 * R, outline: circle(R) }),
      ];
    }
    const [L, W] = [pan.lengthMm, pan.widthMm];
    return [
      flatSkin({
        label: 'below',
        each: pan.sheetsBelow,
        widthMm: L + 2 * up,
        heightMm: W + 2 * up,
        outline: rectangle(L + 2 * up, W + 2 * up),
        folds: rectangle(L, W),
        filling: rectangle(L, W),
      }),
      flatSkin({ label: 'above', each: pan.sheetsAbove, widthMm: L, heightMm: W, outline: rectangle(L, W) }),
    ];
  },
};

/** Of a pan pie a slice from the wall inwards is drawn. */
const SLICE_MM = 76;
/** More sheets than this are not told apart in the drawing. */
const MOST_LINES = 8;

function section({ body }: Filled, laid: Laid): SectionShape {
  const pan = panOf(laid);
  const w = Math.min(SLICE_MM, pan.shape === 'pan' ? pan.diameterMm : pan.lengthMm);
  // Of both faces together, shared out by their sheets.
  const each = (2 * body.wrapperMm) / Math.max(1, pan.sheetsBelow + pan.sheetsAbove);
  const below = Math.max(0.6, each * pan.sheetsBelow);
  const above = Math.max(0.6, each * pan.sheetsAbove);
  const h = 2 * body.fillingMm;
  const top = -(h + below + above);
  const zig = (x: number, from: number, to: number): string => {
    const step = (to - from) / 4;
    return [1, 2, 3, 4].map((i) => `L ${f(x + (i % 2 === 1 ? 2 : 0))} ${f(from + i * step)}`).join(' ');
  };
  const sheets = (count: number, from: number, thick: number): string[] => {
    const lines = Math.min(MOST_LINES, count);
    return Array.from({ length: Math.max(0, lines - 1) }, (_, i) => {
      const y = from - (thick * (i + 1)) / lines;
      return `M ${f(below)} ${f(y)} L ${f(w)} ${f(y)}`;
    });
  };
  return {
    widthMm: w + 2,
    heightMm: -top,
    leftMm: 0,
    isSlice: true,
    skin: `M 0 0 L ${f(w)} 0 ${zig(w, 0, top)} L ${f(below)} ${f(top)} Q 0 ${f(top)} 0 ${f(top + above * 1.5)} Z`,
    filling: `M ${f(below)} ${f(-below)} L ${f(w + 0.5)} ${f(-below)} ${zig(w + 0.5, -below, top + above)} L ${f(below)} ${f(top + above)} Z`,
    seam: [...sheets(pan.sheetsBelow, 0, below), ...sheets(pan.sheetsAbove, top + above, above)].join(' '),
    crack: `M ${f(w * 0.45)} ${f(top)} l 3 ${f(above * 0.6)} l -4 ${f(above * 0.6)}`,
    inside: { cx: (w + below) / 2, cy: -(below + h / 2), rx: (w - below) / 2 - 1, ry: h / 2 - 0.5 },
    skinAt: { x: w * 0.8, y: top + above / 2 },
  };
}
