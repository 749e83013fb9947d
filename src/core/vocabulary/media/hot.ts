/** Hot oil and hot metal. */
import { allRound, type MediumRecord } from './medium';

const HOT = { placesK: 10, isSet: true, heats: true, browns: true };
/** Over an open pan the air is warm, °C, and does little. */
const OVER_PAN = { mediumC: 60, h: 10 };

export const oil: MediumRecord = {
  ...HOT,
  label: 'deep oil',
  appliance: 'pot',
  placesK: 3,
  usualC: 175,
  faces: allRound(({ setC }) => ({ mediumC: setC, h: 350 })),
};

export const shallowOil: MediumRecord = {
  ...HOT,
  label: 'shallow oil',
  appliance: 'pan',
  usualC: 170,
  faces: ({ setC }) => ({ above: OVER_PAN, below: { mediumC: setC, h: 250 } }),
};

/** Under a lid what boils out of the parcels stays over them: moist air at the boil, and drops that run back. */
const UNDER_LID = 60;
export const shallowLid: MediumRecord = {
  ...HOT,
  label: 'shallow oil, lid on',
  appliance: 'pan',
  usualC: 160,
  faces: ({ setC, boilingC }) => ({
    above: { mediumC: Math.min(setC, boilingC), h: UNDER_LID },
    below: { mediumC: setC, h: 250 },
  }),
};

export const griddle: MediumRecord = {
  ...HOT,
  label: 'pan or griddle',
  appliance: 'pan',
  usualC: 190,
  faces: ({ setC }) => ({ above: OVER_PAN, below: { mediumC: setC, h: 150 } }),
};
