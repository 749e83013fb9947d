/** Numbers within a span, as every schema says it: `must be −40 to 45 °C`. */
import { z } from '../zod';
import { type Span } from '../vocabulary/limits';

/** As it is read: a true minus, thousands apart. */
const written = (value: number): string =>
  Math.abs(value)
    .toLocaleString('en', { maximumFractionDigits: 3 })
    .replace(/,/g, ' ')
    .replace(/^/, value < 0 ? '−' : '');

/** A number within its limits, in a unit; a refusal names both ends. */
export const between = ({ least, most }: Span, unit: string) => {
  const refusal = `must be ${written(least)} to ${written(most)}${unit === '' ? '' : ` ${unit}`}`;
  return z.number({ error: 'must be a number' }).min(least, refusal).max(most, refusal);
};
