/** The bench clock: one tap a parcel, when the last is closed, how long the filling has stood out and how warm it is by now. */
import { useState } from 'react';
import { View } from 'react-native';
import { warmthAt } from '@/core/cooling/warmth-at';
import { boardClock, type BoardClock } from '@/core/cooling/board-clock';
import { STANDING } from '@/core/safety/exposure';
import { BOARD_END_IDS, BOARD_ENDS } from '@/core/vocabulary/where-to';
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
  const { batch, kitchen, assessment, edit } = props;
  const { wrap, count } = batch;
  const { board } = wrap;
  const { now, latest } = useRunTime(batch, 1000, 'board');
  useWakeLock(board !== null);
  const facts = useBoard(batch, kitchen);
  const { exposure } = assessment;
  const isRisky = exposure.counts;
  if (board === null) {
    const start = () => {
      askToNotify();
      void edit({ do: 'startBoard', at: rightNow(batch.id) });
    };
    const seconds = wrapSeconds(wrap.edge, kitchen);
    const isLearned = learnedOf(kitchen.learned, 'wrap-seconds', wrap.edge) !== null;
    return (
      <>
        <Fold title="Bench clock" figure={formatMinutes(Math.ceil((count * seconds) / 60))}>
          <Body>{phrases.benchForecast(count, seconds, isLearned)}</Body>
          <Frozen
            minutes={facts?.hardMinutes ?? null}
            freezer={formatTemperature(kitchen.freezerC, kitchen.temperature)}
            isKnown={facts !== null}
          />
        </Fold>
        <InFoot>
          <Press title={phrases.START_BENCH_CLOCK} kind="solid" icon="timer-outline" onPress={start} />
        </InFoot>
      </>
    );
  }
  const clock = boardClock(board, {
    now: latest,
    count,
    roomC: kitchen.roomC,
    usualSeconds: wrapSeconds(wrap.edge, kitchen),
    beforeMinutes: exposure.beforeBoardMinutes,
  });
  const warm = facts ? warmthAt(facts.warmth, clock.outMinutes) : null;
  const t = (c: number) => formatTemperature(c, kitchen.temperature);
  const tap = (parcels: number) => void edit({ do: 'addTap', tap: { at: rightNow(batch.id), parcels } });
  return (
    <Fold title="Bench clock" figure={phrases.closedOf(clock.closed, count)} isOpenAtFirst>
      <Hours clock={clock} isRisky={isRisky} />
      <View role="timer" aria-label="Bench clock" style={{ gap: 4 }}>
        <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
          <Strong style={{ fontSize: 40, lineHeight: 46 }}>{phrases.closedOf(clock.closed, count)}</Strong>
          <Body>
            {clock.left === 0 ? 'all closed' : phrases.paceAndLast(clock.secondsEach, clockTime(clock.lastAt))}
          </Body>
        </View>
        <Sentence
          text={phrases.fillingOut(
            clock.inAllMinutes,
            beforeWords(clock),
            warm && phrases.byNowAbout(t(warm.middleC), t(warm.surfaceC)),
            clock.isOut,
          )}
        />
        {isRisky && clock.leftMinutes > 0 && (
          <Small>{phrases.untilLimit(clock.leftMinutes, clock.limitMinutes, STANDING.authority)}</Small>
        )}
        {isRisky && clock.parts > 1 && clock.leftMinutes > 0 && (
          <Body>{phrases.tooSlow(PARTS[clock.parts], clock.parts)}</Body>
        )}
        {facts !== null && (
          <Small>{phrases.assumesFridge(t(facts.fillingC), formatLength(facts.depthMm, kitchen.lengths, 0))}</Small>
        )}
      </View>
      <Taps closed={clock.closed} left={clock.left} onTap={tap} />
      {board.taps.length > 0 && (
        <Press
          title={phrases.TAKE_LAST_TAP_BACK}
          onPress={() => void edit({ do: 'removeTap', tap: board.taps[board.taps.length - 1] })}
        />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'flex-end' }}>
        {clock.isOut ? (
          <Press title={phrases.BACK_INTO_FRIDGE} onPress={() => void edit({ do: 'putAway', at: latest })} />
        ) : (
          <Press
            title={phrases.OUT_OF_FRIDGE_AGAIN}
            onPress={() => void edit({ do: 'takeOut', at: rightNow(batch.id) })}
          />
        )}
      </View>
      <Small>{phrases.STOP_BENCH_CLOCK}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        {BOARD_END_IDS.map((goesTo) => (
          <Press
            key={goesTo}
            title={BOARD_ENDS[goesTo].label}
            label={phrases.stopBenchClockWith(BOARD_ENDS[goesTo].label)}
            onPress={() => void edit({ do: 'stopBoard', at: latest, goesTo })}
          />
        ))}
      </View>
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
      <Frozen
        minutes={facts?.hardMinutes ?? null}
        freezer={formatTemperature(kitchen.freezerC, kitchen.temperature)}
        isKnown={facts !== null}
      />
    </Fold>
  );
}

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

function Frozen({ minutes, freezer, isKnown }: { minutes: number | null; freezer: string; isKnown: boolean }) {
  if (!isKnown) return null;
  return <Small>{minutes === null ? phrases.freezerTooWarm(freezer) : phrases.keepRaw(minutes)}</Small>;
}
