/** Larder names as they are said in a sentence: `Spinach, frozen` is frozen spinach. */
import { capital, lowerFirst } from '../units/letters';

/** What stands behind a comma and is said before the food. */
const SAID_BEFORE = new Set(
  (
    'raw braised cooked boiled roast roasted fresh salted unsalted tinned hard-boiled semi-skimmed skimmed thick thin plain ' +
    'grated frozen dried soaked whole dry ground hard minced drained small large pressed seedless crushed condensed diced ' +
    'cured fried red mashed jellied granulated leftover sliced smoked'
  ).split(' '),
);

/** In the middle of a sentence: `frozen spinach`. */
export function spoken(name: string): string {
  const [head, behind, ...more] = name.split(', ');
  if (behind === undefined || more.length > 0) return lowerFirst(name);
  if (behind === 'made') return lowerFirst(head);
  return SAID_BEFORE.has(behind) ? `${behind} ${lowerFirst(head)}` : lowerFirst(name);
}

/** At its beginning: `Frozen spinach`. */
export const spokenFirst = (name: string): string => capital(spoken(name));
