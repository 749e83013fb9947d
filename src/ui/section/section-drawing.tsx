/**
 * The section: one parcel cut through, to scale, over a ruler in millimetres or inches. Wetter fillings have more drops, overfilling
 * cracks the seam.
 */
import { memo, useId } from 'react';
import { View } from 'react-native';
import Svg, { Defs, G, Line, Path, Pattern, Rect, Text as SvgText } from 'react-native-svg';
import { type Assessment } from '@/core/checks/judgement';
import { type Batch } from '@/core/stored/schema';
import { FORMS } from '@/core/forms';
import { type Family } from '@/core/vocabulary/foods';
import { lookUp } from '@/core/food/larder';
import { formatNumber } from '@/core/units/amount';
import { SANS, SANS_BOLD } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { formatLength, type LengthUnit, MM_PER_INCH } from '@/core/units/lengths';
import { useDrawnText } from '@/ui/theme/text-size';
import { Drop, isDrawn, Piece } from './pieces';
import { scatter } from './scatter';
import * as phrases from './words';

interface Props {
  batch: Batch;
  assessment: Assessment;
  /** px */
  width: number;
  lengths: LengthUnit;
  /** Without words and ruler, as on the Bench. */
  small?: boolean;
}

/** Drops for each gram of free liquid in 100 g. */
const DROPS = 5;
const PIECES = 34;
/** Room beside the parcel for the words, px, and between their two lines. */
const WORDS_PX = 138;
const WORDS_APART_PX = 48;
/** Paper left and right of the parcel, mm. */
const EDGE_MM = 10;
/** Room over the parcel for its dimension, and under the board for the ruler, px. */
const OVER_PX = 46;
const UNDER_PX = 36;
/** Ticks no nearer than the first, numbers no nearer than the second, px. */
const TICKS_APART_PX = 5;
const NUMBERS_APART_PX = 30;

