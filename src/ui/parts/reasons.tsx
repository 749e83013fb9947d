/** The arithmetic behind a check, line by line, with its sources. */
import { View } from 'react-native';
import { type Reason } from '@/core/checks/check';
import { usePalette } from '../theme/use-palette';
import { Rule } from './rule';
import { Body, Small, Strong } from './text';

export function Reasons({ why }: { why: readonly Reason[] }) {
  const p = usePalette();
  return (
    <View style={{ backgroundColor: p.paper, paddingHorizontal: 12, paddingVertical: 6 }}>
      {why.map((reason, i) => (
        <View key={reason.text + String(i)}>
          {i > 0 && <Rule />}
          <View style={{ flexDirection: 'row', gap: 12, paddingVertical: 6 }}>
            <View style={{ flex: 1 }}>
              <Body style={{ fontSize: 15, lineHeight: 21 }}>{reason.text}</Body>
              {reason.source !== undefined && <Small style={{ fontSize: 13, lineHeight: 18 }}>{reason.source}</Small>}
            </View>
            {reason.figure !== undefined && <Strong style={{ fontSize: 15 }}>{reason.figure}</Strong>}
          </View>
        </View>
      ))}
    </View>
  );
}
