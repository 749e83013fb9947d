/** A batch: its section, its checks and the station where the cook is. */
import { router } from 'expo-router';
import { memo, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { isRehearsal } from '@/core/stored/rehearsal';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { useAssessment } from '@/data/heat';
import { keepBatch, type Outcome, useBatch, useEditor, useStoredKitchen } from '@/data/hooks';
import { currentNotice, say } from '@/data/notices';
import { isBroken } from '@/data/batch-store';
import { Press } from '@/ui/parts/press';
import { useUncover } from '@/ui/shell/uncover';
import { useWide } from '@/ui/shell/use-wide';
import { LostScreen } from '../lost-screen';
import { UnreadScreen } from '../unread-screen';
import { BatchFrame, BatchHeader } from './batch-frame';
import { PhoneBatch, WideBatch } from './batch-layout';
import { isStation, type Station, STATION_IDS, STATIONS } from '../stations';
import { type ShownProps } from './station-props';
import { useKeys } from './use-keys';
import * as phrases from './words';

export function BatchScreen({ id, station }: { id: string; station: string }) {
  const { data, error, mutate } = useBatch(id);
  const isOpen = data !== undefined && data !== null && !isBroken(data);
  const last = useRef<Batch | null>(null);
  useEffect(() => {
    if (isOpen) last.current = data;
    else if (data === null && last.current !== null) offerBack(last.current);
  }, [data, isOpen]);
  if (data === undefined) {
    return error ? <UnreadScreen error={error} again={() => void mutate()} /> : null;
  }
  if (!data || isBroken(data)) return <LostScreen />;
  return <OpenBatch batch={data} station={isStation(station) ? station : 'fill'} />;
}

/** Deleted elsewhere while it was open here. */
function offerBack(batch: Batch): void {
  if (currentNotice()?.text.includes(batch.title)) return;
  say({
    text: phrases.deletedInOtherTab(batch.title),
    kind: 'problem',
    action: { label: phrases.BRING_IT_BACK, run: () => keepBatch(batch) },
  });
}

/** What a batch is judged by; both are read at the same time, and nothing is judged twice. */
function OpenBatch({ batch, station }: { batch: Batch; station: Station }) {
  const stored = useStoredKitchen(batch.id);
  // Its name first: a phone takes a moment to judge it.
  const isJudged = useDeferredValue(true, false);
  if (!stored || !isJudged) return <BatchFrame batch={batch} station={station} />;
  return <JudgedBatch batch={batch} kitchen={stored.kitchen} station={station} />;
}

/** Reads and edits; what is on screen may lag a moment behind the typing, never hold it up. */
function JudgedBatch({ batch, kitchen, station }: { batch: Batch; kitchen: Kitchen; station: Station }) {
  const { assessment, isStale } = useAssessment(batch, kitchen);
  const { edit, undo, canUndo } = useEditor(batch.id);
  const now = useMemo<Omit<Shown, 'station' | 'edit' | 'undo'>>(
    () => ({ batch, assessment, isStale, kitchen, canUndo, isWhole: true }),
    [batch, assessment, isStale, kitchen, canUndo],
  );
  // First come its name and its stations with their verdicts; the rest is put together a little at a time, and what is tapped
  // meanwhile does not wait for it.
  const shown = useDeferredValue(now, { ...now, isWhole: false });
  useEffect(() => {
    const mark = isRehearsal(batch.id) ? 'Rehearsal: ' : '';
    document.title = phrases.batchTitle(mark, batch.title, STATIONS[station].label);
  }, [batch.id, batch.title, station]);
  return <ShownBatch {...shown} station={station} edit={edit} undo={undo} />;
}

interface Shown extends ShownProps {
  station: Station;
  /** What is offered is of the batch as it was. */
  isStale: boolean;
  canUndo: boolean;
  /** All of it, or only what is there first. */
  isWhole: boolean;
  edit: ReturnType<typeof useEditor>['edit'];
  undo: ReturnType<typeof useEditor>['undo'];
}

const ShownBatch = memo(function ShownBatch({ station, isStale, canUndo, isWhole, edit, undo, ...shown }: Shown) {
  const { batch } = shown;
  const wide = useWide();
  useUncover();
  const undoStep = useCallback(
    async (outcome: Outcome) => outcome.ok && outcome.step !== null && undo(outcome.step),
    [undo],
  );
  const [touched, setTouched] = useState<string | null>(null);
  const touch = useMemo(() => ({ id: touched, set: setTouched }), [touched]);
  const go = (to: Station) => router.replace(`/batch/${batch.id}/${to}`);
  useKeys({
    station: (n) => STATION_IDS[n - 1] && go(STATION_IDS[n - 1]),
    undo: () => void undo(),
    add: () => go('fill'),
  });
  const Layout = wide ? WideBatch : PhoneBatch;
  return (
    <Layout
      station={station}
      isWhole={isWhole}
      isStale={isStale}
      onGo={go}
      given={{ ...shown, edit, undoStep, touch }}
      top={
        <>
          <BatchHeader batch={batch} onUndo={() => void undo()} canUndo={canUndo} />
          {/* On a phone nothing moves what is read first: it comes with the rest. */}
          {(wide || isWhole) && <CookNow batch={batch} />}
        </>
      }
    />
  );
});

function CookNow({ batch }: { batch: Batch }) {
  if (isRehearsal(batch.id) || batch.lines.length === 0) return null;
  return (
    <View style={{ alignItems: 'flex-start', marginVertical: -6 }}>
      <Press
        title={phrases.COOK_THIS_NOW}
        icon="timer-outline"
        kind="clear"
        onPress={() => router.navigate(`/batch/${batch.id}/now`)}
      />
    </View>
  );
}
