/** A square of soft dough, its four corners drawn up over the filling and its edges pinched shut. Left open it is an envelope. */
import { areaOf } from './skins';
import { risen } from './body';
import { cornersIn, foldedSide } from './envelope';
import { type Form } from './form';
import { halfMoon } from './half-moon';
import { rectanglePillow } from './lens';
import { FOUR, tentBody, tentFloor } from './tent';
import { tentSection } from './tent-section';

export const closedSquare: Form = {
  ...halfMoon,
  label: 'closed square',
  plural: 'closed squares',
  shapes: ['square'],
  made: 'Filling in the middle of a soft square, the four corners drawn up to meet over it, the four edges pinched shut from the top to the foot.',
  law: 'Folded flat it would be two squares of side w = (side − 2 rims) / √2 sealed together: at most w³ (1/π − 0.142 (1 − 1/10)) = 0.19 w³. Drawn up to a point it holds about as much.',
  maxMl: (laid) => rectanglePillow(foldedSide(laid), foldedSide(laid)) / 1000,
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
  flat: (_filled, laid) => [cornersIn(laid, foldedSide(laid) * 0.5)],
};
