/** A temperature curve against minutes, with bands and marks. Loaded when first shown: the chart library is large. */
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { LineChart } from 'react-native-chart-kit/v2';
import { View } from 'react-native';
import { SANS, SANS_BOLD } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { chartTheme } from './chart-theme';
import { Small } from '../parts/text';
import { roundTicks, tickLabel } from './ticks';

export interface CurvePoint {
  [key: string]: number | null;
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
  marks: { minute: number; text: string; kind: 'limit' | 'plan' | 'step' | 'crust'; aboveC?: number }[];
  /** Measured points. */
  dots?: { minute: number; c: number }[];
  /** Between these two at each minute of `points`: a band round the main curve, °C; with its words. */
  band?: { samples: readonly { minute: number; lowC: number; highC: number }[]; label: string };
  /** Other curves, thinly; the touched one comes forward. */
  thin?: { id: string; samples: readonly { minute: number; c: number }[] }[];
  touched?: string | null;
  yMax: number;
  yMin: number;
  formatC: (c: number) => string;
  /** Where a clock runs: when the curve begins, ms; its scale then is the time of the day. */
  startMs?: number | null;
  formatTime?: (minute: number) => string;
}

/** So many marks of time fit a phone. */
const MOST_TICKS = 5;
/** A word on a line is kept clear of it by so much, px. */
const HALO = 5;

export default function Curve(props: CurveProps) {
  const p = usePalette();
  const { points, target, thin = [], startMs = null, formatTime } = props;
  const end = points[points.length - 1].minute;
  const ticks = roundTicks(end, MOST_TICKS, startMs);
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
        renderCrosshair={({ plot }) => {
          const x = (minute: number) => plot.x + (Math.min(minute, end) / end) * plot.width;
          const y = (c: number) => plot.y + ((props.yMax - c) / (props.yMax - props.yMin)) * plot.height;
          return (
            <G>
              {props.band !== undefined && (
                <Path
                  d={bandPath(
                    props.band.samples.filter((s) => s.minute <= end),
                    x,
                    (c) => y(Math.min(props.yMax, Math.max(props.yMin, c))),
                  )}
                  fill={p.steam}
                  opacity={0.22}
                />
              )}
              {ticks.map((minute) => (
                <G key={minute}>
                  <Line
                    x1={x(minute)}
                    x2={x(minute)}
                    y1={plot.y + plot.height}
                    y2={plot.y + plot.height + 5}
                    stroke={p.ink}
                    strokeWidth={1.2}
                  />
                  <SvgText
                    x={x(minute)}
                    y={plot.y + plot.height + 19}
                    textAnchor={minute < end * 0.04 ? 'start' : minute > end * 0.93 ? 'end' : 'middle'}
                    fontFamily={SANS}
                    fontSize={12}
                    fill={p.soft}
                  >
                    {tickText(minute)}
                  </SvgText>
                </G>
              ))}
              {props.marks
                .filter((mark) => mark.minute <= end)
                .map((mark) => {
                  const limit = mark.kind === 'limit';
                  const crust = mark.kind === 'crust';
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
                          opacity={0.35}
                        />
                      )}
                      <Line
                        x1={x(mark.minute)}
                        x2={x(mark.minute)}
                        y1={plot.y}
                        y2={plot.y + plot.height}
                        stroke={limit ? p.beet : crust ? p.turmeric : p.ink}
                        strokeWidth={2}
                        strokeDasharray={limit ? [6, 4] : crust ? [1, 4] : undefined}
                      />
                      <Word
                        x={x(mark.minute) + (late ? -6 : 6)}
                        // One above the other, where two would stand side by side.
                        y={plot.y + (target.side === 'below' ? 14 : plot.height - ROW[mark.kind])}
                        anchor={late ? 'end' : 'start'}
                        color={limit ? p.beet : crust ? p.turmeric : p.ink}
                        ground={p.ground}
                        text={mark.text}
                      />
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
              <Word
                x={plot.x + 6}
                y={(target.side === 'below' ? y(target.c) : plot.y) + 16}
                anchor="start"
                color={p.leek}
                ground={p.goodBand}
                text={target.text}
              />
            </G>
          );
        }}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 18, paddingLeft: 8 }}>
        <LegendItem label={props.labels.main} color={p.ink} />
        <LegendItem label={props.labels.second} color={p.steam} dashed />
        {props.band !== undefined && <LegendItem label={props.band.label} color={p.steam} broad />}
      </View>
    </View>
  );
}

/** Words of marks stand in rows over the axis, so that none is written over another, px. */
const ROW = { limit: 8, plan: 8, crust: 26, step: 44 };

/** Along the upper edge and back along the lower. */
function bandPath(
  samples: readonly { minute: number; lowC: number; highC: number }[],
  x: (minute: number) => number,
  y: (c: number) => number,
): string {
  if (samples.length < 2) return '';
  const up = samples.map((s) => `${x(s.minute)} ${y(s.highC)}`);
  const back = [...samples].reverse().map((s) => `${x(s.minute)} ${y(s.lowC)}`);
  return `M${[...up, ...back].join(' L')} Z`;
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

interface WordProps {
  x: number;
  y: number;
  anchor: 'start' | 'end';
  color: string;
  /** What it stands on: it is kept clear of lines by an edge of that. */
  ground: string;
  text: string;
}

function Word({ x, y, anchor, color, ground, text }: WordProps) {
  const font = { x, y, textAnchor: anchor, fontFamily: SANS_BOLD, fontSize: 13 };
  return (
    <>
      <SvgText {...font} fill={ground} stroke={ground} strokeWidth={HALO} strokeLinejoin="round" aria-hidden>
        {text}
      </SvgText>
      <SvgText {...font} fill={color}>
        {text}
      </SvgText>
    </>
  );
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
