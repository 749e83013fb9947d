/** A temperature curve against minutes, with bands and marks. Loaded when first shown: the chart library is large. */
import { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { LineChart } from 'react-native-chart-kit/v2';
import { View } from 'react-native';
import { SANS, SANS_BOLD } from '../theme/theme';
import { usePalette } from '../theme/use-palette';

export interface CurvePoint {
  [key: string]: number;
  minute: number;
  main: number;
  second: number;
}

export interface CurveProps {
  points: CurvePoint[];
  labels: { main: string; second: string };
  /** A sentence for those who cannot see it. */
  label: string;
  width: number;
  height: number;
  /** The temperature aimed at: a band from it to the edge of the drawing. */
  target: { c: number; side: 'below' | 'above'; text: string };
  /** A limit is broken by what is warmer than `aboveC` after it. */
  marks: { minute: number; text: string; kind: 'limit' | 'plan'; aboveC?: number }[];
  /** Measured points. */
  dots?: { minute: number; c: number }[];
  /** Other curves, thinly; the touched one comes forward. */
  thin?: { id: string; samples: readonly { minute: number; c: number }[] }[];
  touched?: string | null;
  yMax: number;
  yMin: number;
  formatC: (c: number) => string;
  formatMinute: (minute: number) => string;
}

export default function Curve(props: CurveProps) {
  const p = usePalette();
  const { points, target } = props;
  const end = points[points.length - 1].minute;
  return (
    <View role="img" aria-label={props.label}>
      <LineChart
        data={points}
        xKey="minute"
        series={[
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
        legend={{ visible: true, position: 'bottom', labelColor: p.ink, fontFamily: SANS, fontSize: 13 }}
        theme={{
          background: p.ground,
          plotBackground: p.ground,
          grid: p.rule,
          axis: p.rule,
          text: p.ink,
          mutedText: p.soft,
        }}
        referenceBands={[
          {
            y1: target.side === 'below' ? props.yMin : target.c,
            y2: target.side === 'below' ? target.c : props.yMax,
            color: p.goodBand,
            opacity: 1,
          },
        ]}
        formatXLabel={(value) => props.formatMinute(Number(value))}
        formatYLabel={props.formatC}
        selectedIndex={0}
        tooltip={false}
        activeDot={false}
        crosshair
        renderCrosshair={({ plot }) => {
          const x = (minute: number) => plot.x + (Math.min(minute, end) / end) * plot.width;
          const y = (c: number) => plot.y + ((props.yMax - c) / (props.yMax - props.yMin)) * plot.height;
          const path = (samples: readonly { minute: number; c: number }[]) =>
            samples
              .filter((s) => s.minute <= end)
              .map((s, i) => `${i === 0 ? 'M' : 'L'}${x(s.minute).toFixed(1)} ${y(s.c).toFixed(1)}`)
              .join(' ');
          return (
            <G>
              {(props.thin ?? []).map(({ id, samples }) => (
                <Path
                  key={id}
                  d={path(samples)}
                  fill="none"
                  stroke={id === props.touched ? p.leek : p.soft}
                  strokeWidth={id === props.touched ? 3 : 0.9}
                  opacity={id === props.touched ? 1 : 0.55}
                />
              ))}
              {props.marks
                .filter((mark) => mark.minute <= end)
                .map((mark) => {
                  const limit = mark.kind === 'limit';
                  const late = x(mark.minute) > plot.x + plot.width * 0.6;
                  return (
                    <G key={`${mark.kind}-${mark.minute}`}>
                      {limit && (
                        <Rect
                          x={x(mark.minute)}
                          y={plot.y}
                          width={plot.x + plot.width - x(mark.minute)}
                          height={mark.aboveC === undefined ? plot.height : y(mark.aboveC) - plot.y}
                          fill={p.fixBand}
                          opacity={0.6}
                        />
                      )}
                      <Line
                        x1={x(mark.minute)}
                        x2={x(mark.minute)}
                        y1={plot.y}
                        y2={plot.y + plot.height}
                        stroke={limit ? p.beet : p.ink}
                        strokeWidth={2}
                        strokeDasharray={limit ? [6, 4] : undefined}
                      />
                      <SvgText
                        x={x(mark.minute) + (late ? -6 : 6)}
                        y={plot.y + (target.side === 'below' ? 14 : plot.height - 8)}
                        textAnchor={late ? 'end' : 'start'}
                        fontFamily={SANS_BOLD}
                        fontSize={13}
                        fill={limit ? p.beet : p.ink}
                      >
                        {mark.text}
                      </SvgText>
                    </G>
                  );
                })}
              {(props.dots ?? []).map((dot) => (
                <Circle
                  key={`${dot.minute}-${dot.c}`}
                  cx={x(dot.minute)}
                  cy={y(dot.c)}
                  r={5}
                  fill={p.ground}
                  stroke={p.ink}
                  strokeWidth={2.5}
                />
              ))}
              <SvgText
                x={plot.x + 6}
                y={(target.side === 'below' ? y(target.c) : plot.y) + 16}
                fontFamily={SANS_BOLD}
                fontSize={13}
                fill={p.leek}
              >
                {target.text}
              </SvgText>
            </G>
          );
        }}
      />
    </View>
  );
}
