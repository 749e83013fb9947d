/** What the kitchen has learned from notes: each figure beside its house estimate; frozen, or let go. */
import { View } from 'react-native';
import { type Kitchen } from '@/core/document/kitchen';
import { learnedFigure, learnedLabel } from '@/core/notebook/learned-words';
import { editKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';

export function LearnedFigures({ kitchen }: { kitchen: Kitchen }) {
  if (kitchen.learned.length === 0) return null;
  return (
    <View style={{ gap: 14 }}>
      <Heading level={2}>Learned from your notes</Heading>
      {kitchen.learned.map((learned) => {
        const { what, of, value, estimate, evidence, isFrozen } = learned;
        const label = learnedLabel(learned);
        const forget = async () => {
          const done = await editKitchen({ do: 'forgetLearned', what, of });
          if (!done.ok) return;
          say({
            text: `Back to the house estimate: ${label}.`,
            kind: 'done',
            action: { label: 'Undo', run: async () => (await editKitchen({ do: 'keepLearned', learned })).ok },
          });
        };
        return (
          <View key={`${what} ${of}`} role="group" aria-label={label} style={{ gap: 4 }}>
            <Body>
              {label}: {learnedFigure(what, value)}
            </Body>
            <Small>
              House estimate {learnedFigure(what, estimate)}; from {evidence.length}{' '}
              {evidence.length === 1 ? 'batch' : 'batches'}
              {isFrozen ? '; frozen' : ''}.
            </Small>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
              <Press
                title={isFrozen ? 'Let it learn again' : 'Freeze it'}
                label={`${isFrozen ? 'Let it learn again' : 'Freeze it'}: ${label}`}
                onPress={() => void editKitchen({ do: 'freezeLearned', what, of, isFrozen: !isFrozen })}
              />
              <Press title="Forget it" label={`Forget it: ${label}`} kind="clear" onPress={() => void forget()} />
            </View>
          </View>
        );
      })}
    </View>
  );
}
