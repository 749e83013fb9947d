/** One round skin drawn up from three sides over the filling: three corners, three seams that meet in the middle. */
import { areaOf, type Laid } from './skins';
import { risen } from './body';
import { flatSkin } from './flat';
import { type Form, skinOf } from './form';
import { halfMoon } from './half-moon';
import { flatSealed } from './lens';
import { circle, f } from './paths';
import { tentBody, tentFloor, THREE } from './tent';
import { tentSection } from './tent-section';

/** Radius of the round inside the rim, mm: the corners of the triangle that it folds to lie on it. */
const inside = (laid: Laid): number => Math.max(0, skinOf(laid, 'round').diameterMm / 2 - laid.rimMm);

/** Drawn up its floor is not creased: it holds so many times what two flat triangles sealed together do. House estimate. */
const DRAWN_UP = 1.1;

/** Its middle left open, it may be heaped: so much more than closed. House estimate. */
const HEAPED = 1.15;

/** A triangle with equal sides about the middle, one corner to the right. @param corner from its middle to a corner, mm */
const triangle = (corner: number): string =>
  `${[0, 1, 2]
    .map((i) => {
      const angle = (2 * Math.PI * i) / 3;
      return `${i === 0 ? 'M' : 'L'} ${f(corner * Math.cos(angle))} ${f(corner * Math.sin(angle))}`;
    })
    .join(' ')} Z`;

export const threeCorners: Form = {
  ...halfMoon,
  label: 'three-cornered pie',
  plural: 'three-cornered pies',
  shapes: ['round'],
  made: 'Filling in the middle of a round, three sides drawn up over it, the three seams pinched from the corners to the middle, or the middle left open.',
  law: 'The round inside the rim folds along the triangle in it, side √3 a, and covers that once more. Sealed flat, two such triangles hold as two rounds of their area, less as they are less round (4π area / edge², to the power 0.6): 0.24 a³; drawn up a tenth more.',
  maxMl: (laid, hasMouth = false) => {
    const side = Math.sqrt(3) * inside(laid);
    return ((hasMouth ? HEAPED : 1) * DRAWN_UP * flatSealed((Math.sqrt(3) / 4) * side ** 2, 3 * side)) / 1000;
  },
  comfortable: [0.35, 0.75],
  tight: 0.95,
  skinArea: ({ skin }) => areaOf(skin),
  body: (laid, fillMl, wrapperMl) =>
    tentBody(THREE, fillMl, fillMl / threeCorners.maxMl(laid), risen(laid.thicknessMm, areaOf(laid.skin), wrapperMl)),
  usualRatio: [0.4, 1.4],
  edges: ['pressed'],
  canHaveMouth: true,
  usual: {
    skin: { shape: 'round', diameterMm: 110 },
    rimMm: 7,
    thicknessMm: 3,
    dough: 'bread',
    method: 'bake',
    mediumC: 210,
    minutes: 16,
  },
  section: ({ body, fillMl, maxMl, hasMouth }, laid) => {
    const side = tentFloor(THREE, fillMl, fillMl / Math.max(1, maxMl));
    return tentSection({
      body,
      left: side,
      right: side * THREE.corner,
      ridgeMm: Math.min(laid.rimMm, side * 0.3),
      isAlongRidge: true,
      hasMouth,
    });
  },
  flat: (_filled, laid) => {
    const R = skinOf(laid, 'round').diameterMm / 2;
    const a = inside(laid);
    return [
      flatSkin({
        widthMm: 2 * R,
        heightMm: 2 * R,
        outline: circle(R),
        rim: circle(a),
        filling: triangle(a * 0.55),
        folds: triangle(R),
      }),
    ];
  },
};
