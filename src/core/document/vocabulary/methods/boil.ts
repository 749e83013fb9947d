/** In boiling water. */
import { type MethodRecord, type Tolerance } from './method';

const BOILED: Tolerance = { band: [1, 6], parcel: 'a boiled parcel' };

export const boil: MethodRecord = {
  label: 'boil',
  done: 'boiled',
  imperative: 'Boil',
  isSet: false,
  usualC: 100,
  h: () => 1000,
  tolerance: { yeasted: BOILED, noodle: BOILED, short: BOILED, laminated: BOILED, thin: BOILED },
  caution: 'Slide them in from close above the water: splashes scald.',
};
