/** The bench clock: one tap a parcel, when the last is closed, how long the filling has stood out and how warm it is by now. */
import { useState } from 'react';
import { View } from 'react-native';
import { warmthAt } from '@/core/cooling/warmth-at';
import { boardClock, type BoardClock } from '@/core/cooling/board-clock';
import { STANDING } from '@/core/safety/exposure';
import { type Batch } from '@/core/stored/schema';
import { BOARD_END_IDS, BOARD_ENDS, type BoardEnd } from '@/core/vocabulary/where-to';
import { learnedOf, wrapSeconds } from '@/core/learning/learned';
import { LIMITS } from '@/core/vocabulary/limits';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { askToNotify } from '@/data/alarm';
import { useBoard } from '@/data/heat';
import { now as rightNow } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';
import { useWakeLock } from '@/data/use-wake-lock';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { InFoot } from '@/ui/shell/foot';
import { usePalette } from '@/ui/theme/use-palette';
import { AlarmFile } from '../../alarm-words';
import { clockTime } from '../../clock-time';
import { type StationProps } from '../station-props';
import { later } from '@/core/stored/moments';
import { formatLength } from '@/core/units/lengths';
import * as phrases from './words';

const MINUTE = 60_000;

export function BenchPanel(props: StationProps) {
  const { batch, kitchen } = props;
  const { board } = batch.wrap;
  const facts = useBoard(batch, kitchen);
  return board === null ? <NotBegun {...props} facts={facts} /> : <Running {...props} board={board} facts={facts} />;
}

type Board = NonNullable<Batch['wrap']['board']>;
interface WithFacts extends StationProps {
  /** What is worked out of the filling on the bench; null until it is. */
  facts: ReturnType<typeof useBoard>;
}

/** How long it will take, and the tap that starts the clock. */
function NotBegun({ batch, kitchen, edit, facts }: WithFacts) {
  const { wrap, count } = batch;
  const seconds = wrapSeconds(wrap.edge, kitchen);
  const isLearned = learnedOf(kitchen.learned, 'wrap-seconds', wrap.edge) !== null;
  const start = () => {
    askToNotify();
    void edit({ do: 'startBoard', at: rightNow(batch.id) });
  };
  return (
    <>
      <Fold title="Bench clock" figure={formatMinutes(Math.ceil((count * seconds) / 60))}>
        <Body>{phrases.benchForecast(count, seconds, isLearned)}</Body>
        <Frozen kitchen={kitchen} facts={facts} />
      </Fold>
      <InFoot>
        <Press title={phrases.START_BENCH_CLOCK} kind="solid" icon="timer-outline" onPress={start} />
      </InFoot>
    </>
  );
}

function Running({ batch, kitchen, assessment, edit, board, facts }: WithFacts & { board: Board }) {
  const { wrap, count } = batch;
  const { exposure } = assessment;
  const { now, latest } = useRunTime(batch, 1000, 'board');
  useWakeLock(true);
  const clock = boardClock(board, {
    now: latest,
    count,
    roomC: kitchen.roomC,
    usualSeconds: wrapSeconds(wrap.edge, kitchen),
    beforeMinutes: exposure.beforeBoardMinutes,
  });
  const tap = (parcels: number) => void edit({ do: 'addTap', tap: { at: rightNow(batch.id), parcels } });
  return (
    <Fold title="Bench clock" figure={phrases.closedOf(clock.closed, count)} isOpenAtFirst>
      <Hours clock={clock} isRisky={exposure.counts} />
      <SoFar clock={clock} count={count} kitchen={kitchen} facts={facts} isRisky={exposure.counts} />
      <Taps closed={clock.closed} left={clock.left} onTap={tap} />
      {board.taps.length > 0 && (
        <Press
          title={phrases.TAKE_LAST_TAP_BACK}
          onPress={() => void edit({ do: 'removeTap', tap: board.taps[board.taps.length - 1] })}
        />
      )}
      <WhereNow
        isOut={clock.isOut}
        onAway={() => void edit({ do: 'putAway', at: latest })}
        onOut={() => void edit({ do: 'takeOut', at: rightNow(batch.id) })}
        onStop={(goesTo) => void edit({ do: 'stopBoard', at: latest, goesTo })}
      />
      <AlarmFile />
      <AmountField
        label={phrases.WAS_FIRST_OUT}
        unit="min ago"
        value={Math.max(0, Math.round((Date.parse(now) - Date.parse(board.stretches[0].outAt)) / MINUTE))}
        least={0}
        most={24 * 60}
        step={5}
        onChange={(minutes) =>
          minutes !== null && edit({ do: 'setOut', at: later(rightNow(batch.id), -minutes) }, 'out')
        }
      />
      <Small>{phrases.DAMP_CLOTH}</Small>
      <Frozen kitchen={kitchen} facts={facts} />
    </Fold>
  );
}

interface SoFarProps extends Pick<WithFacts, 'kitchen' | 'facts'> {
  clock: BoardClock;
  count: number;
  isRisky: boolean;
}

