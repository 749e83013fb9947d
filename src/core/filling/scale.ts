/** Scaling a filling: everything in proportion; strong spices on request a little less, as some cooks do. */
import { type Batch, type Line } from '../batch/schema';
import { ingredientById } from '../food/catalogue';
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

const isStrong = (ingredientId: string): boolean =>
  ingredientById(ingredientId)?.family === 'seasoning' && !NOT_SPICES.includes(ingredientId);

/** Steps that amounts are rounded to, so that they can be measured. */
const STEPS: Record<LineUnit, (amount: number) => number> = {
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

function scaled(line: Line, factor: number): Line {
  const amount = line.amount * factor;
  const step = STEPS[line.unit](amount);
  // What would round to nothing keeps its exact amount.
  return { ...line, amount: Math.round(amount / step) * step || amount };
}

/**
 * Scales the filling of a batch; weighings and estimates of water go with it.
 * @param factor above 0
 * @param cautious strong spices with the 0.9th power of the factor
 */
export function scaleFilling(batch: Batch, factor: number, cautious: boolean): Batch {
  const { cookOff, drainedG } = batch.water;
  return {
    ...batch,
    lines: batch.lines.map((l) =>
      scaled(l, cautious && isStrong(l.ingredientId) ? factor ** CAUTIOUS_EXPONENT : factor),
    ),
    water: {
      ...batch.water,
      drainedG: drainedG * factor,
      cookOff:
        cookOff.by === 'estimate'
          ? { ...cookOff, grams: cookOff.grams * factor }
          : { ...cookOff, panWithFillingG: cookOff.panG + (cookOff.panWithFillingG - cookOff.panG) * factor },
    },
  };
}
