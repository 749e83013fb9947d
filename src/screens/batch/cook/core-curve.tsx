/** How the middle heats, with the limit and the planned time. */
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { View } from 'react-native';
import { Curve } from '@/ui/curve';
import { Heading } from '@/ui/parts/text';
import { type ShownProps } from '../station-props';

export function CoreCurve({ batch, assessment, kitchen }: ShownProps) {
  const forecast = assessment.heat?.core;
  if (!forecast) return null;
  const inScale = (c: number): string => formatTemperature(c, kitchen.temperature);
  const middle = forecast.at === 'centre';
  const limit = middle
    ? `safe from ${inScale(forecast.targetC)}, when measured`
    : `cooked through from ${inScale(forecast.targetC)}`;
  return (
    <View style={{ gap: 8 }}>
      <Heading level={2}>How the middle heats</Heading>
      <Curve
        points={forecast.samples.map((s) => ({
          minute: s.minute,
          main: middle ? s.centreC : s.wrapperC,
          second: middle ? s.wrapperC : s.centreC,
        }))}
        labels={
          middle
            ? { main: 'middle of the filling', second: 'inside of the skin' }
            : { main: 'inside of the skin', second: 'middle of the filling' }
        }
        label={`Forecast: ${inScale(forecast.targetC)} after about ${forecast.minutes === null ? 'more than three hours' : formatMinutes(forecast.minutes)}.`}
        height={270}
        target={{ c: forecast.targetC, side: 'above', text: limit }}
        marks={[{ minute: batch.cook.minutes, text: `planned ${formatMinutes(batch.cook.minutes)}`, kind: 'plan' }]}
        yMax={100}
        yMin={Math.min(0, forecast.samples[0].centreC)}
        formatC={inScale}
        formatMinute={formatMinutes}
      />
    </View>
  );
}
