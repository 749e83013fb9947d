/** Equal pieces: by weight, along a log with marks, by halving; or rounds cut from a sheet. */
import { View } from 'react-native';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { formatNumber } from '@/core/units/amount';
import { type WrapperMaking } from '@/core/wrapper/making';
import { formatLength, lengthFigure, type LengthUnit, MM_PER_INCH } from '@/core/units/lengths';
import { Fold } from '@/ui/parts/fold';
import { Measured } from '@/ui/parts/measured';
import { Heading, Small } from '@/ui/parts/text';
import { SANS } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type DoughProps } from './dough-props';
import { SheetOfRounds } from './sheet-of-rounds';
import * as phrases from './words';

export function DividePanel(props: DoughProps) {
  const { pieces } = props.plan;
  const isCut = props.batch.wrap.sheet !== null && props.plan.layout !== null;
  if (pieces === null && props.plan.layout === null) return null;
  return (
    <Fold
      title={isCut ? phrases.ROUNDS_FROM_SHEET : 'Equal pieces'}
      figure={
        isCut
          ? phrases.aSheet(props.plan.layout?.count)
          : pieces === null
            ? ''
            : phrases.piecesOf(pieces.count, pieces.pieceG)
      }
    >
      {pieces && <Log pieces={pieces} unit={props.kitchen.lengths} />}
      <SheetOfRounds {...props} />
    </Fold>
  );
}

function Log({ pieces, unit }: { pieces: NonNullable<WrapperMaking['pieces']>; unit: LengthUnit }) {
  const { logs, perLog, logMm, thickMm, pieceG, ballMm, halvings, then, count } = pieces;
  const each = `${formatNumber(pieceG, pieceG < 20 ? 1 : 0)} g`;
  return (
    <View style={{ gap: 8 }}>
      <Heading level={3}>{phrases.CUT_LOG}</Heading>
      <Small>{phrases.logsOf(logs, logMm, unit, thickMm, perLog, each, count)}</Small>
      <Measured>{(width) => <LogDrawing pieces={pieces} unit={unit} width={width} />}</Measured>
      <Small>{phrases.halveOrBall(count, halvings, then, ballMm, unit)}</Small>
    </View>
  );
}

interface LogProps {
  pieces: NonNullable<WrapperMaking['pieces']>;
  unit: LengthUnit;
  width: number;
}

/** Short and long ticks of the ruler under a log, mm. */
const TICKS: Readonly<Record<LengthUnit, { mm: number; longEach: number }>> = {
  mm: { mm: 10, longEach: 5 },
  in: { mm: MM_PER_INCH / 2, longEach: 2 },
};

/** To scale, over a ruler: to be held against a real one. */
function LogDrawing({ pieces, unit, width }: LogProps) {
  const p = usePalette();
  const scale = (width - 8) / pieces.logMm;
  const high = Math.min(46, Math.max(18, pieces.thickMm * scale));
  const position = (mm: number): number => 4 + mm * scale;
  const marks = pieces.marksMm;
  const roomPx = unit === 'mm' ? 30 : 44;
  const every = Math.max(1, Math.ceil(roomPx / (width / (marks.length + 1))));
  const tick = TICKS[unit];
  const ticks = Array.from({ length: Math.floor(pieces.logMm / tick.mm) + 1 }, (_, i) => ({
    mm: i * tick.mm,
    isLong: i % tick.longEach === 0,
  }));
  return (
    <View role="img" aria-label={phrases.cutAt(marks.map((mm) => formatLength(mm, unit, 0)))}>
      <Svg width={width} height={high + 42} aria-hidden>
        <Rect x={4} y={4} width={width - 8} height={high} rx={high / 2} fill={p.dough} stroke={p.ink} strokeWidth={2} />
        {marks.map((mm) => (
          <Line
            key={mm}
            x1={position(mm)}
            x2={position(mm)}
            y1={4}
            y2={4 + high}
            stroke={p.beet}
            strokeWidth={1.6}
            strokeDasharray="5 4"
          />
        ))}
        <Line x1={4} x2={width - 4} y1={high + 12} y2={high + 12} stroke={p.ink} strokeWidth={1.4} />
        {ticks.map(({ mm, isLong }) => (
          <Line
            key={mm}
            x1={position(mm)}
            x2={position(mm)}
            y1={high + 12}
            y2={high + (isLong ? 21 : 17)}
            stroke={p.ink}
            strokeWidth={1}
          />
        ))}
        {marks
          .filter((_, i) => (i + 1) % every === 0)
          .map((mm) => (
            <SvgText
              key={mm}
              x={position(mm)}
              y={high + 35}
              fontFamily={SANS}
              fontSize={12}
              fill={p.ink}
              textAnchor="middle"
            >
              {lengthFigure(mm, unit, 0)}
            </SvgText>
          ))}
        {/* The ends of the log are rounded in the hand: the last piece is as long as the others. */}
        <Path d={`M ${width - 4} ${high + 6} v 12 M 4 ${high + 6} v 12`} stroke={p.ink} strokeWidth={1.4} />
      </Svg>
    </View>
  );
}
