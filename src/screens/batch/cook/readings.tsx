/** Thermometer readings by hand: at least three parcels, the lowest counts. A new round begins after cooking on. */
import { useState } from 'react';
import { View } from 'react-native';
import { formatTemperature } from '@/core/units/format';
import { parseAmount } from '@/core/units/amount';
import { convert } from '@/core/units/units';
import { now } from '@/data/hooks';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';

const LEAST_C = -30;
const MOST_C = 130;

export function Readings({ batch, assessment, kitchen, edit }: StationProps) {
  const p = usePalette();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const { readings } = batch.cook;
  const { verdict, limit } = assessment;
  const latest = readings.reduce((round, reading) => Math.max(round, reading.round), 0);
  // A round that failed is over: the next reading is taken after cooking on.
  const round = verdict.outcome === 'fail' ? latest + 1 : Math.max(1, latest);
  const scale = kitchen.temperature;
  const record = () => {
    const amount = parseAmount(text);
    const c = amount === null ? null : convert(amount, scale, 'C');
    if (c === null || c < LEAST_C || c > MOST_C) {
      setProblem(`“${text}” is no core temperature: ${formatTemperature(limit.c, scale)} would be one.`);
      return;
    }
    setProblem(null);
    setText('');
    edit({ do: 'addReading', reading: { round, c: Math.round(c * 10) / 10, at: now() } });
  };
  return (
    <View style={{ gap: 10 }}>
      <Heading level={3} soft>
        Thermometer
      </Heading>
      <Small>In the middle of the filling, not touching metal. The thickest parcel first, from the coolest spot.</Small>
      {readings.map((reading, i) => (
        <View
          key={reading.at + String(i)}
          style={{ flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, borderTopColor: p.rule }}
        >
          <Body style={{ flex: 1 }}>
            Round {reading.round}, reading {readings.slice(0, i + 1).filter((r) => r.round === reading.round).length}
          </Body>
          <Strong style={{ color: limit.kind === 'safety' && reading.c < limit.c ? p.beet : p.ink }}>
            {formatTemperature(reading.c, scale)}
          </Strong>
          <IconPress
            icon="close"
            label={`Remove the reading ${formatTemperature(reading.c, scale)}`}
            onPress={() => edit({ do: 'removeReading', index: i })}
          />
        </View>
      ))}
      <View style={{ flexDirection: 'row', alignItems: 'flex-end', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <TextField
            label={`Reading, °${scale}`}
            value={text}
            onChange={(value) => {
              setText(value);
              setProblem(null);
            }}
            onSubmit={record}
            decimal
          />
        </View>
        <Press title="Record" kind="solid" onPress={record} disabled={text.trim() === ''} />
      </View>
      {problem !== null && (
        <Small role="alert" style={{ color: p.beet }}>
          {problem}
        </Small>
      )}
    </View>
  );
}
