/** The skin laid flat, to scale: its edge, the rim, where the filling goes, and the lines it is folded along. */
import Svg, { Defs, G, Line, Path, Pattern, Rect, Text as SvgText } from 'react-native-svg';
import { useId } from 'react';
import { View } from 'react-native';
import { type FlatSkin } from '@/core/forms/flat';
import { formatLength, formatSides, type LengthUnit } from '@/core/units/lengths';
import { SANS_BOLD } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { useDrawnText } from '@/ui/theme/text-size';
import * as phrases from './words';

/** Room below for the dimension line, px. */
const DIMENSION_PX = 26;
const EDGE_PX = 2;
/** Room for its figure, px. */
const LEAST_PX = 64;

export function FlatDrawing({ piece, pxPerMm, lengths }: { piece: FlatSkin; pxPerMm: number; lengths: LengthUnit }) {
  const p = usePalette();
  const times = useDrawnText();
  const hatch = useId().replace(/[^a-zA-Z0-9]/g, '');
  const width = piece.widthMm * pxPerMm + 2 * EDGE_PX;
  const height = piece.heightMm * pxPerMm + 2 * EDGE_PX;
  const px = (value: number): number => value / pxPerMm;
  const dashed = `${px(5)} ${px(4)}`;
  const size =
    Math.abs(piece.widthMm - piece.heightMm) < 0.5
      ? formatLength(piece.widthMm, lengths, 0)
      : formatSides(piece.widthMm, piece.heightMm, lengths);
  const words = piece.each > 1 ? `${size}, ${piece.each}×` : size;
  return (
    <View role="img" aria-label={phrases.laidFlat(piece.label, words)}>
      <Svg width={Math.max(width, LEAST_PX * times)} height={height + DIMENSION_PX * times} aria-hidden>
        <Defs>
          <Pattern id={hatch} width={px(7)} height={px(7)} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <Rect width={px(7)} height={px(7)} fill={p.dough} />
            <Line x1={0} y1={0} x2={0} y2={px(7)} stroke={p.ink} strokeWidth={px(0.7)} opacity={0.45} />
          </Pattern>
        </Defs>
        <G transform={`translate(${width / 2} ${height / 2}) scale(${pxPerMm})`}>
          <Path
            d={piece.outline}
            fill={piece.rim.endsWith('Z') ? `url(#${hatch})` : p.dough}
            stroke={p.ink}
            strokeWidth={px(2)}
          />
          {piece.rim !== '' && (
            <Path
              d={piece.rim}
              fill={piece.rim.endsWith('Z') ? p.dough : 'none'}
              stroke={p.ink}
              strokeWidth={px(1)}
              strokeDasharray={dashed}
            />
          )}
          {piece.filling !== '' && <Path d={piece.filling} fill={p.filling} stroke={p.ink} strokeWidth={px(1.5)} />}
          {piece.folds !== '' && (
            <Path d={piece.folds} fill="none" stroke={p.beet} strokeWidth={px(1.6)} strokeDasharray={dashed} />
          )}
          {piece.ticks !== '' && <Path d={piece.ticks} stroke={p.ink} strokeWidth={px(1)} />}
        </G>
        <Line x1={EDGE_PX} x2={width - EDGE_PX} y1={height + 6} y2={height + 6} stroke={p.ink} strokeWidth={1.2} />
        {[EDGE_PX, width - EDGE_PX].map((x) => (
          <Line key={x} x1={x} x2={x} y1={height + 2} y2={height + 10} stroke={p.ink} strokeWidth={1.2} />
        ))}
        <SvgText
          x={Math.max(width, LEAST_PX * times) / 2}
          y={height + 10 + 14 * times}
          fontFamily={SANS_BOLD}
          fontSize={13 * times}
          fill={p.ink}
          textAnchor="middle"
        >
          {words}
        </SvgText>
      </Svg>
    </View>
  );
}
