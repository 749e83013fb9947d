/** Opening a day from a file: that of another phone. */
import { useState } from 'react';
import { View } from 'react-native';
import { problemWords } from '@/core/stored/problem';
import { useSWRConfig } from 'swr';
import { importDay } from '@/data/day-files';
import { Press } from '@/ui/parts/press';
import { Body, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

const MOST = 6;

export function DayImport({ onOpened }: { onOpened: (id: string) => void }) {
  const p = usePalette();
  const { mutate } = useSWRConfig();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const open = async () => {
    setProblems([]);
    try {
      const opened = await importDay();
      if (opened === null) return;
      if (!opened.ok) {
        setProblems(opened.problems.map(problemWords));
        return;
      }
      await mutate(() => true);
      onOpened(opened.value);
    } catch (error) {
      setProblems([error instanceof Error ? error.message : String(error)]);
    }
  };
  return (
    <View style={{ gap: 8 }}>
      <Press title={phrases.OPEN_DAY_FILE} icon="tray-arrow-up" onPress={() => void open()} />
      {problems.length > 0 && (
        <View role="alert" style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 4 }}>
          <Strong>{phrases.FILE_NOT_OPENED}</Strong>
          {problems.slice(0, MOST).map((problem) => (
            <Body key={problem}>{problem}</Body>
          ))}
        </View>
      )}
    </View>
  );
}
