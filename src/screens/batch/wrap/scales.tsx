/** Filling against dough, as a pair of scales: the side that runs out first hangs high. */
import { View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { formatNumber } from '@/core/units/amount';
import { formatGrams } from '@/core/units/format';
import { SANS, SANS_BOLD } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type ShownProps } from '../station-props';
import { useDrawnText } from '@/ui/theme/text-size';
import * as phrases from './words';

const HEIGHT = 150;
/** Of that the words below a pan, px. */
const WORDS_PX = 36;
/** The beam leans no further than this, px at its end. */
const MOST_LEAN = 24;

export function Scales({ batch, assessment, width }: Pick<ShownProps, 'batch' | 'assessment'> & { width: number }) {
  const p = usePalette();
  const times = useDrawnText();
  const { portion, ledger } = assessment;
  const { count, wrap } = batch;
  // Without dough at hand as much is made as the parcels planned take.
  const dough = portion.fromDough ?? count;
  const lean = Math.max(-1, Math.min(1, (portion.fromFilling - dough) / Math.max(1, count) / 0.5)) * MOST_LEAN;
  const middle = width / 2;
  const arm = Math.min(130, middle - 56 * times);
  const top = 28;
  // Where it comes out even, it is for as many as are planned.
  const isEven = assessment.checks.fit.fits?.even?.state === 'good';
  const whole = (parcels: number): string =>
    formatNumber(isEven && parcels < count ? count : Math.floor(parcels + 1e-9), 0);
  const sides = [
    {
      x: middle - arm,
      y: top + lean,
      fill: p.filling,
      name: `${formatGrams(ledger.finishedG)} filling`,
      note: `for ${whole(portion.fromFilling)}`,
    },
    {
      x: middle + arm,
      y: top - lean,
      fill: p.dough,
      name: wrap.doughG === null ? `${formatGrams(portion.doughNeededG)} dough` : `${formatGrams(wrap.doughG)} dough`,
      note: wrap.doughG === null ? phrases.toMakeFor(count) : `for ${whole(dough)}`,
    },
  ];
  // Large words stand below the foot of the scales.
  const below = 14 * times + (times > 1 ? 14 : 0);
  const stroke = { stroke: p.ink, strokeWidth: 1.5, fill: 'none' };
  return (
    <View
      role="img"
      aria-label={phrases.scalesInWords(
        sides.map((side) => `${side.name} ${side.note}`),
        count,
      )}
    >
      <Svg width={width} height={HEIGHT + (WORDS_PX + 28) * (times - 1)} aria-hidden>
        <Line x1={middle} x2={middle} y1={top} y2={106} stroke={p.ink} strokeWidth={2.5} />
        <Line x1={middle - 34} x2={middle + 34} y1={106} y2={106} stroke={p.ink} strokeWidth={2.5} />
        <Line x1={sides[0].x} x2={sides[1].x} y1={sides[0].y} y2={sides[1].y} stroke={p.ink} strokeWidth={3} />
        <Path d={`M ${middle - 5} ${top + 8} L ${middle} ${top - 6} L ${middle + 5} ${top + 8} Z`} fill={p.ink} />
        {sides.map(({ x, y, fill, name, note }) => (
          <Path key={name} d={`M ${x} ${y} L ${x - 44} ${y + 44} M ${x} ${y} L ${x + 44} ${y + 44}`} {...stroke} />
        ))}
        {sides.map(({ x, y, fill, name, note }) => (
          <Path
            key={`${name} pan`}
            d={`M ${x - 52} ${y + 44} H ${x + 52} C ${x + 44} ${y + 62} ${x - 44} ${y + 62} ${x - 52} ${y + 44} Z`}
            {...stroke}
            strokeWidth={2}
            fill={fill}
          />
        ))}
        {sides.map(({ x, y, name, note }) => (
          <SvgText
            key={`${name} words`}
            x={x}
            y={y + 64 + below}
            fontFamily={SANS_BOLD}
            fontSize={14 * times}
            fill={p.ink}
            textAnchor="middle"
          >
            {name}
          </SvgText>
        ))}
        {sides.map(({ x, y, name, note }) => (
          <SvgText
            key={`${name} note`}
            x={x}
            y={y + 64 + 17 * times + below}
            fontFamily={SANS}
            fontSize={13 * times}
            fill={p.soft}
            textAnchor="middle"
          >
            {note}
          </SvgText>
        ))}
      </Svg>
    </View>
  );
}
