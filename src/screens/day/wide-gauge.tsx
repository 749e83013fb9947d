/** The same gauge lying down, on a wide screen: a rule for each pair of hands, a rod for each batch and each appliance. */
import { useMemo } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { mayBegin } from '@/core/day/may-begin';
import { type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { fullTitle } from '@/core/day/task';
import { formatMinutes } from '@/core/units/format';
import { TASK_KINDS } from '@/core/vocabulary/task-kinds';
import { Measured } from '@/ui/parts/measured';
import { Small } from '@/ui/parts/text';
import { SANS, SANS_BOLD } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { useDrawnText } from '@/ui/theme/text-size';
import { type GaugeProps } from './gauge';
import { COLUMNS, columnsOf, lengthOf, placeOf, stretchesOf } from './gauge-layout';
import { arrowKeys } from './arrow-keys';
import { Rod } from './rod';
import { StepHandle } from './step-handle';
import { formatClock, rulerMark } from './day-clock';
import * as phrases from './words';

const SCALE = { perMinute: 1.25, least: 7, pause: 70 };
const LEFT = 118;
const TOP = 34;
const ROW = 42;
const THICK = 18;
const RIGHT = 24;
/** A latest moment further off than so many minutes is told in words only: lines would lie over lines. */
const LONGEST_WHISKER = 30;

export function WideGauge(props: GaugeProps) {
  return <Measured>{(width) => <Drawn {...props} width={width} />}</Measured>;
}

interface Row {
  key: string;
  label: string;
  tasks: readonly PlannedTask[];
  isHands: boolean;
}

function rowsOf({ day, plan }: GaugeProps): Row[] {
  const { tasks } = plan;
  const people = ['hands', ...day.helpers.map((h) => h.name)];
  const abouts = [...new Set(tasks.map((t) => t.about).filter((a) => a !== ''))];
  return [
    ...people.map((label, i) => ({
      key: `hands ${i}`,
      label,
      tasks: tasks.filter((t) => t.hand === i),
      isHands: true,
    })),
    ...abouts.map((label) => ({ key: label, label, tasks: tasks.filter((t) => t.about === label), isHands: false })),
    ...COLUMNS.filter((c) => c !== 'waits').flatMap((c) => {
      const there = tasks.filter((t) => columnsOf(t).includes(c));
      return there.length === 0 ? [] : [{ key: c, label: c, tasks: there, isHands: false }];
    }),
  ];
}

/** The minutes of the day as places on the drawing, and its measures, px. */
interface Layout {
  stretches: ReturnType<typeof stretchesOf>;
  x: (minute: number) => number;
  /** The middle of a row. */
  y: (row: number) => number;
  long: number;
  high: number;
}

function useLayout({ plan, width }: GaugeProps & { width: number }, rows: number): Layout {
  const { tasks, startMinute, endMinute } = plan;
  const stretches = useMemo(() => {
    const natural = stretchesOf(tasks, startMinute, endMinute, SCALE);
    const room = width - LEFT - RIGHT;
    const more = Math.max(1, room / Math.max(1, lengthOf(natural)));
    return natural.map((s) => ({ ...s, at: s.at * more, px: s.px * more }));
  }, [tasks, startMinute, endMinute, width]);
  return {
    stretches,
    x: (minute) => LEFT + placeOf(stretches, minute),
    y: (row) => TOP + row * ROW + ROW / 2,
    long: LEFT + lengthOf(stretches) + RIGHT,
    high: TOP + rows * ROW + 10,
  };
}

function Drawn(props: GaugeProps & { width: number }) {
  const { plan, zone, nowMinute } = props;
  const p = usePalette();
  const rows = rowsOf(props);
  const layout = useLayout(props, rows.length);
  const { x, long, high } = layout;
  const isUnderWay = nowMinute > plan.startMinute && nowMinute < plan.endMinute;
  const past = isUnderWay ? x(nowMinute) : nowMinute >= plan.endMinute ? long : LEFT;
  return (
    <ScrollView horizontal>
      <View
        role="group"
        aria-label={phrases.dayFromTo(formatClock(plan.startMinute, zone), formatClock(plan.endMinute, zone))}
      >
        <Svg width={long} height={high} aria-hidden>
          {past > LEFT && <Rect x={LEFT} y={TOP} width={past - LEFT} height={high - TOP} fill={p.faint} />}
          <Line x1={LEFT - 8} x2={long} y1={TOP} y2={TOP} stroke={p.ink} strokeWidth={2} />
          <Times {...props} layout={layout} />
          <Pauses layout={layout} />
          {rows.map((row, r) => (
            <RowDrawn key={row.key} row={row} plan={plan} r={r} layout={layout} />
          ))}
          {plan.tasks
            .filter((t) => t.kind === 'serve')
            .map((t) => (
              <G key={t.id}>
                <Line x1={x(t.end)} x2={x(t.end)} y1={TOP} y2={high} stroke={p.leek} strokeWidth={2.5} />
                <Line x1={x(t.end) + 5} x2={x(t.end) + 5} y1={TOP} y2={high} stroke={p.leek} strokeWidth={1} />
              </G>
            ))}
          {isUnderWay && <Path d={`M${x(nowMinute)} ${TOP} l-8 -16 h16 z`} fill={p.beet} />}
        </Svg>
        {rows.map((row, r) =>
          row.tasks.map((task) => (
            <Held key={`${row.key} ${task.id}`} {...props} isHands={row.isHands} task={task} r={r} layout={layout} />
          )),
        )}
      </View>
    </ScrollView>
  );
}

/** Marks of time over the rows: hours, halves, tens of minutes. */
function Times({ plan, zone, layout: { stretches, x } }: GaugeProps & { layout: Layout }) {
  const p = usePalette();
  const drawn = useDrawnText();
  const ticks: number[] = [];
  for (let m = Math.ceil(plan.startMinute / 10) * 10; m <= plan.endMinute; m += 10) {
    if (stretches.some((s) => m >= s.from && m <= s.to && !s.isShort)) ticks.push(m);
  }
  return ticks.map((m) => {
    const mark = rulerMark(m, zone);
    const isHour = mark.of === 'hour';
    return (
      <G key={m}>
        <Line
          x1={x(m)}
          x2={x(m)}
          y1={TOP}
          y2={TOP - (isHour ? 14 : mark.of === 'half' ? 9 : 5)}
          stroke={p.ink}
          strokeWidth={isHour ? 2 : 1}
        />
        {isHour && (
          <SvgText x={x(m) + 4} y={TOP - 8} fontFamily={SANS_BOLD} fontSize={15 * drawn} fill={p.ink}>
            {mark.text}
          </SvgText>
        )}
      </G>
    );
  });
}

/** Hours in which nothing is done are drawn short, and told. */
function Pauses({ layout: { stretches, x, y } }: { layout: Layout }) {
  const p = usePalette();
  const drawn = useDrawnText();
  return stretches
    .filter((s) => s.isShort)
    .map((s) => {
      const middle = (x(s.from) + x(s.to)) / 2;
      return (
        <G key={s.from}>
          <Path d={`M${middle - 4} ${TOP + 7} l6 -14 m4 14 l6 -14`} stroke={p.ink} strokeWidth={1.5} />
          <SvgText x={middle} y={y(0) + 4} textAnchor="middle" fontFamily={SANS} fontSize={12 * drawn} fill={p.soft}>
            {formatMinutes(s.to - s.from)}
          </SvgText>
        </G>
      );
    });
}

function RowDrawn(props: { row: Row; plan: DayPlan; r: number; layout: Layout }) {
  const { row, plan, r, layout } = props;
  const p = usePalette();
  const drawn = useDrawnText();
  const { x, y } = layout;
  return (
    <G>
      <SvgText
        x={LEFT - 14}
        y={y(r) + 5}
        textAnchor="end"
        fontFamily={row.isHands ? SANS_BOLD : SANS}
        fontSize={14 * drawn}
        fill={row.isHands ? p.ink : p.soft}
      >
        {row.label.length > 15 ? `${row.label.slice(0, 14)}…` : row.label}
      </SvgText>
      {row.tasks.map((task) =>
        row.isHands || (task.hasHands && COLUMNS.every((c) => c !== row.key)) ? (
          <Rect
            key={task.id}
            x={x(task.start) + 0.5}
            y={y(r) - (row.isHands ? THICK : 8) / 2}
            width={Math.max(2, x(task.end) - x(task.start) - 1)}
            height={row.isHands ? THICK : 8}
            fill={task.state === 'running' ? p.beet : task.state === 'done' ? p.soft : p.ink}
          />
        ) : (
          <Rod key={task.id} task={task} x={y(r)} from={x(task.start)} to={x(task.end)} isLying />
        ),
      )}
      {row.isHands && row.tasks.map((task) => <Whisker key={task.id} task={task} plan={plan} r={r} layout={layout} />)}
    </G>
  );
}

/** From or until when a step may begin, where that is not when it does. */
function Whisker(props: { task: PlannedTask; plan: DayPlan; r: number; layout: Layout }) {
  const { task, plan, r } = props;
  const { x, y, long } = props.layout;
  const p = usePalette();
  const { from: early, until } = mayBegin(task, plan);
  const end = until ?? early;
  if (end === null || Math.abs(end - task.start) > LONGEST_WHISKER) return null;
  const to = Math.min(x(end), long - RIGHT);
  const under = y(r) + THICK / 2;
  return (
    <G>
      <Line x1={x(task.start)} x2={to} y1={under + 4} y2={under + 4} stroke={p.turmeric} strokeWidth={1.5} />
      <Line x1={to} x2={to} y1={under} y2={under + 8} stroke={p.turmeric} strokeWidth={2} />
    </G>
  );
}

/** Where a step is taken hold of: of the hands it is dragged, of all else it opens. */
function Held(props: GaugeProps & { isHands: boolean; task: PlannedTask; r: number; layout: Layout }) {
  const { day, zone, onOpen, isHands, task, r, layout } = props;
  const { stretches, x, y } = layout;
  const [from, length] = [x(task.start), Math.max(10, x(task.end) - x(task.start))];
  return (
    <View style={{ position: 'absolute', top: 0, left: 0 }}>
      {isHands ? (
        <StepHandle
          day={day}
          task={task}
          zone={zone}
          stretches={stretches}
          from={from}
          length={length}
          across={y(r)}
          isLying
        />
      ) : (
        <Pressable
          role="button"
          aria-label={phrases.stepFromTo(
            formatClock(task.start, zone),
            formatClock(task.end, zone),
            fullTitle(task),
            task.isPinned,
          )}
          onPress={() => onOpen(task.id)}
          {...arrowKeys(day, task, zone, ['ArrowLeft', 'ArrowRight'])}
          style={{
            position: 'absolute',
            left: from,
            top: y(r) - ROW / 2,
            width: length,
            height: ROW,
            overflow: 'hidden',
          }}
        >
          <Small numberOfLines={1} style={{ fontSize: 11, lineHeight: 12, marginTop: ROW / 2 + 8 }}>
            {length > 44 ? (task.kind === 'rest' ? task.title : TASK_KINDS[task.kind].label) : ''}
          </Small>
        </Pressable>
      )}
    </View>
  );
}
