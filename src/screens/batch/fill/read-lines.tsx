/** Lines from a table that was saved here (CSV): they are added to what there is; what is wrong is named, nothing is lost. */
import { useState } from 'react';
import { View } from 'react-native';
import { problemWords } from '@/core/stored/problem';
import { type Operation } from '@/core/stored/operations';
import { freshId } from '@/core/stored/new-line';
import { pickText } from '@/data/files';
import { readTable } from '@/workers/reader';
import { Press } from '@/ui/parts/press';
import { Body, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { keepOwn } from '../keep-own';
import * as phrases from './words';

export function ReadLines({ batch, kitchen, edit }: StationProps) {
  const p = usePalette();
  const [problems, setProblems] = useState<string[]>([]);
  const open = async () => {
    setProblems([]);
    const picked = await pickText(['text/csv', '.csv']);
    if (!picked) return;
    const read = picked.ok ? await readTable(picked.value) : picked;
    if (!read.ok) {
      setProblems(read.problems.map(problemWords));
      return;
    }
    const taken = [...batch.lines];
    const changes = read.value.flatMap((line): Operation[] => {
      const fresh = { ...line, id: freshId(taken, line.id) };
      taken.push(fresh);
      return [...keepOwn(kitchen, line.ingredientId), { do: 'addLine', line: fresh }];
    });
    const outcome = await edit(changes, '', 'beside');
    if (!outcome.ok) setProblems(outcome.problems);
  };
  return (
    <>
      <Press title={phrases.IMPORT_SPREADSHEET} icon="tray-arrow-up" onPress={() => void open()} />
      {problems.length > 0 && (
        <View role="alert" style={{ width: '100%', borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14 }}>
          <Strong>{phrases.FILE_NOT_READ}</Strong>
          {problems.slice(0, 6).map((problem) => (
            <Body key={problem}>{problem}</Body>
          ))}
        </View>
      )}
    </>
  );
}
