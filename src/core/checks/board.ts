/** What the board asks the solver, from a batch as it is. Takes long: for the worker. */
import { type AtTheBoard, workOutBoard } from '../cooling/at-the-board';
import { type Kitchen } from '../document/kitchen-schema';
import { type Batch } from '../document/schema';
import { account } from './account';

export function forecastBoard(batch: Batch, kitchen: Kitchen): AtTheBoard {
  const { ledger, fit, dough, laid } = account(batch, kitchen, null);
  const { composition, finishedG } = ledger;
  return workOutBoard(batch, kitchen, { composition, finishedG, fit, dough, thicknessMm: laid.thicknessMm });
}
