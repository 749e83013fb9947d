/** Readings as a table, out and in: from a thermometer that writes one, or from this program. */
import { useState } from 'react';
import { View } from 'react-native';
import { problemWords } from '@/core/stored/problem';
import { exportReadings, pickText, readReadings } from '@/data/files';
import { messageOf } from '@/data/hooks';
import { say } from '@/data/notices';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Problem } from '@/ui/parts/problem';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import * as phrases from './words';

export function ReadingsTable({ batch, edit, undoStep }: StationProps) {
  const [as, setAs] = useState<'cooling' | 'core'>('cooling');
  const [problem, setProblem] = useState<string | null>(null);
  const open = async () => {
    setProblem(null);
    try {
      const text = await pickText(['text/csv', '.csv', '.txt']);
      if (text === null) return;
      if (!text.ok) return setProblem(text.problems.map(problemWords).join('. '));
      const read = await readReadings(text.value, batch, as);
      if (!read.ok) return setProblem(phrases.nothingChanged(read.problems.slice(0, 3)));
      if (read.count === 0) return setProblem(phrases.ALL_THERE_ALREADY);
      const outcome = await edit(read.operations, '', 'beside');
      if (!outcome.ok) return setProblem(outcome.problems.slice(0, 3).join('. '));
      say({
        text: phrases.readingsPutIn(read.count),
        kind: 'done',
        action: { label: 'Undo', run: () => undoStep(outcome) },
      });
    } catch (error) {
      setProblem(phrases.nothingChangedFor(messageOf(error)));
    }
  };
  return (
    <Fold title={phrases.READINGS_AS_TABLE}>
      <Small>{phrases.TIME_AND_TEMPERATURE}</Small>
      <Choices
        label={phrases.THESE_ARE_OF}
        value={as}
        options={[
          { value: 'cooling', label: phrases.FILLING_THAT_COOLS },
          { value: 'core', label: phrases.WHAT_IS_IN_HEAT },
        ]}
        onChange={setAs}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press title={phrases.READINGS_TO_TABLE} onPress={() => void exportReadings(batch)} />
        <Press title={phrases.READINGS_FROM_TABLE} onPress={() => void open()} />
      </View>
      <Problem text={problem} />
    </Fold>
  );
}
