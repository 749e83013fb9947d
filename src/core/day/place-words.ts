/** Where work meets, in words. */
import { type PlaceOfWork } from './task';

export const PLACE_WORDS: Readonly<Record<PlaceOfWork, string>> = {
  hands: 'one pair of hands',
  bench: 'the bench',
  hob: 'the hob',
  oven: 'the oven',
  steamer: 'the steamer',
  pan: 'the pan',
  pot: 'the pot',
  fridge: 'the fridge',
};
