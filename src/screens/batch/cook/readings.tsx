/** Thermometer readings by hand: at least three parcels, the lowest counts. A new round begins after cooking on. */
import { LIMITS } from '@/core/document/limits';
import { View } from 'react-native';
import { nextRound } from '@/core/safety/verdict';
import { formatTemperature } from '@/core/units/format';
import { now } from '@/data/hooks';
import { IconPress } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { ReadingField } from '../reading-field';
import { type StationProps } from '../station-props';

export function Readings({ batch, assessment, kitchen, edit }: StationProps) {
  const p = usePalette();
  const { readings } = batch.cook;
  const { verdict, limit } = assessment;
  const round = nextRound(readings, verdict);
  const scale = kitchen.temperature;
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
            onPress={() => edit({ do: 'removeReading', reading })}
          />
        </View>
      ))}
      <ReadingField
        label="Reading"
        scale={scale}
        {...LIMITS.coreReadingC}
        of="core temperature"
        likeC={limit.c}
        onRead={(c) => edit({ do: 'addReading', reading: { round, c, at: now() } })}
      />
    </View>
  );
}
