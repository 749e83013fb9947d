/** Day: several batches, hands, appliances and guests; planned backwards from serving, and run. */
import { useState } from 'react';
import { View } from 'react-native';
import { weekdayOf } from '@/core/day/clock-words';
import { minuteOf } from '@/core/day/moments';
import { type Day } from '@/core/stored/day';
import { hereZone, useDayPlan } from '@/data/day-plan';
import { discardBroken } from '@/data/hooks';
import { useDays } from '@/data/days';
import { latestOf } from '@/data/run-time';
import { useNow } from '@/data/use-now';
import { Small } from '@/ui/parts/text';
import { Press } from '@/ui/parts/press';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { useWide } from '@/ui/shell/use-wide';
import { BrokenRecordCard } from '../broken-record';
import { UnreadScreen } from '../unread-screen';
import { BeginDay } from './begin-day';
import { Collision } from './collision';
import { DayFiles } from './day-files';
import { Gauge } from './gauge';
import { WideGauge } from './wide-gauge';
import { HoursPanel } from './hours-panel';
import { MadePanel } from './made-panel';
import { NowCard } from './now-card';
import { OtherDays } from './other-days';
import { RedList } from './red-list';
import { TaskSheet } from './task-sheet';
import { formatMoment } from './day-clock';
import * as phrases from './words';

const EVERY_MS = 15_000;

export function DayScreen() {
  const { data, error, mutate } = useDays();
  const [chosen, setChosen] = useState<string | 'new' | null>(null);
  if (error && !data) return <UnreadScreen error={error} again={() => void mutate()} />;
  if (data === undefined) return <PlaceScreen title="Day">{null}</PlaceScreen>;
  const broken = data.broken.map((record) => (
    <BrokenRecordCard
      key={record.key}
      title={phrases.DAY_CANNOT_BE_READ}
      record={record}
      words={phrases.NOTHING_CHANGED_SAVE_TEXT}
      fileName="unreadable-day.txt"
      actions={[{ title: 'Remove it', onPress: () => void discardBroken(record) }]}
    />
  ));
  const day = chosen === 'new' ? null : (data.days.find((d) => d.id === chosen) ?? data.days[0] ?? null);
  if (day === null)
    return (
      <PlaceScreen title="Day" note={phrases.SEVERAL_BATCHES}>
        {broken}
        <BeginDay onBegun={setChosen} onCancel={data.days.length > 0 ? () => setChosen(null) : undefined} />
      </PlaceScreen>
    );
  return (
    <Planned key={day.id} day={day} days={data.days} onChoose={setChosen}>
      {broken}
    </Planned>
  );
}

interface Props {
  day: Day;
  days: readonly Day[];
  onChoose: (id: string | 'new' | null) => void;
  children: React.ReactNode;
}

function Planned({ day, days, onChoose, children }: Props) {
  const wide = useWide();
  const zone = hereZone();
  const device = useNow(EVERY_MS);
  // A clock that is set back while it runs does not take the day back.
  const nowMinute = minuteOf(day.run === null ? device : latestOf(`day ${day.id}`, device));
  const planned = useDayPlan(day, nowMinute);
  const { plan, stage } = planned;
  const [opened, open] = useState<string | null>(null);
  // They come with the plan, not before, to be pushed down by it; and then they stay.
  const [isBelow, setBelow] = useState(planned.isSaid);
  if (planned.isSaid && !isBelow) setBelow(true);
  const serve = minuteOf(day.serveAt);
  const begins = plan && plan.tasks.length > 0 ? `; begin ${beginWords(plan.startMinute, serve, zone)}` : '';
  // Said in the line that is there already: nothing moves when the plan comes.
  const isFirst = plan === null && planned.isReady && stage === 'planning';
  const task = plan?.tasks.find((t) => t.id === opened) ?? null;
  const gauge = plan && plan.tasks.length > 0 && { day, plan, zone, nowMinute, onOpen: open };
  return (
    <PlaceScreen
      title={weekdayOf(serve, zone)}
      note={phrases.dayAt(day.title, formatMoment(serve, serve, zone), isFirst, begins)}
    >
      {children}
      {plan && (
        <NowCard day={day} plan={plan} batches={planned.batches} nowMinute={nowMinute} zone={zone} onOpen={open} />
      )}
      {plan && <RedList plan={plan} />}
      {plan && <Collision {...planned} day={day} plan={plan} zone={zone} />}
      <View aria-live="polite" style={{ minHeight: 20 }}>
        {plan && (stage === 'planning' || stage === 'mending') && planned.isReady && (
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }} role="status">
            <Small>{stage === 'planning' ? phrases.LOOKING_FOR_BETTER : phrases.TRYING_TO_MEND}</Small>
            <Press title="Stop" kind="clear" onPress={planned.stop} />
          </View>
        )}
        {stage === 'stopped' && (
          <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
            <Small>{phrases.BEST_SO_FAR}</Small>
            <Press title="Go on" kind="clear" onPress={planned.again} />
          </View>
        )}
        {stage === 'failed' && (
          <View role="alert" style={{ gap: 8 }}>
            <Small>{phrases.planFailed(planned.error ?? '')}</Small>
            <Press title="Try again" onPress={planned.again} />
          </View>
        )}
      </View>
      {gauge && (wide ? <WideGauge {...gauge} /> : <Gauge {...gauge} />)}
      {isBelow && (
        <>
          <DayFiles day={day} plan={plan} onOpened={onChoose} />
          <MadePanel day={day} />
          <HoursPanel day={day} zone={zone} />
          <OtherDays day={day} days={days} onChoose={onChoose} />
        </>
      )}
      {plan && task && (
        <TaskSheet
          day={day}
          plan={plan}
          task={task}
          batches={planned.batches}
          zone={zone}
          nowMinute={nowMinute}
          onClose={() => open(null)}
        />
      )}
    </PlaceScreen>
  );
}

const beginWords = (start: number, serve: number, zone: string): string => {
  const words = formatMoment(start, serve, zone);
  return words.includes(' ') ? words : `at ${words}`;
};
