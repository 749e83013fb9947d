/** What the chart's package cannot draw, laid over it in its own scale: a band, times, limits with their words, measured points. */
import { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { SANS, SANS_BOLD } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { useDrawnText } from '@/ui/theme/text-size';
import { type CurveProps } from './curve-props';
import { roundTicks } from './ticks';

/** Where the package has drawn its curves, px. */
interface Plot {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** From minutes and °C to the drawing. */
interface Scale {
  plot: Plot;
  /** The last minute that is drawn. */
  end: number;
  x: (minute: number) => number;
  y: (c: number) => number;
}

type Props = CurveProps & { plot: Plot; end: number; tickText: (minute: number) => string };

/** So many marks of time fit a phone. */
const MOST_TICKS = 5;
/** A word on a line is kept clear of it by so much, px. */
const HALO = 5;
/** Words of marks stand in rows over the axis, so that none is written over another, px. */
const ROW = { limit: 8, plan: 8, crust: 26, step: 44 };

export function OverTheCurve(props: Props) {
  const p = usePalette();
  const { plot, end, target, yMin, yMax } = props;
  const scale: Scale = {
    plot,
    end,
    x: (minute) => plot.x + (Math.min(minute, end) / end) * plot.width,
    y: (c) => plot.y + ((yMax - c) / (yMax - yMin)) * plot.height,
  };
  const { x, y } = scale;
  const times = useDrawnText();
  return (
    <G>
      {props.band !== undefined && (
        <Path
          d={bandPath(
            props.band.samples.filter((s) => s.minute <= end),
            x,
            (c) => y(Math.min(yMax, Math.max(yMin, c))),
          )}
          fill={p.steam}
          opacity={0.22}
        />
      )}
      {roundTicks(end, MOST_TICKS, props.startMs ?? null).map((minute) => (
        <Tick key={minute} minute={minute} scale={scale} text={props.tickText(minute)} />
      ))}
      {props.marks
        .filter((mark) => mark.minute <= end)
        .map((mark) => (
          <Mark key={`${mark.kind}-${mark.minute}`} mark={mark} scale={scale} side={target.side} />
        ))}
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
        y={(target.side === 'below' ? y(target.c) : plot.y) + 16 * times}
        anchor="start"
        color={p.leek}
        ground={p.goodBand}
        text={target.text}
        room={plot.width - 12}
      />
    </G>
  );
}

/** A time under the axis. */
function Tick({ minute, scale, text }: { minute: number; scale: Scale; text: string }) {
  const p = usePalette();
  const times = useDrawnText();
  const { plot, end, x } = scale;
  const foot = plot.y + plot.height;
  return (
    <G>
      <Line x1={x(minute)} x2={x(minute)} y1={foot} y2={foot + 5} stroke={p.ink} strokeWidth={1.2} />
      <SvgText
        x={x(minute)}
        y={foot + 7 + 12 * times}
        textAnchor={minute < end * 0.04 ? 'start' : minute > end * 0.93 ? 'end' : 'middle'}
        fontFamily={SANS}
        fontSize={12 * times}
        fill={p.soft}
      >
        {text}
      </SvgText>
    </G>
  );
}

interface MarkProps {
  mark: CurveProps['marks'][number];
  scale: Scale;
  side: CurveProps['target']['side'];
}

/** A moment that counts, with its word; what comes after a limit is shaded. */
function Mark({ mark, scale: { plot, x, y }, side }: MarkProps) {
  const p = usePalette();
  const limit = mark.kind === 'limit';
  const crust = mark.kind === 'crust';
  const color = limit ? p.beet : crust ? p.turmeric : p.ink;
  const left = x(mark.minute);
  const late = left > plot.x + plot.width * 0.6;
  const times = useDrawnText();
  return (
    <G>
      {limit && (
        <Rect
          x={left}
          y={plot.y}
          width={plot.x + plot.width - left}
          height={mark.aboveC === undefined ? plot.height : y(mark.aboveC) - plot.y}
          fill={p.fixBand}
          opacity={0.35}
        />
      )}
      <Line
        x1={left}
        x2={left}
        y1={plot.y}
        y2={plot.y + plot.height}
        stroke={color}
        strokeWidth={2}
        strokeDasharray={limit ? [6, 4] : crust ? [1, 4] : undefined}
      />
      <Word
        x={left + (late ? -6 : 6)}
        // One above the other, where two would stand side by side.
        y={plot.y + (side === 'below' ? 14 * times : plot.height - ROW[mark.kind] * times)}
        anchor={late ? 'end' : 'start'}
        color={color}
        ground={p.ground}
        text={mark.text}
      />
    </G>
  );
}

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

interface WordProps {
  x: number;
  y: number;
  anchor: 'start' | 'end';
  color: string;
  /** What it stands on: it is kept clear of lines by an edge of that. */
  ground: string;
  text: string;
  /** px */
  room?: number;
}

/** About so wide is a letter, as a share of its height. */
const LETTER = 0.56;
const WORD_PX = 13;

function Word({ x, y, anchor, color, ground, text, room = Infinity }: WordProps) {
  const fits = room / (text.length * LETTER * WORD_PX);
  const times = Math.max(1, Math.min(useDrawnText(), fits));
  const font = { x, y, textAnchor: anchor, fontFamily: SANS_BOLD, fontSize: WORD_PX * times };
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
