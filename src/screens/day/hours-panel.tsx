/** When people eat, whose hands are there and when, when nobody is, and what the kitchen has. */
import { useState } from 'react';
import { View } from 'react-native';
import { minuteOf, timeOf } from '@/core/day/moments';
import { type Day } from '@/core/stored/day';
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { editDay } from '@/data/days';
import { newId } from '@/data/new-id';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices, IconPress, Press } from '@/ui/parts/press';
import { TextField } from '@/ui/parts/text-field';
import { Body, Small } from '@/ui/parts/text';
import { ClockField } from './clock-field';
import { formatClock, formatMoment } from './day-clock';
import * as phrases from './words';

const SPARES = [
  { value: '0', label: 'none' },
  { value: '0.1', label: 'a tenth' },
  { value: '0.25', label: 'a quarter' },
] as const;
type Spare = (typeof SPARES)[number]['value'];

export function HoursPanel({ day, zone }: { day: Day; zone: string }) {
  const serve = minuteOf(day.serveAt);
  const from = minuteOf(day.from);
  const set = (to: Parameters<typeof setDay>[1]) => setDay(day, to);
  const spare = SPARES.find(({ value }) => Number(value) === day.spareShare)?.value;
  return (
    <Fold
      title={phrases.HOURS_AND_HANDS}
      figure={phrases.dayAndServe(handsWords(day), formatClock(serve, zone))}
      isOpenWide
    >
      <TextField
        label={phrases.WHAT_IT_IS_CALLED}
        value={day.title}
        most={MOST.title}
        required
        onChange={(title) => set({ title })}
      />
      <ClockField
        label={phrases.PEOPLE_EAT_AT}
        minute={serve}
        zone={zone}
        hasDay
        onChange={(m) => set({ serveAt: timeOf(m) })}
      />
      <ClockField label="Not before" minute={from} zone={zone} hasDay onChange={(m) => set({ from: timeOf(m) })} />
      <Choices
        label="At night"
        value={day.nights ? 'rest' : 'work'}
        options={[
          { value: 'rest', label: phrases.HANDS_REST_AT_NIGHT },
          { value: 'work', label: 'work through' },
        ]}
        onChange={(value) => void set({ nights: value === 'rest' })}
      />
      <Spans day={day} zone={zone} kind="helper" />
      <Spans day={day} zone={zone} kind="away" />
      <Choices<Spare | 'other'>
        label={phrases.SPARE_TIME}
        value={spare ?? 'other'}
        options={SPARES}
        onChange={(value) => value !== 'other' && void set({ spareShare: Number(value) })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <AmountField
          label={phrases.CARRIED_WARM}
          unit="min"
          value={day.carryMinutes}
          {...LIMITS.carryMinutes}
          step={5}
          whole
          onChange={(m) => m !== null && set({ carryMinutes: m })}
        />
        <AmountField
          label={phrases.RINGS_OF_HOB}
          unit="rings"
          value={day.rings}
          {...LIMITS.rings}
          step={1}
          whole
          onChange={(n) => n !== null && set({ rings: n })}
        />
        <AmountField
          label={phrases.PLACES_TO_WORK}
          unit="places"
          value={day.benches}
          {...LIMITS.benches}
          step={1}
          whole
          onChange={(n) => n !== null && set({ benches: n })}
        />
      </View>
      <Small>{phrases.SET_IN_KITCHEN}</Small>
    </Fold>
  );
}

const handsWords = ({ helpers }: Day): string => phrases.youAndHelpers(helpers.length);

const setDay = (
  day: Day,
  to: Partial<Pick<Day, 'title' | 'serveAt' | 'from' | 'nights' | 'spareShare' | 'carryMinutes' | 'rings' | 'benches'>>,
) => editDay(day.id, { do: 'setDay', to }, { where: 'beside' });

/** Helpers, or times when nobody is there: what there is, and one more from when to when. */
function Spans({ day, zone, kind }: { day: Day; zone: string; kind: 'helper' | 'away' }) {
  const serve = minuteOf(day.serveAt);
  const [isOpen, setOpen] = useState(false);
  const [name, setName] = useState(kind === 'helper' ? 'Helper' : 'Out');
  const [span, setSpan] = useState<readonly [number, number]>([serve - 180, serve - 120]);
  const isHelper = kind === 'helper';
  const items = isHelper
    ? day.helpers.map((h) => ({
        key: h.id,
        name: h.name,
        from: h.from,
        to: h.to,
        drop: () => editDay(day.id, { do: 'dropHelper', id: h.id }),
      }))
    : day.away.map((a) => ({
        key: a.from,
        name: a.why,
        from: a.from,
        to: a.to,
        drop: () => editDay(day.id, { do: 'dropAway', away: a }),
      }));
  const add = async () => {
    const times = { from: timeOf(span[0]), to: timeOf(span[1]) };
    const done = isHelper
      ? await editDay(day.id, { do: 'addHelper', helper: { id: newId(), name, ...times } })
      : await editDay(day.id, { do: 'addAway', away: { why: name, ...times } });
    if (done.ok) setOpen(false);
  };
  return (
    <View style={{ gap: 6 }}>
      {items.map((item) => (
        <View key={item.key} style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Body style={{ flex: 1 }}>
            {phrases.awayFromTo(
              item.name,
              formatMoment(minuteOf(item.from), serve, zone),
              formatMoment(minuteOf(item.to), serve, zone),
            )}
          </Body>
          <IconPress icon="close" label={phrases.takeAwayOut(item.name)} onPress={() => void item.drop()} />
        </View>
      ))}
      {isOpen ? (
        <View style={{ gap: 10 }}>
          <TextField
            label={isHelper ? 'Who helps' : phrases.WHY_AWAY}
            value={name}
            most={MOST.helperName}
            onChange={setName}
          />
          <ClockField
            label="From"
            minute={span[0]}
            zone={zone}
            hasDay
            onChange={(m) => setSpan([m, Math.max(m + 15, span[1])])}
          />
          <ClockField
            label="To"
            minute={span[1]}
            zone={zone}
            hasDay
            onChange={(m) => setSpan([Math.min(span[0], m - 15), m])}
          />
          <Press
            title={isHelper ? phrases.ADD_HELPER : phrases.ADD_TIME}
            kind="solid"
            disabled={isHelper && name.trim() === ''}
            onPress={() => void add()}
          />
        </View>
      ) : (
        <Press
          title={isHelper ? 'Someone helps' : phrases.AWAY_FOR_A_WHILE}
          icon="plus"
          onPress={() => setOpen(true)}
        />
      )}
    </View>
  );
}
