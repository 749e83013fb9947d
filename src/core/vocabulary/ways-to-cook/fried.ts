/** In oil, in a pan, on a griddle. */
import { step } from '../media/step';
import { METHODS } from '../methods';
import { type WayToCookRecord } from './record';

/** Half-way up a dumpling in a pan of 26 cm, and starch for a lace in what is usually poured in, g. House estimates. */
const HALF_WAY_G = 250;
const LACE_G = 4;

const FRY = METHODS.fry.usualMinutes;
const GRIDDLE = METHODS.griddle.usualMinutes;

export const fried: WayToCookRecord = {
  label: 'deep-fry',
  method: 'fry',
  note: 'Dry pieces, few at a time, out before the sizzle dies.',
  steps: (size) => METHODS.fry.steps(FRY[size]),
};

export const shallowFried: WayToCookRecord = {
  label: 'shallow-fry, turned',
  method: 'fry',
  note: 'A finger of oil: less to heat and safer, one side at a time.',
  steps: (size) => [step('shallow-oil', 170, FRY[size] * 0.8), step('shallow-oil', 170, FRY[size] * 0.8, true)],
};

export const friedUnderLid: WayToCookRecord = {
  label: 'shallow-fry under a lid, turned',
  method: 'fry',
  note: 'Gentle and covered, so that a thick or raw filling is hot before the crust is dark; lid off at the end to crisp again.',
  steps: (size) => [
    step('shallow-lid', 160, FRY[size] * 0.9),
    step('shallow-lid', 160, FRY[size] * 0.8, true),
    step('shallow-oil', 170, 1),
  ],
};

export const searedAndSteamed: WayToCookRecord = {
  label: 'sear, then steam with a few spoonfuls of water',
  method: 'sear',
  note: 'Brown underneath, soft on top; lid on as soon as the water is in, off when the sizzle comes back.',
  steps: (size) => METHODS.sear.steps(METHODS.sear.usualMinutes[size]),
};

export const searedInWater: WayToCookRecord = {
  label: 'sear, then water half-way up',
  method: 'sear',
  note: 'More water boils longer: for thick skins and raw fillings; the bottom must crisp again at the end.',
  steps: () => [
    step('griddle', 190, 2),
    step('pan-steam', null, 9, false, { waterG: HALF_WAY_G }),
    step('griddle', 190, 2),
  ],
};

export const seared: WayToCookRecord = {
  label: 'sear, then a starch slurry that leaves a lace',
  method: 'sear',
  note: 'A teaspoon of starch in 100 ml of water: when that is gone, what is left crisps to a lace.',
  steps: () => [
    step('griddle', 190, 1.5),
    step('pan-steam', null, 7, false, { starchG: LACE_G }),
    step('griddle', 190, 2.5),
  ],
};

export const griddled: WayToCookRecord = {
  label: 'griddle, turned once',
  method: 'griddle',
  note: 'Each side once, without moving it.',
  steps: (size) => METHODS.griddle.steps(GRIDDLE[size]),
};

export const griddledOften: WayToCookRecord = {
  label: 'griddle, turned three times',
  method: 'griddle',
  note: 'Turned before either side is too brown: the middle is hot sooner and more evenly.',
  steps: (size) =>
    [0, 1, 2, 3].map((i) => step('griddle', METHODS.griddle.usualC, GRIDDLE[size] / 4, i > 0)) as [
      ReturnType<typeof step>,
    ],
};
