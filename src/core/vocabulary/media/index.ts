/** What parcels are cooked in, by id. */
import { idsOf, recordsOf } from '../records';
import { griddle, oil, shallowOil } from './hot';
import { type MediumRecord } from './medium';
import { covered, grill, hold, lowerShelf, oven, rack, stone } from './oven';
import { rest } from './rest';
import { lidShut, panSteam, steam, water } from './wet';

export const MEDIA = recordsOf<MediumRecord>()({
  steam,
  water,
  'pan-steam': panSteam,
  'lid-shut': lidShut,
  oven,
  rack,
  stone,
  'lower-shelf': lowerShelf,
  covered,
  grill,
  hold,
  oil,
  'shallow-oil': shallowOil,
  griddle,
  rest,
});
export type MediumId = keyof typeof MEDIA;
export const MEDIUM_IDS = idsOf(MEDIA);
