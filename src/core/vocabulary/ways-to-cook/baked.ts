/** In the oven. */
import { step } from '../media/step';
import { METHODS } from '../methods';
import { type Size } from '../methods/method';
import { type WayToCookRecord } from './record';

const BAKE = METHODS.bake.usualMinutes;
/** A whole pan is baked longer, and so a little lower. House estimates. */
const PAN_C = 180;
const heat = (size: Size): number => (size === 'pan' ? PAN_C : METHODS.bake.usualC);

export const baked: WayToCookRecord = {
  label: 'bake',
  method: 'bake',
  note: 'One temperature throughout, on a tray in the middle.',
  steps: (size) => [step('oven', heat(size), BAKE[size])],
};

export const bakedOnStone: WayToCookRecord = {
  label: 'bake on a hot stone',
  method: 'bake',
  note: 'A stone or heavy tray heated with the oven: a crisp bottom under a wet filling, brown sooner underneath.',
  steps: (size) => [step('stone', heat(size), Math.round(BAKE[size] * (size === 'pan' ? 0.6 : 0.8)))],
};

export const bakedInTwo: WayToCookRecord = {
  label: 'bake in two stages',
  method: 'bake',
  note: 'Hot at first, so that crust and layers set; then lower, so that the middle follows before the outside burns.',
  steps: (size) => [
    step('lower-shelf', 205, Math.round(BAKE[size] * 0.3)),
    step('oven', 170, Math.round(BAKE[size] * 0.6)),
  ],
};

export const grilled: WayToCookRecord = {
  label: 'bake, finish under the grill',
  method: 'bake',
  note: 'Lower and longer for the middle, the colour at the end: stay and watch.',
  steps: (size) => [step('oven', 170, Math.round(BAKE[size] * 0.85)), step('grill', 220, 3)],
};

export const bakedAndRested: WayToCookRecord = {
  label: 'bake, then let it stand',
  method: 'bake',
  note: 'It takes up its juice as it stands, and slices well. The middle keeps warming.',
  steps: (size) => [step('oven', heat(size), BAKE[size]), step('rest', null, size === 'pan' ? 20 : 8)],
};

export const reheated: WayToCookRecord = {
  label: 'reheat in the oven',
  method: 'bake',
  note: 'Lower than it was baked, so that it is hot inside before it dries.',
  steps: (size) => [step('oven', 160, Math.round(BAKE[size] * 0.9))],
};
