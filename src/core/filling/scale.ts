/** Scaling a filling: everything in proportion; strong spices on request a little less, as some cooks do. */
import { type Batch, type Line } from '../batch/schema';
import { lookUp } from '../food/larder';
import { type LineUnit } from '../units/units';

/** Of the cautious school: a strong spice grows with the 0.9th power. House estimate. */
const CAUTIOUS_EXPONENT = 0.9;
const NOT_SPICES = [
  'salt',
  'sugar',
  'brown-sugar',
  'icing-sugar',
  'honey',
  'syrup',
  'maple-syrup',
  'jam',
  'chocolate',
  'stock-powder',
];

const isStrong = ({ ingredients }: Batch, ingredientId: string): boolean =>
  lookUp(ingredients, ingredientId)?.family === 'seasoning' && !NOT_SPICES.includes(ingredientId);

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

function scaled(batch: Batch, line: Line, factor: number): Line {
  const amount = line.amount * factor;
  if (line.unit === 'piece') return scaledPieces(batch, line, amount);
  const step = STEPS[line.unit](amount);
  // What would round to nothing keeps its exact amount.
  return { ...line, amount: Math.round(amount / step) * step || amount };
}

/** Whole pieces stay pieces; one and a half eggs are beaten and weighed. */
function scaledPieces(batch: Batch, line: Line, pieces: number): Line {
  const whole = Math.round(pieces);
  if (whole > 0 && Math.abs(pieces - whole) <= NEARLY_WHOLE) return { ...line, amount: whole };
  const each = lookUp(batch.ingredients, line.ingredientId)?.counts.piece;
  return each === undefined
    ? { ...line, amount: pieces }
    : { ...line, unit: 'g', amount: Math.round(pieces * each * 10) / 10 };
}

/**
 * Scales the filling of a batch; weighings and estimates of water go with it.
 * @param factor above 0
 * @param cautious strong spices with the 0.9th power of the factor
 */
export function scaleFilling(batch: Batch, factor: number, cautious: boolean): Batch {
  const { estimate, drainedG, weighIns, panG, plannedG } = batch.water;
  // A pan that was weighed with the old amount would weigh so much more; without the empty pan nobody knows.
  const scaledIns =
    panG === null ? [] : weighIns.map((w) => ({ ...w, grams: panG + Math.max(0, w.grams - panG) * factor }));
  return {
    ...batch,
    lines: batch.lines.map((l) =>
      scaled(batch, l, cautious && isStrong(batch, l.ingredientId) ? factor ** CAUTIOUS_EXPONENT : factor),
    ),
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
