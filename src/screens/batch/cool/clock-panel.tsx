/** The clock: started when it comes off the heat, it counts to wrap-ready and to the deadline, whatever happens to the page. */
import { PLACES } from '@/core/document/vocabulary/places';
import { View } from 'react-native';
import { type CoolingForecast } from '@/core/cooling/forecast';
import { coolingClock, type CoolingClock } from '@/core/cooling/clock';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { now as rightNow } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';
import { useWakeLock } from '@/data/use-wake-lock';
import { askToNotify } from '@/data/alarm';
import { AmountField } from '@/ui/parts/amount-field';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { clockTime } from './words';

type Props = StationProps & { forecast: CoolingForecast };

const MINUTE = 60_000;

export function ClockPanel(props: Props) {
  const { batch, forecast, edit } = props;
  const p = usePalette();
  const { run } = batch.cool;
  const { now, latest } = useRunTime(batch, 1000);
  useWakeLock(run !== null);
  const clock = coolingClock(batch, forecast, now, latest);
  if (!clock || run === null) {
    const start = () => {
      askToNotify();
      void edit({ do: 'startCooling', at: rightNow(batch.id) });
    };
    return (
      <View style={{ gap: 8, alignItems: 'flex-start' }}>
        <Press title="It is off the heat: start the clock" kind="solid" icon="timer-outline" onPress={start} />
        <Small>The clock goes on when this page is closed or the phone sleeps.</Small>
        <EarlierRuns {...props} />
      </View>
    );
  }
  return (
    <View style={{ gap: 12 }}>
      <Missed clock={clock} />
      {clock.setBackMinutes > 0 && (
        <Small role="alert" style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 12, color: p.ink }}>
          This device’s clock was set back by {formatMinutes(Math.round(clock.setBackMinutes))}. The time counts on from
          the latest it has shown. If that was wrong, say below when it came off the heat.
        </Small>
      )}
      <Times {...props} clock={clock} startedAt={Date.parse(run.offHeatAt)} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16, alignItems: 'flex-end' }}>
        <AmountField
          label="It came off the heat"
          unit="min ago"
          value={Math.round(clock.elapsed)}
          least={0}
          most={24 * 60}
          step={1}
          onChange={(minutes) =>
            minutes !== null &&
            edit(
              { do: 'setOffHeat', at: new Date(Date.parse(rightNow(batch.id)) - minutes * MINUTE).toISOString() },
              'off-heat',
            )
          }
        />
        <Press title="Stop the clock" onPress={() => void edit({ do: 'stopCooling', at: latest })} />
      </View>
    </View>
  );
}

function Times({ clock, forecast, kitchen, startedAt }: Props & { clock: CoolingClock; startedAt: number }) {
  const p = usePalette();
  const { toWrapReady, next } = clock;
  const move = clock.moves.find((m) => m.inMinutes > 0);
  const isReady = toWrapReady !== null && toWrapReady <= 0;
  const at = forecast.minutes === null ? null : clockTime(startedAt + forecast.minutes * MINUTE);
  const inScale = (c: number): string => formatTemperature(c, kitchen.temperature);
  return (
    <View
      role="timer"
      aria-label="Cooling clock"
      style={{ borderLeftWidth: 4, borderLeftColor: p.leek, paddingLeft: 14, gap: 4 }}
    >
      {clock.isMeasuredReady ? (
        <>
          <Heading level={2}>Wrap now</Heading>
          <Small>Measured at or below {inScale(forecast.targetC)}.</Small>
        </>
      ) : isReady ? (
        <>
          <Heading level={2}>Wrap-ready by the forecast since {at}</Heading>
          <Small>Measure the warmest place: {inScale(forecast.targetC)} or below, then wrap.</Small>
        </>
      ) : (
        <>
          <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
            <Strong style={{ fontSize: 40, lineHeight: 46 }}>
              {toWrapReady === null ? 'never' : formatMinutes(Math.ceil(toWrapReady))}
            </Strong>
            <Body>
              {toWrapReady === null ? 'cold enough as it stands' : `to wrap-ready${at === null ? '' : `, at ${at}`}`}
            </Body>
          </View>
          <Small>
            Now about {inScale(clock.nowC)} in the warmest place, by the forecast; wrap-ready is{' '}
            {inScale(forecast.targetC)}.
          </Small>
        </>
      )}
      {clock.deadlines
        .filter((d) => d.state === 'over')
        .map((d) => (
          <Small key={d.rule} style={{ color: p.ink }}>
            The deadline has passed ({d.label}). By the forecast it was cold enough; nobody has measured it.
          </Small>
        ))}
      {next && (
        <Sentence
          text={`*${formatMinutes(Math.ceil(next.inMinutes))}* to the deadline at ${clockTime(startedAt + next.atMinute * MINUTE)}: ${next.label}.`}
        />
      )}
      {move && (
        <Body>
          In <Strong>{formatMinutes(Math.ceil(move.inMinutes))}</Strong> move it: {PLACES[move.place].label}.
        </Body>
      )}
    </View>
  );
}

/** What the authority says, plainly. */
function Missed({ clock }: { clock: CoolingClock }) {
  const p = usePalette();
  return clock.missed.map((missed) => (
    <View
      key={missed.rule}
      role="alert"
      style={{ borderWidth: 2, borderColor: p.beet, padding: 14, gap: 6, backgroundColor: p.fixBand }}
    >
      <Heading level={2}>Deadline missed: {missed.label}</Heading>
      <Body>{missed.advice}</Body>
      <Small style={{ color: p.ink }}>
        {missed.authority}; {formatMinutes(-missed.inMinutes)} ago, by readings or, without them, by the forecast. Local
        codes come first.
      </Small>
    </View>
  ));
}

/** Coolings that are over: what was measured then counts for nothing now. */
function EarlierRuns({ batch, kitchen }: Props) {
  const runs = batch.cool.earlierRuns.filter((run) => run.readings.length > 0);
  if (runs.length === 0) return null;
  const last = runs[runs.length - 1];
  const coldest = Math.min(...last.readings.map((r) => r.c));
  const day = new Date(last.offHeatAt).toLocaleDateString([], { day: 'numeric', month: 'long' });
  return (
    <Small>
      {runs.length === 1 ? 'One earlier cooling' : `${runs.length} earlier coolings`}, the last on {day}: down to{' '}
      {formatTemperature(coldest, kitchen.temperature)} as measured. It counts for nothing in the next one.
    </Small>
  );
}
