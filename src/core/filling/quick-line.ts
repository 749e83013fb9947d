/** A line typed in short: `150 g leek`, `1½ tbsp soy sauce`, `leek`. The part before the name is the amount. */
import { parseAmount } from '../units/amount';
import { LINE_UNITS, type LineUnit, parseUnit } from '../units/units';

export interface QuickLine {
  amount: number | null;
  unit: LineUnit | null;
  /** What is left: the name to look up. */
  name: string;
}

/** Splits a short line. What is not understood stays in the name. */
export function quickLine(text: string): QuickLine {
  const words = text
    .trim()
    .replace(/^(\d[\d.,/]*)([a-zA-Z]+)/, '$1 $2')
    .split(/\s+/)
    .filter((word) => word !== '');
  // "1 1/2" is an amount of two words.
  for (const length of [2, 1]) {
    const amount = words.length >= length ? parseAmount(words.slice(0, length).join(' ')) : null;
    if (amount === null || amount <= 0) continue;
    const parsed = parseUnit(words[length] ?? '');
    const unit = LINE_UNITS.find((u) => u === parsed) ?? null;
    const rest = words.slice(length + (unit === null ? 0 : 1));
    return { amount, unit, name: rest.filter((word, i) => i > 0 || word !== 'of').join(' ') };
  }
  return { amount: null, unit: null, name: words.join(' ') };
}
