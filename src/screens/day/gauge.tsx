/** The day as a gauge, on a phone: a ruler with a pointer at now, hands as one thick rule, what needs none as rods beside it. */
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { mayBegin } from '@/core/day/may-begin';
import { type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { fullTitle } from '@/core/day/task';
import { type Day } from '@/core/stored/day';
import { Measured } from '@/ui/parts/measured';
import { SANS, SANS_BOLD } from '@/ui/theme/theme';
import { isLarge, useDrawnText, useTextSize } from '@/ui/theme/text-size';
import { usePalette } from '@/ui/theme/use-palette';
import { type Column, COLUMNS, columnsOf, lengthOf, placeOf, type Stretch, stretchesOf } from './gauge-layout';
import { Rod } from './rod';
import { StepHandle } from './step-handle';
import { StepLabel } from './step-label';
import { formatClock, rulerMark } from './day-clock';
import * as phrases from './words';

export interface GaugeProps {
  day: Day;
  plan: DayPlan;
  zone: string;
  nowMinute: number;
  onOpen: (taskId: string) => void;
}

const SCALE = { perMinute: 1.5, least: 56, pause: 54 };
/** In large letters a step’s words take more lines: a letter’s width and a line’s height of them, px, and the line of its time. */
const LETTER = 8.6;
const LINE = 17;
const TIME_LINES = 2;
const TOP = 30;
const RULER = 52;
const HANDS = 66;
const THICK = 15;
const HELPER = 10;
const PITCH = 26;
const MARGIN = 24;

export function Gauge(props: GaugeProps) {
  return <Measured>{(width) => <Drawn {...props} width={width} />}</Measured>;
}

/** Where everything stands: minutes down the page, appliances across it, the words of a step between. */
function useScale({ day, plan, width }: DrawnProps) {
  const { tasks, startMinute, endMinute } = plan;
  const times = useTextSize();
  const labelX = HANDS + THICK + 12 + day.helpers.length * HELPER;
  const used = COLUMNS.filter((c) => tasks.some((t) => columnsOf(t).includes(c)));
  const labelWidth = width - used.length * PITCH - 8 - labelX;
  const letters = labelWidth / (LETTER * times);
  const lines = Math.max(...tasks.map((t) => Math.ceil(fullTitle(t).length / letters) + 1));
  const least = isLarge(times) ? (lines + TIME_LINES) * LINE * times : SCALE.least;
  const stretches = useMemo(
    () => stretchesOf(tasks, startMinute, endMinute, { ...SCALE, least }),
    [tasks, startMinute, endMinute, least],
  );
  return {
    used,
    least,
    stretches,
    labelX,
    labelWidth,
    height: TOP + lengthOf(stretches) + MARGIN,
    y: (minute: number): number => TOP + placeOf(stretches, minute),
    x: (column: Column): number => width - 16 - (used.length - 1 - used.indexOf(column)) * PITCH,
  };
}
type Scale = ReturnType<typeof useScale>;
type DrawnProps = GaugeProps & { width: number };

function Drawn(props: DrawnProps) {
  const { day, plan, zone, nowMinute, onOpen, width } = props;
  const p = usePalette();
  const scale = useScale(props);
  const { y, height, stretches } = scale;
  const { tasks } = plan;
  const byHand = tasks.filter((t) => t.hasHands);
  const isUnderWay = nowMinute > plan.startMinute && nowMinute < plan.endMinute;
  const past = isUnderWay ? y(nowMinute) : nowMinute >= plan.endMinute ? height : TOP;
  return (
    <View
      role="group"
      aria-label={phrases.dayFromTo(formatClock(plan.startMinute, zone), formatClock(plan.endMinute, zone))}
    >
      <Svg width={width} height={height} aria-hidden>
        {past > TOP && <Rect x={RULER} y={TOP} width={width - RULER} height={past - TOP} fill={p.faint} />}
        <Heads scale={scale} width={width} />
        <Ruler stretches={stretches} y={y} zone={zone} />
        {tasks.map((task) => (
          <Rods key={task.id} task={task} scale={scale} />
        ))}
        {byHand.map((task) => (
          <Hands key={task.id} task={task} y={y} />
        ))}
        {byHand.map((task) => (
          <Whisker key={task.id} task={task} plan={plan} y={y} />
        ))}
        {tasks.map((task) => task.kind === 'serve' && <Served key={task.id} y={y(task.end)} width={width} />)}
        {isUnderWay && <Pointer y={y(nowMinute)} clock={formatClock(nowMinute, zone)} />}
      </Svg>
      {byHand.map((task) => (
        <View key={task.id} style={{ position: 'absolute', top: 0, left: 0 }}>
          <StepHandle
            day={day}
            task={task}
            zone={zone}
            stretches={stretches}
            from={y(task.start)}
            length={y(task.end) - y(task.start)}
            across={HANDS + THICK / 2}
          />
          <StepLabel
            day={day}
            task={task}
            plan={plan}
            zone={zone}
            top={y(task.start)}
            left={scale.labelX}
            width={scale.labelWidth}
            high={scale.least - 3}
            onOpen={onOpen}
          />
        </View>
      ))}
    </View>
  );
}

/** What each column is. */
function Heads({ scale: { used, x }, width }: { scale: Scale; width: number }) {
  const p = usePalette();
  const drawn = useDrawnText();
  return (
    <G>
      <SvgText x={HANDS - 4} y={14} fontFamily={SANS_BOLD} fontSize={13 * drawn} fill={p.ink}>
        hands
      </SvgText>
      {used.map((column, i) => {
        const isLast = i === used.length - 1;
        return (
          <SvgText
            key={column}
            x={isLast ? width : x(column)}
            y={i % 2 === 0 ? 24 : 11}
            textAnchor={isLast ? 'end' : 'middle'}
            fontFamily={SANS}
            fontSize={12 * drawn}
            fill={p.soft}
          >
            {column}
          </SvgText>
        );
      })}
    </G>
  );
}

/** What a step takes besides hands. */
const Rods = ({ task, scale: { x, y } }: { task: PlannedTask; scale: Scale }) =>
  columnsOf(task).map((column) => <Rod key={column} task={task} x={x(column)} from={y(task.start)} to={y(task.end)} />);

/** A double line across at the moment of serving. */
function Served({ y, width }: { y: number; width: number }) {
  const p = usePalette();
  return (
    <G>
      <Line x1={RULER} x2={width} y1={y} y2={y} stroke={p.leek} strokeWidth={2.5} />
      <Line x1={RULER} x2={width} y1={y + 5} y2={y + 5} stroke={p.leek} strokeWidth={1} />
    </G>
  );
}

/** Now. */
function Pointer({ y, clock }: { y: number; clock: string }) {
  const p = usePalette();
  const drawn = useDrawnText();
  return (
    <G>
      <Path d={`M${RULER} ${y} l-16 -8 v16 z`} fill={p.beet} />
      <SvgText x={0} y={y - 11} fontFamily={SANS_BOLD} fontSize={13 * drawn} fill={p.beet}>
        {clock}
      </SvgText>
    </G>
  );
}

/** Ticks of the ruler every ten minutes, an hour's longer and with its number; where it is shortened, how long nothing is to be done. */
function Ruler({ stretches, y, zone }: { stretches: readonly Stretch[]; y: (minute: number) => number; zone: string }) {
  const p = usePalette();
  const drawn = useDrawnText();
  const [first] = stretches;
  const last = stretches[stretches.length - 1];
  if (!first || !last) return null;
  const ticks: number[] = [];
  for (let m = Math.ceil(first.from / 10) * 10; m <= last.to; m += 10) {
    const here = stretches.find((s) => m >= s.from && m <= s.to);
    if (here && !here.isShort) ticks.push(m);
  }
  return (
    <G>
      <Line x1={RULER} x2={RULER} y1={y(first.from) - 8} y2={y(last.to) + 16} stroke={p.ink} strokeWidth={2} />
      {ticks.map((m) => {
        const mark = rulerMark(m, zone);
        const isHour = mark.of === 'hour';
        const isHalf = mark.of === 'half';
        return (
          <G key={m}>
            <Line
              x1={RULER - (isHour ? 18 : isHalf ? 11 : 6)}
              x2={RULER}
              y1={y(m)}
              y2={y(m)}
              stroke={p.ink}
              strokeWidth={isHour ? 2 : 1}
            />
            {isHour && (
              <SvgText
                x={RULER - 22}
                y={y(m) + 5}
                textAnchor="end"
                fontFamily={SANS_BOLD}
                fontSize={15 * drawn}
                fill={p.ink}
              >
                {mark.text}
              </SvgText>
            )}
          </G>
        );
      })}
      {stretches
        .filter((s) => s.isShort)
        .map((s) => {
          const middle = (y(s.from) + y(s.to)) / 2;
          return (
            <G key={s.from}>
              <Rect x={RULER - 4} y={middle - 5} width={8} height={10} fill={p.ground} />
              <Path
                d={`M${RULER - 7} ${middle - 2} l14 -6 M${RULER - 7} ${middle + 8} l14 -6`}
                stroke={p.ink}
                strokeWidth={1.5}
              />
              <SvgText x={HANDS} y={middle + 4} fontFamily={SANS} fontSize={13 * drawn} fill={p.soft}>
                {phrases.ofWaiting(s.to - s.from)}
              </SvgText>
            </G>
          );
        })}
    </G>
  );
}

/** Hands at work: a thick rule with a tick at either end. */
function Hands({ task, y }: { task: PlannedTask; y: (minute: number) => number }) {
  const p = usePalette();
  const [from, to] = [y(task.start) + 2, y(task.end) - 2];
  const left = HANDS + (task.hand ?? 0) * (THICK - 5);
  const fill = task.state === 'running' ? p.beet : task.state === 'done' ? p.soft : p.ink;
  return (
    <G>
      <Rect x={left} y={from} width={task.hand === 0 ? THICK : THICK - 7} height={Math.max(2, to - from)} fill={fill} />
      <Line x1={left - 5} x2={left + THICK + 5} y1={from} y2={from} stroke={fill} strokeWidth={2} />
      <Line x1={left - 5} x2={left + THICK - 1} y1={to} y2={to} stroke={fill} strokeWidth={1.5} />
    </G>
  );
}

/** As far as a whisker is drawn, px. */
const LONGEST_WHISKER = 120;

/** The earliest or the latest moment it may begin, where that is not when it does. */
function Whisker({ task, plan, y }: { task: PlannedTask; plan: DayPlan; y: (minute: number) => number }) {
  const p = usePalette();
  const { from: early, until } = mayBegin(task, plan);
  const end = until ?? early;
  if (end === null) return null;
  const [from, to] = [y(task.start), y(end)];
  if (Math.abs(to - from) < 4 || Math.abs(to - from) > LONGEST_WHISKER) return null;
  const x = HANDS + THICK + 4;
  return (
    <G>
      <Line x1={x} x2={x} y1={from} y2={to} stroke={p.turmeric} strokeWidth={1.5} />
      <Line x1={x - 5} x2={x + 5} y1={to} y2={to} stroke={p.turmeric} strokeWidth={2} />
    </G>
  );
}
