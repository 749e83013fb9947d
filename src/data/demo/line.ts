/** A line of a demo batch, weighed as it goes in. */
import { type Line } from '@/core/stored/schema';

export const demoLine = (
  id: string,
  ingredientId: string,
  amount: number,
  unit: Line['unit'],
  stage: Line['stage'],
  preparation = 'raw',
  note = '',
): Line => ({ id, ingredientId, amount, unit, preparation, weighed: 'ready', stage, cut: null, ticked: false, note });
