/** Taking a binder: the lines it becomes, and when they go in. */
import { type Operation } from '../stored/operations';
import { type Batch } from '../stored/schema';
import { SCHOOLS } from '../vocabulary/schools';
import { type Stage } from '../vocabulary/stages';
import { type BinderOption } from './compare-binders';
import { lineOf } from '../stored/new-line';

/**
 * The operations that put a binder into a batch.
 * @param hasPan whether anything is in a pan, where it gets the heat it needs
 */
export function chooseBinder(batch: Batch, option: BinderOption, hasPan: boolean): Operation[] {
  const lines = [...batch.lines];
  const stage = stageFor(batch, option, hasPan);
  return option.parts.map((part, i) => {
    const line = lineOf(lines, part.ingredientId, part.grams, stage, i === 0 ? option.how : '');
    lines.push(line);
    return { do: 'addLine', line };
  });
}

/**
 * A sauce is boiled whatever else there is; a starch goes into the pan if there is one, but in a raw filling to what is
 * raw, where the liquid is; egg never into anything hot.
 */
function stageFor({ school }: Batch, { parts, needsC, isEgg }: BinderOption, hasPan: boolean): Stage {
  if (parts.length > 1) return 'simmer';
  const late = SCHOOLS[school].lateAt;
  return school !== 'raw' && hasPan && needsC !== null && !isEgg ? 'simmer' : late;
}
