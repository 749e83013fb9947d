/** Binders with nothing left to bind. */
import { type Ledger } from '../filling/ledger';

/** Spare binding power below this is not noticed, g of liquid per 100 g. House estimate. */
const PASTY_PER_100 = 4;

/** What all binders together could hold, g. */
export const bindingPower = (ledger: Ledger): number => ledger.lines.reduce((sum, l) => sum + l.canHold, 0);

/** Starch with nothing left to hold is tasted as paste: half as much again as runs, and more than a trace. House estimate. */
export const isPasty = (ledger: Ledger): boolean => {
  const spare = bindingPower(ledger) - ledger.heldByBinders;
  return ledger.free === 0 && spare > 0.5 * ledger.heldByBinders && spare > (PASTY_PER_100 / 100) * ledger.finishedG;
};
