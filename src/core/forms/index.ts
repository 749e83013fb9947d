/** The forms of parcel, by id. */
import { idsOf, recordsOf } from '../vocabulary/records';
import { closedSquare } from './closed-square';
import { doubleRound } from './double-round';
import { envelope } from './envelope';
import { flagTriangle } from './flag-triangle';
import { flatRound } from './flat-round';
import { foldedBun } from './folded-bun';
import { type Form } from './form';
import { halfMoon } from './half-moon';
import { panPie } from './pan-pie';
import { pillow } from './pillow';
import { pocket } from './pocket';
import { purse } from './purse';
import { roll } from './roll';
import { threeCorners } from './three-corners';
import { triangle } from './triangle';
import { woundRoll } from './wound-roll';

export const FORMS = recordsOf<Form>()({
  'half-moon': halfMoon,
  purse,
  'double-round': doubleRound,
  'flat-round': flatRound,
  roll,
  'wound-roll': woundRoll,
  pocket,
  triangle,
  'flag-triangle': flagTriangle,
  'three-corners': threeCorners,
  envelope,
  'closed-square': closedSquare,
  pillow,
  'pan-pie': panPie,
  'folded-bun': foldedBun,
});
export type FormId = keyof typeof FORMS;
export const FORM_IDS = idsOf(FORMS);

export { type Body } from './body';