/** How many are closed, when the last will be, how long the filling has been out and how warm it is by now. */
function SoFar({ clock, count, kitchen, facts, isRisky }: SoFarProps) {
  const warm = facts ? warmthAt(facts.warmth, clock.outMinutes) : null;
  const t = (c: number) => formatTemperature(c, kitchen.temperature);
  const isWithin = isRisky && clock.leftMinutes > 0;
  return (
    <View role="timer" aria-label="Bench clock" style={{ gap: 4 }}>
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
        <Strong style={{ fontSize: 40, lineHeight: 46 }}>{phrases.closedOf(clock.closed, count)}</Strong>
        <Body>{clock.left === 0 ? 'all closed' : phrases.paceAndLast(clock.secondsEach, clockTime(clock.lastAt))}</Body>
      </View>
      <Sentence
        text={phrases.fillingOut(
          clock.inAllMinutes,
          beforeWords(clock),
          warm && phrases.byNowAbout(t(warm.middleC), t(warm.surfaceC)),
          clock.isOut,
        )}
      />
      {isWithin && <Small>{phrases.untilLimit(clock.leftMinutes, clock.limitMinutes, STANDING.authority)}</Small>}
      {isWithin && clock.parts > 1 && <Body>{phrases.tooSlow(PARTS[clock.parts], clock.parts)}</Body>}
      {facts !== null && (
        <Small>{phrases.assumesFridge(t(facts.fillingC), formatLength(facts.depthMm, kitchen.lengths, 0))}</Small>
      )}
    </View>
  );
}

interface WhereNowProps {
  isOut: boolean;
  onAway: () => void;
  onOut: () => void;
  onStop: (goesTo: BoardEnd) => void;
}

/** Into the fridge for a while and out again; and where it goes when all are closed. */
const WhereNow = ({ isOut, onAway, onOut, onStop }: WhereNowProps) => (
  <>
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'flex-end' }}>
      {isOut ? (
        <Press title={phrases.BACK_INTO_FRIDGE} onPress={onAway} />
      ) : (
        <Press title={phrases.OUT_OF_FRIDGE_AGAIN} onPress={onOut} />
      )}
    </View>
    <Small>{phrases.STOP_BENCH_CLOCK}</Small>
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
      {BOARD_END_IDS.map((goesTo) => (
        <Press
          key={goesTo}
          title={BOARD_ENDS[goesTo].label}
          label={phrases.stopBenchClockWith(BOARD_ENDS[goesTo].label)}
          onPress={() => onStop(goesTo)}
        />
      ))}
    </View>
  </>
);

const PARTS: Readonly<Record<number, string>> = { 2: 'half', 3: 'third', 4: 'quarter', 5: 'fifth', 6: 'sixth' };

/** What it has behind it from before it came here. */
function beforeWords({ inAllMinutes, outMinutes }: BoardClock): string {
  const before = Math.round(inAllMinutes - outMinutes);
  return before < 1 ? '' : phrases.beforeItCame(before);
}

/** What the rule says once its hours are up. */
function Hours({ clock, isRisky }: { clock: BoardClock; isRisky: boolean }) {
  const p = usePalette();
  if (!isRisky || clock.leftMinutes > 0) return null;
  return (
    <View role="alert" style={{ borderWidth: 2, borderColor: p.beet, padding: 14, gap: 6, backgroundColor: p.fixBand }}>
      <Heading level={2}>{phrases.outOfColdFor(clock.isTooLong ? clock.mostMinutes : clock.limitMinutes)}</Heading>
      <Body>{clock.isTooLong ? phrases.THROW_AWAY : phrases.COOK_CLOSED}</Body>
      <Small style={{ color: p.ink }}>{phrases.localCodesFirst(STANDING.authority)}</Small>
    </View>
  );
}

/** One parcel, or a tray of so many. */
function Taps({ closed, left, onTap }: { closed: number; left: number; onTap: (parcels: number) => void }) {
  const [tray, setTray] = useState(6);
  if (left === 0) return <Body>{phrases.ALL_CLOSED}</Body>;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'flex-end' }}>
      <Press
        title={phrases.ONE_MORE_CLOSED}
        label={phrases.oneMoreClosedNumber(closed)}
        kind="solid"
        onPress={() => onTap(1)}
      />
      {left >= tray && <Press title={phrases.trayClosed(tray)} onPress={() => onTap(tray)} />}
      <AmountField
        label={phrases.ON_A_TRAY}
        unit="count"
        value={tray}
        least={2}
        most={LIMITS.tapParcels.most}
        step={1}
        whole
        onChange={(n) => n !== null && setTray(n)}
      />
    </View>
  );
}

/** How soon the closed ones are hard in the freezer, and how long they may be kept raw. */
function Frozen({ kitchen, facts }: Pick<WithFacts, 'kitchen' | 'facts'>) {
  if (facts === null) return null;
  const { hardMinutes } = facts;
  if (hardMinutes !== null) return <Small>{phrases.keepRaw(hardMinutes)}</Small>;
  return <Small>{phrases.freezerTooWarm(formatTemperature(kitchen.freezerC, kitchen.temperature))}</Small>;
}
