/** In the oven. */
import { type MethodRecord } from './method';

/** Radiation and the drag of evaporation included. */
const STILL_OVEN = 14;
const FAN_OVEN = 22;

export const bake: MethodRecord = {
  label: 'bake',
  done: 'baked',
  imperative: 'Bake',
  isSet: true,
  usualC: 190,
  h: ({ fanOven }) => (fanOven ? FAN_OVEN : STILL_OVEN),
  tolerance: {
    laminated: { band: [0, 2.5], parcel: 'laminated pastry in the oven' },
    short: { band: [0, 3], parcel: 'short pastry in the oven' },
    yeasted: { band: [0, 3.5], parcel: 'a baked bun' },
    noodle: { band: [0, 2.5], parcel: 'a baked noodle skin' },
    thin: { band: [0, 4], parcel: 'a thin sheet in the oven' },
  },
  caution: 'Tray and filling stay hotter than they look: dry cloths, and let the juice settle before you cut.',
};
