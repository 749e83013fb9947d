/** A square of soft dough, its four corners drawn up over the filling and its edges pinched shut. Left open it is an envelope. */
import { areaOf, type Laid } from './skins';
import { risen } from './body';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { halfMoon } from './half-moon';
import { rectanglePillow } from './lens';
import { f, rectangle } from './paths';
import { FOUR, tentBody, tentFloor } from './tent';
import { tentSection } from './tent-section';

/** Side of the square that it would fold to, inside the seams, mm. */
const folded = (laid: Laid): number => Math.max(0, (skinOf(laid, 'square').sideMm - 2 * laid.rimMm) / Math.SQRT2);

/** A square on its corner. @param corner from its middle to a corner, mm */
const diamond = (corner: number): string => `M ${f(-corner)} 0 L 0 ${f(-corner)} L ${f(corner)} 0 L 0 ${f(corner)} Z`;

export const closedSquare: Form = {
  ...halfMoon,
  label: 'closed square',
  plural: 'closed squares',
  shapes: ['square'],
  made: 'Filling in the middle of a soft square, the four corners drawn up to meet over it, the four edges pinched shut from the top to the foot.',
  law: 'Folded flat it would be two squares of side w = (side − 2 rims) / √2 sealed together: at most w³ (1/π − 0.142 (1 − 1/10)) = 0.19 w³. Drawn up to a point it holds about as much.',
  maxMl: (laid) => rectanglePillow(folded(laid), folded(laid)) / 1000,
  comfortable: [0.35, 0.75],
  tight: 0.95,
  skinArea: ({ skin }) => areaOf(skin),
  body: (laid, fillMl, wrapperMl) =>
    tentBody(FOUR, fillMl, fillMl / closedSquare.maxMl(laid), risen(laid.thicknessMm, areaOf(laid.skin), wrapperMl)),
  usualRatio: [0.4, 1.4],
  edges: ['pressed'],
  usual: {
    skin: { shape: 'square', sideMm: 110 },
    rimMm: 7,
    thicknessMm: 3.5,
    dough: 'enriched',
    method: 'bake',
    mediumC: 190,
    minutes: 20,
  },
  section: ({ body, fillMl, maxMl, hasMouth }, laid) => {
    const side = tentFloor(FOUR, fillMl, fillMl / Math.max(1, maxMl));
    return tentSection({
      body,
      left: side,
      right: side,
      ridgeMm: Math.min(laid.rimMm, side * 0.3),
      isAlongRidge: false,
      hasMouth,
    });
  },
  flat: (_filled, laid) => {
    const side = skinOf(laid, 'square').sideMm;
    return [
      flatSkin({
        label: 'square',
        widthMm: side,
        heightMm: side,
        outline: rectangle(side, side),
        rim: rectangle(side - 2 * laid.rimMm, side - 2 * laid.rimMm),
        filling: diamond(folded(laid) * 0.5),
        folds: diamond(side / 2),
      }),
    ];
  },
};
