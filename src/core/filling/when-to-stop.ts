/** When to stop boiling down. */
import { type Batch } from '../stored/schema';
import { cookOffOf } from './cook-off';
import { type Ledger } from './ledger';
import { type ResolvedLine } from './lines';
import { panContents, panRelease } from './pan';
import { type Takes } from './takes';
import { stopWeight, toCookOff } from './stop-weight';

export interface WhenToStop {
  /** g still to boil off until the free liquid is well within the band; 0 where enough has gone. */
  toGoG: number;
  /** What the scale reads then: pan and filling, or the filling alone where the pan is not known. */
  readsG: number;
}

/** Less than this is not worth lighting the hob for. */
const LEAST_COOK_OFF_G = 5;
/** So near its wet edge a filling has boiled down enough: a few grams on the scale are not worth going back to the hob. */
const ENOUGH = 0.75;

/** What drying aims at: well below the wet edge. */
export const aimOf = (wet: number): number => 0.6 * wet;

/** Null where nothing is in a pan. Only what runs there can boil off without drying the food. */
export function whenToStop(
  lines: readonly ResolvedLine[],
  water: Batch['water'],
  ledger: Ledger,
  { wet, board }: Pick<Takes, 'wet' | 'board'>,
): WhenToStop | null {
  const inPan = panContents(lines);
  if (inPan === 0) return null;
  const soFar = cookOffOf(water, inPan).grams;
  const running = panRelease(lines) - soFar;
  // What is too much at either moment; the oven takes its own share.
  const forHeat = toCookOff(ledger.free - ledger.driedInOven, ledger.finishedG, aimOf(wet));
  const forBoard = toCookOff(ledger.board.looseG, ledger.finishedG, (board?.good ?? 0) / 2);
  const isTooWet = ledger.freePer100 > ENOUGH * wet;
  const isLoose = board !== null && ledger.board.per100 > board.good;
  // What has boiled off gives no steam while it cools: so much more has to boil off.
  const steamShare = ledger.steamedOff / Math.max(1, ledger.finishedG + ledger.steamedOff);
  const tooMuch = Math.max(isTooWet ? forHeat : 0, isLoose ? forBoard : 0) / (1 - steamShare);
  const wanted = Math.min(tooMuch, running);
  const isEnough = !isTooWet && !isLoose;
  const toGoG = isEnough || wanted < LEAST_COOK_OFF_G ? 0 : wanted;
  return { toGoG, readsG: stopWeight(water.panG ?? 0, inPan, soFar + toGoG) };
}
