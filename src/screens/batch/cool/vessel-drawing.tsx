/** The vessel from the side: the depth of what is in it, and where it stays hottest and gets coldest. */
import { BASES } from '@/core/vocabulary/bases';
import { View } from 'react-native';
import Svg, { Circle, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { type Base } from '@/core/vocabulary/bases';
import { SANS, SANS_BOLD } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { lengthFigure, type LengthUnit } from '@/core/units/lengths';
import { useDrawnText } from '@/ui/theme/text-size';
import { floorAt, scaleFor, vesselHigh, WIDTH } from './vessel-size';
import * as phrases from './words';

interface Props {
  depthMm: number;
  base: Base;
  covered: boolean;
  /** Where it stays hottest: 0 the floor, 1 the top. */
  hottest: number;
  stirred: boolean;
  lengths: LengthUnit;
}

export function VesselDrawing({ depthMm, base, covered, hottest, stirred, lengths }: Props) {
  const p = usePalette();
  const times = useDrawnText();
  const scale = scaleFor(depthMm);
  const fill = depthMm * scale;
  const wall = fill + 14;
  const floor = floorAt(depthMm, covered);
  const left = 70;
  const right = 240;
  const stroke = { stroke: p.ink, strokeWidth: 2.5, fill: 'none' };
  const hotY = floor - fill * Math.min(0.92, Math.max(0.08, hottest));
  const { drawn, mediumC } = BASES[base];
  const isColdBelow = mediumC !== null;
  const coldY = isColdBelow ? floor - 5 : floor - fill + 5;
  const words = { fontFamily: SANS, fontSize: 13 * times, fill: p.ink };
  return (
    <View role="img" aria-label={phrases.vesselInWords(depthMm, covered, base, stirred, hottest, isColdBelow, lengths)}>
      <Svg
        width="100%"
        height={vesselHigh(depthMm, covered)}
        viewBox={`0 0 ${WIDTH} ${vesselHigh(depthMm, covered)}`}
        aria-hidden
      >
        {drawn === 'ice' && (
          <Rect
            x={left - 16}
            y={floor - fill * 0.8}
            width={right - left + 32}
            height={fill * 0.8 + 12}
            fill={p.held}
            stroke={p.steam}
            strokeWidth={1.5}
          />
        )}
        <Rect x={left} y={floor - fill} width={right - left} height={fill} fill={p.filling} />
        <Line x1={left} x2={right} y1={floor - fill} y2={floor - fill} stroke={p.ink} strokeWidth={1.5} />
        <Path d={`M${left} ${floor - wall} V${floor} H${right} V${floor - wall}`} {...stroke} />
        {covered && (
          <Path
            d={`M${left - 8} ${floor - wall} H${right + 8} M${(left + right) / 2 - 10} ${floor - wall} v-7 h20 v7`}
            {...stroke}
          />
        )}
        {drawn === 'feet' && (
          <Path
            d={Array.from({ length: 9 }, (_, i) => `M${left + 4 + i * 20} ${floor + 2} v8`).join(' ')}
            {...stroke}
            strokeWidth={2}
          />
        )}
        {drawn === 'bars' && (
          <Line x1={left - 20} x2={right + 20} y1={floor + 5} y2={floor + 5} stroke={p.soft} strokeWidth={4} />
        )}
        <Line x1={20} x2={300} y1={floor + 12} y2={floor + 12} stroke={p.ink} strokeWidth={1.5} />
        <Path
          d={`M50 ${floor - fill} V${floor} M45 ${floor - fill} h10 M45 ${floor} h10`}
          stroke={p.ink}
          strokeWidth={1.3}
        />
        <SvgText
          x={40}
          y={floor - fill / 2 + 5}
          textAnchor="end"
          fontFamily={SANS_BOLD}
          fontSize={14 * times}
          fill={p.ink}
        >
          {lengthFigure(depthMm, lengths, 0)}
        </SvgText>
        <SvgText
          x={40}
          y={floor - fill / 2 + 5 + 15 * times}
          textAnchor="end"
          fontFamily={SANS_BOLD}
          fontSize={12 * times}
          fill={p.soft}
        >
          {lengths}
        </SvgText>
        {!stirred && (
          <>
            <Circle cx={150} cy={hotY} r={4} fill={p.beet} />
            <Path d={`M156 ${hotY} H${right + 8}`} stroke={p.beet} strokeWidth={1} />
            <SvgText x={right + 12} y={hotY + 4} {...words}>
              hottest
            </SvgText>
            {Math.abs(coldY - hotY) > 14 && (
              <>
                <Circle cx={110} cy={coldY} r={4} fill={p.steam} />
                <Path d={`M116 ${coldY} H${right + 8}`} stroke={p.steam} strokeWidth={1} />
                <SvgText x={right + 12} y={coldY + 4} {...words}>
                  coldest
                </SvgText>
              </>
            )}
          </>
        )}
      </Svg>
    </View>
  );
}
