/** Swapping one ingredient for another: what becomes of water, salt, fat, allergens and hazard, before it is accepted. */
import { apply, type Operation } from '../stored/operations';
import { type Kitchen } from '../stored/kitchen';
import { outline } from '../forecast/outline';
import { type Batch } from '../stored/schema';
import { type Allergen } from '../vocabulary/foods';
import { type Ingredient } from '../food/ingredient';
import { RELEASES } from '../vocabulary/releases';
import { accountFat } from '../filling/fat';
import { drawLedger } from '../filling/ledger';
import { bakesOff } from '../filling/takes';
import { resolveLine } from '../filling/lines';

export interface Consequences {
  waterG: number;
  freePer100: number;
  /** g of liquid or fat that 100 g of it would still take. */
  dryPer100: number;
  saltPercent: number;
  fatPer100: number;
  allergens: Allergen[];
  /** The core temperature its food demands, °C, and because of what. */
  limitC: number;
  limitBecause: string;
}

export interface Swap {
  before: Consequences;
  after: Consequences;
  /** Allergens that come in and that go out with it. */
  gains: Allergen[];
  loses: Allergen[];
  change: Operation[];
}

/**
 * What a swap would do. The new ingredient takes the old one's mass, and its preparation where it knows it.
 * @param steamedOffG water lost while cooling, taken as it is now
 * @returns null where the line cannot be counted
 */
export function swapIngredient(
  batch: Batch,
  kitchen: Kitchen,
  lineId: string,
  to: Ingredient,
  steamedOffG: number,
): Swap | null {
  const line = batch.lines.find((l) => l.id === lineId);
  const old = line && resolveLine(line, batch.ingredients, kitchen);
  if (!line || !old) return null;
  const table = RELEASES[to.release];
  const preparation = table.find((p) => p.id === line.preparation) ?? table[0];
  const grams = line.weighed === 'raw' ? old.rawG : old.readyG;
  const keepsUnit = ['g', 'kg', 'oz', 'lb'].includes(line.unit);
  const change: Operation[] = [
    {
      do: 'changeLine',
      id: lineId,
      to: {
        ingredientId: to.id,
        preparation: preparation.id,
        cut: null,
        ...(keepsUnit ? {} : { amount: Math.round(10 * grams) / 10, unit: 'g' as const }),
      },
    },
  ];
  const before = consequences(batch, kitchen, steamedOffG);
  const after = consequences(change.reduce(apply, batch), kitchen, steamedOffG);
  return {
    before,
    after,
    gains: after.allergens.filter((a) => !before.allergens.includes(a)),
    loses: before.allergens.filter((a) => !after.allergens.includes(a)),
    change,
  };
}

function consequences(batch: Batch, kitchen: Kitchen, steamedOffG: number): Consequences {
  const { lines, dough, limit } = outline(batch, kitchen);
  const ledger = drawLedger(
    lines,
    batch.water,
    steamedOffG,
    bakesOff({ form: batch.wrap.form, vent: batch.wrap.vent, method: batch.cook.method }),
  );
  const salt = lines.reduce((sum, l) => sum + l.saltG, 0);
  return {
    waterG: ledger.broughtIn,
    freePer100: ledger.freePer100,
    dryPer100: ledger.dry.per100,
    saltPercent: ledger.finishedG > 0 ? (100 * salt) / ledger.finishedG : 0,
    fatPer100: accountFat(lines, ledger.finishedG).per100,
    allergens: [...new Set([...lines.flatMap((l) => l.ingredient.allergens), ...dough.allergens])].sort(),
    limitC: limit.c,
    limitBecause: limit.because,
  };
}
