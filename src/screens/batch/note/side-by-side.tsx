/** Two versions beside each other: only what differs. */
import { View } from 'react-native';
import { type Kitchen } from '@/core/stored/kitchen-schema';
import { type Batch } from '@/core/stored/schema';
import { differences } from '@/core/notebook/compare';
import { Body, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

export function SideBySide({ one, other, kitchen }: { one: Batch; other: Batch; kitchen: Kitchen }) {
  const p = usePalette();
  const rows = differences(one, other, kitchen);
  const [first, second] = [one, other].map(({ lineage }) => `Version ${lineage.number}`);
  if (rows.length === 0) return <Body>{phrases.ARE_THE_SAME}</Body>;
  return (
    <View role="table" aria-label={phrases.sideBySideOf(first, second)}>
      <View role="row" style={{ flexDirection: 'row', gap: 10 }}>
        <View role="columnheader" aria-label="what" style={{ flex: 1 }} />
        {[first, second].map((title) => (
          <View role="columnheader" key={title} style={{ flex: 1 }}>
            <Small>{title}</Small>
          </View>
        ))}
      </View>
      {rows.map(({ what, one: a, other: b }) => (
        <View
          key={what}
          role="row"
          style={{ flexDirection: 'row', gap: 10, borderTopWidth: 1, borderTopColor: p.rule, paddingVertical: 6 }}
        >
          <View role="rowheader" style={{ flex: 1 }}>
            <Small>{what}</Small>
          </View>
          {[a, b].map((words, i) => (
            <View key={i} role="cell" style={{ flex: 1 }}>
              <Strong style={{ fontSize: 15, lineHeight: 20 }}>{words === '' ? '–' : words}</Strong>
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}
