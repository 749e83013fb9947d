/** What is red in the batches of a day, above its plan: never hidden by it. And what the plan has taken otherwise. */
import { View } from 'react-native';
import { type DayPlan } from '@/core/day/day-plan';
import { fullTitle } from '@/core/day/task';
import { Disc } from '@/ui/parts/disc';
import { Heading, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

export function RedList({ plan }: { plan: DayPlan }) {
  const p = usePalette();
  const seen = new Set<string>();
  // The same words stand at several steps: they are said once a batch.
  const isGoingOn = new Set(plan.tasks.filter(({ state }) => state !== 'done').flatMap(({ batchIds }) => batchIds));
  const red = plan.tasks.filter(({ warning, batchIds }) => {
    const key = `${batchIds.join(' ')} ${warning}`;
    // The work it belongs to may be done, and it is red all the same.
    if (warning === null || seen.has(key) || !batchIds.some((id) => isGoingOn.has(id))) return false;
    seen.add(key);
    return true;
  });
  const mended = plan.tasks.filter((t) => t.mended !== undefined && t.state === 'planned');
  if (red.length === 0 && mended.length === 0) return null;
  return (
    <View role="region" aria-label={phrases.WHAT_IS_RED} style={{ gap: 8 }}>
      {red.length > 0 && <Heading level={3}>{phrases.LOOK_BEFORE_BEGIN}</Heading>}
      {red.map((task) => (
        <View key={task.id} style={{ flexDirection: 'row', gap: 8, alignItems: 'flex-start' }}>
          <Disc sign="fix" size={16} />
          <Small style={{ flex: 1, color: p.ink }}>
            {task.about === '' ? '' : `${task.about}. `}
            {task.warning}
          </Small>
        </View>
      ))}
      {mended.map((task) => (
        <Small key={task.id}>{phrases.plansAnotherWay(fullTitle(task), task.mended?.label ?? '')}</Small>
      ))}
    </View>
  );
}
