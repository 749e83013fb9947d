/** Equal pieces: by weight, along a log with marks, by halving; and rounds cut from a sheet. */
import { View } from 'react-native';
import Svg, { Circle, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { LIMITS } from '@/core/vocabulary/limits';
import { formatNumber } from '@/core/units/amount';
import { type WrapperMaking } from '@/core/wrapper/making';
import { formatLength, lengthFigure, type LengthUnit, MM_PER_INCH } from '@/core/units/lengths';
import { LengthField } from '@/ui/parts/length-field';
import { Fold } from '@/ui/parts/fold';
import { Measured } from '@/ui/parts/measured';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { SANS } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { sizeOf } from '@/core/forms/skins';
import { type StationProps } from '../station-props';
import * as phrases from './words';

type Props = StationProps & { plan: WrapperMaking };

export function DividePanel(props: Props) {
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

function SheetOfRounds({ batch, kitchen, plan, edit }: Props) {
  const { wrap } = batch;
  const diameterMm = sizeOf(wrap.skin, 'diameterMm');
  if (wrap.skin.shape !== 'round' || diameterMm === undefined || !plan.amounts) return null;
  const sheet = wrap.sheet;
  if (sheet === null)
    return (
      <View style={{ alignItems: 'flex-start', gap: 6 }}>
        <Press
          title={phrases.CUT_ROUNDS_INSTEAD}
          onPress={() => void edit({ do: 'setWrap', to: { sheet: { lengthMm: 400, widthMm: 300 } } }, 'sheet')}
        />
      </View>
    );
  const { layout } = plan;
  return (
    <View style={{ gap: 8 }}>
      <Heading level={3}>{phrases.ROUNDS_FROM_SHEET}</Heading>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 10 }}>
        {(['lengthMm', 'widthMm'] as const).map((key) => (
          <LengthField
            key={key}
            label={key === 'lengthMm' ? phrases.ROLLED_LONG : phrases.ROLLED_WIDE}
            unit={kitchen.lengths}
            mm={sheet[key]}
            {...LIMITS.sheetMm}
            step={10}
            onChange={(mm) =>
              mm !== null && edit({ do: 'setWrap', to: { sheet: { ...sheet, [key]: mm } } }, `sheet-${key}`)
            }
          />
        ))}
      </View>
      {layout && (
        <>
          <Body>
            {phrases.roundsCut(
              layout.count,
              diameterMm,
              kitchen.lengths,
              layout.kind,
              layout.trimmingsShare,
              layout.rerolled,
              layout.sheetsNeeded,
            )}
          </Body>
          <Measured>
            {(width) => (
              <Rounds
                layout={layout}
                sheet={sheet}
                diameterMm={diameterMm}
                lengths={kitchen.lengths}
                width={Math.min(width, 300)}
              />
            )}
          </Measured>
          <Small>
            {layout.cutterMm === null
              ? phrases.CUTTERS_ARE_KEPT
              : layout.cutterMm === diameterMm
                ? phrases.cutterIsRight(layout.cutterMm, kitchen.lengths)
                : phrases.nearestCutter(layout.cutterMm, kitchen.lengths)}
            {kitchen.cuttersMm.length > 0 && layout.cutterMm !== null && layout.cutterMm !== diameterMm ? ' ' : ''}
          </Small>
          {layout.cutterMm !== null && layout.cutterMm !== diameterMm && (
            <Press
              title={phrases.takeCutter(layout.cutterMm, kitchen.lengths)}
              onPress={() =>
                void edit(
                  { do: 'setWrap', to: { skin: { shape: 'round', diameterMm: layout.cutterMm ?? diameterMm } } },
                  'cutter',
                )
              }
            />
          )}
        </>
      )}
      <Press
        title={phrases.ROLL_EVERY_PIECE}
        onPress={() => void edit({ do: 'setWrap', to: { sheet: null } }, 'sheet')}
      />
    </View>
  );
}

function Rounds({
  layout,
  sheet,
  diameterMm,
  lengths,
  width,
}: {
  layout: NonNullable<WrapperMaking['layout']>;
  sheet: { lengthMm: number; widthMm: number };
  diameterMm: number;
  lengths: LengthUnit;
  width: number;
}) {
  const p = usePalette();
  // The longer side lies across.
  const scale = width / Math.max(sheet.lengthMm, sheet.widthMm);
  const isTurned = sheet.lengthMm >= sheet.widthMm;
  const [w, h] = isTurned ? [sheet.lengthMm, sheet.widthMm] : [sheet.widthMm, sheet.lengthMm];
  return (
    <View role="img" aria-label={phrases.roundsOnSheet(layout.count, w, h, lengths)}>
      <Svg width={w * scale} height={h * scale} aria-hidden>
        <Rect
          x={1}
          y={1}
          width={w * scale - 2}
          height={h * scale - 2}
          fill={p.faint}
          stroke={p.ink}
          strokeWidth={1.5}
        />
        {layout.centres.map(([x, y]) => (
          <Circle
            key={`${x} ${y}`}
            cx={(isTurned ? y : x) * scale}
            cy={(isTurned ? x : y) * scale}
            r={(diameterMm / 2) * scale}
            fill={p.dough}
            stroke={p.ink}
            strokeWidth={1.2}
          />
        ))}
      </Svg>
    </View>
  );
}
