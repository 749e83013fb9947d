/** The vessel from the side: the depth of what is in it, and where it stays hottest and gets coldest. */
import { View } from 'react-native';
import Svg, { Circle, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { type Base, BASES } from '@/core/vocabulary/bases';
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

/** Its walls in the drawing, px from the left. */
const LEFT = 70;
const RIGHT = 240;

export function VesselDrawing(props: Props) {
  const { depthMm, base, covered, hottest, stirred, lengths } = props;
  const p = usePalette();
  const floor = floorAt(depthMm, covered);
  const surface = floor - depthMm * scaleFor(depthMm);
  const rim = surface - 14;
  const high = vesselHigh(depthMm, covered);
  const stroke = { stroke: p.ink, strokeWidth: 2.5, fill: 'none' };
  const said = phrases.vesselInWords(depthMm, covered, base, stirred, hottest, isColdBelow(base), lengths);
  return (
    <View role="img" aria-label={said}>
      <Svg width="100%" height={high} viewBox={`0 0 ${WIDTH} ${high}`} aria-hidden>
        {BASES[base].drawn === 'ice' && <Ice floor={floor} surface={surface} />}
        <Rect x={LEFT} y={surface} width={RIGHT - LEFT} height={floor - surface} fill={p.filling} />
        <Line x1={LEFT} x2={RIGHT} y1={surface} y2={surface} stroke={p.ink} strokeWidth={1.5} />
        <Path d={`M${LEFT} ${rim} V${floor} H${RIGHT} V${rim}`} {...stroke} />
        {covered && (
          <Path d={`M${LEFT - 8} ${rim} H${RIGHT + 8} M${(LEFT + RIGHT) / 2 - 10} ${rim} v-7 h20 v7`} {...stroke} />
        )}
        <Stand base={base} floor={floor} />
        <Depth depthMm={depthMm} lengths={lengths} floor={floor} surface={surface} />
        {!stirred && <HotAndCold base={base} hottest={hottest} floor={floor} surface={surface} />}
      </Svg>
    </View>
  );
}

/** Whether what it stands on draws the heat out below. */
const isColdBelow = (base: Base): boolean => BASES[base].mediumC !== null;

/** Where the filling lies, px from the top. */
interface Filling {
  floor: number;
  surface: number;
}

/** Around the walls, to four fifths of the filling. */
function Ice({ floor, surface }: Filling) {
  const p = usePalette();
  const high = (floor - surface) * 0.8;
  return (
    <Rect
      x={LEFT - 16}
      y={floor - high}
      width={RIGHT - LEFT + 32}
      height={high + 12}
      fill={p.held}
      stroke={p.steam}
      strokeWidth={1.5}
    />
  );
}

/** Feet or a rack under it, and what both stand on. */
function Stand({ base, floor }: { base: Base; floor: number }) {
  const p = usePalette();
  const { drawn } = BASES[base];
  const feet = Array.from({ length: 9 }, (_, i) => `M${LEFT + 4 + i * 20} ${floor + 2} v8`).join(' ');
  return (
    <>
      {drawn === 'feet' && <Path d={feet} stroke={p.ink} strokeWidth={2} fill="none" />}
      {drawn === 'bars' && (
        <Line x1={LEFT - 20} x2={RIGHT + 20} y1={floor + 5} y2={floor + 5} stroke={p.soft} strokeWidth={4} />
      )}
      <Line x1={20} x2={300} y1={floor + 12} y2={floor + 12} stroke={p.ink} strokeWidth={1.5} />
    </>
  );
}

/** Measured at the left, in figures. */
function Depth({ depthMm, lengths, floor, surface }: Filling & Pick<Props, 'depthMm' | 'lengths'>) {
  const p = usePalette();
  const times = useDrawnText();
  const middle = (floor + surface) / 2 + 5;
  const words = { x: 40, textAnchor: 'end', fontFamily: SANS_BOLD } as const;
  return (
    <>
      <Path d={`M50 ${surface} V${floor} M45 ${surface} h10 M45 ${floor} h10`} stroke={p.ink} strokeWidth={1.3} />
      <SvgText y={middle} fontSize={14 * times} fill={p.ink} {...words}>
        {lengthFigure(depthMm, lengths, 0)}
      </SvgText>
      <SvgText y={middle + 15 * times} fontSize={12 * times} fill={p.soft} {...words}>
        {lengths}
      </SvgText>
    </>
  );
}

/** Where it stays hottest and gets coldest, where they are far enough apart to be told apart. */
function HotAndCold({ base, hottest, floor, surface }: Filling & Pick<Props, 'base' | 'hottest'>) {
  const p = usePalette();
  const hotY = floor - (floor - surface) * Math.min(0.92, Math.max(0.08, hottest));
  const coldY = isColdBelow(base) ? floor - 5 : surface + 5;
  return (
    <>
      <Place x={150} y={hotY} colour={p.beet} name="hottest" />
      {Math.abs(coldY - hotY) > 14 && <Place x={110} y={coldY} colour={p.steam} name="coldest" />}
    </>
  );
}

function Place({ x, y, colour, name }: { x: number; y: number; colour: string; name: string }) {
  const p = usePalette();
  const times = useDrawnText();
  return (
    <>
      <Circle cx={x} cy={y} r={4} fill={colour} />
      <Path d={`M${x + 6} ${y} H${RIGHT + 8}`} stroke={colour} strokeWidth={1} />
      <SvgText x={RIGHT + 12} y={y + 4} fontFamily={SANS} fontSize={13 * times} fill={p.ink}>
        {name}
      </SvgText>
    </>
  );
}
