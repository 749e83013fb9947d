/** Scaling a filling: everything in proportion; strong spices on request a little less, as some cooks do. */
import { type Batch, type Line } from './schema';
import { type LineUnit } from '../vocabulary/line-units';

/** What scaling must know of lines beyond the document; the larder's facts, put in by whoever asks (`filling/scaling`). */
export interface LineFacts {
  /** The line grows with this power of the factor; 1 where it is left out. */
  exponents?: Readonly<Record<string, number>>;
  /** g of one piece, by line: what does not come out whole is weighed. */
  pieceG?: Readonly<Record<string, number>>;
}

/** Steps that amounts are rounded to, so that they can be measured. */
const STEPS: Record<Exclude<LineUnit, 'piece'>, (amount: number) => number> = {
  g: (a) => (a >= 20 ? 1 : 0.1),
  ml: (a) => (a >= 20 ? 1 : 0.1),
  kg: () => 0.001,
  l: () => 0.001,
  oz: () => 0.05,
  lb: () => 0.01,
  tsp: () => 0.125,
  tbsp: () => 0.125,
  cup: () => 0.125,
};

/** Pieces that come out within this of a whole number stay pieces. */
const NEARLY_WHOLE = 0.05;

function scaled(line: Line, factor: number, pieceG: number | undefined): Line {
  const amount = line.amount * factor;
  if (line.unit === 'piece') return scaledPieces(line, amount, pieceG);
  const step = STEPS[line.unit](amount);
  // What would round to nothing keeps its exact amount.
  return { ...line, amount: Math.round(amount / step) * step || amount };
}

/** Whole pieces stay pieces; one and a half eggs are beaten and weighed. */
function scaledPieces(line: Line, pieces: number, each: number | undefined): Line {
  const whole = Math.round(pieces);
  if (whole > 0 && Math.abs(pieces - whole) <= NEARLY_WHOLE) return { ...line, amount: whole };
  return each === undefined
    ? { ...line, amount: pieces }
    : { ...line, unit: 'g', amount: Math.round(pieces * each * 10) / 10 };
}

/**
 * Scales the filling of a batch; weighings and estimates of water go with it.
 * @param factor above 0
 */
export function scaleFilling(batch: Batch, factor: number, { exponents = {}, pieceG = {} }: LineFacts): Batch {
  const { estimate, drainedG, weighIns, panG, plannedG } = batch.water;
  // A pan that was weighed with the old amount would weigh so much more; without the empty pan nobody knows.
  const scaledIns =
    panG === null ? [] : weighIns.map((w) => ({ ...w, grams: panG + Math.max(0, w.grams - panG) * factor }));
  return {
    ...batch,
    lines: batch.lines.map((l) => scaled(l, factor ** (exponents[l.id] ?? 1), pieceG[l.id])),
    water: {
      ...batch.water,
      drainedG: drainedG * factor,
      plannedG: plannedG * factor,
      weighIns: scaledIns,
      estimate:
        estimate.by === 'grams'
          ? { ...estimate, grams: estimate.grams * factor }
          : { ...estimate, minutes: estimate.minutes * factor },
    },
  };
}
