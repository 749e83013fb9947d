/** The one large tap at the foot of the screen, where a thumb reaches it; beside it what else may be done with the step. */
import { router } from 'expo-router';
import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { type PlannedTask } from '@/core/day/day-plan';
import { type Batch } from '@/core/stored/schema';
import { TASK_KINDS } from '@/core/vocabulary/task-kinds';
import { askToNotify } from '@/data/alarm';
import { beginStep, endStep } from '@/data/one-steps';
import { LargePress } from '@/ui/parts/large-press';
import { Press } from '@/ui/parts/press';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from '../words';

/** Within so long after the step has changed a tap still meant the one before, ms. */
const BOUNCE_MS = 600;

interface Props {
  batch: Batch;
  plan: readonly PlannedTask[];
  task: PlannedTask;
  isBegun: boolean;
}

export function NowActions({ batch, plan, task, isBegun }: Props) {
  const p = usePalette();
  const { station } = TASK_KINDS[task.kind];
  const changed = useRef(0);
  const shown = `${task.id} ${task.state}`;
  const before = useRef(shown);
  useEffect(() => {
    // As the card opens there is no step before: a tap then means the first one.
    if (before.current !== shown) changed.current = Date.now();
    before.current = shown;
  }, [shown]);
  // A finger that taps twice does not end the next step, too.
  const guarded = (run: () => unknown) => () => {
    if (Date.now() - changed.current > BOUNCE_MS) void run();
  };
  const begin = () => {
    askToNotify();
    return beginStep(batch, task);
  };
  return (
    <View style={{ borderTopWidth: 1.5, borderTopColor: p.ink, padding: 12, gap: 6, backgroundColor: p.paper }}>
      {task.state === 'running' ? (
        <LargePress title="Done" icon="check" onPress={guarded(() => endStep(batch, plan, task))} />
      ) : (
        <LargePress title={isBegun ? 'Begin it' : 'Begin'} onPress={guarded(begin)} />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between' }}>
        <Press title="Skip it" kind="clear" onPress={guarded(() => endStep(batch, plan, task, true))} />
        {station !== null && (
          <Press
            title={phrases.openStation(station)}
            kind="clear"
            onPress={() => router.navigate(`/batch/${batch.id}/${station}`)}
          />
        )}
      </View>
    </View>
  );
}
