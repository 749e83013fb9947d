/** What a plan is called, and which cautions hold: by what the parcels are cooked in. */
import { mainStep } from './cooking';
import { type MediumId } from '../vocabulary/media';
import { type CookStep } from '../vocabulary/media/step';
import { type Method } from '../vocabulary/methods';

/** The method of each medium; null of what only rests or is kept hot. */
export const METHOD_OF: Readonly<Record<MediumId, Method | null>> = {
  steam: 'steam',
  water: 'boil',
  'pan-steam': 'sear',
  'lid-shut': 'steam',
  oven: 'bake',
  rack: 'bake',
  stone: 'bake',
  'lower-shelf': 'bake',
  covered: 'bake',
  grill: 'bake',
  hold: null,
  oil: 'fry',
  'shallow-oil': 'fry',
  'shallow-lid': 'fry',
  griddle: 'griddle',
  rest: null,
};

/** The method that steps of one's own come to: seared where a pan is steamed in between, else that of the main step. */
export function methodOf(steps: readonly CookStep[], before: Method): Method {
  if (steps.some(({ medium }) => medium === 'pan-steam')) return 'sear';
  return METHOD_OF[mainStep({ steps }).medium] ?? before;
}
