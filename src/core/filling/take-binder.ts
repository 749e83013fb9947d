/** Taking a binder: the lines it becomes, and when they go in. */
import { type Operation } from '../batch/operations';
import { type Batch } from '../batch/schema';
import { type Stage } from '../batch/vocabulary';
import { type BinderOption } from './compare-binders';
import { lineOf } from './new-line';

/**
 * The operations that put a binder into a batch.
 * @param hasPan whether anything is in a pan, where it gets the heat it needs
 */
export function takeBinder(batch: Batch, { parts, how, needsC, id }: BinderOption, hasPan: boolean): Operation[] {
  const lines = [...batch.lines];
  return parts.map((part, i) => {
    const line = lineOf(lines, part.ingredientId, part.grams, stageFor(batch, id, needsC, hasPan), i === 0 ? how : '');
    lines.push(line);
    return { do: 'addLine', line };
  });
}

/**
 * A sauce is boiled whatever else there is; a starch goes into the pan if there is one, but in a raw filling to what is
 * raw, where the liquid is; egg never into anything hot.
 */
function stageFor(batch: Batch, id: string, needsC: number | null, hasPan: boolean): Stage {
  if (id === 'white-sauce') return 'simmer';
  if (batch.school === 'raw') return 'raw-mix';
  return hasPan && needsC !== null && id !== 'egg' ? 'simmer' : 'when-cool';
}
