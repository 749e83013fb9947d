/** How it is really going: readings by hand or from the thermometer, and what they say about how quickly it cools here. */
import { useState } from 'react';
import { View } from 'react-native';
import { type CoolingForecast } from '@/core/batch/cooling';
import { formatNumber } from '@/core/units/amount';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { editKitchen, now } from '@/data/hooks';
import { say } from '@/data/notices';
import { useThermometer } from '@/data/thermometer';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { ReadingField } from '../reading-field';
import { type StationProps } from '../station-props';
import { clockTime } from './words';

type Props = StationProps & { forecast: CoolingForecast };

/** Readings so far off their own fit teach nothing, K. House estimate. */
const DISAGREES = 5;

export function ReadingsPanel(props: Props) {
  const { batch, kitchen, edit } = props;
  const { readings, offHeatAt } = batch.cool;
  const scale = kitchen.temperature;
  const add = (c: number, at: string) => edit({ do: 'addCoolReading', reading: { at, c } });
  return (
    <View style={{ gap: 10 }}>
      <Heading level={3}>How it is really going</Heading>
      {offHeatAt === null ? (
        <Small>Start the clock, then type what the thermometer says in the warmest place: the curve follows it.</Small>
      ) : (
        <>
          <ReadingField
            label="Warmest place now"
            scale={scale}
            least={-30}
            most={110}
            of="temperature of a filling"
            likeC={64}
            onRead={(c) => add(c, now())}
          />
          <Thermometer {...props} onRead={add} />
        </>
      )}
      {readings.map((reading, i) => (
        <View key={reading.at + String(i)} style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Body style={{ flex: 1 }}>
            {clockTime(Date.parse(reading.at))} <Strong>{formatTemperature(reading.c, scale)}</Strong>
          </Body>
          <IconPress
            icon="close"
            label={`Remove the reading ${formatTemperature(reading.c, scale)}`}
            onPress={() => edit({ do: 'removeCoolReading', index: i })}
          />
        </View>
      ))}
      <Learned {...props} />
    </View>
  );
}

/** The stand-in for a probe: on, it shows what it measures; a lost or impossible signal cannot be recorded. */
function Thermometer({ batch, kitchen, onRead }: Props & { onRead: (c: number, at: string) => void }) {
  const p = usePalette();
  const [isOn, setOn] = useState(false);
  const { source, signal } = useThermometer(batch, kitchen, isOn);
  if (!isOn) {
    return (
      <View style={{ alignItems: 'flex-start' }}>
        <Press title="Use the thermometer (simulated)" icon="thermometer" onPress={() => setOn(true)} />
      </View>
    );
  }
  const isGood = signal?.state === 'good' && signal.c !== null;
  return (
    <View
      role="status"
      aria-label="Thermometer"
      style={{ borderWidth: 1.5, borderColor: isGood ? p.ink : p.beet, padding: 12, gap: 6 }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <Strong style={{ fontSize: 28, lineHeight: 34, flex: 1, color: isGood ? p.ink : p.beet }}>
          {signal === null
            ? '…'
            : isGood && signal.c !== null
              ? formatTemperature(signal.c, kitchen.temperature)
              : '– –'}
        </Strong>
        <Press
          title="Take this reading"
          disabled={!isGood}
          onPress={() => signal !== null && signal.c !== null && onRead(signal.c, signal.at)}
        />
        <IconPress icon="close" label="Put the thermometer away" onPress={() => setOn(false)} />
      </View>
      {signal?.why != null && <Small style={{ color: p.beet }}>{signal.why} Not taken for a reading.</Small>}
      <Small>
        Simulated{source === 'bridge' ? ', by the server’s bridge' : source === 'worker' ? ', in this browser' : ''}: it
        cools otherwise than planned, drops out and slips, as probes do.
      </Small>
    </View>
  );
}

/** What the readings say, and keeping it for this vessel and place. */
function Learned({ batch, forecast, kitchen }: Props) {
  const p = usePalette();
  const { fit, factor, minutes, assumedMinutes } = forecast;
  if (!fit) {
    return factor === 1 ? null : (
      <Small>Your kitchen has learned that it cools {formatNumber(factor, 2)} times as quickly here as is usual.</Small>
    );
  }
  const { vessel, place, base, covered } = batch.cool;
  const keep = () => {
    const others = kitchen.cooling.filter(
      (k) => !(k.vessel === vessel.kind && k.place === place && k.base === base && k.covered === covered),
    );
    const kept = {
      vessel: vessel.kind,
      place,
      base,
      covered,
      factor: Math.round(1000 * factor) / 1000,
      readings: fit.readings,
    };
    void editKitchen({ cooling: [...others, kept] });
    say({ text: 'Kept: the next forecast for this vessel and place begins there.', kind: 'done' });
  };
  const was = assumedMinutes === null ? 'never' : formatMinutes(assumedMinutes);
  const is = minutes === null ? 'never' : formatMinutes(minutes);
  if (fit.residualK > DISAGREES) {
    return (
      <Small role="alert" style={{ color: p.beet }}>
        The readings do not fit this cooling: they are {formatNumber(fit.residualK, 0)} °C off at best. Is the time
        right at which it came off the heat, and the temperature it had? Is the probe in the middle?
      </Small>
    );
  }
  return (
    <View style={{ gap: 8, alignItems: 'flex-start' }}>
      <Sentence
        text={`By ${fit.readings} ${fit.readings === 1 ? 'reading' : 'readings'} it cools *${formatNumber(factor, 2)}* times as quickly as is usual: ${was} became *${is}*.`}
      />
      <Small>Least squares through the readings, which it meets within {formatNumber(fit.residualK, 1)} °C.</Small>
      <Press title="Keep this for this vessel and place" onPress={keep} />
    </View>
  );
}
