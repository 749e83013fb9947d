/** A batch: its section, its checks and the station where the cook is. One column on a phone, three on a wide screen. */
import { router } from 'expo-router';
import { memo, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { CHECK_IDS, type CheckId, type Fix } from '@/core/checks/check';
import { coolAnswer, cookAnswer, fillAnswer } from '@/core/checks/answer-words';
import { isRehearsal } from '@/core/stored/rehearsal';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { useAssessment } from '@/data/heat';
import { keepBatch, type Outcome, useBatch, useEditor, useStoredKitchen } from '@/data/hooks';
import { currentNotice, say } from '@/data/notices';
import { isBroken } from '@/data/batch-store';
import { Answer } from '@/ui/parts/answer';
import { CheckBar } from '@/ui/parts/check-bar';
import { checkElement } from '@/ui/parts/check-body';
import { CheckPanel } from '@/ui/parts/check-panel';
import { Measured } from '@/ui/parts/measured';
import { Press } from '@/ui/parts/press';
import { WaterLine } from '@/ui/parts/water-line';
import { SectionDrawing } from '@/ui/section/section-drawing';
import { WithFoot } from '@/ui/shell/foot';
import { NoticeBar } from '@/ui/shell/notice-bar';
import { PlacesRail } from '@/ui/shell/places';
import { useUncover } from '@/ui/shell/uncover';
import { useWide } from '@/ui/shell/use-wide';
import { usePalette } from '@/ui/theme/use-palette';
import { LostScreen } from '../lost-screen';
import { UnreadScreen } from '../unread-screen';
import { AddBar } from './add-bar';
import { BatchFrame, BatchHeader, Column } from './batch-frame';
import { CheckList } from './check-list';
import { Cook } from './cook';
import { Cool } from './cool';
import { FillStation } from './fill/fill-station';
import { LedgerTable } from './fill/ledger-table';
import { Note } from './note';
import { DrawingStrip, FoldedSection } from './folded-section';
import { StationBar, StationRail } from './station-bar';
import { isStation, type Station, STATION_IDS, STATIONS } from '../stations';
import { RehearsalHere, RehearsalMark } from './rehearsal';
import { type ShownProps, type StationProps } from './station-props';
import { useKeys } from './use-keys';
import { Wrap } from './wrap';
import * as phrases from './words';

const CONTENT: Record<Station, (props: StationProps) => React.ReactNode> = {
  fill: (props) => <FillStation {...props} />,
  cool: (props) => <Cool {...props} part="station" />,
  wrap: (props) => <Wrap {...props} part="station" />,
  cook: (props) => <Cook {...props} part="station" />,
  note: (props) => <Note {...props} />,
};

/** What stands beside a station on a wide screen, and in it on a phone. */
const Aside = memo(function Aside({ station, ...shown }: StationProps & { station: Station }) {
  if (station === 'fill' || station === 'note') return <LedgerTable {...shown} />;
  if (station === 'cool') return <Cool {...shown} part="aside" />;
  return station === 'cook' ? <Cook {...shown} part="curve" /> : <Wrap {...shown} part="balance" />;
});

/** Scrolled so far, px, the drawing is gone from view and folds to a strip. */
const FOLDS_AT_PX = 250;

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

const ShownBatch = memo(function ShownBatch({
  batch,
  assessment,
  isStale,
  kitchen,
  station,
  canUndo,
  isWhole,
  edit,
  undo,
}: Shown) {
  const p = usePalette();
  const wide = useWide();
  useUncover();
  const undoStep = useCallback(
    async (outcome: Outcome) => outcome.ok && outcome.step !== null && undo(outcome.step),
    [undo],
  );
  const [isFolded, setFolded] = useState(false);
  const [touched, setTouched] = useState<string | null>(null);
  const touch = useMemo(() => ({ id: touched, set: setTouched }), [touched]);
  const go = (to: Station) => router.replace(`/batch/${batch.id}/${to}`);
  useKeys({
    station: (n) => STATION_IDS[n - 1] && go(STATION_IDS[n - 1]),
    undo: () => void undo(),
    add: () => go('fill'),
  });
  const onFix = async (check: CheckId, fix: Fix) => {
    const outcome = await edit([...fix.change]);
    // The button that was pressed is gone: what it changed is read next.
    if (outcome.ok) document.getElementById(checkElement(check))?.focus();
    // The notice takes back this edit, whatever has been done since.
    if (outcome.ok)
      say({ text: `${fix.label}.`, kind: 'done', action: { label: 'Undo', run: () => undoStep(outcome) } });
  };
  const props: StationProps = {
    batch,
    kitchen,
    assessment,
    edit,
    undoStep,
    touch,
  };
  // On a phone the list is what one comes to Fill for: there its two verdicts are bars.
  const Panel = station === 'fill' && !wide ? CheckBar : CheckPanel;
  const checks = (isWhole ? STATIONS[station].checks : []).map((check) => (
    <Panel
      key={check}
      check={assessment.checks[check]}
      isStale={isStale}
      isShort={!wide}
      onFix={(fix) => void onFix(check, fix)}
    >
      {/* On a phone the curve is the first thing to see at Cool; on a wide screen it has its own column. */}
      {check === 'cooling' && !wide && <Cool {...props} part="curve" />}
      {check === 'fit' && wide && batch.lines.length > 0 && <Wrap {...props} part="scales" />}
      {check === 'moisture' && batch.lines.length > 0 && (
        <Measured>
          {(width) => (
            <WaterLine
              ledger={assessment.ledger}
              sources={assessment.sources}
              figures={assessment.moisture}
              width={width}
            />
          )}
        </Measured>
      )}
    </Panel>
  ));
  const header = <BatchHeader batch={batch} onUndo={() => void undo()} canUndo={canUndo} />;
  // While it cools, what matters is seen in its vessel.
  const section =
    station === 'cool' && (assessment.heat?.cooling || assessment.checks.cooling.pending) ? (
      <Cool {...props} part="section" />
    ) : station === 'fill' && !wide ? (
      <DrawingStrip {...props} text={fillAnswer(batch, assessment)} />
    ) : station === 'wrap' ? (
      <Wrap {...props} part="drawings" />
    ) : station === 'note' ? null : ( // There it is cut open.
      <Measured>
        {(width) => (
          <SectionDrawing
            batch={batch}
            assessment={assessment}
            width={Math.min(width, 460)}
            lengths={kitchen.lengths}
          />
        )}
      </Measured>
    );
  const cookNow = !isRehearsal(batch.id) && batch.lines.length > 0 && (
    <View style={{ alignItems: 'flex-start', marginVertical: -6 }}>
      <Press
        title={phrases.COOK_THIS_NOW}
        icon="timer-outline"
        kind="clear"
        onPress={() => router.navigate(`/batch/${batch.id}/now`)}
      />
    </View>
  );
  const answer = answerOf(station, props);
  if (wide) {
    return (
      <View style={{ flex: 1, flexDirection: 'row', flexWrap: 'nowrap', backgroundColor: p.ground }}>
        <PlacesRail>
          <StationRail here={station} onGo={go} />
        </PlacesRail>
        <View style={{ flex: 1 }}>
          <RehearsalMark id={batch.id} />
          <View role="main" style={{ flex: 1, flexDirection: 'row', flexWrap: 'nowrap' }}>
            <Column>
              {header}
              {cookNow}
              {isWhole && answer !== null && <Answer text={answer} />}
              {isWhole && section}
              {isWhole && <CheckList checks={CHECK_IDS.map((check) => assessment.checks[check])} onGo={go} />}
            </Column>
            <Column>
              {isWhole && (
                <>
                  <RehearsalHere id={batch.id} station={station} />
                  {checks}
                  {CONTENT[station](props)}
                </>
              )}
            </Column>
            <Column last>{isWhole && <Aside station={station} {...props} />}</Column>
          </View>
          <NoticeBar />
        </View>
      </View>
    );
  }
  return (
    <WithFoot>
      {(foot) => (
        <View style={{ flex: 1, backgroundColor: p.ground }}>
          <RehearsalMark id={batch.id} />
          <View style={{ flex: 1 }}>
            <ScrollView
              role="main"
              contentContainerStyle={{ padding: 16, gap: 18 }}
              scrollEventThrottle={60}
              onScroll={({ nativeEvent }) => setFolded(nativeEvent.contentOffset.y > FOLDS_AT_PX)}
            >
              {header}
              {isWhole && (
                <>
                  {cookNow}
                  {answer !== null && <Answer text={answer} />}
                  {section}
                  <RehearsalHere id={batch.id} station={station} />
                  {checks}
                  {STATIONS[station].isCurveFirst && <Aside station={station} {...props} />}
                  {CONTENT[station](props)}
                </>
              )}
            </ScrollView>
            {isFolded && <FoldedSection {...props} />}
          </View>
          <NoticeBar />
          {foot}
          {station === 'fill' && <AddBar {...props} />}
          <StationBar here={station} assessment={assessment} onGo={go} />
        </View>
      )}
    </WithFoot>
  );
});

/** Its one answer, where the drawing does not say it already. */
function answerOf(station: Station, { batch, kitchen, assessment }: ShownProps): string | null {
  const cooling = assessment.heat?.cooling;
  // Until it is worked out its line is kept free, so that nothing moves when it comes.
  if (station === 'cool') return cooling ? coolAnswer(kitchen, cooling) : assessment.checks.cooling.pending ? '' : null;
  return station === 'cook' ? cookAnswer(batch, assessment, kitchen) : null;
}
