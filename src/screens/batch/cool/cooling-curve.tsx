/** The cooling curve against the clock: wrap-ready, deadlines, readings, and the alternatives as thin lines. */
import { View } from 'react-native';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { useRunTime } from '@/data/run-time';
import { Curve, CurveRoom } from '@/ui/curve';
import { Heading } from '@/ui/parts/text';
import { type StationProps } from '../station-props';
import { clockTime } from '../../clock-time';
import * as phrases from './words';

/** The curve is shown so far beyond wrap-ready, and not longer than this, min. */
const LONGEST_SHOWN = 8 * 60;
const HEIGHT = 300;

export function CoolingCurve({ batch, assessment, kitchen, touch }: StationProps) {
  const forecast = assessment.heat?.cooling;
  const { run } = batch.cool;
  const { latest } = useRunTime(batch, 20_000);
  if (!forecast) return assessment.checks.cooling.pending ? <CurveRoom height={HEIGHT} /> : null;
  const inScale = (c: number): string => formatTemperature(c, kitchen.temperature);
  const start = run === null ? null : Date.parse(run.offHeatAt);
  const inTime = (minute: number): string =>
    start === null ? formatMinutes(minute) : clockTime(start + minute * 60_000);
  const shown = forecast.samples.filter((s) => s.minute <= LONGEST_SHOWN);
  const last = shown[shown.length - 1];
  const colds = shown.map((s) => s.surfaceC);
  const ready = forecast.minutes === null ? phrases.NOT_WITHIN_DAY : `after ${formatMinutes(forecast.minutes)}`;
  return (
    <View style={{ gap: 8 }}>
      <Heading level={2}>{phrases.HOW_IT_COOLS}</Heading>
      <Curve
        points={shown.map((s) => ({ minute: s.minute, main: s.centreC, second: s.surfaceC }))}
        labels={{ main: 'warmest place', second: 'surface' }}
        label={phrases.coolingFromTo(inScale(shown[0].centreC), inScale(last.centreC), last.minute, ready)}
        height={HEIGHT}
        target={{ c: forecast.targetC, side: 'below', text: phrases.readyBelow(inScale(forecast.targetC)) }}
        marks={[
          ...forecast.deadlines.map((d) => ({
            minute: d.atMinute,
            text: inTime(d.atMinute),
            kind: 'limit' as const,
            ...(d.belowC === null ? {} : { aboveC: d.belowC }),
          })),
          ...(start === null
            ? []
            : [{ minute: (Date.parse(latest) - start) / 60_000, text: 'now', kind: 'plan' as const }]),
        ]}
        dots={[...forecast.readings]}
        thin={forecast.alternatives.map((way) => ({ id: way.id, samples: way.samples }))}
        touched={touch.id}
        yMax={100}
        yMin={Math.min(0, ...colds)}
        formatC={inScale}
        startMs={start}
        formatTime={inTime}
      />
    </View>
  );
}
