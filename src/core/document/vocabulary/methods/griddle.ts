/** On a hot plate, turned. */
import { type MethodRecord, type Tolerance } from './method';

const GRIDDLED: Tolerance = { raw: [1, 9], cooked: [0, 5], sweet: [0, 8], parcel: 'a griddled parcel' };

export const griddle: MethodRecord = {
  label: 'griddle',
  done: 'griddled',
  imperative: 'Griddle',
  isSet: true,
  usualC: 190,
  usualMinutes: { small: 8, large: 10, pan: 20 },
  h: () => 150,
  tolerance: { yeasted: GRIDDLED, noodle: GRIDDLED, short: GRIDDLED, laminated: GRIDDLED, thin: GRIDDLED },
  dries: false,
  isDry: true,
  caution: 'The plate stays hot long after it looks cold; turn away from you.',
};
