/** A line that leaves something open, or is taken as what it is likest: the question, and answers to be tapped. */
import { View } from 'react-native';
import { type Ask } from '@/core/recipe/plan';
import { Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

export function AskRow({ ask, onAnswer }: { ask: Ask; onAnswer: (text: string, becomes: string) => void }) {
  const p = usePalette();
  return (
    <View
      style={{ borderLeftWidth: 4, borderLeftColor: ask.question === null ? p.rule : p.beet, paddingLeft: 12, gap: 6 }}
    >
      <Body>{`“${ask.text}”`}</Body>
      <Small>{ask.question ?? phrases.takenFor(ask.takenAs ?? ask.text, ask.answers.length)}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {ask.answers.map(({ label, text }) => (
          <Press key={label} title={label} label={`${ask.text}: ${label}`} onPress={() => onAnswer(ask.text, text)} />
        ))}
      </View>
    </View>
  );
}
