/** In deep oil. */
import { step } from '../media/step';
import { type MethodRecord, type Tolerance } from './method';

const FRIED: Tolerance = { raw: 12, cooked: 4, fruit: 6, parcel: 'a fried piece' };

const USUAL_C = 175;

export const fry: MethodRecord = {
  label: 'fry',
  done: 'fried',
  imperative: 'Fry',
  usualC: USUAL_C,
  usualMinutes: { small: 5, large: 8, pan: 15 },
  steps: (minutes) => [step('oil', USUAL_C, minutes)],
  tolerance: { yeasted: FRIED, noodle: FRIED, short: FRIED, laminated: FRIED, thin: FRIED },
  dries: false,
  isDry: true,
  caution:
    'Oil never above 190 °C, the pot at most half full, never left alone; dry pieces only: water makes it spit. Never put water on burning oil: put the lid on (usual advice of fire services).',
};
