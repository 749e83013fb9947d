/** One floor of what it is cooked in, from above, to scale, with the parcels on it. */
import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { type Footprint } from '@/core/cooking/footprint';
import { type LoadsToCook } from '@/core/cooking/loads-to-cook';
import { SANS } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type LengthUnit } from '@/core/units/lengths';
import { useDrawnText } from '@/ui/theme/text-size';
import * as phrases from './words';

const HEIGHT = 210;
const WIDTH = 320;
const EDGE = 14;

/** The outline of a parcel about its middle, mm. */
function outlineOf({ outline, longMm: l, wideMm: w }: Footprint): string {
  const [x, y] = [l / 2, w / 2];
  if (outline === 'round') return `M${-x} 0 A${x} ${x} 0 1 0 ${x} 0 A${x} ${x} 0 1 0 ${-x} 0 Z`;
  if (outline === 'half') return `M${-x} ${y} A${x} ${w} 0 0 1 ${x} ${y} Z`;
  if (outline === 'triangle') return `M${-x} ${y} L0 ${-y} L${x} ${y} Z`;
  return `M${-x} ${-y} H${x} V${y} H${-x} Z`;
}

export function LoadDrawing({ plan, lengths }: { plan: LoadsToCook; lengths: LengthUnit }) {
  const p = usePalette();
  const times = useDrawnText();
  const { appliance, footprint, places, atOnce, floors, fits } = plan;
  const { isRound, longMm, wideMm } = appliance;
  const scale = Math.min((WIDTH - 2 * EDGE) / longMm, (HEIGHT - 2 * EDGE) / wideMm);
  const here = Math.min(places.length, Math.ceil(atOnce / floors));
  const shown = loosened(places, here);
  const size = isRound ? phrases.across(longMm, lengths) : phrases.longByWide(longMm, wideMm, lengths);
  return (
    <View
      role="img"
      aria-label={phrases.loadFromAbove(
        appliance.name,
        size,
        here,
        phrases.longByWide(footprint.longMm, footprint.wideMm, lengths),
        floors,
        fits,
      )}
    >
      <Svg width="100%" height={HEIGHT + 18 * times} viewBox={`0 0 ${WIDTH} ${HEIGHT + 18 * times}`} aria-hidden>
        <G x={WIDTH / 2} y={HEIGHT / 2} scale={scale}>
          {isRound ? (
            <Circle r={longMm / 2} fill={p.paper} stroke={p.ink} strokeWidth={2.5 / scale} />
          ) : (
            <Rect
              x={-longMm / 2}
              y={-wideMm / 2}
              width={longMm}
              height={wideMm}
              rx={8}
              fill={p.paper}
              stroke={p.ink}
              strokeWidth={2.5 / scale}
            />
          )}
          {shown.map(({ x, y, turned }) => (
            <Path
              key={`${x} ${y}`}
              d={outlineOf(footprint)}
              transform={`translate(${x} ${y}) rotate(${turned})`}
              fill={p.dough}
              stroke={p.ink}
              strokeWidth={1.5 / scale}
            />
          ))}
        </G>
        <SvgText
          x={WIDTH / 2}
          y={HEIGHT + 12 * times}
          textAnchor="middle"
          fontFamily={SANS}
          fontSize={13 * times}
          fill={p.soft}
        >
          {`${size}${floors > 1 ? phrases.oneOfFloors(floors) : ''}`}
        </SvgText>
      </Svg>
    </View>
  );
}

/** Where fewer lie than fit, the most crowded places stay empty. */
function loosened(places: LoadsToCook['places'], count: number): LoadsToCook['places'] {
  let left = [...places];
  while (left.length > count) {
    const crowd = left.map((a, i) =>
      left.reduce((sum, b, j) => (i === j ? sum : sum + 1 / Math.max(1, Math.hypot(a.x - b.x, a.y - b.y)) ** 2), 0),
    );
    const gone = crowd.indexOf(Math.max(...crowd));
    left = left.filter((_, i) => i !== gone);
  }
  return left;
}
