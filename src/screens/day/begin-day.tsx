/** A new day: when people eat, and what is made. */
import { useState } from 'react';
import { View } from 'react-native';
import { atClock } from '@/core/day/clock-words';
import { timeOf } from '@/core/day/moments';
import { beginDay } from '@/core/stored/day';
import { applyToDay } from '@/core/stored/day-operations';
import { MOST } from '@/core/vocabulary/limits';
import { SERVING_IDS, type Serving, SERVINGS } from '@/core/vocabulary/servings';
import { hereZone } from '@/data/day-plan';
import { keepDay } from '@/data/days';
import { now, restoreDemo, useBatches, useKitchen } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { Choices, Press, Toggles } from '@/ui/parts/press';
import { InFoot } from '@/ui/shell/foot';
import { TextField } from '@/ui/parts/text-field';
import { Body, Small } from '@/ui/parts/text';
import { inScale } from '@/core/units/format';
import { ClockField } from './clock-field';
import { DayImport } from './day-import';
import * as phrases from './words';

/** Supper, where nobody says otherwise, minutes from midnight. */
const SUPPER = 19 * 60;

export function BeginDay({ onBegun, onCancel }: { onBegun: (id: string) => void; onCancel?: () => void }) {
  const zone = hereZone();
  const { temperature } = useKitchen();
  const { data } = useBatches();
  const [title, setTitle] = useState('');
  const [serve, setServe] = useState(() => {
    const minute = Math.floor(Date.now() / 60_000);
    const today = atClock(minute, SUPPER, zone);
    return today > minute + 120 ? today : atClock(minute, SUPPER, zone, 1);
  });
  const [made, setMade] = useState<readonly string[]>([]);
  const [how, setHow] = useState<Serving>('now');
  const batches = data?.batches.filter(({ doneAt }) => doneAt === null) ?? [];
  const begin = async () => {
    const at = now();
    const name = title.trim() === '' ? 'Supper' : title.trim();
    const day = beginDay({ id: newId(), title: name, serveAt: timeOf(serve), from: at, at });
    const whole = made.reduce((d, batchId) => applyToDay(d, { do: 'putBatch', batchId, serve: how }), day);
    if (await keepDay(whole)) onBegun(day.id);
  };
  return (
    <View style={{ gap: 18 }}>
      <Body>{phrases.WHAT_A_DAY_IS}</Body>
      <TextField
        label={phrases.WHAT_IS_IT}
        value={title}
        onChange={setTitle}
        placeholder="Lantern supper"
        most={MOST.title}
      />
      <ClockField label={phrases.PEOPLE_EAT_AT} minute={serve} zone={zone} onChange={setServe} hasDay />
      {batches.length === 0 ? (
        <View style={{ gap: 8 }}>
          <Small>{phrases.NO_BATCH_YET}</Small>
          <Press title={phrases.OPEN_DEMO} onPress={() => void restoreDemo()} />
        </View>
      ) : (
        <Toggles
          label={phrases.WHAT_YOU_MAKE}
          values={made}
          options={batches.map((b) => ({ value: b.id, label: b.title }))}
          onToggle={(id) => setMade((list) => (list.includes(id) ? list.filter((x) => x !== id) : [...list, id]))}
        />
      )}
      <View style={{ gap: 6 }}>
        <Choices
          label={phrases.HOW_SERVED}
          value={how}
          options={SERVING_IDS.map((value) => ({ value, label: SERVINGS[value].label }))}
          onChange={setHow}
        />
        <Small>{inScale(SERVINGS[how].trade, temperature)}</Small>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <InFoot>
          <Press title={phrases.PLAN_THE_DAY} kind="solid" disabled={made.length === 0} onPress={() => void begin()} />
        </InFoot>
        {onCancel && <Press title={phrases.BACK_TO_DAY_BEFORE} kind="clear" onPress={onCancel} />}
        <DayImport onOpened={onBegun} />
      </View>
    </View>
  );
}
