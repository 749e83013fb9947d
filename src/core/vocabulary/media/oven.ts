/** In the oven: air and walls above; below what it stands on. Radiation and the drag of evaporation are in the coefficients. */
import { type MediumRecord, type Met, type Where } from './medium';

const STILL = { h: 14, hDry: 26 };
const FAN = { h: 22, hDry: 38 };
/** Under a thin tray the heat comes through air and tray: a little less than above, and steam stays under the bottom. */
const UNDER_TRAY = 12 / 14;
/** A stone or heavy tray that was heated with the oven. */
const STONE = 60;
/** On the lower shelf the bottom element shines on the tray, and the top is further away. */
const LOWER = { above: 11 / 14, below: 20 / 14 };
/** Under a red-hot grill. */
const GRILL = 35;
/** A warm oven that only holds. */
const HOLDING = 8;

const air = ({ fanOven, setC }: Where, times = 1): Met => {
  const { h, hDry } = fanOven ? FAN : STILL;
  return { mediumC: setC, h: h * times, hDry: hDry * times };
};
const OVEN = { appliance: 'oven' as const, placesK: 8, isSet: true, usualC: 190, heats: true, browns: true };

export const oven: MediumRecord = {
  ...OVEN,
  label: 'oven, on a tray',
  faces: (w) => ({ above: air(w), below: air(w, UNDER_TRAY) }),
};

export const rack: MediumRecord = {
  ...OVEN,
  label: 'oven, on a rack',
  faces: (w) => ({ above: air(w), below: air(w) }),
};

export const stone: MediumRecord = {
  ...OVEN,
  label: 'oven, on a hot stone',
  faces: (w) => ({ above: air(w), below: { mediumC: w.setC, h: STONE } }),
};

export const lowerShelf: MediumRecord = {
  ...OVEN,
  label: 'oven, lower shelf',
  faces: (w) => ({ above: air(w, LOWER.above), below: air(w, LOWER.below) }),
};

/** Under foil: its steam stays over it, the walls do not shine on it, and it hardly browns. */
const UNDER_FOIL = 9;
export const covered: MediumRecord = {
  ...OVEN,
  label: 'oven, under foil',
  faces: (w) => ({ above: { mediumC: w.setC, h: UNDER_FOIL }, below: air(w, UNDER_TRAY) }),
};

export const grill: MediumRecord = {
  ...OVEN,
  label: 'under the grill',
  isFinish: true,
  usualC: 220,
  faces: (w) => ({ above: { mediumC: w.setC, h: GRILL }, below: { mediumC: Math.min(w.setC, 120), h: HOLDING } }),
};

export const hold: MediumRecord = {
  ...OVEN,
  label: 'kept hot',
  placesK: 2,
  usualC: 65,
  heats: false,
  browns: false,
  faces: (w) => ({ above: { mediumC: w.setC, h: HOLDING }, below: { mediumC: w.setC, h: HOLDING } }),
};
