/** A flat oval steamed empty, folded, and filled afterwards with a filling cooked apart. */
import { COMPACT } from '../vocabulary/doughs/dough';
import { areaOf, type Laid } from './skins';
import { risen } from './body';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { ellipse, f, line } from './paths';
import { type Filled, type SectionShape } from './section';

/** It is open: what it can hold is what still stays in, as a multiple of the bun's own mass; a g of filling is about 1 ml. House estimate. */
const MOST = 1.5;

const bunG = (laid: Laid): number => (areaOf(laid.skin) * laid.thicknessMm * COMPACT) / 1e6;

export const foldedBun: Form = {
  label: 'folded bun',
  plural: 'folded buns',
  shapes: ['oval'],
  sizeWord: 'skin',
  made: 'A flat oval, oiled and folded, steamed empty; opened when it is done, and filled with a filling cooked apart.',
  law: 'Open at the side, it holds as much as stays in: comfortable 0.8 to 1.2 times the mass of the bun, at most 1½ times.',
  maxMl: (laid) => MOST * bunG(laid),
  comfortable: [0.8 / MOST, 1.2 / MOST],
  tight: 1,
  skinArea: ({ skin }) => areaOf(skin),
  body: (laid, fillMl, wrapperMl) => {
    const floor = areaOf(laid.skin) / 2;
    return {
      dimension: 1.2,
      fillingMm: (fillMl * 1000) / floor / 2,
      wrapperMm: risen(laid.thicknessMm, areaOf(laid.skin), wrapperMl),
    };
  },
  usualRatio: [0.8, 1.2],
  hasOwnSize: false,
  rimWord: null,
  isFilledAfter: true,
  isClosed: false,
  canHaveMouth: false,
  edges: ['pressed'],
  bakesOffPer100: 0,
  brothy: null,
  usual: {
    skin: { shape: 'oval', lengthMm: 130, widthMm: 90 },
    rimMm: 0,
    thicknessMm: 5,
    dough: 'steamed-bun',
    method: 'steam',
    mediumC: 100,
    minutes: 10,
  },
  size: 'large',
  section,
  flat: (_filled, laid) => {
    const { lengthMm, widthMm } = skinOf(laid, 'oval');
    // Folded across its length: the two ends come to lie on each other.
    return [
      flatSkin({
        label: 'oval, oiled on one half',
        widthMm: lengthMm,
        heightMm: widthMm,
        outline: ellipse(0, 0, lengthMm / 2, widthMm / 2),
        folds: line(0, -widthMm / 2, 0, widthMm / 2),
      }),
    ];
  },
};

/** From the side: the fold at the left, the filling showing between the halves at the right. */
function section({ body }: Filled, laid: Laid): SectionShape {
  const D = skinOf(laid, 'oval').lengthMm / 2;
  const T = body.wrapperMm;
  const gap = Math.max(2, 2 * body.fillingMm * 1.25);
  const left = -D / 2;
  const right = D / 2;
  const hinge = gap * 0.4;
  const top = -(2 * T + gap);
  const back = -(2 * T + hinge);
  return {
    widthMm: D + T * 0.7,
    heightMm: -top,
    leftMm: D / 2 + T * 0.7,
    isSlice: false,
    skin: [
      `M ${f(left)} 0 L ${f(right - T * 0.5)} 0 Q ${f(right)} 0 ${f(right)} ${f(-T * 0.5)} Q ${f(right)} ${f(-T)} ${f(right - T * 0.5)} ${f(-T)}`,
      `L ${f(left + T * 0.4)} ${f(-T)} Q ${f(left)} ${f(-T - hinge / 2)} ${f(left + T * 0.4)} ${f(-T - hinge)}`,
      `L ${f(right - T * 0.5)} ${f(-T - gap)} Q ${f(right)} ${f(-T - gap)} ${f(right)} ${f(-T * 1.5 - gap)} Q ${f(right)} ${f(top)} ${f(right - T * 0.6)} ${f(top)}`,
      `L ${f(left)} ${f(back)} C ${f(left - T * 0.95)} ${f(back)} ${f(left - T * 0.95)} 0 ${f(left)} 0 Z`,
    ].join(' '),
    filling: [
      `M ${f(left + T * 0.4)} ${f(-T)} L ${f(right - T * 0.2)} ${f(-T)}`,
      `Q ${f(right + T * 0.25)} ${f(-T - gap / 2)} ${f(right - T * 0.2)} ${f(-T - gap)} L ${f(left + T * 0.4)} ${f(-T - hinge)}`,
      `Q ${f(left)} ${f(-T - hinge / 2)} ${f(left + T * 0.4)} ${f(-T)} Z`,
    ].join(' '),
    seam: '',
    crack: `M ${f(left - T * 0.6)} ${f(back / 2)} l ${f(T * 0.4)} -2 l 1 4 l ${f(T * 0.4)} -3`,
    inside: { cx: D * 0.12, cy: -T - gap * 0.45, rx: D * 0.33, ry: gap * 0.33 },
    skinAt: { x: right * 0.5, y: top + T * 0.8 },
  };
}
