/** The skin laid flat as a drawing in real millimetres, with a ruler to check the printer by; and the same as an SVG file. */
import { type FlatSkin } from '../forms/flat';
import { f, line } from '../forms/paths';
import { type Pieces } from '../wrapper/pieces';
import { formatLength, formatSides, MM_PER_INCH, type LengthUnit } from '../units/lengths';

type MatLine = 'outline' | 'rim' | 'filling' | 'folds' | 'ticks';
export interface MatStroke {
  /** mm */
  width: number;
  dash: string | null;
}

export const MAT_STROKES: Readonly<Record<MatLine, MatStroke>> = {
  outline: { width: 0.6, dash: null },
  rim: { width: 0.3, dash: '2 1.5' },
  filling: { width: 0.4, dash: null },
  folds: { width: 0.3, dash: '4 2' },
  ticks: { width: 0.3, dash: null },
};

export interface MatPiece {
  /** Where its middle lies, mm. */
  x: number;
  y: number;
  lines: { kind: MatLine; path: string }[];
  words: string;
  /** Where its words stand below its middle, mm. */
  below: number;
}

export interface Mat {
  widthMm: number;
  heightMm: number;
  pieces: MatPiece[];
  /** A ruler of 50 mm with ticks. */
  ruler: string;
  rulerWords: { x: number; y: number; text: string };
}

const EDGE = 6;
const WORDS = 8;
/** The ruler that the printer is checked by: how long, how far its ticks stand apart, mm, and what it says. */
const RULERS: Readonly<Record<LengthUnit, { mm: number; tickMm: number; words: string }>> = {
  mm: { mm: 50, tickMm: 5, words: '50 mm: check it' },
  in: { mm: 2 * MM_PER_INCH, tickMm: MM_PER_INCH / 4, words: '2 in: check it' },
};
const RULER_ROOM = 16;
const KINDS: readonly MatLine[] = ['outline', 'rim', 'filling', 'folds', 'ticks'];

/** Of a longer log its beginning is drawn, and laid on again: A4 less the printer's edges and ours, mm. */
const PAPER_MM = 170;

/** A log's edge with its marks, as many as go on the paper. */
function logPiece({ marksMm, thickMm }: Pick<Pieces, 'marksMm' | 'thickMm'>): FlatSkin | null {
  const shown = marksMm.filter((mm) => mm <= PAPER_MM);
  if (shown.length === 0) return null;
  const long = shown[shown.length - 1];
  const [left, high] = [-long / 2, Math.min(20, thickMm / 2)];
  return {
    label: 'log: cut at the marks',
    each: 1,
    widthMm: long,
    heightMm: 2 * high,
    outline: line(left, high, left + long, high),
    rim: '',
    filling: '',
    folds: '',
    ticks: [0, ...shown].map((mm) => line(left + mm, -high, left + mm, high)).join(' '),
  };
}

/** Lays the pieces one below the other, and below them a log to be cut by its marks. */
export function matOf(
  skins: readonly FlatSkin[],
  lengths: LengthUnit,
  divided: Pick<Pieces, 'marksMm' | 'thickMm'> | null = null,
): Mat {
  const ruler = RULERS[lengths];
  const log = divided && logPiece(divided);
  const flats = log ? [...skins, log] : skins;
  const widthMm = Math.max(ruler.mm + 30, ...flats.map((piece) => piece.widthMm)) + 2 * EDGE;
  let top = EDGE;
  const pieces = flats.map((piece): MatPiece => {
    const y = top + piece.heightMm / 2;
    top += piece.heightMm + WORDS;
    const size =
      Math.abs(piece.widthMm - piece.heightMm) < 0.5
        ? formatLength(piece.widthMm, lengths, 0)
        : formatSides(piece.widthMm, piece.heightMm, lengths);
    return {
      x: widthMm / 2,
      y,
      lines: KINDS.flatMap((kind) => (piece[kind] === '' ? [] : [{ kind, path: piece[kind] }])),
      words: `${piece.label}, ${size}${piece.each > 1 ? `, ${piece.each} times` : ''}`,
      below: piece.heightMm / 2 + 5,
    };
  });
  const y = top + 4;
  const ticks = Array.from({ length: Math.round(ruler.mm / ruler.tickMm) + 1 }, (_, i) =>
    line(EDGE + i * ruler.tickMm, y, EDGE + i * ruler.tickMm, y + (i % 2 === 0 ? 4 : 2)),
  );
  return {
    widthMm,
    heightMm: top + RULER_ROOM,
    pieces,
    ruler: [line(EDGE, y, EDGE + ruler.mm, y), ...ticks].join(' '),
    rulerWords: { x: EDGE + ruler.mm + 3, y: y + 4, text: ruler.words },
  };
}

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;');

/** The mat as a file: width and height in mm, so that it prints at life size. */
export function matSvg({ widthMm, heightMm, pieces, ruler, rulerWords }: Mat): string {
  const path = (d: string, { width, dash }: MatStroke): string =>
    `<path d="${d}" fill="none" stroke="#000" stroke-width="${width}"${dash === null ? '' : ` stroke-dasharray="${dash}"`}/>`;
  const words = (x: number, y: number, text: string, anchor = 'start'): string =>
    `<text x="${f(x)}" y="${f(y)}" font-family="sans-serif" font-size="4" text-anchor="${anchor}">${escaped(text)}</text>`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${f(widthMm)}mm" height="${f(heightMm)}mm" viewBox="0 0 ${f(widthMm)} ${f(heightMm)}">`,
    ...pieces.map(
      (piece) =>
        `<g transform="translate(${f(piece.x)} ${f(piece.y)})">${piece.lines.map(({ kind, path: d }) => path(d, MAT_STROKES[kind])).join('')}${words(0, piece.below, piece.words, 'middle')}</g>`,
    ),
    path(ruler, { width: 0.3, dash: null }),
    words(rulerWords.x, rulerWords.y, rulerWords.text),
    '</svg>',
    '',
  ].join('\n');
}
