/** Lengths as the kitchen likes them: the documents keep mm, the screens show mm or inches. */
import { formatNumber } from './amount';

export type LengthUnit = 'mm' | 'in';

/** 1 inch, mm; by definition. */
export const MM_PER_INCH = 25.4;

/** Below this a length is a thickness: a ruler's finer marks are read, mm. */
const THIN_MM = 10;
/** The marks of a kitchen ruler: eighths of an inch; of what is thin, thirty-seconds. */
const EIGHTHS = 8;
const FINE = 32;

const GLYPHS: Readonly<Record<string, string>> = {
  '1/8': '⅛',
  '1/4': '¼',
  '3/8': '⅜',
  '1/2': '½',
  '5/8': '⅝',
  '3/4': '¾',
  '7/8': '⅞',
};

/** “4 in” is also the beginning of “4 in all”: where inches are meant, the two do not part. */
const GAP: Readonly<Record<LengthUnit, string>> = { mm: ' ', in: '\u00a0' };

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

/** `4⅜`, `3/32`: to the nearest mark, never to nothing. @param mm above 0 */
function inches(mm: number): string {
  const marks = mm < THIN_MM ? FINE : EIGHTHS;
  const all = Math.max(1, Math.round((mm / MM_PER_INCH) * marks));
  const whole = Math.floor(all / marks);
  const rest = all - whole * marks;
  if (rest === 0) return String(whole);
  const by = divisor(rest, marks);
  const fraction = `${rest / by}/${marks / by}`;
  const glyph = GLYPHS[fraction];
  return `${whole === 0 ? '' : whole}${glyph ?? `${whole === 0 ? '' : ' '}${fraction}`}`;
}

/**
 * The figure without its unit: `110`, `1.5`; `4⅜`, `1/16`.
 * @param digits after the point, of mm; as sensible where it is left out
 */
export function lengthFigure(mm: number, unit: LengthUnit, digits?: number): string {
  if (unit === 'mm') return formatNumber(mm, digits ?? (mm < THIN_MM ? undefined : 0));
  return mm > 0 ? inches(mm) : '0';
}

/** `110 mm`, `1.5 mm`; `4⅜ in`, `1/16 in`. */
export const formatLength = (mm: number, unit: LengthUnit, digits?: number): string =>
  `${lengthFigure(mm, unit, digits)}${GAP[unit]}${unit}`;

/** Square centimetres in a square inch; by definition. */
export const CM2_PER_SQUARE_INCH = (MM_PER_INCH / 10) ** 2;

/** A floor: `620 cm²`; `96 sq in`. @param step rounded to so many, of either */
export const formatArea = (cm2: number, unit: LengthUnit, step = 1): string => {
  const area = unit === 'mm' ? cm2 : cm2 / CM2_PER_SQUARE_INCH;
  return `${formatNumber(Math.round(area / step) * step, 0)} ${unit === 'mm' ? 'cm²' : 'sq in'}`;
};

/** A fixed sentence with its millimetres as the kitchen likes them: “4 to 8 mm”, “5/32 to 5/16 in”. */
export const inLengths = (text: string, unit: LengthUnit): string =>
  unit === 'mm'
    ? text
    : text.replace(
        /(?:(\d+) to )?(\d+) mm/g,
        (_, from: string | undefined, to: string) =>
          `${from === undefined ? '' : `${lengthFigure(Number(from), unit)} to `}${formatLength(Number(to), unit)}`,
      );

/** Two lengths of one thing: `160 × 110 mm`; `6¼ × 4⅜ in`. */
export const formatSides = (longMm: number, wideMm: number, unit: LengthUnit): string =>
  `${lengthFigure(longMm, unit, 0)} × ${lengthFigure(wideMm, unit, 0)}${GAP[unit]}${unit}`;
