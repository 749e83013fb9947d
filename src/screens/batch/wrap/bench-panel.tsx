/** The bench clock: one tap a parcel, when the last is closed, how long the filling has stood out and how warm it is by now. */
import { useState } from 'react';
import { View } from 'react-native';
import { warmthAt } from '@/core/cooling/warmth-at';
import { boardClock, type BoardClock } from '@/core/cooling/board-clock';
import { STANDING } from '@/core/safety/exposure';
import { BOARD_END_IDS, BOARD_ENDS } from '@/core/vocabulary/where-to';
import { learnedOf, wrapSeconds } from '@/core/learning/learned';
import { LIMITS } from '@/core/vocabulary/limits';
import { formatNumber } from '@/core/units/amount';
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
          <Body>
            {count} at about {Math.round(seconds)} s each are {formatMinutes(Math.ceil((count * seconds) / 60))} (
            {isLearned ? 'your kitchen' : 'our estimate'}).
          </Body>
          <Frozen minutes={facts?.hardMinutes ?? null} freezerC={kitchen.freezerC} isKnown={facts !== null} />
        </Fold>
        <InFoot>
          <Press title="The filling is out: start the bench clock" kind="solid" icon="timer-outline" onPress={start} />
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
    <Fold title="Bench clock" figure={`${clock.closed} of ${count}`} isOpenAtFirst>
      <Hours clock={clock} isRisky={isRisky} />
      <View role="timer" aria-label="Bench clock" style={{ gap: 4 }}>
        <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
          <Strong style={{ fontSize: 40, lineHeight: 46 }}>
            {clock.closed} of {count}
          </Strong>
          <Body>
            {clock.left === 0
              ? 'all closed'
              : `${clock.secondsEach === null ? '' : `${formatNumber(clock.secondsEach, 0)} s each; `}the last at ${clockTime(clock.lastAt)}`}
          </Body>
        </View>
        <Sentence
          text={`Filling out *${formatMinutes(Math.floor(clock.inAllMinutes))}*${beforeWords(clock)}${warm ? `, by now about ${t(warm.middleC)} in the middle and ${t(warm.surfaceC)} at its surface` : ''}${clock.isOut ? '' : '; it is in the fridge'}.`}
        />
        {isRisky && clock.leftMinutes > 0 && (
          <Small>
            {formatMinutes(Math.floor(clock.leftMinutes))} until it has been out for {formatMinutes(clock.limitMinutes)}{' '}
            in all. {STANDING.authority}; local codes come first.
          </Small>
        )}
        {isRisky && clock.parts > 1 && clock.leftMinutes > 0 && (
          <Body>
            Too slow to do it all at once: take a {PARTS[clock.parts] ?? `${clock.parts}th`} of the rest out at a time.
          </Body>
        )}
        {facts !== null && (
          <Small>
            Assumes it leaves the fridge at {t(facts.fillingC)}, {facts.depthMm} mm deep in its bowl (our estimate).
          </Small>
        )}
      </View>
      <Taps closed={clock.closed} left={clock.left} onTap={tap} />
      {board.taps.length > 0 && (
        <Press
          title="Not that one: take the last tap back"
          onPress={() => void edit({ do: 'removeTap', tap: board.taps[board.taps.length - 1] })}
        />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'flex-end' }}>
        {clock.isOut ? (
          <Press title="Filling back into the fridge" onPress={() => void edit({ do: 'putAway', at: latest })} />
        ) : (
          <Press title="Out of the fridge again" onPress={() => void edit({ do: 'takeOut', at: rightNow(batch.id) })} />
        )}
      </View>
      <Small>Stop the bench clock:</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        {BOARD_END_IDS.map((goesTo) => (
          <Press
            key={goesTo}
            title={BOARD_ENDS[goesTo].label}
            label={`Stop the bench clock: ${BOARD_ENDS[goesTo].label.toLowerCase()}`}
            onPress={() => void edit({ do: 'stopBoard', at: latest, goesTo })}
          />
        ))}
      </View>
      <AlarmFile />
      <AmountField
        label="It was first out"
        unit="min ago"
        value={Math.max(0, Math.round((Date.parse(now) - Date.parse(board.stretches[0].outAt)) / MINUTE))}
        least={0}
        most={24 * 60}
        step={5}
        onChange={(minutes) =>
          minutes !== null && edit({ do: 'setOut', at: later(rightNow(batch.id), -minutes) }, 'out')
        }
      />
      <Small>Skins dry within minutes: keep a damp cloth over those you’re not working on.</Small>
      <Frozen minutes={facts?.hardMinutes ?? null} freezerC={kitchen.freezerC} isKnown={facts !== null} />
    </Fold>
  );
}

const PARTS: Readonly<Record<number, string>> = { 2: 'half', 3: 'third', 4: 'quarter', 5: 'fifth', 6: 'sixth' };

/** What it has behind it from before it came here. */
function beforeWords({ inAllMinutes, outMinutes }: BoardClock): string {
  const before = Math.round(inAllMinutes - outMinutes);
  return before < 1 ? '' : ` (${formatMinutes(before)} of it before it came here)`;
}

/** What the rule says once its hours are up. */
function Hours({ clock, isRisky }: { clock: BoardClock; isRisky: boolean }) {
  const p = usePalette();
  if (!isRisky || clock.leftMinutes > 0) return null;
  return (
    <View role="alert" style={{ borderWidth: 2, borderColor: p.beet, padding: 14, gap: 6, backgroundColor: p.fixBand }}>
      <Heading level={2}>
        Out of the cold for {formatMinutes(clock.isTooLong ? clock.mostMinutes : clock.limitMinutes)} in all
      </Heading>
      <Body>{clock.isTooLong ? 'Throw it away.' : 'Cook what is closed now, and don’t keep the rest.'}</Body>
      <Small style={{ color: p.ink }}>{STANDING.authority}; local codes come first.</Small>
    </View>
  );
}

/** One parcel, or a tray of so many. */
function Taps({ closed, left, onTap }: { closed: number; left: number; onTap: (parcels: number) => void }) {
  const [tray, setTray] = useState(6);
  if (left === 0) return <Body>All closed. Cover them, and cook or freeze them.</Body>;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'flex-end' }}>
      <Press
        title="One more closed"
        label={`One more closed: number ${closed + 1}`}
        kind="solid"
        onPress={() => onTap(1)}
      />
      {left >= tray && <Press title={`A tray of ${tray} closed`} onPress={() => onTap(tray)} />}
      <AmountField
        label="On a tray"
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

function Frozen({ minutes, freezerC, isKnown }: { minutes: number | null; freezerC: number; isKnown: boolean }) {
  if (!isKnown) return null;
  return (
    <Small>
      {minutes === null
        ? `A freezer at ${formatNumber(freezerC)} °C won’t freeze them hard in a day.`
        : `To keep them raw: apart on a tray in the freezer, hard after about ${formatMinutes(5 * Math.ceil(minutes / 5))}, then into a bag; 2 months.`}
    </Small>
  );
}
