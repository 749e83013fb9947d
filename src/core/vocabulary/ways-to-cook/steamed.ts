/** In steam and in water. */
import { step } from '../media/step';
import { METHODS } from '../methods';
import { type WayToCookRecord } from './record';

const STEAM = METHODS.steam.usualMinutes;
const BOIL = METHODS.boil.usualMinutes;

export const steamed: WayToCookRecord = {
  label: 'steam',
  method: 'steam',
  note: 'Lid on, water boiling before they go in.',
  steps: (size) => METHODS.steam.steps(STEAM[size]),
};

export const steamedShut: WayToCookRecord = {
  label: 'steam, then leave the lid shut',
  method: 'steam',
  note: 'Wait a few minutes off the heat before you lift the lid. A risen bun collapses in cold air.',
  steps: (size) => [step('steam', null, STEAM[size]), step('lid-shut', null, 4)],
};

/** The bun alone is thin: so much of the usual time. House estimate. */
const EMPTY = 0.8;

export const steamedEmpty: WayToCookRecord = {
  label: 'steam the bun empty, then fill it',
  method: 'steam',
  note: 'Folded over oil, steamed alone; opened while it is warm, the hot filling goes in at the table.',
  steps: (size) => [step('steam', null, Math.round(STEAM[size] * EMPTY)), step('rest', null, 2)],
};

export const boiled: WayToCookRecord = {
  label: 'boil',
  method: 'boil',
  note: 'In plenty of water; they float before their middle is hot.',
  steps: (size) => METHODS.boil.steps(BOIL[size]),
};

/** From the fridge, through a crumb that is baked already, it takes so many times as long as raw. House estimate. */
const AGAIN = 1.5;

export const resteamed: WayToCookRecord = {
  label: 're-steam what was cooked',
  method: 'steam',
  note: 'Straight from the fridge; the skin comes back soft. It was cooked before: it must be hot all through again.',
  steps: (size) => [step('steam', null, Math.ceil(STEAM[size] * AGAIN))],
};
