/** Where a hot filling is put to cool. */
import { idsOf, recordsOf } from './records';

interface PlaceRecord {
  label: string;
  /** The kitchen's own figure for its air. */
  air: 'roomC' | 'fridgeC' | 'freezerC' | 'porchC';
  /** Coefficient of the air over what cools there, W/m²·K. House estimates. */
  h: number;
  /** Food that stands there is refrigerated. */
  isCold: boolean;
}

export const PLACES = recordsOf<PlaceRecord>()({
  counter: { label: 'counter', air: 'roomC', h: 9, isCold: false },
  fridge: { label: 'fridge', air: 'fridgeC', h: 9, isCold: true },
  freezer: { label: 'freezer', air: 'freezerC', h: 12, isCold: true },
  fan: { label: 'by a fan', air: 'roomC', h: 25, isCold: false },
  // Outdoors and in the cold: a little wind.
  porch: { label: 'cold porch', air: 'porchC', h: 12, isCold: false },
});
export type Place = keyof typeof PLACES;
export const PLACE_IDS = idsOf(PLACES);
