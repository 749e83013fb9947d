/** The table of known fillings. */
import { COOKED_MEAT } from './cooked-meat';
import { FISH } from './fish';
import { type KnownFilling } from './known';
import { LEFTOVERS } from './leftovers';
import { OTHER_HANDS } from './other-hands';
import { PART_COOKED } from './part-cooked';
import { RAW_MEAT } from './raw-meat';
import { SWEET } from './sweet';
import { VEGETABLES } from './vegetables';

export const KNOWN_FILLINGS: readonly KnownFilling[] = [
  ...RAW_MEAT,
  ...PART_COOKED,
  ...FISH,
  ...COOKED_MEAT,
  ...VEGETABLES,
  ...SWEET,
  ...LEFTOVERS,
  ...OTHER_HANDS,
];
