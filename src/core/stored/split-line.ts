/** Splitting a line: "half of the mince cooked first". */
import { type Line } from './schema';
import { type Stage } from '../vocabulary/stages';

interface Splitting {
  id: string;
  /** Id of the new line. */
  newId: string;
  /** Share that goes into the new line, above 0 and below 1. */
  share: number;
  /** When the new line goes in. */
  stage: Stage;
}

/** Splits a line in two; together they are what it was. The new one stands right after it. */
export function splitLine(lines: readonly Line[], { id, newId, share, stage }: Splitting): Line[] {
  if (!(share > 0 && share < 1)) return [...lines];
  return lines.flatMap((line) => {
    if (line.id !== id) return [line];
    const part = rounded(line.amount * share);
    const rest = line.amount - part;
    if (part <= 0 || rest <= 0) return [line];
    return [
      { ...line, amount: rest },
      { ...line, id: newId, amount: part, stage, ticked: false },
    ];
  });
}

/** To a hundredth: what is left over stays in the first part, so that nothing is lost. */
const rounded = (amount: number): number => Math.round(amount * 100) / 100;
