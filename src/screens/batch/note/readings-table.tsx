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
      if (!read.ok) return setProblem(`Nothing was changed. ${read.problems.slice(0, 3).join('. ')}.`);
      if (read.count === 0) return setProblem('All of these readings are there already.');
      const outcome = await edit(read.operations, '', 'beside');
      if (!outcome.ok) return setProblem(outcome.problems.slice(0, 3).join('. '));
      say({
        text: `${read.count} ${read.count === 1 ? 'reading' : 'readings'} put in.`,
        kind: 'done',
        action: { label: 'Undo', run: () => undoStep(outcome) },
      });
    } catch (error) {
      setProblem(`Nothing was changed. ${messageOf(error)}`);
    }
  };
  return (
    <Fold title="Readings as a table">
      <Small>A time and a temperature in each line.</Small>
      <Choices
        label="If the file doesn’t say, these are readings of"
        value={as}
        options={[
          { value: 'cooling', label: 'a filling that cools' },
          { value: 'core', label: 'what is in the heat' },
        ]}
        onChange={setAs}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press title="Readings to a table" onPress={() => void exportReadings(batch)} />
        <Press title="Readings from a table" onPress={() => void open()} />
      </View>
      <Problem text={problem} />
    </Fold>
  );
}
