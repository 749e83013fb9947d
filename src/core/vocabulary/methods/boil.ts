/** In boiling water. */
import { step } from '../media/step';
import { BUN_IN_STEAM, type MethodRecord, THIN_IN_WATER, type Tolerance } from './method';

const BOILED: Tolerance = { ...THIN_IN_WATER, parcel: 'a boiled piece' };

export const boil: MethodRecord = {
  label: 'boil',
  done: 'boiled',
  imperative: 'Boil',
  usualC: 100,
  usualMinutes: { small: 7, large: 18, pan: 60 },
  steps: (minutes) => [step('water', null, minutes)],
  tolerance: {
    yeasted: { ...BUN_IN_STEAM, parcel: 'a boiled bun' },
    noodle: BOILED,
    short: BOILED,
    laminated: BOILED,
    thin: BOILED,
  },
  dries: false,
  isDry: false,
  caution: 'Slide them in from close above the water: splashes scald.',
};
