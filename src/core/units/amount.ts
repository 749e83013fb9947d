/** Amounts as cooks write them: `1½`, `1 1/2`, `1/2`, `0.5`, `1,5`, `1 000`. */

const FRACTIONS: Record<string, number> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const GLYPHS = Object.keys(FRACTIONS).join('');

const DECIMAL = /^\d+(?:[.,]\d+)?$/;
const GROUPED = /^\d{1,3}(?:[ \u00a0\u202f]\d{3})+(?:[.,]\d+)?$/;
const SIMPLE = /^(\d+)\s*[/⁄]\s*(\d+)$/;
const MIXED = /^(\d+)\s+(\d+)\s*[/⁄]\s*(\d+)$/;
const GLYPH = new RegExp(`^(\\d+)?\\s*([${GLYPHS}])$`);

/**
 * Reads a written amount.
 * @returns the number, or null where the text is not an amount (negative and empty texts included).
 */
export function parseAmount(text: string): number | null {
  const t = text.trim();
  if (DECIMAL.test(t)) return Number(t.replace(',', '.'));
  if (GROUPED.test(t)) return Number(t.replace(/[ \u00a0\u202f]/g, '').replace(',', '.'));
  const simple = SIMPLE.exec(t);
  if (simple) return divide(0, simple[1], simple[2]);
  const mixed = MIXED.exec(t);
  if (mixed) return divide(Number(mixed[1]), mixed[2], mixed[3]);
  const glyph = GLYPH.exec(t);
  if (glyph) return Number(glyph[1] ?? 0) + FRACTIONS[glyph[2]];
  return null;
}

function divide(whole: number, numerator: string, denominator: string): number | null {
  return Number(denominator) === 0 ? null : whole + Number(numerator) / Number(denominator);
}

const isWholeOf = (value: number, parts: number): boolean => Math.abs(value * parts - Math.round(value * parts)) < 0.02;

/** Whether a number is one that spoons and cups have a sign for: eighths and thirds. */
export const hasGlyph = (value: number): boolean => isWholeOf(value, 8) || isWholeOf(value, 3);

/** Writes a number of spoons or cups with the nearest fraction glyph (`1.5` → `1½`, `0.33` → `⅓`), to an eighth or a third. */
export function formatFraction(value: number): string {
  if (isWholeOf(value, 3) && !isWholeOf(value, 8)) {
    const thirds = Math.round(value * 3);
    const whole = Math.floor(thirds / 3);
    return `${whole === 0 ? '' : whole}${thirds - 3 * whole === 1 ? '⅓' : '⅔'}`;
  }
  const eighths = Math.round(value * 8);
  const whole = Math.floor(eighths / 8);
  const glyph = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'][eighths - whole * 8];
  return glyph === '' ? String(whole) : `${whole === 0 ? '' : whole}${glyph}`;
}

/** Writes a number to a sensible number of digits: 1 312, 64, 6.8, 0.25. Thousands are set apart by a thin space. */
export function formatNumber(value: number, digits?: number): string {
  const size = Math.abs(value);
  const places = digits ?? (size >= 20 ? 0 : size >= 1 ? 1 : 2);
  const fixed = size.toFixed(places);
  const point = places > 0 ? fixed.indexOf('.') : -1;
  const whole = point < 0 ? fixed : fixed.slice(0, point);
  const fraction = point < 0 ? '' : fixed.slice(point + 1);
  const kept = digits === undefined && fraction.endsWith('0') ? fraction.replace(/0+$/, '') : fraction;
  const sign = Number(fixed) === 0 ? '' : value < 0 ? '−' : '';
  const grouped = whole.length > 3 ? whole.replace(/\B(?=(\d{3})+$)/g, '\u202f') : whole;
  return `${sign}${grouped}${kept === '' ? '' : `.${kept}`}`;
}
