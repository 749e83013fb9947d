/** Ready-made ways to cook, by id; the first of a method is its usual one. */
import { idsOf, recordsOf } from '../records';
import { baked, bakedAndRested, bakedInTwo, bakedOnStone, grilled, reheated } from './baked';
import {
  fried,
  friedUnderLid,
  griddled,
  griddledOften,
  seared,
  searedAndSteamed,
  searedInWater,
  shallowFried,
} from './fried';
import { type WayToCookRecord } from './record';
import { boiled, resteamed, steamed, steamedEmpty, steamedShut } from './steamed';

export const WAYS_TO_COOK = recordsOf<WayToCookRecord>()({
  steam: steamed,
  'steam-shut': steamedShut,
  'steam-empty': steamedEmpty,
  boil: boiled,
  bake: baked,
  'bake-stone': bakedOnStone,
  'bake-two': bakedInTwo,
  'bake-grill': grilled,
  'bake-rest': bakedAndRested,
  fry: fried,
  'fry-shallow': shallowFried,
  'fry-lid': friedUnderLid,
  'sear-steam': searedAndSteamed,
  'sear-water': searedInWater,
  'sear-lace': seared,
  griddle: griddled,
  'griddle-often': griddledOften,
  'steam-again': resteamed,
  'oven-again': reheated,
});
export type WayToCook = keyof typeof WAYS_TO_COOK;
export const WAY_TO_COOK_IDS = idsOf(WAYS_TO_COOK);
