/** A button for a floury hand at arm's length. */
import { View } from 'react-native';
import { Button } from '../elements';
import { type IconName } from '../icons/family';
import { useTextSize } from '../theme/text-size';
import { usePalette } from '../theme/use-palette';
import { Glyph } from './glyph';

const HIGH_PX = 72;

export function LargePress({ title, onPress, icon }: { title: string; onPress: () => void; icon?: IconName }) {
  const p = usePalette();
  const times = useTextSize();
  return (
    <Button
      title={title}
      accessibilityLabel={title}
      onPress={onPress}
      buttonStyle={{ minHeight: HIGH_PX }}
      titleStyle={{ fontSize: 26 * times }}
      icon={
        icon === undefined ? undefined : (
          <View style={{ marginRight: 10 }}>
            <Glyph name={icon} size={30} color={p.onBeet} />
          </View>
        )
      }
    />
  );
}
