/** The parcel cut through at a minute that a slider chooses: what is still colder than a temperature, ring by ring. */
import { useId, useState } from 'react';
import { View } from 'react-native';
import Svg, { ClipPath, Defs, Ellipse, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { coldestAt, type Isotherm, isothermsAt } from '@/core/forecast/isotherms';
import { type CoreForecast } from '@/core/forecast/heat';
import { FORMS } from '@/core/forms';
import { formatMinutes, formatTemperature } from '@/core/units/format';
import { Slider } from '@/ui/slider';
import { Sentence } from '@/ui/parts/text';
import { SANS_BOLD } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type ShownProps } from '../station-props';
import { useDrawnText } from '@/ui/theme/text-size';
import * as phrases from './words';

const WIDTH = 320;
/** Low parcels still leave room for four numbers. */
const HIGHEST = 170;
const LOWEST = 92;
const EDGE = 12;
/** Beside the limit, lines of these, °C. */
const OTHERS = [20, 40, 60];
/** Numbers stand no nearer than this, px. */
const APART = 15;
/** Room for a number, px. */
const NUMBERS_PX = 58;

export function HeatSection({ batch, assessment, kitchen, forecast }: ShownProps & { forecast: CoreForecast }) {
  const end = forecast.samples[forecast.samples.length - 1].minute;
  const [chosen, setChosen] = useState<number | null>(null);
  const minute = Math.min(end, chosen ?? Math.round((forecast.minutes ?? end) * 0.6 * 2) / 2);
  const isSlab = assessment.fit.dimension === 1;
  const limit = forecast.targetC;
  const lines = isothermsAt(forecast, isSlab, [...OTHERS.filter((c) => c < limit - 5), limit], minute);
  const inScale = (c: number): string => formatTemperature(Math.round(c), kitchen.temperature);
  const coldest = coldestAt(forecast, minute);
  const isHot = coldest >= limit;
  return (
    <View style={{ gap: 6 }}>
      <Drawing
        batch={batch}
        assessment={assessment}
        lines={lines}
        isSlab={isSlab}
        inScale={inScale}
        label={phrases.cutThroughAfter(minute, inScale(coldest), isHot, inScale(limit), shareWords(lines, limit))}
      />
      <Slider
        label={phrases.MINUTES_IN_HEAT}
        value={minute}
        least={0}
        most={Math.max(0.5, Math.floor(end * 2) / 2)}
        step={end > 20 ? 1 : 0.5}
        words={(value) => formatMinutes(value)}
        onChange={setChosen}
      />
      <Sentence text={phrases.afterMinutes(minute, inScale(coldest), isHot)} />
    </View>
  );
}

/** How far the limit has come in. */
function shareWords(lines: readonly Isotherm[], limit: number): string {
  const line = lines.find(({ c }) => c === limit);
  if (line === undefined) return phrases.ALL_THE_WAY;
  return phrases.wayToMiddle(line.above, line.below);
}

interface DrawingProps extends Pick<ShownProps, 'batch' | 'assessment'> {
  lines: readonly Isotherm[];
  isSlab: boolean;
  inScale: (c: number) => string;
  label: string;
}

function Drawing({ batch, assessment, lines, isSlab, inScale, label }: DrawingProps) {
  const p = usePalette();
  const times = useDrawnText();
  const clip = useId().replace(/[^a-zA-Z0-9]/g, '');
  const shape = FORMS[batch.wrap.form].section(assessment.fit, batch.wrap);
  const scale = Math.min(
    (WIDTH - 32 - NUMBERS_PX * times - 2 * EDGE) / shape.widthMm,
    (HIGHEST - 2 * EDGE) / shape.heightMm,
  );
  const height = Math.max(LOWEST, shape.heightMm * scale + 2 * EDGE);
  const { cx, cy, rx, ry } = shape.inside;
  // The ellipse is within the filling; its lines reach to the filling's edge.
  const [fullX, fullY] = [rx * 1.12, ry * 1.12];
  const left = EDGE + shape.leftMm * scale;
  const base = height - EDGE;
  const size = (px: number): number => px / scale;
  const numbers = apart(
    lines.map((line) => ({ line, y: base + (cy - line.above * fullY) * scale })),
    height,
    APART * times,
  );
  return (
    <View role="img" aria-label={label}>
      <Svg width="100%" height={height} viewBox={`0 0 ${WIDTH} ${height}`} aria-hidden>
        <Defs>
          <ClipPath id={clip}>
            <Path d={shape.filling} />
          </ClipPath>
        </Defs>
        <G transform={`translate(${left} ${base}) scale(${scale})`}>
          <Path d={shape.skin} fill={p.dough} stroke={p.ink} strokeWidth={size(2)} />
          <Path d={shape.filling} fill={p.filling} stroke={p.ink} strokeWidth={size(1.5)} />
          <G clipPath={`url(#${clip})`}>
            {[...lines]
              .reverse()
              .map(({ c, below, above }) =>
                isSlab ? (
                  <Rect
                    key={c}
                    x={-shape.leftMm}
                    y={cy - above * fullY}
                    width={shape.widthMm}
                    height={(above - below) * fullY}
                    fill={p.held}
                    fillOpacity={0.45}
                    stroke={p.steam}
                    strokeWidth={size(1.4)}
                  />
                ) : (
                  <Ellipse
                    key={c}
                    cx={cx}
                    cy={cy}
                    rx={above * fullX}
                    ry={above * fullY}
                    fill={p.held}
                    fillOpacity={0.45}
                    stroke={p.steam}
                    strokeWidth={size(1.4)}
                  />
                ),
              )}
          </G>
        </G>
        {numbers.map(({ line: { c, above }, y, textY }) => (
          <G key={c}>
            <Line
              x1={left + cx * scale}
              y1={y}
              x2={WIDTH - NUMBERS_PX * times - 4}
              y2={textY - 4}
              stroke={p.steam}
              strokeWidth={1}
              strokeDasharray={above >= 1 ? '2 3' : undefined}
            />
            <SvgText x={WIDTH - NUMBERS_PX * times} y={textY} fontFamily={SANS_BOLD} fontSize={13 * times} fill={p.ink}>
              {inScale(c)}
            </SvgText>
          </G>
        ))}
      </Svg>
    </View>
  );
}

/** Numbers one below the other, none on another; the line of the hottest is outermost and highest. */
function apart(
  marks: { line: Isotherm; y: number }[],
  height: number,
  apartPx: number,
): { line: Isotherm; y: number; textY: number }[] {
  let last = -Infinity;
  return [...marks]
    .sort((a, b) => a.y - b.y || b.line.c - a.line.c)
    .map((mark) => {
      last = Math.max(mark.y + 4, last + apartPx);
      return { ...mark, textY: Math.min(height - 2, last) };
    });
}
