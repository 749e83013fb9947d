/** What one owns, with what it is where its name does not say so, and its size: on one line as long as there is room. */
import { View } from 'react-native';
import { Body, Small, Strong } from '@/ui/parts/text';

export function NameAndSize({ name, kind, size }: { name: string; kind: string; size: string }) {
  return (
    <View style={{ flex: 1, flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', columnGap: 8 }}>
      <Body style={{ flexGrow: 1, flexShrink: 1 }}>
        {name} {name !== kind && <Small>{kind}</Small>}
      </Body>
      <Strong>{size}</Strong>
    </View>
  );
}
