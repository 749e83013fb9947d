/** An amount as the cook wrote it: `1½ tbsp`, `⅓ cup`, `420 g`, `3 pieces`. */
import { type Line } from '@/core/stored/schema';
import { formatFraction, formatNumber, hasGlyph } from '@/core/units/amount';
import { unitLabel } from '@/core/units/units';

const SPOONS: readonly string[] = ['tsp', 'tbsp', 'cup', 'piece'];

export function amountText({ amount, unit }: Pick<Line, 'amount' | 'unit'>): string {
  const isFraction = SPOONS.includes(unit) && hasGlyph(amount);
  const label = unit === 'piece' && amount === 1 ? 'piece' : unitLabel(unit);
  return `${isFraction ? formatFraction(amount) : formatNumber(amount)} ${label}`;
}
