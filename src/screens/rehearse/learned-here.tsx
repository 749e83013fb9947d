/** What the rehearsal’s own kitchen has learned from it; the real one is as it was. */
import { View } from 'react-native';
import { learnedFigure, learnedLabel } from '@/core/notebook/learned-words';
import { useKitchen } from '@/data/hooks';
import { Body, Heading, Small } from '@/ui/parts/text';

export function LearnedHere({ id }: { id: string }) {
  const { learned } = useKitchen(id);
  const here = learned.filter(({ evidence }) => evidence.some(({ batchId }) => batchId === id));
  if (here.length === 0) return null;
  return (
    <View role="region" aria-label="What this kitchen learned" style={{ gap: 8 }}>
      <Heading level={2}>What this kitchen learned</Heading>
      {here.map((one) => (
        <Body key={`${one.what} ${one.of}`}>
          {learnedLabel(one)}: {learnedFigure(one.what, one.value)}, house estimate{' '}
          {learnedFigure(one.what, one.estimate)}.
        </Body>
      ))}
      <Small>Only the rehearsal’s kitchen: your own is as it was.</Small>
    </View>
  );
}
