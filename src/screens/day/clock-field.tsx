/** A time of day as cooks write it, and the day it is on. */
import { useState } from 'react';
import { View } from 'react-native';
import { atClock, parseClock, weekdayOf } from '@/core/day/clock-words';
import { IconPress } from '@/ui/parts/press';
import { TextField } from '@/ui/parts/text-field';
import { dayWords } from '../dates';
import { Body, Small } from '@/ui/parts/text';
import { formatClock } from './day-clock';
import * as phrases from './words';

interface Props {
  label: string;
  /** Epoch minute. */
  minute: number;
  zone: string;
  onChange: (minute: number) => unknown;
  /** Another day can be chosen. */
  hasDay?: boolean;
}

export function ClockField({ label, minute, zone, onChange, hasDay = false }: Props) {
  const [problem, setProblem] = useState<string | null>(null);
  const shown = formatClock(minute, zone);
  const clock = parseClock(shown) ?? 0;
  const date = dayWords(minute * 60_000, zone);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'flex-end' }}>
      <View style={{ minWidth: 110 }}>
        <TextField
          label={label}
          value={shown}
          problem={problem}
          onChange={(text) => {
            const to = parseClock(text);
            setProblem(to === null ? phrases.TIME_FOR_EXAMPLE : null);
            return to === null ? undefined : onChange(atClock(minute, to, zone));
          }}
        />
      </View>
      {hasDay && (
        <View style={{ flexDirection: 'row', alignItems: 'center' }}>
          <IconPress
            icon="minus"
            label={phrases.aDayEarlier(label)}
            onPress={() => void onChange(atClock(minute, clock, zone, -1))}
          />
          <View style={{ alignItems: 'center', minWidth: 110 }}>
            <Body>{weekdayOf(minute, zone)}</Body>
            <Small>{date}</Small>
          </View>
          <IconPress
            icon="plus"
            label={phrases.aDayLater(label)}
            onPress={() => void onChange(atClock(minute, clock, zone, 1))}
          />
        </View>
      )}
    </View>
  );
}
