/** A butter dough on the bench: how long until it has passed its limit, rolled out or still a disc, and what to do. */
import { type Dough } from '../wrapper/dough';
import { BUTTERY_PERCENT } from '../wrapper/wrap-ready';
import { formulaTotals, percentOf, SOLID_FATS } from '../wrapper/formula';
import { BENCH, warmingCurve } from './warming';

export interface ButterDough {
  limitC: number;
  /** Minutes until its middle is there; null where this kitchen never takes it there. */
  sheetMinutes: number | null;
  discMinutes: number | null;
  advice: string;
}

/** Butter bends without cracking or greasing up to here, °C: in layers, and rubbed in. House estimates. */
const LAYERED_C = 15;
const RUBBED_C = 18;
/** Wrapped and rested it is a disc so thick, mm. House estimate. */
const DISC_MM = 25;
/** Nobody stands longer at one sheet, minutes. */
const LONGEST = 240;
/** Shorter than this nobody rolls and cuts a sheet, minutes. House estimate. */
const TOO_SHORT = 12;

/** @returns null of a dough that holds no solid fat to speak of */
export function butterDough(
  dough: Pick<Dough, 'parts' | 'composition' | 'isLayered'>,
  thicknessMm: number,
  startC: number,
  roomC: number,
): ButterDough | null {
  if (!dough.isLayered && percentOf(formulaTotals(dough.parts), ...SOLID_FATS) < BUTTERY_PERCENT) return null;
  const limitC = dough.isLayered ? LAYERED_C : RUBBED_C;
  const minutes = (mm: number): number | null =>
    roomC <= limitC
      ? null
      : warmingCurve(
          { composition: dough.composition, thicknessMm: mm, startC, airC: roomC, ...BENCH.dough },
          LONGEST,
        ).minutesTo(limitC);
  const [sheetMinutes, discMinutes] = [minutes(thicknessMm), minutes(DISC_MM)];
  return {
    limitC,
    sheetMinutes,
    discMinutes,
    advice:
      sheetMinutes === null
        ? 'This kitchen is cool enough: no hurry.'
        : sheetMinutes < TOO_SHORT
          ? 'Roll a half or a third at a time and leave the rest in the fridge; once cut, lay the skins on a cold tray and put them back before you fill.'
          : 'Roll it in one go; if it turns greasy, 10 minutes in the fridge on its tray.',
  };
}
