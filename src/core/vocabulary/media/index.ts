/** What parcels are cooked in, by id. */
import { idsOf, recordsOf } from '../records';
import { griddle, oil, shallowLid, shallowOil } from './hot';
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
  'shallow-lid': shallowLid,
  griddle,
  rest,
});
export type MediumId = keyof typeof MEDIA;
export const MEDIUM_IDS = idsOf(MEDIA);

/** Hot oil, deep or not. */
export const OILS: readonly MediumId[] = ['oil', 'shallow-oil', 'shallow-lid'];
/** In a pan on one side: it is turned. */
export const ONE_SIDED: readonly MediumId[] = ['griddle', 'shallow-oil', 'shallow-lid'];
