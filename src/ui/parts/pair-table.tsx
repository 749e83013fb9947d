/** Names and figures in ruled rows. */
import { View } from 'react-native';
import { Rule } from './rule';
import { Body, Heading, Small, Strong } from './text';

interface PairRow {
  name: string;
  note?: string;
  figures: readonly string[];
  /** A sum: a strong rule above. */
  sum?: boolean;
}

export function PairTable({
  title,
  isUntitled = false,
  note,
  columns,
  rows,
}: {
  title: string;
  /** Its title stands over it already: it is only read out. */
  isUntitled?: boolean;
  note?: string;
  columns?: readonly string[];
  rows: readonly PairRow[];
}) {
  return (
    <View>
      {!isUntitled && <Heading level={2}>{title}</Heading>}
      {note !== undefined && <Small>{note}</Small>}
      <View role="table" aria-label={title} style={{ marginTop: 6 }}>
        {columns !== undefined && (
          <View role="row" style={{ flexDirection: 'row', justifyContent: 'flex-end', gap: 8 }}>
            <View role="columnheader" aria-label="name" style={{ flex: 1 }} />
            {columns.map((column) => (
              <View role="columnheader" key={column} style={{ minWidth: 68, alignItems: 'flex-end' }}>
                <Small>{column}</Small>
              </View>
            ))}
          </View>
        )}
        {rows.map((row, i) => (
          <View key={row.name + String(i)}>
            <Rule strong={row.sum} />
            <View role="row" style={{ flexDirection: 'row', paddingVertical: 6, gap: 8 }}>
              <View role="cell" style={{ flex: 1 }}>
                <Body style={{ fontSize: 15, lineHeight: 20 }}>{row.name}</Body>
                {row.note !== undefined && <Small style={{ fontSize: 13, lineHeight: 18 }}>{row.note}</Small>}
              </View>
              {row.figures.map((figure, j) => (
                <View role="cell" key={String(j)} style={{ minWidth: 68, alignItems: 'flex-end' }}>
                  <Strong style={{ fontSize: 15, lineHeight: 20 }}>{figure}</Strong>
                </View>
              ))}
            </View>
          </View>
        ))}
        <Rule />
      </View>
    </View>
  );
}
