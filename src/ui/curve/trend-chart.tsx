/** Batch after batch as points on a line, with what is aimed for. Loaded when first shown: the chart library is large. */
import { LineChart } from 'react-native-chart-kit/v2';
import { View } from 'react-native';
import { usePalette } from '../theme/use-palette';
import { chartTheme } from './chart-theme';

interface TrendChartProps {
  values: readonly number[];
  aim: number | null;
  /** A sentence for those who cannot see it. */
  label: string;
  width: number;
  format: (value: number) => string;
}

const HEIGHT = 150;
/** Above and below what is shown there is so much air, of its range. */
const AIR = 0.12;
const LEAST_AIR = 0.25;

export default function TrendChart({ values, aim, label, width, format }: TrendChartProps) {
  const p = usePalette();
  const all = aim === null ? values : [...values, aim];
  const [least, most] = [Math.min(...all), Math.max(...all)];
  // What hardly differs is not made to look as if it did.
  const air = Math.max(AIR * (most - least), LEAST_AIR * Math.abs(most), 0.1);
  // Nothing that is counted from zero goes under it.
  const domain: [number, number] = [least >= 0 ? Math.max(0, least - air) : least - air, most + air];
  return (
    <View role="img" aria-label={label}>
      <LineChart
        data={values.map((value, i) => ({ batch: i + 1, value, aim: aim ?? value }))}
        xKey="batch"
        series={[
          ...(aim === null
            ? []
            : [
                {
                  yKey: 'aim' as const,
                  key: 'aim',
                  color: p.leek,
                  strokeWidth: 1.5,
                  strokeDasharray: [2, 4],
                  dot: false,
                },
              ]),
          { yKey: 'value' as const, key: 'value', color: p.ink, strokeWidth: 2, dot: true },
        ]}
        width={width}
        height={HEIGHT}
        yDomain={domain}
        dots
        curve="linear"
        showVerticalGridLines={false}
        legend={false}
        theme={chartTheme(p)}
        formatXLabel={() => ''}
        formatYLabel={(value) => format(Number(value))}
        tooltip={false}
        activeDot={false}
      />
    </View>
  );
}
