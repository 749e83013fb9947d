/** What something is like says what it is raw: like mince, it is as unsafe as mince until somebody says otherwise. */
import { type Hazard } from '../vocabulary/foods';
import { type Release } from '../vocabulary/releases';

const LIKE: Partial<Record<Release, Hazard>> = {
  mince: 'minced-meat',
  wholeMeat: 'whole-meat',
  braisedMeat: 'cooked-animal',
  fish: 'fish',
  curd: 'none',
  firm: 'none',
  root: 'none',
  wiltingLeaf: 'none',
  crisp: 'none',
  pressable: 'none',
};

/** The hazard of what follows a table of preparations; unknown of those that say nothing. */
export const hazardLike = (release: Release): Hazard => LIKE[release] ?? 'unknown';