function Drawing({ batch, assessment, width, lengths, small = false }: Props) {
  const p = usePalette();
  // Beside the words there is as much room for what they are of.
  const times = Math.max(1, Math.min(useDrawnText(), (0.55 * width) / WORDS_PX));
  const hatch = useId().replace(/[^a-zA-Z0-9]/g, '');
  const { fit, ledger } = assessment;
  const shape = FORMS[batch.wrap.form].section(fit, batch.wrap);
  const paperMm = small
    ? Math.max(shape.widthMm, shape.heightMm) + 8
    : ((shape.widthMm + EDGE_MM) * width) / (width - WORDS_PX * times);
  const scale = width / paperMm;
  const size = (px: number): number => px / scale;
  const letter = (px: number): number => size(px * times);
  const overMm = small ? 3 : letter(OVER_PX);
  const underMm = small ? 2 : letter(UNDER_PX);
  // Low parcels still leave room for two labels one above the other.
  const drawnMm = small ? paperMm - 8 : Math.max(shape.heightMm, letter(2 * WORDS_APART_PX));
  const heightMm = drawnMm + overMm + underMm + (small ? 1 : 0);
  const left = shape.leftMm;
  const offset = small ? (paperMm - shape.widthMm) / 2 + left : EDGE_MM / 2 + left;
  const board = heightMm - underMm;
  const drops = Math.round(Math.min(14, ledger.freePer100) * DROPS);
  const pieces = piecesOf(batch, assessment);
  const cut = fit.state === 'fix' && fit.fillMl > fit.maxMl * 0.5;
  const right = offset - left + shape.widthMm;
  const labelY = board - Math.max(shape.heightMm * 0.72, letter(WORDS_APART_PX * 1.65));
  const across = formatLength(shape.widthMm, lengths, 0);
  const words = { fontFamily: SANS_BOLD, fontSize: letter(15), fill: p.ink };
  const softWords = { fontFamily: SANS, fontSize: letter(14), fill: p.soft };
  return (
    <View role="img" aria-label={describe(batch, assessment, shape.widthMm, lengths)}>
      <Svg width={width} height={heightMm * scale} viewBox={`0 0 ${paperMm} ${heightMm}`} aria-hidden>
        <Defs>
          <Pattern id={hatch} width={2.2} height={2.2} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <Rect width={2.2} height={2.2} fill={p.dough} />
            <Line x1={0} y1={0} x2={0} y2={2.2} stroke={p.ink} strokeWidth={0.22} opacity={0.55} />
          </Pattern>
        </Defs>
        <G transform={`translate(${offset} ${board})`}>
          <Path d={shape.skin} fill={`url(#${hatch})`} stroke={p.ink} strokeWidth={size(2)} />
          <Path d={shape.filling} fill={p.filling} stroke={p.ink} strokeWidth={size(1.6)} />
          {scatter(pieces.length, shape.inside).map((point, i) => (
            <Piece key={i} family={pieces[i]} x={point.x} y={point.y} turn={(i * 67) % 180} palette={p} />
          ))}
          {scatter(drops, shape.inside, 400).map((point, i) => (
            <Drop key={i} x={point.x} y={point.y} palette={p} />
          ))}
          <Path d={shape.seam} fill="none" stroke={p.ink} strokeWidth={size(1)} />
          {cut && <Path d={shape.crack} fill="none" stroke={p.beet} strokeWidth={size(3)} />}
        </G>
        {small ? (
          <Line x1={0} y1={board} x2={paperMm} y2={board} stroke={p.ink} strokeWidth={size(1.5)} />
        ) : (
          <>
            <Ruler y={board} lengthMm={paperMm} from={offset - left} lengths={lengths} size={size} letter={letter} />
            <Dimension
              x1={offset - left}
              x2={right}
              y={board - shape.heightMm - letter(22)}
              text={shape.isSlice ? phrases.sliceOf(across) : across}
              size={size}
              letter={letter}
            />
            <Leader
              from={{ x: offset + shape.skinAt.x, y: board + shape.skinAt.y }}
              to={{ x: right + 6, y: labelY }}
              size={size}
            />
            <SvgText x={right + 7} y={labelY + size(2)} {...words}>
              {phrases.skinOf(shape.isSlice, formatLength(batch.wrap.thicknessMm, lengths))}
            </SvgText>
            <SvgText x={right + 7} y={labelY + letter(20)} {...softWords}>
              {`${formatNumber(fit.wrapperG)} g`}
            </SvgText>
            <Leader
              from={{ x: offset + shape.inside.cx + shape.inside.rx * 0.3, y: board + shape.inside.cy }}
              to={{ x: right + 6, y: labelY + letter(WORDS_APART_PX) }}
              size={size}
            />
            <SvgText x={right + 7} y={labelY + letter(WORDS_APART_PX) + size(2)} {...words}>
              {phrases.fillingOf(batch.wrap.portionG)}
            </SvgText>
            <SvgText x={right + 7} y={labelY + letter(WORDS_APART_PX) + letter(20)} {...softWords}>
              {phrases.shareOfBite(fit.ratio)}
            </SvgText>
          </>
        )}
      </Svg>
    </View>
  );
}

/** Drawn again only when what it shows has changed. */
export const SectionDrawing = memo(Drawing);

type Size = (px: number) => number;

/** The least of these steps, mm, that is so many px wide. */
const stepOf = (steps: readonly number[], px: number, size: Size): number =>
  steps.find((mm) => mm >= size(px)) ?? steps[steps.length - 1];

/** Marks and numbers of a ruler, each from the finest, in its unit; and how long that is, mm. */
const RULERS: Readonly<Record<LengthUnit, { ticks: readonly number[]; numbers: readonly number[]; mm: number }>> = {
  mm: { ticks: [2, 5, 10, 20], numbers: [10, 20, 50, 100], mm: 1 },
  in: { ticks: [1 / 8, 1 / 4, 1 / 2, 1], numbers: [1, 2, 4, 8], mm: MM_PER_INCH },
};

interface RulerProps {
  y: number;
  lengthMm: number;
  from: number;
  lengths: LengthUnit;
  size: Size;
  letter: Size;
}

