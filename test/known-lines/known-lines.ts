/** Lines in households' words, with what a careful reader would understand of each: read from `lines.txt`. */
import { readFileSync } from 'node:fs';
import path from 'node:path';

export interface KnownLine {
  text: string;
  /** What the food's name has to match. */
  is: RegExp;
  /** What its name must not match. */
  isNot: RegExp | null;
  /** g as used; null where the line does not say. */
  grams: number | null;
  /** Share that the grams may be off. */
  tolerance: number;
}

const USUAL_TOLERANCE = 0.25;

function knownLine(row: string): KnownLine {
  const [text, names, grams, tolerance] = row.split(' | ').map((cell) => cell.trim());
  const [is, isNot] = names.split(' ! ');
  return {
    text,
    is: new RegExp(is, 'i'),
    isNot: isNot === undefined ? null : new RegExp(isNot, 'i'),
    grams: grams === '-' ? null : Number(grams),
    tolerance: tolerance === undefined ? USUAL_TOLERANCE : Number(tolerance),
  };
}

const linesOf = (file: string): readonly KnownLine[] =>
  readFileSync(path.join(__dirname, file), 'utf8')
    .split('\n')
    .filter((row) => row.trim() !== '' && !row.startsWith('#'))
    .map(knownLine);

export const KNOWN_LINES = linesOf('lines.txt');
/** Written when the reader had been rebuilt with the first. */
export const SECOND_LINES = linesOf('lines-second.txt');
/** Written when the second was read well. */
export const THIRD_LINES = linesOf('lines-third.txt');
