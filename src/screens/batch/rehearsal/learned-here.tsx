/** What the rehearsal’s own kitchen has learned from it; the real one is as it was. */
import { View } from 'react-native';
import { learnedList } from '@/core/notebook/learned-list';
import { useKitchen } from '@/data/hooks';
import { Body, Heading, Sentence, Small } from '@/ui/parts/text';
import * as phrases from './words';

export function LearnedHere({ id }: { id: string }) {
  const kitchen = useKitchen(id);
  const here = learnedList(kitchen).flatMap((row) =>
    row.evidence.filter(({ batchId }) => batchId === id).map((evidence) => ({ ...row, ...evidence })),
  );
  if (here.length === 0) return null;
  return (
    <View role="region" aria-label={phrases.WHAT_KITCHEN_LEARNED} style={{ gap: 8 }}>
      <Heading level={2}>{phrases.WHAT_KITCHEN_LEARNED}</Heading>
      {here.map(({ key, label, value, estimate, because }) => (
        <View key={key}>
          <Body>{phrases.learnedValue(label, value, estimate)}</Body>
          <Sentence text={because} />
        </View>
      ))}
      <Small>{phrases.OWN_KITCHEN_AS_WAS}</Small>
    </View>
  );
}
