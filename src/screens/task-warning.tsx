/** A check that is red, at the work that it bears on. */
import { View } from 'react-native';
import { type PlannedTask } from '@/core/day/day-plan';
import { Disc } from '@/ui/parts/disc';
import { Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';

export function TaskWarning({ task }: { task: Pick<PlannedTask, 'warning'> }) {
  const p = usePalette();
  if (task.warning === null) return null;
  return (
    <View role="note" style={{ flexDirection: 'row', gap: 8, alignItems: 'flex-start' }}>
      <Disc sign="fix" size={16} />
      <Small style={{ flex: 1, color: p.beet }}>{task.warning}</Small>
    </View>
  );
}
