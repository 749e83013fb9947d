/** What of a batch's screen stands before it is judged: its name, and its stations without their verdicts. */
import { router } from 'expo-router';
import { type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { isRehearsal } from '@/core/stored/rehearsal';
import { type Batch } from '@/core/stored/schema';
import { IconPress } from '@/ui/parts/press';
import { Heading, Small } from '@/ui/parts/text';
import { PlacesRail } from '@/ui/shell/places';
import { useUncover } from '@/ui/shell/uncover';
import { useWide } from '@/ui/shell/use-wide';
import { usePalette } from '@/ui/theme/use-palette';
import { batchLine } from '../batch-line';
import { type Station } from '../stations';
import { StationBar, StationRail } from './station-bar';
import * as phrases from './words';

interface HeaderProps {
  batch: Batch;
  canUndo: boolean;
  onUndo: () => void;
}

export function BatchHeader({ batch, canUndo, onUndo }: HeaderProps) {
  const wide = useWide();
  const [label, to] = isRehearsal(batch.id)
    ? [phrases.BACK_TO_REHEARSALS, '/rehearse' as const]
    : [phrases.BACK_TO_BENCH, '/' as const];
  return (
    <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: 4 }}>
      {!wide && <IconPress icon="arrow-left" label={label} onPress={() => router.navigate(to)} />}
      <View style={{ flex: 1, paddingTop: wide ? 0 : 6 }}>
        <Heading level={1} style={{ fontSize: 23, lineHeight: 28 }}>
          {batch.title}
        </Heading>
        <Small>{batchLine(batch)}</Small>
      </View>
      <IconPress icon="undo-variant" label="Undo" onPress={onUndo} disabled={!canUndo} />
    </View>
  );
}

/** One of the three columns of a wide page. */
export function Column({ children, last = false }: { children?: ReactNode; last?: boolean }) {
  const p = usePalette();
  return (
    <ScrollView
      style={{ flex: 1, borderRightWidth: last ? 0 : 1, borderRightColor: p.rule }}
      contentContainerStyle={{ padding: 22, gap: 18 }}
    >
      {children}
    </ScrollView>
  );
}

export function BatchFrame({ batch, station }: { batch: Batch; station: Station }) {
  const p = usePalette();
  const wide = useWide();
  useUncover();
  const header = <BatchHeader batch={batch} canUndo={false} onUndo={() => undefined} />;
  const go = (to: Station) => router.replace(`/batch/${batch.id}/${to}`);
  if (wide) {
    return (
      <View aria-busy style={{ flex: 1, flexDirection: 'row', flexWrap: 'nowrap', backgroundColor: p.ground }}>
        <PlacesRail>
          <StationRail here={station} onGo={go} />
        </PlacesRail>
        <View role="main" style={{ flex: 1, flexDirection: 'row', flexWrap: 'nowrap' }}>
          <Column>{header}</Column>
          <Column />
          <Column last />
        </View>
      </View>
    );
  }
  return (
    <View aria-busy style={{ flex: 1, backgroundColor: p.ground }}>
      <ScrollView role="main" contentContainerStyle={{ padding: 16, gap: 18 }}>
        {header}
      </ScrollView>
      <StationBar here={station} assessment={null} onGo={go} />
    </View>
  );
}
