/** How it is really going: readings by hand or from the thermometer, and what they say about how quickly it cools here. */
import { LIMITS } from '@/core/vocabulary/limits';
import { useState } from 'react';
import { View } from 'react-native';
import { NOT_SETTLED } from '@/core/fitting/words';
import { type CoolingForecast } from '@/core/cooling/forecast';
import { disagrees, keptFit } from '@/core/cooling/learned';
import { isRehearsal } from '@/core/stored/rehearsal';
import { isPractice, type Source, sourceWords, TYPED } from '@/core/vocabulary/sources';
import { formatDifference, formatMinutes, formatTemperature } from '@/core/units/format';
import { editKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { latestIn } from '@/data/run-time';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { IconPress } from '@/ui/parts/press';
import { Body, Sentence, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { ReadingField } from '../reading-field';
import { LearnPress } from '../learn-press';
import { type StationProps } from '../station-props';
import { ThermometerPanel } from './thermometer-panel';
import { clockTime } from '../../clock-time';
import * as phrases from './words';
import { later } from '@/core/stored/moments';

type Props = StationProps & { forecast: CoolingForecast };

export function ReadingsPanel(props: Props) {
  const { batch, kitchen, edit } = props;
  const { run } = batch.cool;
  const scale = kitchen.temperature;
  const p = usePalette();
  const isReal = !isRehearsal(batch.id);
  const { left } = props.forecast;
  const whyOf = ({ at, c }: { at: string; c: number }): string | null =>
    left.find(({ reading }) => reading.at === at && reading.c === c)?.why ?? null;
  const [ago, setAgo] = useState(0);
  const add = async (c: number, source: Source, minutesAgo = 0) => {
    const at = later(latestIn(batch), -minutesAgo);
    const done = await edit({ do: 'addCoolReading', reading: { at, c, source } }, '', 'beside');
    if (done.ok) setAgo(0);
    return done;
  };
  return (
    <Fold
      title="Readings"
      figure={run === null ? 'none yet' : readingsFigure(run.readings, scale)}
      isOpenWide
      isOpenAtFirst={run !== null}
    >
      {run === null ? (
        <Small>{phrases.START_TO_READ}</Small>
      ) : (
        <>
          <ReadingField
            label={phrases.WARMEST_NOW}
            scale={scale}
            {...LIMITS.coolReadingC}
            of={phrases.TEMPERATURE_OF_FILLING}
            likeC={64}
            onRead={(c) => add(c, TYPED, ago)}
          />
          <AmountField
            key={ago === 0 ? 'now' : 'before'}
            label="Read"
            unit="min ago"
            value={ago}
            least={0}
            most={24 * 60}
            step={5}
            onChange={(minutes) => minutes !== null && setAgo(minutes)}
          />
          <ThermometerPanel {...props} onRead={add} />
        </>
      )}
      {(run?.readings ?? []).map((reading, i) => (
        <View key={reading.at + String(i)} style={{ flexDirection: 'row', alignItems: 'center' }}>
          <Body style={{ flex: 1 }}>
            {clockTime(Date.parse(reading.at))} <Strong>{formatTemperature(reading.c, scale)}</Strong>
            {reading.source.by !== 'typed' && isReal && (
              <Small style={isPractice(reading.source) ? { color: p.beet } : undefined}>
                {`  ${sourceWords(reading.source)}`}
              </Small>
            )}
            {whyOf(reading) !== null && !isPractice(reading.source) && (
              <Small style={{ color: p.beet }}>{phrases.notCounted(whyOf(reading) ?? '')}</Small>
            )}
          </Body>
          <IconPress
            icon="close"
            label={phrases.removeReading(reading.c, scale)}
            onPress={() => void edit({ do: 'removeCoolReading', reading })}
          />
        </View>
      ))}
      <Learned {...props} />
    </Fold>
  );
}

const readingsFigure = (readings: readonly { c: number }[], scale: 'C' | 'F'): string => {
  const last = readings.at(-1);
  return last === undefined ? 'none yet' : `${formatTemperature(last.c, scale)} last`;
};

/** What the readings say, and keeping it for this vessel and place. */
function Learned({ batch, forecast, kitchen }: Props) {
  const p = usePalette();
  const { fit, factor, minutes, assumedMinutes } = forecast;
  if (!fit) {
    return factor === 1 ? null : <Small>{phrases.learnedHere(factor)}</Small>;
  }
  const keep = () => {
    void editKitchen({ do: 'keepFit', fit: keptFit(batch.cool, fit) }, 'foot', batch.id).then(({ ok }) => {
      if (ok) say({ text: phrases.KEPT_HERE, kind: 'done' });
    });
  };
  const was = assumedMinutes === null ? 'never' : formatMinutes(assumedMinutes);
  const is = minutes === null ? 'never' : formatMinutes(minutes);
  if (disagrees(fit)) {
    return (
      <Small role="alert" style={{ color: p.beet }}>
        {phrases.readingsDisagree(formatDifference(fit.residualK, kitchen.temperature))}
      </Small>
    );
  }
  return (
    <View style={{ gap: 8, alignItems: 'flex-start' }}>
      <Sentence text={phrases.fittedTo(fit.readings, factor, was, is)} />
      <Small>{phrases.metWithin(formatDifference(fit.residualK, kitchen.temperature, 1))}</Small>
      {!fit.isSettled && <Small>{NOT_SETTLED}</Small>}
      <LearnPress of={batch.id} title={phrases.KEEP_FOR_PLACE} onPress={keep} />
    </View>
  );
}
