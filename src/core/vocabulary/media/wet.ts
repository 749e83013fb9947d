/** Water and its steam: never hotter than it boils here. */
import { allRound, type MediumRecord } from './medium';

const WET = { placesK: 1, isSet: false, usualC: 100, heats: true, browns: false };

export const steam: MediumRecord = {
  ...WET,
  label: 'steam',
  appliance: 'steamer',
  faces: allRound(({ boilingC }) => ({ mediumC: boilingC, h: 300 })),
};

export const water: MediumRecord = {
  ...WET,
  label: 'boiling water',
  appliance: 'pot',
  faces: allRound(({ boilingC }) => ({ mediumC: boilingC, h: 1000 })),
};

/** With the lid on the air is steam; below, water boils between parcel and pan. */
export const panSteam: MediumRecord = {
  ...WET,
  label: 'pan, lid on, steaming',
  appliance: 'pan',
  faces: ({ boilingC }) => ({ above: { mediumC: boilingC, h: 150 }, below: { mediumC: boilingC, h: 200 } }),
};

/** The steamer off the heat, its lid shut: still moist, a few degrees below the boil. House estimate. */
const FALLS_K = 8;
export const lidShut: MediumRecord = {
  ...WET,
  label: 'off the heat, lid shut',
  appliance: 'steamer',
  heats: false,
  faces: allRound(({ boilingC }) => ({ mediumC: boilingC - FALLS_K, h: 40 })),
};
