/** What seasons and leavens, against its usual amount: the larder's rows say what that is. */
import { formatNumber } from '../units/amount';
import { type Finding } from './finding';
import { type ResolvedLine } from './lines';
import { isSweetFilling } from './sweet';

/** The question is put at so many times the upper end. House estimate. */
export const FAR_ABOVE = 2;

/** House estimate, g. */
const A_PINCH_G = 1;

/** What lies outside its range, with the slip of the spoon that would explain it. */
export function doseFindings(lines: readonly ResolvedLine[], finishedG: number): Finding[] {
  if (finishedG <= 0) return [];
  const isSweet = isSweetFilling(lines);
  return lines.flatMap((l) => {
    const { dose, isLeavener } = l.ingredient;
    if (dose === null || (isSweet && l.ingredient.isSweet)) return [];
    const perKg = (1000 * l.readyG) / finishedG;
    const [low, high] = dose;
    const figures = `${formatNumber(perKg)} g per kg; usual is ${formatNumber(low)} to ${formatNumber(high)} (our estimate)`;
    const slipped = l.line.unit === 'tbsp' && perKg > high * 1.25 && perKg / 3 <= high && l.ingredient.isStrong;
    if (perKg > high * FAR_ABOVE || slipped) {
      return [
        {
          lineId: l.line.id,
          text: `${l.ingredient.name} is far above the usual: ${figures}.${slipped ? ' Teaspoons?' : ''}`,
          fix: slipped
            ? {
                label: 'Teaspoons, then',
                change: [{ do: 'changeLine' as const, id: l.line.id, to: { unit: 'tsp' as const } }],
              }
            : null,
        },
      ];
    }
    // A pinch is meant as one.
    if (perKg >= low / 2 || l.rawG < A_PINCH_G) return [];
    return [
      {
        lineId: l.line.id,
        text: `${l.ingredient.name} will hardly ${isLeavener ? 'raise it' : 'be tasted'}: ${figures}.`,
        fix: null,
      },
    ];
  });
}
