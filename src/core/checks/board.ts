/** What the board asks the solver, from a batch as it is. Takes long: for the worker. */
import { type BoardForecast, workOutBoard } from '../cooling/at-the-board';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { account, type Accounts } from './account';

export function forecastBoard(batch: Batch, kitchen: Kitchen): BoardForecast {
  const accounts = account(batch, kitchen, null);
  const { ledger, fit, dough, laid } = accounts;
  const { composition, finishedG } = ledger;
  const fillingC = comesOutAt(accounts);
  return workOutBoard(batch, kitchen, { composition, finishedG, fit, dough, thicknessMm: laid.thicknessMm, fillingC });
}

/** Raw fillings are kept cold, °C; what was cooked is wrapped as warm as Cool lets it go, the warmest it may be. */
function comesOutAt({ goesInRaw, coolTarget, coolConstraints, kitchen: { fridgeC } }: Accounts): number {
  if (goesInRaw || coolTarget === null) return fridgeC;
  const [{ c, mixtureC }] = coolConstraints;
  return Math.max(fridgeC, mixtureC ?? c);
}
