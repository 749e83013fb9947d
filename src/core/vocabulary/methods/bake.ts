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
    laminated: { raw: 14, cooked: 4, fruit: 8, parcel: 'laminated pastry in the oven' },
    short: { raw: 14, cooked: 5, fruit: 12, parcel: 'short pastry in the oven' },
    yeasted: { raw: 14, cooked: 6, fruit: 8, parcel: 'a baked bun' },
    noodle: { raw: 14, cooked: 6, fruit: 8, parcel: 'a baked noodle skin' },
    thin: { raw: 12, cooked: 6, fruit: 12, parcel: 'a thin sheet in the oven' },
  },
  dries: true,
  isDry: true,
  caution: 'Tray and filling stay hotter than they look: use dry cloths, and let the juice settle before you cut.',
};
