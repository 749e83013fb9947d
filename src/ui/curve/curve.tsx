/** A temperature curve against minutes, with bands and marks. Loaded when first shown: the chart library is large. */
import Svg, { Line } from 'react-native-svg';
import { LineChart } from 'react-native-chart-kit/v2';
import { View } from 'react-native';
import { usePalette } from '../theme/use-palette';
import { chartTheme } from './chart-theme';
import { Small } from '../parts/text';
import { type CurvePoint, type CurveProps } from './curve-props';
import { OverTheCurve } from './over-the-curve';
import { tickLabel } from './ticks';

export default function Curve(props: CurveProps) {
  const p = usePalette();
  const { points, target, thin = [], startMs = null, formatTime } = props;
  const end = points[points.length - 1].minute;
  const tickText = (minute: number): string =>
    startMs === null || formatTime === undefined ? tickLabel(minute) : formatTime(minute);
  return (
    <View role="img" aria-label={props.label}>
      <LineChart
        data={withThin(points, thin)}
        xKey="minute"
        series={[
          ...thin.map(({ id }) => ({
            yKey: thinKey(id),
            key: thinKey(id),
            color: id === props.touched ? p.leek : p.soft,
            strokeWidth: id === props.touched ? 3 : 0.9,
            strokeOpacity: id === props.touched ? 1 : 0.55,
            dot: false,
          })),
          { yKey: 'main', key: 'main', label: props.labels.main, color: p.ink, strokeWidth: 3, dot: false },
          {
            yKey: 'second',
            key: 'second',
            label: props.labels.second,
            color: p.steam,
            strokeWidth: 2,
            strokeDasharray: [2, 4],
            dot: false,
          },
        ]}
        width={props.width}
        height={props.height}
        yDomain={[props.yMin, props.yMax]}
        dots={false}
        curve="linear"
        showVerticalGridLines={false}
        legend={false}
        theme={chartTheme(p)}
        referenceBands={[
          {
            y1: target.side === 'below' ? props.yMin : target.c,
            y2: target.side === 'below' ? target.c : props.yMax,
            color: p.goodBand,
            opacity: 1,
          },
        ]}
        // Its labels stand at samples; ours stand at round times.
        formatXLabel={() => ''}
        formatYLabel={props.formatC}
        selectedIndex={0}
        tooltip={false}
        activeDot={false}
        crosshair
        renderCrosshair={({ plot }) => <OverTheCurve {...props} plot={plot} end={end} tickText={tickText} />}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 18, paddingLeft: 8 }}>
        <LegendItem label={props.labels.main} color={p.ink} />
        <LegendItem label={props.labels.second} color={p.steam} dashed />
        {props.band !== undefined && <LegendItem label={props.band.label} color={p.steam} broad />}
      </View>
    </View>
  );
}

const thinKey = (id: string): string => `thin-${id}`;

/** The thin curves at the points of the main one; nothing where they have ended. */
const withThin = (points: readonly CurvePoint[], thin: NonNullable<CurveProps['thin']>): CurvePoint[] =>
  points.map((point, i) => ({
    ...point,
    ...Object.fromEntries(
      thin.map(({ id, samples }) => [thinKey(id), valueAt(samples, point.minute, points[i - 1]?.minute ?? 0)]),
    ),
  }));

/** @param before the point before: a curve that ends between the two is drawn to its end */
function valueAt(samples: readonly { minute: number; c: number }[], minute: number, before: number): number | null {
  const after = samples.findIndex((s) => s.minute >= minute);
  const last = samples[samples.length - 1];
  if (after < 0) return last.minute > before ? last.c : null;
  if (after === 0) return samples[0].c;
  const [a, b] = [samples[after - 1], samples[after]];
  return a.c + ((b.c - a.c) * (minute - a.minute)) / (b.minute - a.minute);
}

function LegendItem(props: { label: string; color: string; dashed?: boolean; broad?: boolean }) {
  const { label, color, dashed = false, broad = false } = props;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 7 }}>
      <Svg width={26} height={10} aria-hidden>
        <Line
          x1={1}
          x2={25}
          y1={5}
          y2={5}
          stroke={color}
          strokeWidth={broad ? 9 : dashed ? 2 : 3}
          strokeOpacity={broad ? 0.3 : 1}
          strokeDasharray={dashed ? [2, 4] : undefined}
        />
      </Svg>
      <Small>{label}</Small>
    </View>
  );
}
