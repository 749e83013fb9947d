/** Figures as the screens and the printed card show them. */
import { formatNumber } from './amount';

/** Minutes as a cook says them: `55 min`, `2 h 50`, `3 h`. */
export function formatMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 100) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  const rest = whole - hours * 60;
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}

/** Grams: to a tenth below 10 g, whole above, thin-spaced thousands. */
export const formatGrams = (grams: number): string => `${formatNumber(grams, Math.abs(grams) < 9.95 ? 1 : 0)} g`;

/** A weight in the round: `846 g`, from a kilogram on `1.0 kg`. */
export const formatWeight = (grams: number): string =>
  grams < 999.5 ? formatGrams(grams) : `${formatNumber(grams / 1000, 1)} kg`;

/** A temperature in the kitchen's scale, whole degrees. */
export const formatTemperature = (c: number, scale: 'C' | 'F'): string =>
  `${whole(scale === 'C' ? c : (c * 9) / 5 + 32)} °${scale}`;

/** With a true minus. */
const whole = (value: number): string => String(Math.round(value)).replace('-', '−');
