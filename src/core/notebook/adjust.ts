/** A proposed change taken otherwise: its one number, and the same change with another. Without any forecast: for the screens. */
import { lasting, mainStep, plannedMinutes } from '../stored/cooking';
import { LIMITS, type Span } from '../vocabulary/limits';
import { type Operation } from '../stored/operations';
import { type Batch, type Line } from '../stored/schema';
import { lookUp } from '../food/larder';
import { type NextChange } from './next-batch';

/** The number of a change that has one. */
interface Adjustable {
  what: string;
  unit: string;
  value: number;
  span: Span;
  step: number;
}

type Maker = (value: number) => Operation;
type Found = Adjustable & { with: Maker };

const nameOf = (batch: Batch, line: Pick<Line, 'ingredientId'>): string =>
  lookUp(batch.ingredients, line.ingredientId)?.name ?? line.ingredientId;

/** How a wrap's numbers are called, and in which steps they go. */
const WRAP = {
  portionG: { what: 'Filling in each', unit: 'g', span: LIMITS.portionG, step: 1 },
  thicknessMm: { what: 'Rolled to', unit: 'mm', span: LIMITS.thicknessMm, step: 0.5 },
  rimMm: { what: 'Rim kept free', unit: 'mm', span: LIMITS.rimMm, step: 1 },
} as const;
type WrapField = keyof typeof WRAP;

/** The number of one operation; null where it is not about one. */
function numberIn(operation: Operation, batch: Batch): Found | null {
  switch (operation.do) {
    case 'changeLine': {
      const line = batch.lines.find((l) => l.id === operation.id);
      const { amount } = operation.to;
      if (line === undefined || amount === undefined) return null;
      return {
        what: nameOf(batch, line),
        unit: operation.to.unit ?? line.unit,
        value: amount,
        span: LIMITS.amount,
        step: 1,
        with: (value) => ({ ...operation, to: { ...operation.to, amount: value } }),
      };
    }
    case 'addLine':
      return {
        what: nameOf(batch, operation.line),
        unit: operation.line.unit,
        value: operation.line.amount,
        span: LIMITS.amount,
        step: 1,
        with: (value) => ({ ...operation, line: { ...operation.line, amount: value } }),
      };
    case 'setWrap': {
      const fields = Object.entries(operation.to).filter(([field]) => field in WRAP) as [WrapField, number][];
      if (fields.length !== 1 || Object.keys(operation.to).length !== 1) return null;
      const [[field, value]] = fields;
      return { ...WRAP[field], value, with: (to) => ({ do: 'setWrap', to: { [field]: to } }) };
    }
    case 'setBatch':
      return operation.to.count === undefined
        ? null
        : {
            what: 'How many',
            unit: 'count',
            value: operation.to.count,
            span: LIMITS.count,
            step: 1,
            with: (count) => ({ do: 'setBatch', to: { ...operation.to, count: Math.round(count) } }),
          };
    case 'setWater': {
      const { estimate, drainedG, ...others } = operation.to;
      if (Object.keys(others).length > 0) return null;
      if (estimate?.by === 'grams' && drainedG === undefined)
        return {
          what: 'Boiled off in all',
          unit: 'g',
          value: Math.round(estimate.grams),
          span: LIMITS.water,
          step: 10,
          with: (grams) => ({ do: 'setWater', to: { estimate: { by: 'grams', grams } } }),
        };
      if (drainedG === undefined || estimate !== undefined) return null;
      return {
        what: 'Drained in all',
        unit: 'g',
        value: Math.round(drainedG),
        span: LIMITS.water,
        step: 10,
        with: (grams) => ({ do: 'setWater', to: { drainedG: grams } }),
      };
    }
    case 'setCook':
      return inHeat(operation, batch);
    default:
      return null;
  }
}

/** Of steps in the heat: either how hot, or how long. */
function inHeat(operation: Extract<Operation, { do: 'setCook' }>, { cook }: Batch): Found | null {
  const { steps } = operation.to;
  if (steps === undefined || Object.keys(operation.to).length !== 1) return null;
  const [then, now] = [mainStep({ steps }), mainStep(cook)];
  if (then.mediumC !== null && then.mediumC !== now.mediumC && then.medium === now.medium)
    return {
      what: 'Set to',
      unit: '°C',
      value: then.mediumC,
      span: LIMITS.mediumC,
      step: 5,
      with: (mediumC) => ({
        do: 'setCook',
        to: { steps: steps.map((s) => (s.mediumC === then.mediumC ? { ...s, mediumC } : s)) as typeof steps },
      }),
    };
  const minutes = plannedMinutes({ steps });
  if (minutes === plannedMinutes(cook)) return null;
  return {
    what: 'Cooking time',
    unit: 'min',
    value: minutes,
    span: LIMITS.cookMinutes,
    step: 1,
    with: (value) => ({ do: 'setCook', to: { steps: lasting(steps, value) as typeof steps } }),
  };
}

const found = ({ operations }: Pick<NextChange, 'operations'>, batch: Batch): Found | null => {
  const numbers = operations.map((operation) => numberIn(operation, batch));
  const [one] = numbers;
  // Of several changes that belong together no single number can be changed.
  return operations.length === 1 && one !== null ? one : null;
};

/** The number that a change is about; null where it has none, or several. */
export function adjustable(change: Pick<NextChange, 'operations'>, batch: Batch): Adjustable | null {
  const one = found(change, batch);
  return one && { what: one.what, unit: one.unit, value: one.value, span: one.span, step: one.step };
}

/** The change with another number, said so; what it does has to be worked out anew. */
export function adjusted(change: NextChange, batch: Batch, value: number): NextChange {
  const one = found(change, batch);
  if (one === null || value === one.value) return change;
  const unit = one.unit === 'count' ? '' : ` ${one.unit}`;
  return { ...change, label: `${one.what}: ${value}${unit}`, operations: [one.with(value)], effect: null };
}
