/** The clock of the load in the heat: what to do next and when, out with it and in with the next. */
import { View } from 'react-native';
import { cookClock, minutesIn } from '@/core/cooking/cook-clock';
import { plannedMinutes } from '@/core/document/cooking';
import { stepWords } from '@/core/checks/step-words';
import { formatMinutes } from '@/core/units/format';
import { askToNotify } from '@/data/alarm';
import { now as rightNow } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';
import { useWakeLock } from '@/data/use-wake-lock';
import { AmountField } from '@/ui/parts/amount-field';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { ticking } from './ticking';

const MINUTE = 60_000;
/** A load in the heat for longer was forgotten on screen, min. */
const LONGEST = 12 * 60;

export function LoadClock({ batch, kitchen, edit, loads }: StationProps & { loads: number }) {
  const p = usePalette();
  const { cook } = batch;
  const { run } = cook;
  const { now, latest } = useRunTime(batch, 1000, 'cook');
  useWakeLock(run !== null);
  const done = cook.earlierRuns.length;
  const which = loads > 1 ? `Load ${Math.min(loads, done + 1)} of ${loads}` : 'They';
  if (run === null) {
    const start = () => {
      askToNotify();
      void edit({ do: 'startLoad', at: rightNow(batch.id) });
    };
    return (
      <View style={{ gap: 8, alignItems: 'flex-start' }}>
        {done > 0 && <Small>{done >= loads ? 'All loads are done.' : `${done} of ${loads} loads done.`}</Small>}
        <Press
          title={loads > 1 ? `${which} is in: start the clock` : 'They are in: start the clock'}
          kind="solid"
          icon="timer-outline"
          onPress={start}
        />
        <Small>It says when to turn, when to look and when to measure, also when this page is closed.</Small>
      </View>
    );
  }
  const elapsed = minutesIn(run, latest);
  const clock = cookClock(cook, elapsed);
  const isSetBack = Date.parse(latest) - Date.parse(now) > MINUTE;
  return (
    <View style={{ gap: 10 }}>
      <View
        role="timer"
        aria-label="Cooking clock"
        style={{ borderLeftWidth: 4, borderLeftColor: clock.next === null ? p.beet : p.leek, paddingLeft: 14, gap: 4 }}
      >
        {clock.next === null ? (
          <Heading level={2}>Measure now</Heading>
        ) : (
          <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
            <Strong style={{ fontSize: 40, lineHeight: 46 }}>{ticking(clock.left)}</Strong>
            <Body>{clock.next.ahead}</Body>
          </View>
        )}
        <Small>
          {which} in for {ticking(elapsed)}; planned {formatMinutes(plannedMinutes(cook))}.
          {cook.steps.length > 1 ? ` Now: ${stepWords(cook.steps[clock.step], kitchen.temperature)}.` : ''}
        </Small>
      </View>
      {isSetBack && (
        <Small role="alert" style={{ color: p.ink }}>
          This device’s clock was set back. The time counts on from the latest it has shown.
        </Small>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16, alignItems: 'flex-end' }}>
        <AmountField
          label="They went in"
          unit="min ago"
          value={Math.round(elapsed)}
          least={0}
          most={LONGEST}
          step={1}
          onChange={(minutes) =>
            minutes !== null &&
            edit(
              { do: 'setIn', at: new Date(Date.parse(rightNow(batch.id)) - minutes * MINUTE).toISOString() },
              'in-at',
            )
          }
        />
        <Press title="They are out" onPress={() => void edit({ do: 'stopLoad', at: latest })} />
      </View>
    </View>
  );
}
