/** The clock: started when it comes off the heat, it counts to wrap-ready and to the deadline, whatever happens to the page. */
import { PLACES } from '@/core/vocabulary/places';
import { View } from 'react-native';
import { runEvidence } from '@/core/cooling/evidence-of';
import { type CoolingForecast } from '@/core/cooling/forecast';
import { wordsOfRule } from '@/core/cooling/rule-words';
import { isRehearsal } from '@/core/stored/rehearsal';
import { unanswered } from '@/core/stored/runs';
import { RUN_END_IDS, RUN_ENDS } from '@/core/vocabulary/where-to';
import { coolingClock, type CoolingClock } from '@/core/cooling/clock';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { now as rightNow } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';
import { useWakeLock } from '@/data/use-wake-lock';
import { askToNotify } from '@/data/alarm';
import { AmountField } from '@/ui/parts/amount-field';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { InFoot } from '@/ui/shell/foot';
import { usePalette } from '@/ui/theme/use-palette';
import { AlarmFile, AlarmWords } from '../../alarm-words';
import { dayWords } from '../../dates';
import { type StationProps } from '../station-props';
import { MissedLimit, MissedOnClock } from './missed';
import { clockTime } from '../../clock-time';
import { later } from '@/core/stored/moments';
import * as phrases from './words';

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
      <View style={{ gap: 8 }}>
        {unanswered(batch.cool).map(({ rule }) => (
          <MissedLimit key={rule} {...props} rule={rule} />
        ))}
        <View style={{ gap: 8, alignItems: 'flex-start' }}>
          <InFoot>
            <Press title={phrases.START_CLOCK} kind="solid" icon="timer-outline" onPress={start} />
          </InFoot>
          <AlarmWords what={phrases.CLOCK_IN_SLEEP} />
          <EarlierRuns {...props} />
        </View>
      </View>
    );
  }
  return (
    <View style={{ gap: 12 }}>
      {clock.missed.map((missed) => (
        <MissedOnClock key={missed.rule} {...props} missed={missed} />
      ))}
      {clock.setBackMinutes > 0 && (
        <Small role="alert" style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 12, color: p.ink }}>
          {phrases.setBack(Math.round(clock.setBackMinutes))}
        </Small>
      )}
      <Times {...props} clock={clock} startedAt={Date.parse(run.offHeatAt)} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16, alignItems: 'flex-end' }}>
        <AmountField
          label={phrases.CAME_OFF_HEAT}
          unit="min ago"
          value={Math.round(clock.elapsed)}
          least={0}
          most={24 * 60}
          step={1}
          onChange={(minutes) =>
            minutes !== null && edit({ do: 'setOffHeat', at: later(rightNow(batch.id), -minutes) }, 'off-heat')
          }
        />
      </View>
      <Small>{phrases.STOP_CLOCK}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {RUN_END_IDS.map((goesTo) => (
          <Press
            key={goesTo}
            title={RUN_ENDS[goesTo].label}
            label={phrases.stopClockWith(RUN_ENDS[goesTo].label)}
            onPress={() =>
              void edit({ do: 'stopCooling', at: latest, goesTo, missed: clock.missed.map(({ rule }) => rule) })
            }
          />
        ))}
      </View>
      <AlarmFile />
    </View>
  );
}

function Times({
  batch,
  clock,
  forecast,
  kitchen,
  startedAt,
  assessment,
}: Props & { clock: CoolingClock; startedAt: number }) {
  const p = usePalette();
  const { toWrapReady, next } = clock;
  const move = clock.moves.find((m) => m.inMinutes > 0);
  const isReady = toWrapReady !== null && toWrapReady <= 0;
  const coldAt = forecast.minutes === null ? null : clockTime(startedAt + forecast.minutes * MINUTE);
  const inScale = (c: number): string => formatTemperature(c, kitchen.temperature);
  return (
    <View
      role="timer"
      aria-label="Cooling clock"
      style={{
        borderLeftWidth: 4,
        borderLeftColor: clock.missed.length > 0 ? p.beet : p.leek,
        paddingLeft: 14,
        gap: 4,
      }}
    >
      {clock.missed.length > 0 ? (
        <Heading level={2}>{phrases.ANSWER_FIRST}</Heading>
      ) : clock.readySince !== null ? (
        <>
          <Heading level={2}>{phrases.WRAP_NOW}</Heading>
          <Small>{phrases.measuredCold(batch.title, inScale(forecast.targetC), clock.readySince)}</Small>
        </>
      ) : isReady ? (
        <>
          <Heading level={2}>{phrases.readySince(coldAt)}</Heading>
          <Small>{phrases.measureThenWrap(batch.title, inScale(forecast.targetC))}</Small>
        </>
      ) : (
        <>
          <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
            <Strong style={{ fontSize: 40, lineHeight: 46 }}>
              {toWrapReady === null ? 'never' : formatMinutes(Math.ceil(toWrapReady))}
            </Strong>
            <Body>{toWrapReady === null ? phrases.NEVER_COLD : phrases.leftToReady(coldAt)}</Body>
          </View>
          <Small>{phrases.nowAbout(batch.title, inScale(clock.nowC), inScale(forecast.targetC))}</Small>
        </>
      )}
      {clock.deadlines
        .filter((d) => d.state === 'over')
        .map((d) => (
          <Small key={d.rule} style={{ color: p.ink }}>
            {phrases.timeIsUp(wordsOfRule(d.rule, kitchen.temperature, d.limitMinutes))}
          </Small>
        ))}
      {next && (
        <Sentence
          text={phrases.toTheLimit(
            next.inMinutes,
            clockTime(startedAt + next.atMinute * MINUTE),
            wordsOfRule(next.rule, kitchen.temperature, next.limitMinutes),
          )}
        />
      )}
      {assessment.exposure.minutes >= 1 && <Small>{phrases.outSoFar(assessment.exposure.minutes)}</Small>}
      {move && <Sentence text={phrases.moveItIn(move.inMinutes, PLACES[move.place].label)} />}
    </View>
  );
}

/** Coolings that are over: what was measured then counts for nothing now. */
function EarlierRuns({ batch, kitchen }: Props) {
  const world = { isRehearsal: isRehearsal(batch.id) };
  const runs = batch.cool.earlierRuns.filter((run) => runEvidence(run, world).counted.length > 0);
  if (runs.length === 0) return null;
  const last = runs[runs.length - 1];
  const coldest = Math.min(...runEvidence(last, world).counted.map((r) => r.c));
  const day = dayWords(last.offHeatAt);
  return <Small>{phrases.earlierRuns(runs.length, day, formatTemperature(coldest, kitchen.temperature))}</Small>;
}
