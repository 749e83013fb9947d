/** How it is really going: readings by hand or from the thermometer, and what they say about how quickly it cools here. */
import { LIMITS } from '@/core/document/limits';
import { View } from 'react-native';
import { type CoolingForecast } from '@/core/cooling/forecast';
import { disagrees, keptFit } from '@/core/cooling/learned';
import { minutesSince } from '@/core/document/runs';
import { formatNumber } from '@/core/units/amount';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { editKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { latestIn } from '@/data/run-time';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { ReadingField } from '../reading-field';
import { type StationProps } from '../station-props';
import { ThermometerPanel } from './thermometer-panel';
import { clockTime } from './words';

type Props = StationProps & { forecast: CoolingForecast };

export function ReadingsPanel(props: Props) {
  const { batch, kitchen, edit } = props;
  const { run } = batch.cool;
  const scale = kitchen.temperature;
  const add = (c: number) => edit({ do: 'addCoolReading', reading: { at: latestIn(batch), c } }, '', 'beside');
  return (
    <View style={{ gap: 10 }}>
      <Heading level={3}>How it is really going</Heading>
      {run === null ? (
        <Small>Start the clock, then type what the thermometer says in the warmest place: the curve follows it.</Small>
      ) : (
        <>
          <ReadingField
            label="Warmest place now"
            scale={scale}
            {...LIMITS.coolReadingC}
            of="temperature of a filling"
            likeC={64}
            onRead={add}
          />
          <ThermometerPanel {...props} onRead={add} />
        </>
      )}
      {(run?.readings ?? []).map((reading, i) => (
        <View key={reading.at + String(i)} style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Body style={{ flex: 1 }}>
            {clockTime(Date.parse(reading.at))} <Strong>{formatTemperature(reading.c, scale)}</Strong>
            {run !== null && minutesSince(run, reading.at) < 0 && (
              <Small>{'  before it came off the heat: not counted'}</Small>
            )}
          </Body>
          <IconPress
            icon="close"
            label={`Remove the reading ${formatTemperature(reading.c, scale)}`}
            onPress={() => void edit({ do: 'removeCoolReading', reading })}
          />
        </View>
      ))}
      <Learned {...props} />
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
  const keep = () => {
    void editKitchen({ do: 'keepFit', fit: keptFit(batch.cool, fit) }, 'foot', batch.id).then(({ ok }) => {
      if (ok) say({ text: 'Kept: the next forecast for this vessel and place begins there.', kind: 'done' });
    });
  };
  const was = assumedMinutes === null ? 'never' : formatMinutes(assumedMinutes);
  const is = minutes === null ? 'never' : formatMinutes(minutes);
  if (disagrees(fit)) {
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
