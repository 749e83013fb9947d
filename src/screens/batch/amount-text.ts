/** An amount as the cook wrote it: `1½ tbsp`, `420 g`, `3 pieces`. */
import { type Line } from '@/core/stored/schema';
import { formatFraction, formatNumber } from '@/core/units/amount';
import { unitLabel } from '@/core/units/units';

const SPOONS: readonly string[] = ['tsp', 'tbsp', 'cup', 'piece'];

export function amountText({ amount, unit }: Pick<Line, 'amount' | 'unit'>): string {
  const inEighths = SPOONS.includes(unit) && Math.abs(amount * 8 - Math.round(amount * 8)) < 0.01;
  const label = unit === 'piece' && amount === 1 ? 'piece' : unitLabel(unit);
  return `${inEighths ? formatFraction(amount) : formatNumber(amount)} ${label}`;
}
