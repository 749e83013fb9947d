/** The Bench: batches in work, each with its section, its state and the one next thing to do. */
import { router } from 'expo-router';
import { View } from 'react-native';
import { discardBroken, restoreDemo, useBatches } from '@/data/hooks';
import { download } from '@/data/files';
import { type BrokenRecord } from '@/data/repository';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { useWide } from '@/ui/shell/use-wide';
import { usePalette } from '@/ui/theme/use-palette';
import { BenchBatch } from './bench-batch';
import { ImportBatch } from './import-batch';

export function BenchScreen() {
  const { data } = useBatches();
  const wide = useWide();
  return (
    <PlaceScreen title="Bench" note="What is in work, and the next thing to do for each.">
      {data?.broken.map((record) => (
        <BrokenCard key={record.key} record={record} />
      ))}
      {data && data.batches.length === 0 && (
        <View style={{ gap: 12 }}>
          <Body>
            A batch is one filling in one kind of parcel. Begin one and say what goes in: you see at once how wet and
            how salty it will be.
          </Body>
          <Press title="Open the demo: the lantern supper" onPress={() => void restoreDemo()} />
        </View>
      )}
      <View
        style={{
          flexDirection: wide ? 'row' : 'column',
          flexWrap: wide ? 'wrap' : 'nowrap',
          columnGap: 36,
          rowGap: 18,
        }}
      >
        {data?.batches.map((batch) => (
          <View key={batch.id} style={wide ? { width: '47%' } : undefined}>
            <BenchBatch batch={batch} />
          </View>
        ))}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press title="Begin a batch" kind="solid" icon="plus" onPress={() => router.navigate('/begin')} />
        <ImportBatch />
      </View>
    </PlaceScreen>
  );
}

/** What cannot be read is offered, and stays until the cook says otherwise. */
function BrokenCard({ record }: { record: BrokenRecord }) {
  const p = usePalette();
  return (
    <View role="alert" style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 8 }}>
      <Heading level={2}>One stored batch cannot be read</Heading>
      <Small>{record.problems.slice(0, 3).join(' · ')}</Small>
      <Body>Nothing was changed: it is kept as it is. Save its text to a file before you remove it.</Body>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Press
          title="Save its text"
          icon="tray-arrow-down"
          onPress={() => download('unreadable-batch.txt', record.text, 'text/plain')}
        />
        <Press title="Remove it" icon="trash-can-outline" onPress={() => void discardBroken(record)} />
      </View>
    </View>
  );
}
