/** Over boiling water, lid on. */
import { step } from '../media/step';
import { BUN_IN_STEAM, type MethodRecord, THIN_IN_WATER, type Tolerance } from './method';

const THIN_SKIN: Tolerance = { ...THIN_IN_WATER, parcel: 'a steamed thin skin' };

export const steam: MethodRecord = {
  label: 'steam',
  done: 'steamed',
  imperative: 'Steam',
  usualC: 100,
  usualMinutes: { small: 12, large: 25, pan: 70 },
  steps: (minutes) => [step('steam', null, minutes)],
  tolerance: {
    yeasted: { ...BUN_IN_STEAM, parcel: 'a steamed bun' },
    noodle: THIN_SKIN,
    short: THIN_SKIN,
    laminated: THIN_SKIN,
    thin: THIN_SKIN,
  },
  dries: false,
  isDry: false,
  caution: 'Lift the lid away from you: steam burns.',
};
