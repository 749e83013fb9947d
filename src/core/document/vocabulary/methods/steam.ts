/** Over boiling water, lid on. */
import { type MethodRecord, type Tolerance } from './method';

const THIN_SKIN: Tolerance = { band: [2, 9], parcel: 'a steamed thin skin' };

export const steam: MethodRecord = {
  label: 'steam',
  done: 'steamed',
  imperative: 'Steam',
  isSet: false,
  usualC: 100,
  h: () => 300,
  tolerance: {
    yeasted: { band: [1, 6], parcel: 'a steamed bun' },
    noodle: THIN_SKIN,
    short: THIN_SKIN,
    laminated: THIN_SKIN,
    thin: THIN_SKIN,
  },
  caution: 'Lift the lid away from you: steam burns.',
};
