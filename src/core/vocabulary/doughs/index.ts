/** Wrapper doughs and bought skins, by id. */
import { idsOf, recordsOf } from '../records';
import { boughtSheets } from './bought-sheets';
import { boughtSkin } from './bought-skin';
import { bread } from './bread';
import { type DoughRecord } from './dough';
import { enriched } from './enriched';
import { griddle } from './griddle';
import { hotWater } from './hot-water';
import { noodle } from './noodle';
import { oilEgg } from './oil-egg';
import { raised } from './raised';
import { roughLaminated } from './rough-laminated';
import { short } from './short';
import { spiral } from './spiral';
import { steamedBun } from './steamed-bun';
import { thinSheets } from './thin-sheets';

export const DOUGHS = recordsOf<DoughRecord>()({
  'steamed-bun': steamedBun,
  bread,
  enriched,
  raised,
  noodle,
  'hot-water': hotWater,
  griddle,
  short,
  'oil-egg': oilEgg,
  'rough-laminated': roughLaminated,
  spiral,
  'thin-sheets': thinSheets,
  'bought-skin': boughtSkin,
  'bought-sheets': boughtSheets,
});
export type DoughId = keyof typeof DOUGHS;
export const DOUGH_IDS = idsOf(DOUGHS);
