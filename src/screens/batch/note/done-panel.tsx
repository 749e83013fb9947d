/** Done: the batch leaves the Bench for the Notebook, and comes back where it is wanted. */
import { router } from 'expo-router';
import { View } from 'react-native';
import { now } from '@/data/hooks';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { InFoot } from '@/ui/shell/foot';
import { type StationProps } from '../station-props';
import * as phrases from './words';

export function DonePanel({ batch, edit, undoStep }: StationProps) {
  const isDone = batch.doneAt !== null;
  const set = async () => {
    const outcome = await edit({ do: 'setDone', at: isDone ? null : now(batch.id) });
    if (outcome.ok)
      say({
        text: isDone ? phrases.onBenchAgain(batch.title) : phrases.inNotebookNow(batch.title),
        kind: 'done',
        action: { label: 'Undo', run: () => undoStep(outcome) },
      });
  };
  return (
    <View style={{ gap: 6 }}>
      <InFoot>
        <Press
          title={isDone ? phrases.BACK_TO_BENCH : phrases.DONE_INTO_NOTEBOOK}
          icon="check"
          onPress={() => void set()}
        />
      </InFoot>
      {isDone && <Small>{phrases.IS_IN_NOTEBOOK}</Small>}
      <Press title="Rehearse it" onPress={() => router.navigate(`/rehearse?of=${batch.id}`)} />
    </View>
  );
}
