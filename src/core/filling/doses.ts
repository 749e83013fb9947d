/** What seasons and leavens, against its usual amount: the larder's rows say what that is. */
import { formatNumber } from '../units/amount';
import { type Finding } from './finding';
import { type ResolvedLine } from './lines';

/** The question is put at so many times the upper end. House estimate. */
export const FAR_ABOVE = 2;

/** Things sweet by nature are judged by nobody's savoury range: a filling with fruit or sugar in plenty is a sweet one. */
const SWEET_SHARE = 0.15;

/** What lies outside its range, with the slip of the spoon that would explain it. */
export function doseFindings(lines: readonly ResolvedLine[], finishedG: number): Finding[] {
  if (finishedG <= 0) return [];
  const fruit = lines.filter((l) => l.ingredient.family === 'fruit').reduce((sum, l) => sum + l.readyG, 0);
  const isSweet = fruit / finishedG > SWEET_SHARE;
  return lines.flatMap((l) => {
    const { dose, isLeavener } = l.ingredient;
    if (dose === null || (isSweet && l.ingredient.isSweet)) return [];
    const perKg = (1000 * l.readyG) / finishedG;
    const [low, high] = dose;
    const said = `${formatNumber(perKg)} g per kg; usual is ${formatNumber(low)} to ${formatNumber(high)} (house estimate)`;
    const slipped = l.line.unit === 'tbsp' && perKg > high * 1.25 && perKg / 3 <= high && l.ingredient.isStrong;
    if (perKg > high * FAR_ABOVE || slipped) {
      return [
        {
          lineId: l.line.id,
          text: `${l.ingredient.name} is far above the usual: ${said}.${slipped ? ' Teaspoons?' : ''}`,
          fix: slipped
            ? {
                label: 'Teaspoons, then',
                change: [{ do: 'changeLine' as const, id: l.line.id, to: { unit: 'tsp' as const } }],
              }
            : null,
        },
      ];
    }
    if (perKg >= low / 2) return [];
    return [
      {
        lineId: l.line.id,
        text: `${l.ingredient.name} will hardly ${isLeavener ? 'raise it' : 'be tasted'}: ${said}.`,
        fix: null,
      },
    ];
  });
}
