/** When to stop boiling down. */
import { type Batch } from '../stored/schema';
import { BOARD_GOOD } from './board';
import { cookOffOf } from './cook-off';
import { type Ledger } from './ledger';
import { type ResolvedLine } from './lines';
import { panContents, panRelease } from './pan';
import { stopWeight, toCookOff } from './stop-weight';

export interface WhenToStop {
  /** g still to boil off until the free liquid is well within the band; 0 where enough has gone. */
  toGoG: number;
  /** What the scale reads then: pan and filling, or the filling alone where the pan is not known. */
  readsG: number;
}

/** Less than this is not worth lighting the hob for. */
const LEAST_COOK_OFF_G = 5;
/** So far up in the band a filling has boiled down enough: a few grams on the scale are not worth going back to the hob. */
const ENOUGH = 0.75;

/** Where in the band drying aims: well below the wet edge, not at the dry one. */
export const aimOf = ([dry, wet]: readonly [number, number]): number => dry + 0.6 * (wet - dry);

/** Null where nothing is in a pan. Only what runs there can boil off without drying the food. */
export function whenToStop(
  lines: readonly ResolvedLine[],
  water: Batch['water'],
  ledger: Ledger,
  band: readonly [number, number],
): WhenToStop | null {
  const inPan = panContents(lines);
  if (inPan === 0) return null;
  const soFar = cookOffOf(water, inPan).grams;
  const running = panRelease(lines) - soFar;
  // What is too much at either moment; the oven takes its own share.
  const forHeat = toCookOff(ledger.free - ledger.driedInOven, ledger.finishedG, aimOf(band));
  const forBoard = toCookOff(ledger.board.looseG, ledger.finishedG, BOARD_GOOD / 2);
  const isTooWet = ledger.freePer100 > band[0] + ENOUGH * (band[1] - band[0]);
  const isLoose = ledger.board.per100 > BOARD_GOOD;
  const wanted = Math.min(Math.max(isTooWet ? forHeat : 0, isLoose ? forBoard : 0), running);
  const isEnough = !isTooWet && !isLoose;
  const toGoG = isEnough || wanted < LEAST_COOK_OFF_G ? 0 : wanted;
  return { toGoG, readsG: stopWeight(water.panG ?? 0, inPan, soFar + toGoG) };
}
