/** In the oven. */
import { step } from '../media/step';
import { type MethodRecord } from './method';

const USUAL_C = 190;

export const bake: MethodRecord = {
  label: 'bake',
  done: 'baked',
  imperative: 'Bake',
  usualC: USUAL_C,
  usualMinutes: { small: 22, large: 35, pan: 65 },
  steps: (minutes) => [step('oven', USUAL_C, minutes)],
  tolerance: {
    laminated: { raw: [0, 8], cooked: [0, 3], sweet: [0, 8], parcel: 'laminated pastry in the oven' },
    short: { raw: [1, 10], cooked: [0, 4.5], sweet: [0, 12], parcel: 'short pastry in the oven' },
    yeasted: { raw: [1, 9], cooked: [0, 5], sweet: [0, 8], parcel: 'a baked bun' },
    noodle: { raw: [1, 9], cooked: [0, 5], sweet: [0, 8], parcel: 'a baked noodle skin' },
    thin: { raw: [1, 9], cooked: [0, 6], sweet: [0, 12], parcel: 'a thin sheet in the oven' },
  },
  dries: true,
  isDry: true,
  caution: 'Tray and filling stay hotter than they look: dry cloths, and let the juice settle before you cut.',
};
