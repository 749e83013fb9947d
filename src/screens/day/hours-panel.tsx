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
    <Fold title="Hours and hands" figure={`${handsWords(day)}, eat at ${formatClock(serve, zone)}`} isOpenWide>
      <TextField
        label="What it’s called"
        value={day.title}
        most={MOST.title}
        required
        onChange={(title) => set({ title })}
      />
      <ClockField
        label="People eat at"
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
          { value: 'rest', label: 'hands rest, nine to seven' },
          { value: 'work', label: 'work through' },
        ]}
        onChange={(value) => void set({ nights: value === 'rest' })}
      />
      <Spans day={day} zone={zone} kind="helper" />
      <Spans day={day} zone={zone} kind="away" />
      <Choices<Spare | 'other'>
        label="Spare time on work"
        value={spare ?? 'other'}
        options={SPARES}
        onChange={(value) => value !== 'other' && void set({ spareShare: Number(value) })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <AmountField
          label="On the way, carried warm"
          unit="min"
          value={day.carryMinutes}
          {...LIMITS.carryMinutes}
          step={5}
          whole
          onChange={(m) => m !== null && set({ carryMinutes: m })}
        />
        <AmountField
          label="Rings of the hob"
          unit="rings"
          value={day.rings}
          {...LIMITS.rings}
          step={1}
          whole
          onChange={(n) => n !== null && set({ rings: n })}
        />
        <AmountField
          label="Places to work"
          unit="places"
          value={day.benches}
          {...LIMITS.benches}
          step={1}
          whole
          onChange={(n) => n !== null && set({ benches: n })}
        />
      </View>
      <Small>
        Trays, steamers and the fridge are set in the Kitchen. Minutes of work are our estimates until you’ve done it
        once.
      </Small>
    </Fold>
  );
}

const handsWords = ({ helpers }: Day): string =>
  helpers.length === 0 ? 'you alone' : helpers.length === 1 ? 'you and a helper' : `you and ${helpers.length} helpers`;

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
            {item.name}: {formatMoment(minuteOf(item.from), serve, zone)} to{' '}
            {formatMoment(minuteOf(item.to), serve, zone)}
          </Body>
          <IconPress icon="close" label={`Take ${item.name} out`} onPress={() => void item.drop()} />
        </View>
      ))}
      {isOpen ? (
        <View style={{ gap: 10 }}>
          <TextField
            label={isHelper ? 'Who helps' : 'Why you’re away'}
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
            title={isHelper ? 'Add the helper' : 'Add the time'}
            kind="solid"
            disabled={isHelper && name.trim() === ''}
            onPress={() => void add()}
          />
        </View>
      ) : (
        <Press
          title={isHelper ? 'Someone helps' : 'You’re away for a while'}
          icon="plus"
          onPress={() => setOpen(true)}
        />
      )}
    </View>
  );
}
