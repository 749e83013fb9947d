/** Seared in a pan, then steamed in it. */
import { step } from '../media/step';
import { BUN_IN_STEAM, type MethodRecord, THIN_IN_WATER, type Tolerance } from './method';

const THIN: Tolerance = { ...THIN_IN_WATER, parcel: 'a seared and steamed skin' };

const USUAL_C = 190;

export const sear: MethodRecord = {
  label: 'sear and steam',
  done: 'seared and steamed',
  imperative: 'Sear and steam',
  usualC: USUAL_C,
  usualMinutes: { small: 10, large: 20, pan: 40 },
  steps: (minutes) => [
    step('griddle', USUAL_C, minutes * 0.2),
    step('pan-steam', null, minutes * 0.65),
    step('griddle', USUAL_C, minutes * 0.15),
  ],
  tolerance: {
    yeasted: { ...BUN_IN_STEAM, parcel: 'a seared and steamed bun' },
    noodle: THIN,
    short: THIN,
    laminated: THIN,
    thin: THIN,
  },
  dries: false,
  isDry: false,
  caution: 'Water into hot fat spits: lid in the other hand, then shut. Lift it away from you: steam burns.',
};
