/** The Bench: batches in work, each with its section, its state and the one next thing to do. */
import { router } from 'expo-router';
import { useDeferredValue, useMemo } from 'react';
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { discardBroken, restoreDemo, useBatches } from '@/data/hooks';
import { Press } from '@/ui/parts/press';
import { Body } from '@/ui/parts/text';
import { InFoot } from '@/ui/shell/foot';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { useWide } from '@/ui/shell/use-wide';
import { UnreadScreen } from '../unread-screen';
import { BrokenRecordCard } from '../broken-record';
import { BrokenKitchen } from '../broken-kitchen';
import { BenchBatch } from './bench-batch';
import { ImportBatch } from './import-batch';
import * as phrases from './words';

export function BenchScreen() {
  const { data, error, mutate } = useBatches();
  const wide = useWide();
  // What is done is in the Notebook.
  const batches = useMemo(() => data?.batches.filter(({ doneAt }) => doneAt === null), [data]);
  if (error && !data) return <UnreadScreen error={error} again={() => void mutate()} />;
  return (
    <PlaceScreen title="Bench" note={wide ? phrases.WHAT_IS_IN_WORK : undefined}>
      {data?.broken.map((record) => (
        <BrokenRecordCard
          key={record.key}
          title={phrases.BATCH_CANNOT_BE_READ}
          record={record}
          words={phrases.NOTHING_CHANGED_SAVE_TEXT}
          fileName="unreadable-batch.txt"
          actions={[{ title: 'Remove it', onPress: () => void discardBroken(record) }]}
        />
      ))}
      <BrokenKitchen />
      {data && data.batches.length > 0 && batches?.length === 0 && <Body>{phrases.EVERYTHING_DONE}</Body>}
      {batches?.length === 0 && (
        <View style={{ gap: 12 }}>
          <Body>{phrases.WHAT_A_BATCH_IS}</Body>
          <Press title={phrases.OPEN_DEMO} onPress={() => void restoreDemo()} />
        </View>
      )}
      {batches && <List batches={batches} />}
    </PlaceScreen>
  );
}

/** So many are there first; the rest is put together a little at a time, and does not hold up what is tapped. */
const FIRST = 1;

function List({ batches }: { batches: readonly Batch[] }) {
  const wide = useWide();
  const shown = useDeferredValue(batches, batches.slice(0, FIRST));
  // Once; what comes later takes away nothing that is open below.
  const isListed = useDeferredValue(true, false);
  return (
    <>
      <View
        style={{
          flexDirection: wide ? 'row' : 'column',
          flexWrap: wide ? 'wrap' : 'nowrap',
          columnGap: 36,
          rowGap: wide ? 18 : 10,
        }}
      >
        {shown.map((batch) => (
          <View key={batch.id} style={wide ? { width: '47%' } : undefined}>
            <BenchBatch batch={batch} />
          </View>
        ))}
      </View>
      {/* It comes with the list, below it: not before, to be pushed down the page by it. */}
      {isListed && (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
          <InFoot>
            <Press title={phrases.BEGIN_A_BATCH} kind="solid" icon="plus" onPress={() => router.navigate('/begin')} />
          </InFoot>
          <ImportBatch />
        </View>
      )}
    </>
  );
}
