/** Adding to the filling from anywhere in the batch: a bar above the stations. Phone only; wide, the field stands at Fill. */
import { View } from 'react-native';
import { usePalette } from '@/ui/theme/use-palette';
import { AddLine } from './add-line';
import { type StationProps } from './station-props';

export function AddBar(props: StationProps) {
  const p = usePalette();
  return (
    <View
      style={{
        borderTopWidth: 1,
        borderTopColor: p.rule,
        backgroundColor: p.ground,
        paddingHorizontal: 16,
        paddingVertical: 4,
      }}
    >
      <AddLine {...props} isDocked />
    </View>
  );
}
