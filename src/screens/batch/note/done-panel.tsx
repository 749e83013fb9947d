/** Done: the batch leaves the Bench for the Notebook, and comes back where it is wanted. */
import { router } from 'expo-router';
import { View } from 'react-native';
import { now } from '@/data/hooks';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { InFoot } from '@/ui/shell/foot';
import { type StationProps } from '../station-props';

export function DonePanel({ batch, edit, undoStep }: StationProps) {
  const isDone = batch.doneAt !== null;
  const set = async () => {
    const outcome = await edit({ do: 'setDone', at: isDone ? null : now(batch.id) });
    if (outcome.ok)
      say({
        text: isDone ? `“${batch.title}” is on the Bench again.` : `“${batch.title}” is done and in the Notebook.`,
        kind: 'done',
        action: { label: 'Undo', run: () => undoStep(outcome) },
      });
  };
  return (
    <View style={{ gap: 6 }}>
      <InFoot>
        <Press
          title={isDone ? 'Back to the Bench' : 'Done: into the Notebook'}
          icon="check"
          onPress={() => void set()}
        />
      </InFoot>
      {isDone && <Small>It’s in the Notebook. Begin again from it whenever you like.</Small>}
      <Press title="Rehearse it" onPress={() => router.navigate(`/rehearse?of=${batch.id}`)} />
    </View>
  );
}
