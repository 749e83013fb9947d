/** The arithmetic behind a check, line by line, with its sources. What is only estimated is marked, and said once. */
import { View } from 'react-native';
import { HOUSE, type Reason } from '@/core/checks/check';
import { usePalette } from '../theme/use-palette';
import { Rule } from './rule';
import { Body, Small, Strong } from './text';
import * as phrases from './words';

export function Reasons({ why }: { why: readonly Reason[] }) {
  const p = usePalette();
  const isMarked = why.filter(({ source }) => source === HOUSE).length > 1;
  const isOurs = ({ source }: Reason) => isMarked && source === HOUSE;
  return (
    <View style={{ backgroundColor: p.paper, paddingHorizontal: 12, paddingVertical: 6 }}>
      {why.map((reason, i) => (
        <View key={reason.text + String(i)}>
          {i > 0 && <Rule />}
          <View style={{ flexDirection: 'row', gap: 12, paddingVertical: 6 }}>
            <View style={{ flex: 1 }}>
              <Body style={{ fontSize: 15, lineHeight: 21 }}>
                {isOurs(reason) && reason.figure === undefined ? phrases.estimated(reason.text) : reason.text}
              </Body>
              {reason.source !== undefined && !isOurs(reason) && (
                <Small style={{ fontSize: 13, lineHeight: 18 }}>{reason.source}</Small>
              )}
            </View>
            {reason.figure !== undefined && (
              <Strong style={{ fontSize: 15 }}>
                {isOurs(reason) ? phrases.estimated(reason.figure) : reason.figure}
              </Strong>
            )}
          </View>
        </View>
      ))}
      {isMarked && <Small style={{ fontSize: 13, lineHeight: 18, paddingBottom: 4 }}>{phrases.MARKED_ESTIMATES}</Small>}
    </View>
  );
}
