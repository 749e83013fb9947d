/** On a hot plate, turned. */
import { step } from '../media/step';
import { type MethodRecord, type Tolerance } from './method';

const GRIDDLED: Tolerance = { raw: 14, cooked: 6, fruit: 8, parcel: 'a griddled piece' };

const USUAL_C = 190;

export const griddle: MethodRecord = {
  label: 'griddle',
  done: 'griddled',
  imperative: 'Griddle',
  usualC: USUAL_C,
  usualMinutes: { small: 8, large: 10, pan: 20 },
  steps: (minutes) => [step('griddle', USUAL_C, minutes / 2), step('griddle', USUAL_C, minutes / 2, true)],
  tolerance: { yeasted: GRIDDLED, noodle: GRIDDLED, short: GRIDDLED, laminated: GRIDDLED, thin: GRIDDLED },
  dries: false,
  isDry: true,
  caution: 'The plate stays hot long after it looks cold; turn away from you.',
};
