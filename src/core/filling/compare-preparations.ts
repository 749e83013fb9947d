/** The preparations of one line side by side: what each gains in moisture, and what it costs in minutes and grams. */
import { apply, type Operation } from '../stored/operations';
import { type Kitchen } from '../stored/kitchen';
import { type Batch } from '../stored/schema';
import { type Preparation, RELEASES } from '../vocabulary/releases';
import { drawLedger } from './ledger';
import { bakesOff } from './takes';
import { resolveLine, resolveLines } from './lines';

export interface PreparationOption {
  preparation: Preparation;
  isTaken: boolean;
  /** g of free liquid in 100 g of the finished filling with it. */
  freePer100: number;
  /** g of liquid or fat that 100 g of it would still take. */
  dryPer100: number;
  /** g of finished filling with it. */
  finishedG: number;
  /** Minutes at the board or stove and of waiting, for this amount. */
  handsOnMinutes: number;
  waitMinutes: number;
  change: Operation;
}

/** The amount that the minutes in the tables are for, g. */
const TABLE_AMOUNT = 500;
/** Hands-on work grows more slowly than the amount: the board is out anyway. House estimate. */
const WORK_EXPONENT = 0.7;

/**
 * Compares the preparations of a line. The amount is what it was before the preparation.
 * @param steamedOffG water lost while cooling, taken as it is now
 * @returns none where the line cannot be counted or has but one preparation
 */
export function comparePreparations(
  batch: Batch,
  kitchen: Kitchen,
  lineId: string,
  steamedOffG: number,
): PreparationOption[] {
  const line = batch.lines.find((l) => l.id === lineId);
  const resolved = line && resolveLine(line, batch.ingredients, kitchen);
  const table = resolved ? RELEASES[resolved.ingredient.release] : [];
  if (!resolved || table.length < 2) return [];
  const growth = (resolved.rawG / TABLE_AMOUNT) ** WORK_EXPONENT;
  const oven = bakesOff({ form: batch.wrap.form, vent: batch.wrap.vent, method: batch.cook.method });
  return table.map((preparation) => {
    // Weighed as it goes in, the line was more before: that is what another preparation starts from.
    const amount =
      resolved.line.weighed === 'ready' && resolved.preparation.yield !== 1
        ? ({ amount: Math.round(10 * resolved.rawG) / 10, unit: 'g', weighed: 'raw' } as const)
        : ({ weighed: 'raw' } as const);
    const change: Operation = { do: 'changeLine', id: lineId, to: { ...amount, preparation: preparation.id } };
    const then = drawLedger(resolveLines(apply(batch, change), kitchen), batch.water, steamedOffG, oven);
    return {
      preparation,
      isTaken: preparation.id === resolved.preparation.id,
      freePer100: then.freePer100,
      dryPer100: then.dry.per100,
      finishedG: then.finishedG,
      handsOnMinutes: Math.round(preparation.handsOnMinutes * growth),
      waitMinutes: preparation.waitMinutes,
      change,
    };
  });
}
