/** The cooling curve with wrap-ready and the deadlines. */
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { View } from 'react-native';
import { Curve } from '@/ui/curve';
import { Heading } from '@/ui/parts/text';
import { type ShownProps } from '../station-props';

export function CoolingCurve({ assessment, kitchen }: ShownProps) {
  const forecast = assessment.heat?.cooling;
  if (!forecast) return null;
  const inScale = (c: number): string => formatTemperature(c, kitchen.temperature);
  const last = forecast.samples[forecast.samples.length - 1];
  const colds = forecast.samples.map((s) => s.surfaceC);
  return (
    <View style={{ gap: 8 }}>
      <Heading level={2}>How it cools</Heading>
      <Curve
        points={forecast.samples.map((s) => ({ minute: s.minute, main: s.centreC, second: s.surfaceC }))}
        labels={{ main: 'warmest place', second: 'surface' }}
        label={`Cooling from ${inScale(forecast.samples[0].centreC)} to ${inScale(last.centreC)} in ${formatMinutes(last.minute)}.`}
        height={290}
        target={{ c: forecast.targetC, side: 'below', text: `wrap-ready, ${inScale(forecast.targetC)} and below` }}
        marks={forecast.deadlines.map((d) => ({
          minute: d.atMinute,
          text: formatMinutes(d.atMinute),
          kind: 'limit' as const,
        }))}
        yMax={100}
        yMin={Math.min(0, ...colds)}
        formatC={inScale}
        formatMinute={formatMinutes}
      />
    </View>
  );
}