function Ruler({ y, lengthMm, from, lengths, size, letter }: RulerProps) {
  const p = usePalette();
  const { ticks: fine, numbers, mm: one } = RULERS[lengths];
  const inMm = (steps: readonly number[]): number[] => steps.map((step) => step * one);
  const tickMm = stepOf(inMm(fine), TICKS_APART_PX, size);
  const numberMm = stepOf(inMm(numbers), NUMBERS_APART_PX, letter);
  const each = Math.round(numberMm / tickMm);
  const ticks = Array.from({ length: Math.floor((lengthMm - from) / tickMm) + 1 }, (_, i) => ({
    mm: i * tickMm,
    isNumbered: i % each === 0,
  }));
  return (
    <>
      <Line x1={0} y1={y} x2={lengthMm} y2={y} stroke={p.ink} strokeWidth={size(1.6)} />
      {ticks.map(({ mm, isNumbered }) => (
        <Line
          key={mm}
          x1={from + mm}
          y1={y}
          x2={from + mm}
          y2={y + size(isNumbered ? 10 : 6)}
          stroke={p.ink}
          strokeWidth={size(isNumbered ? 1.4 : 0.8)}
        />
      ))}
      {ticks
        .filter(({ mm, isNumbered }) => isNumbered && from + mm < lengthMm - letter(22))
        .map(({ mm }) => (
          <SvgText
            key={mm}
            x={from + mm + size(2)}
            y={y + letter(24)}
            fontFamily={SANS}
            fontSize={letter(12)}
            fill={p.soft}
          >
            {Math.round(mm / one)}
          </SvgText>
        ))}
    </>
  );
}

interface DimensionProps {
  x1: number;
  x2: number;
  y: number;
  text: string;
  size: Size;
  letter: Size;
}

function Dimension({ x1, x2, y, text, size, letter }: DimensionProps) {
  const p = usePalette();
  const stroke = { stroke: p.ink, strokeWidth: size(1.2) };
  const middle = (x1 + x2) / 2;
  const half = letter(6 + text.length * 4.2);
  return (
    <>
      <Line x1={x1} y1={y} x2={middle - half} y2={y} {...stroke} />
      <Line x1={middle + half} y1={y} x2={x2} y2={y} {...stroke} />
      <Line x1={x1} y1={y - size(6)} x2={x1} y2={y + size(6)} {...stroke} />
      <Line x1={x2} y1={y - size(6)} x2={x2} y2={y + size(6)} {...stroke} />
      <SvgText x={middle} y={y + size(5)} fontFamily={SANS_BOLD} fontSize={letter(15)} fill={p.ink} textAnchor="middle">
        {text}
      </SvgText>
    </>
  );
}

function Leader({ from, to, size }: { from: { x: number; y: number }; to: { x: number; y: number }; size: Size }) {
  const p = usePalette();
  return <Line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke={p.ink} strokeWidth={size(1)} />;
}

/** The families to draw, by their share of the filling. */
function piecesOf(batch: Batch, { ledger }: Assessment): Family[] {
  const lines = batch.lines.flatMap((line) => {
    const ingredient = lookUp(batch.ingredients, line.ingredientId);
    const row = ledger.lines.find((l) => l.lineId === line.id);
    return ingredient && row && isDrawn(ingredient.family) ? [{ family: ingredient.family, water: row.brings }] : [];
  });
  const total = lines.reduce((sum, l) => sum + l.water, 0);
  const row = lines.flatMap(({ family, water }) => Array<Family>(Math.round((PIECES * water) / total)).fill(family));
  // Dealt out like cards, so that no family sits in one corner.
  return row.map((_, i) => row[(i * 13) % row.length]);
}

function describe(batch: Batch, { fit, ledger }: Assessment, widthMm: number, lengths: LengthUnit): string {
  const wet = ledger.freePer100 > 0.05 ? phrases.looseLiquid(ledger.freePer100) : phrases.NO_LOOSE_LIQUID;
  const across = formatLength(widthMm, lengths, 0);
  const thick = formatLength(batch.wrap.thicknessMm, lengths);
  return phrases.sectionInWords(across, thick, fit.wrapperG, batch.wrap.portionG, wet);
}
