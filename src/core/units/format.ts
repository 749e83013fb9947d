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

/** A difference of temperatures: `8 °C`, `14 °F`. @param k kelvin @param digits after the point */
export const formatDifference = (k: number, scale: 'C' | 'F', digits = 0): string =>
  `${formatNumber(scale === 'C' ? k : 1.8 * k, digits)} °${scale}`;

/** A fixed sentence with its temperatures in the kitchen's scale: “above 60 °C”, “above 140 °F”. Not for differences. */
export const inScale = (text: string, scale: 'C' | 'F'): string =>
  scale === 'C'
    ? text
    : text.replace(/(−?)(\d+)([ \u00a0])°C/g, (_, minus: string, c: string, gap: string) => {
        const f = Math.round((minus === '' ? 1.8 : -1.8) * Number(c) + 32);
        return `${whole(f)}${gap}°F`;
      });

/** With a true minus. */
const whole = (value: number): string => String(Math.round(value)).replace('-', '−');
