/** A strip folded over and over into a triangle, like a flag. */
import { areaOf, type Laid } from './skins';
import { risen } from './body';
import { cushionBody } from './cushion';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { halfMoon } from './half-moon';
import { flatSealed } from './lens';
import { f, line, rectangle } from './paths';
import { type Filled, type SectionShape } from './section';

/** The strip's width: the leg of the triangle that it folds to, mm. */
const legOf = (laid: Laid): number => skinOf(laid, 'strip').widthMm;

/** Layers of the strip over each face. */
const layersOf = (laid: Laid): number => Math.max(1, skinOf(laid, 'strip').lengthMm / Math.max(1, legOf(laid)));

export const flagTriangle: Form = {
  ...halfMoon,
  label: 'flag triangle',
  plural: 'flag triangles',
  shapes: ['strip'],
  sizeWord: 'strip',
  made: 'Filling at one end of a strip, the corner folded over it to a triangle, and the triangle over and over to the end, the last flap stuck down.',
  law: 'It folds to a triangle whose legs are the strip’s width b. Sealed flat, two such triangles hold as two rounds of their area, less as they are less round (4π area / edge², to the power 0.6): 0.052 b³.',
  maxMl: (laid) => {
    const leg = legOf(laid);
    return flatSealed(leg ** 2 / 2, (2 + Math.SQRT2) * leg) / 1000;
  },
  comfortable: [0.3, 0.7],
  tight: 0.95,
  skinArea: ({ skin }) => areaOf(skin),
  body: (laid, fillMl, wrapperMl) =>
    // All of its layers lie over both faces.
    cushionBody(
      fillMl,
      fillMl / flagTriangle.maxMl(laid),
      layersOf(laid) * risen(laid.thicknessMm, areaOf(laid.skin), wrapperMl),
    ),
  usualRatio: [0.8, 3],
  hasOwnSize: true,
  rimWord: null,
  edges: ['pressed'],
  usual: {
    skin: { shape: 'strip', lengthMm: 300, widthMm: 80 },
    rimMm: 0,
    thicknessMm: 0.5,
    dough: 'thin-sheets',
    method: 'bake',
    mediumC: 190,
    minutes: 22,
  },
  size: 'small',
  section,
  flat: (_filled, laid) => {
    const { lengthMm, widthMm } = skinOf(laid, 'strip');
    const [L, b] = [lengthMm / 2, widthMm / 2];
    const folds = Array.from({ length: Math.floor(lengthMm / widthMm) }, (_, i) => {
      const from = -L + i * widthMm;
      const to = Math.min(L, from + widthMm);
      // The corner over, then straight up, and so on: each other diagonal leans the other way.
      const [y1, y2] = i % 2 === 0 ? [b, -b] : [-b, b];
      return `${line(from, y1, to, y2)} ${line(to, -b, to, b)}`;
    });
    const x = -L + widthMm * 0.12;
    return [
      flatSkin({
        label: 'strip',
        widthMm: lengthMm,
        heightMm: widthMm,
        outline: rectangle(lengthMm, widthMm),
        // A heap in the first triangle.
        filling: `M ${f(x)} ${f(-b * 0.76)} L ${f(x + widthMm * 0.56)} ${f(-b * 0.76)} L ${f(x)} ${f(b * 0.36)} Z`,
        folds: folds.join(' '),
      }),
    ];
  },
};

/** Layers that are drawn in each face, at most. */
const MOST_LINES = 5;

/** Cut from the long side to the right angle: a lens of filling between layers, the folded edge at both ends. */
function section({ body }: Filled, laid: Laid): SectionShape {
  const b = legOf(laid) / Math.SQRT2 / 2;
  const t = body.wrapperMm;
  const H = Math.max(0.6, body.fillingMm);
  const cy = -(H + t);
  const lens = (half: number, height: number): string =>
    [
      `M ${f(-half)} ${f(cy)} C ${f(-half * 0.72)} ${f(cy - height * 0.8)} ${f(-half * 0.4)} ${f(cy - height)} 0 ${f(cy - height)}`,
      `C ${f(half * 0.4)} ${f(cy - height)} ${f(half * 0.72)} ${f(cy - height * 0.8)} ${f(half)} ${f(cy)}`,
      `C ${f(half * 0.72)} ${f(cy + height * 0.8)} ${f(half * 0.4)} ${f(cy + height)} 0 ${f(cy + height)}`,
      `C ${f(-half * 0.4)} ${f(cy + height)} ${f(-half * 0.72)} ${f(cy + height * 0.8)} ${f(-half)} ${f(cy)} Z`,
    ].join(' ');
  const lines = Math.min(MOST_LINES, Math.round(layersOf(laid))) - 1;
  const between = Array.from({ length: Math.max(0, lines) }, (_, i) => {
    const part = (i + 1) / (lines + 1);
    return lens(b + t * part, H + t * part);
  });
  return {
    widthMm: 2 * (b + t),
    heightMm: 2 * (H + t),
    leftMm: b + t,
    isSlice: false,
    skin: lens(b + t, H + t),
    filling: lens(b, H),
    seam: between.join(' '),
    crack: `M ${f(b + t)} ${f(cy)} l ${f(-t * 1.2)} ${f(-t * 0.6)} l ${f(-t)} ${f(t)} l ${f(-t * 1.2)} ${f(-t * 0.5)}`,
    inside: { cx: 0, cy, rx: b * 0.72, ry: H * 0.74 },
    skinAt: { x: b * 0.55, y: cy - H * 0.8 - t / 2 },
  };
}
