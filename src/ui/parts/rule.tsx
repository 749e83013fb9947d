/** A thin ink rule. */
import { View } from 'react-native';
import { usePalette } from '../theme/use-palette';

export function Rule({ strong = false }: { strong?: boolean }) {
  const p = usePalette();
  return <View style={{ height: strong ? 1.5 : 1, backgroundColor: strong ? p.ink : p.rule }} />;
}
