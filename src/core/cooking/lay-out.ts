/** How many parcels lie side by side on a floor, and where: rows, staggered rows and rings, the best of them. */
import { type Footprint } from './footprint';

export interface Floor {
  isRound: boolean;
  /** Along and across, mm; round ones are as long as they are wide. */
  longMm: number;
  wideMm: number;
}

/** The middle of a parcel, mm from the middle of the floor, and by how much it is turned, degrees. */
export interface Place {
  x: number;
  y: number;
  turned: number;
}

/** Lengths are compared with a little grace, mm. */
const GRACE = 1e-6;
/** Rows may begin anywhere: so many beginnings are tried in each direction. */
const PHASES = 4;

interface Size {
  w: number;
  h: number;
  isRound: boolean;
}

/** Whether all of a parcel is on the floor. Round on round by its middle; else by its corners. */
function isOn(floor: Floor, { w, h, isRound }: Size, x: number, y: number): boolean {
  if (!floor.isRound) {
    return Math.abs(x) + w / 2 <= floor.longMm / 2 + GRACE && Math.abs(y) + h / 2 <= floor.wideMm / 2 + GRACE;
  }
  const R = floor.longMm / 2 + GRACE;
  if (isRound) return w / 2 <= R && x * x + y * y <= (R - w / 2) ** 2;
  return (Math.abs(x) + w / 2) ** 2 + (Math.abs(y) + h / 2) ** 2 <= R ** 2;
}

/** What each other one is in a row: moved by half a pitch, row by row, or turned about, along a row or from row to row. */
type Other = 'none' | 'moved' | 'about-along' | 'about-across';

/** Rows of a pitch. */
function rows(floor: Floor, size: Size, pitch: [number, number], other: Other, turned: number): Place[] {
  const [px, py] = pitch;
  // Further out than so the middle of none lies, mm from the middle of the floor.
  const [farX, farY] = [(floor.longMm - size.w) / 2, ((floor.isRound ? floor.longMm : floor.wideMm) - size.h) / 2];
  let best: Place[] = [];
  // On a rectangle rows begin at its corner; on a round they may lie anywhere.
  const starts = floor.isRound
    ? Array.from({ length: PHASES * PHASES }, (_, i) => [
        ((i % PHASES) / PHASES) * px,
        (Math.floor(i / PHASES) / PHASES) * py,
      ])
    : [[(size.w - floor.longMm) / 2, (size.h - floor.wideMm) / 2]];
  for (const [x0, y0] of starts) {
    const places: Place[] = [];
    for (let row = Math.floor((-farY - y0) / py); row * py <= farY - y0 + py; row++) {
      const shift = other === 'moved' && row % 2 !== 0 ? px / 2 : 0;
      const from = x0 + shift;
      for (let i = Math.floor((-farX - from) / px); i * px <= farX - from + px; i++) {
        const [x, y] = [from + i * px, y0 + row * py];
        const isOdd = (other === 'about-along' && i % 2 !== 0) || (other === 'about-across' && row % 2 !== 0);
        if (isOn(floor, size, x, y)) places.push({ x, y, turned: turned + (isOdd ? 180 : 0) });
      }
    }
    if (places.length > best.length) best = places;
  }
  return best;
}

/** Rounds along the wall of a round floor, and so on inwards. */
function rings(R: number, r: number, gap: number): Place[] {
  if (R + GRACE < r) return [];
  const to = R - r;
  if (to < r + gap / 2) return [{ x: 0, y: 0, turned: 0 }];
  const n = Math.max(1, Math.floor(Math.PI / Math.asin(Math.min(1, (r + gap / 2) / to)) + GRACE));
  const ring = Array.from({ length: n }, (_, i) => ({
    x: to * Math.cos((2 * Math.PI * i) / n),
    y: to * Math.sin((2 * Math.PI * i) / n),
    turned: 0,
  }));
  return [...ring, ...rings(R - 2 * r - gap, r, gap)];
}

const ROW = Math.sqrt(3) / 2;

/**
 * The layout that takes most; of equals the plainer one.
 * @param gapMm between two parcels
 */
export function layOut(floor: Floor, { outline, longMm, wideMm }: Footprint, gapMm: number): Place[] {
  const isRound = outline === 'round';
  const layouts: Place[][] = [];
  for (const turned of isRound ? [0] : [0, 90]) {
    const [w, h] = turned === 90 ? [wideMm, longMm] : [longMm, wideMm];
    const size = { w, h, isRound };
    layouts.push(rows(floor, size, [w + gapMm, h + gapMm], 'none', turned));
    if (isRound) layouts.push(rows(floor, size, [w + gapMm, (w + gapMm) * ROW], 'moved', 0));
    // In pairs, long sides to slanting ones: each other one is turned about, and reaches half-way into the one before.
    if (outline === 'triangle') {
      const along = longMm / 2 + gapMm * Math.SQRT2;
      layouts.push(
        turned === 90
          ? rows(floor, size, [w + gapMm, along], 'about-across', turned)
          : rows(floor, size, [along, h + gapMm], 'about-along', turned),
      );
    }
    // Bricks: whole rows, each moved by half a parcel.
    if (!isRound && floor.isRound) layouts.push(rows(floor, size, [w + gapMm, h + gapMm], 'moved', turned));
  }
  if (isRound && floor.isRound) layouts.push(rings(floor.longMm / 2, longMm / 2, gapMm));
  return layouts.reduce((best, other) => (other.length > best.length ? other : best));
}

/** Each turns from the one before by the golden angle: no two in a line, evenly over a round (Vogel 1979). */
const GOLDEN = 137.508;

/** So many that swim, spread over a round surface: none keeps its place, so this is a picture, to scale. */
export function afloat({ longMm }: Floor, { longMm: long, wideMm: wide }: Footprint, count: number): Place[] {
  const reach = Math.max(0, longMm / 2 - Math.max(long, wide) / 2);
  return Array.from({ length: Math.max(count, 1) }, (_, i) => {
    const [r, a] = [reach * Math.sqrt((i + 0.5) / Math.max(count, 1)), (i * GOLDEN * Math.PI) / 180];
    return { x: r * Math.cos(a), y: r * Math.sin(a), turned: (i * GOLDEN + 90) % 180 };
  });
}
