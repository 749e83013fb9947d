/** The clock of the load in the heat: what to do next and when, out with it and in with the next. */
import { useState } from 'react';
import { View } from 'react-native';
import { cookClock, minutesIn } from '@/core/cooking/cook-clock';
import { loadAtHand, nextLoad } from '@/core/stored/cook-runs';
import { plannedMinutes } from '@/core/stored/cooking';
import { type Batch } from '@/core/stored/schema';
import { stepWords } from '@/core/checks/step-words';
import { askToNotify } from '@/data/alarm';
import { now as rightNow } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';
import { useWakeLock } from '@/data/use-wake-lock';
import { AmountField } from '@/ui/parts/amount-field';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { InFoot } from '@/ui/shell/foot';
import { usePalette } from '@/ui/theme/use-palette';
import { AlarmFile, AlarmWords } from '../../alarm-words';
import { type StationProps } from '../station-props';
import { countdown } from '../../clock-time';
import { later } from '@/core/stored/moments';
import * as phrases from './words';

const MINUTE = 60_000;
type Run = NonNullable<Batch['cook']['run']>;
/** A load in the heat for longer was forgotten on screen, min. */
const LONGEST = 12 * 60;

export function LoadClock(props: StationProps) {
  const { batch, assessment } = props;
  const { run, earlierRuns } = batch.cook;
  const { verdict, loads: plan } = assessment;
  const { toCome } = verdict;
  const atOnce = plan?.atOnce ?? batch.count;
  const done = new Set(earlierRuns.map(({ load }) => load)).size;
  const loads = done + (run === null ? 0 : 1) + Math.ceil(toCome / Math.max(1, atOnce));
  if (run !== null) return <InTheHeat {...props} run={run} loads={loads} />;
  return (
    <GoesInNext {...props} done={done} loads={loads} usual={Math.max(1, Math.min(atOnce, toCome || batch.count))} />
  );
}

/** What a load is called among several. */
const whichOf = (number: number, loads: number): string => (loads > 1 ? phrases.loadOf(number, loads) : 'They');

interface GoesInProps extends StationProps {
  /** Loads that were in the heat, and all that there will be. */
  done: number;
  loads: number;
  /** Parcels that fit, of those to come. */
  usual: number;
}

/** How many go in next, and the tap that starts their clock. When all have been in, what goes in is in for the second time. */
function GoesInNext({ batch, assessment, edit, done, loads, usual }: GoesInProps) {
  const { cook, count } = batch;
  const { toCome } = assessment.verdict;
  const [chosen, setChosen] = useState<number | null>(null);
  const parcels = chosen ?? usual;
  const isAgain = done > 0 && toCome === 0;
  const last = loadAtHand(cook);
  const start = () => {
    askToNotify();
    const at = rightNow(batch.id);
    void edit(isAgain ? { do: 'startLoad', at, load: last, parcels: null } : { do: 'startLoad', at, parcels });
  };
  return (
    <View style={{ gap: 8, alignItems: 'flex-start' }}>
      {done > 0 && <Small>{toCome === 0 ? phrases.allWereIn(count) : phrases.someWereIn(count, toCome)}</Small>}
      {(loads > 1 || done > 0) && toCome > 0 && (
        <AmountField
          label={phrases.IN_THIS_LOAD}
          unit="count"
          value={parcels}
          least={1}
          most={toCome}
          step={1}
          whole
          onChange={(n) => n !== null && setChosen(n)}
        />
      )}
      <InFoot>
        <Press
          title={phrases.startLoadClock(loads, whichOf(isAgain ? last : nextLoad(cook), loads), isAgain)}
          kind={isAgain ? 'outline' : 'solid'}
          icon="timer-outline"
          onPress={start}
        />
      </InFoot>
      <AlarmWords what={phrases.TELLS_WHEN} />
    </View>
  );
}

/** How long until what comes next, when they went in, and out with them. */
function InTheHeat({ batch, kitchen, edit, run, loads }: StationProps & { run: Run; loads: number }) {
  const p = usePalette();
  const { cook } = batch;
  const { now, latest } = useRunTime(batch, 1000, 'cook');
  useWakeLock(true);
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
            <Strong style={{ fontSize: 40, lineHeight: 46 }}>{countdown(60 * clock.left)}</Strong>
            <Body>left, {clock.next.ahead}</Body>
          </View>
        )}
        <Small>
          {phrases.loadOnClock(
            batch.title,
            loads,
            whichOf(run.load, loads),
            countdown(60 * elapsed),
            plannedMinutes(cook),
            cook.steps.length,
            stepWords(cook.steps[clock.step], kitchen.temperature),
          )}
        </Small>
      </View>
      {isSetBack && (
        <Small role="alert" style={{ color: p.ink }}>
          {phrases.CLOCK_SET_BACK}
        </Small>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16, alignItems: 'flex-end' }}>
        <AmountField
          label={phrases.WENT_IN}
          unit="min ago"
          value={Math.round(elapsed)}
          least={0}
          most={LONGEST}
          step={1}
          onChange={(minutes) =>
            minutes !== null && edit({ do: 'setIn', at: later(rightNow(batch.id), -minutes) }, 'in-at')
          }
        />
        <InFoot>
          <Press title={phrases.ARE_OUT} kind="solid" onPress={() => void edit({ do: 'stopLoad', at: latest })} />
        </InFoot>
      </View>
      <AlarmFile />
    </View>
  );
}
