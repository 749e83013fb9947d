/** The vessel from the side, with the depth of what is in it in millimetres. */
import { View } from 'react-native';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { type Base } from '@/core/heat/surfaces';
import { SANS_BOLD } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';

const WIDTH = 320;
/** px per mm; deep pots are drawn smaller. */
const scaleFor = (depthMm: number): number => Math.min(1.4, 120 / depthMm);

export function VesselDrawing({ depthMm, base, covered }: { depthMm: number; base: Base; covered: boolean }) {
  const p = usePalette();
  const scale = scaleFor(depthMm);
  const fill = depthMm * scale;
  const wall = fill + 14;
  const floor = wall + (covered ? 14 : 6);
  const left = 70;
  const right = 270;
  const stroke = { stroke: p.ink, strokeWidth: 2.5, fill: 'none' };
  return (
    <View
      role="img"
      aria-label={`The filling lies ${Math.round(depthMm)} mm deep${covered ? ', covered' : ''}, on ${base}.`}
    >
      <Svg width="100%" height={floor + 26} viewBox={`0 0 ${WIDTH} ${floor + 26}`} aria-hidden>
        {base === 'ice' && (
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
        {base === 'rack' && (
          <Path
            d={Array.from({ length: 11 }, (_, i) => `M${left + i * 20} ${floor + 2} v8`).join(' ')}
            {...stroke}
            strokeWidth={2}
          />
        )}
        <Line x1={20} x2={300} y1={floor + 12} y2={floor + 12} stroke={p.ink} strokeWidth={1.5} />
        <Path
          d={`M50 ${floor - fill} V${floor} M45 ${floor - fill} h10 M45 ${floor} h10`}
          stroke={p.ink}
          strokeWidth={1.3}
        />
        <SvgText x={40} y={floor - fill / 2 + 5} textAnchor="end" fontFamily={SANS_BOLD} fontSize={14} fill={p.ink}>
          {`${Math.round(depthMm)}`}
        </SvgText>
        <SvgText x={40} y={floor - fill / 2 + 20} textAnchor="end" fontFamily={SANS_BOLD} fontSize={12} fill={p.soft}>
          mm
        </SvgText>
      </Svg>
    </View>
  );
}
