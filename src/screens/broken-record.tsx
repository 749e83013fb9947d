/** A stored record that cannot be read: told, offered as a file, and left as it is until the cook says otherwise. */
import { View } from 'react-native';
import { problemWords } from '@/core/stored/problem';
import { download } from '@/data/files';
import { type BrokenRecord } from '@/data/records';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

interface Props {
  title: string;
  record: BrokenRecord;
  /** What became of it, and what can be done. */
  words: string;
  fileName: string;
  actions: { title: string; onPress: () => void }[];
}

export function BrokenRecordCard({ title, record, words, fileName, actions }: Props) {
  const p = usePalette();
  return (
    <View role="alert" style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 8 }}>
      <Heading level={2}>{title}</Heading>
      {record.problems.length > 0 && <Small>{record.problems.slice(0, 3).map(problemWords).join(' · ')}</Small>}
      <Body>{words}</Body>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press
          title={phrases.SAVE_ITS_TEXT}
          icon="tray-arrow-down"
          onPress={() => download(fileName, record.text, 'text/plain')}
        />
        {actions.map((action) => (
          <Press key={action.title} {...action} />
        ))}
      </View>
    </View>
  );
}
