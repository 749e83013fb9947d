/** What goes in with a step and is not in yet, each with its amount. */
import { shownAmount } from '@/core/filling/shown-amount';
import { type PlannedTask } from '@/core/day/day-plan';
import { lookUp } from '@/core/food/larder';
import { lineName } from '@/core/stored/line-name';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { STAGES } from '@/core/vocabulary/stages';

export function toAddWords(
  batch: Batch,
  { kind }: PlannedTask,
  kitchen: Kitchen,
): { id: string; name: string; amount: string }[] {
  if (kind !== 'fry' && kind !== 'mix') return [];
  return batch.lines
    .filter((line) => STAGES[line.stage].isHot === (kind === 'fry') && !line.ticked)
    .map((line) => {
      const food = lookUp(batch.ingredients, line.ingredientId);
      return { id: line.id, name: lineName(line, food?.name), amount: shownAmount(line, food, kitchen) };
    });
}
