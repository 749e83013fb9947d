/** New lines that fixes add: so many grams, as they go in. */
import { type Line } from './schema';
import { type Stage } from '../vocabulary/stages';

/** An id for a new line that the batch does not have yet. */
export function freshId(lines: readonly Pick<Line, 'id'>[], base: string): string {
  const taken = new Set(lines.map((l) => l.id));
  let id = base;
  for (let n = 2; taken.has(id); n++) id = `${base}-${n}`;
  return id;
}

/** A line of so many grams of an ingredient. */
export const lineOf = (
  lines: readonly Pick<Line, 'id'>[],
  ingredientId: string,
  grams: number,
  stage: Stage,
  note = '',
): Line => ({
  id: freshId(lines, ingredientId),
  ingredientId,
  amount: grams,
  unit: 'g',
  preparation: 'raw',
  weighed: 'ready',
  stage,
  cut: null,
  ticked: false,
  note,
});
