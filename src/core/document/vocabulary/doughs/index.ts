/** Wrapper doughs and bought skins, by id. */
import { idsOf, recordsOf } from '../records';
import { boughtSkin } from './bought-skin';
import { enriched } from './enriched';
import { hotWater } from './hot-water';
import { noodle } from './noodle';
import { roughLaminated } from './rough-laminated';
import { short } from './short';
import { steamedBun } from './steamed-bun';
import { thinSheets } from './thin-sheets';
import { type DoughRecord } from './dough';

export const DOUGHS = recordsOf<DoughRecord>()({
  'steamed-bun': steamedBun,
  enriched,
  noodle,
  'hot-water': hotWater,
  short,
  'rough-laminated': roughLaminated,
  'bought-skin': boughtSkin,
  'thin-sheets': thinSheets,
});
export type DoughId = keyof typeof DOUGHS;
export const DOUGH_IDS = idsOf(DOUGHS);
