/** Rounds cut from a sheet: the best of the regular layouts, square and hexagonal, both ways round. */

export interface Layout {
  kind: 'square' | 'hexagonal';
  count: number;
  /** Centres of the rounds, mm from the sheet's corner, along its width and its length. */
  centres: [x: number, y: number][];
  /** Of the sheet's area. */
  usedShare: number;
  trimmingsShare: number;
}

/** A row of a hexagonal layout is so much nearer to the next than its neighbours in the row. */
const ROW = Math.sqrt(3) / 2;
/** Lengths are compared with a little grace, so that 300 mm take three of 100, mm. */
const GRACE = 1e-9;

/** How many of one after the other fit into a length. */
const fitting = (length: number, size: number, pitch: number): number =>
  length + GRACE < size ? 0 : 1 + Math.floor((length - size + GRACE) / pitch);

type Centres = [number, number][];

function squareRows(width: number, length: number, d: number, gap: number): Centres {
  const pitch = d + gap;
  const [across, along] = [fitting(width, d, pitch), fitting(length, d, pitch)];
  return Array.from({ length: across * along }, (_, i) => [
    d / 2 + (i % across) * pitch,
    d / 2 + Math.floor(i / across) * pitch,
  ]);
}

/** Rows along the width, every other one moved by half a pitch. */
function hexagonalRows(width: number, length: number, d: number, gap: number): Centres {
  const pitch = d + gap;
  const rows = fitting(length, d, pitch * ROW);
  const [even, odd] = [fitting(width, d, pitch), fitting(width - pitch / 2, d, pitch)];
  return Array.from({ length: rows }, (_, row) =>
    Array.from({ length: row % 2 === 0 ? even : odd }, (__, i): [number, number] => [
      d / 2 + i * pitch + (row % 2 === 0 ? 0 : pitch / 2),
      d / 2 + row * pitch * ROW,
    ]),
  ).flat();
}

const turned = (centres: Centres): Centres => centres.map(([x, y]) => [y, x]);

/**
 * The layout that gives most rounds; of equals the plainer one.
 * @param sheet mm @param diameterMm of a round @param gapMm between two cuts
 */
export function layRounds(sheet: { widthMm: number; lengthMm: number }, diameterMm: number, gapMm = 0): Layout {
  const { widthMm: w, lengthMm: l } = sheet;
  const layouts: { kind: Layout['kind']; centres: Centres }[] = [
    { kind: 'square', centres: squareRows(w, l, diameterMm, gapMm) },
    { kind: 'hexagonal', centres: hexagonalRows(w, l, diameterMm, gapMm) },
    { kind: 'hexagonal', centres: turned(hexagonalRows(l, w, diameterMm, gapMm)) },
  ];
  const best = layouts.reduce((so, other) => (other.centres.length > so.centres.length ? other : so));
  const usedShare = (best.centres.length * Math.PI * diameterMm ** 2) / 4 / (w * l);
  return { ...best, count: best.centres.length, usedShare, trimmingsShare: 1 - usedShare };
}

/** Rounds that the trimmings give when they are pressed together and rolled out once more, as well used as the sheet was. */
export const rerolled = ({ count, trimmingsShare }: Pick<Layout, 'count' | 'trimmingsShare'>): number =>
  Math.floor(count * trimmingsShare + GRACE);

/** The cutter nearest to what is wanted, mm; null where none is owned. */
export const nearestCutter = (cuttersMm: readonly number[], wantedMm: number): number | null =>
  cuttersMm.length === 0
    ? null
    : cuttersMm.reduce((best, mm) => (Math.abs(mm - wantedMm) < Math.abs(best - wantedMm) ? mm : best));
