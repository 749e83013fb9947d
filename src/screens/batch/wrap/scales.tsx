/** Filling against dough, as a pair of scales: the side that runs out first hangs high. */
import { View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { type Assessment } from '@/core/checks/judgement';
import { type Batch } from '@/core/stored/schema';
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
  const sides = sidesOf(batch, assessment);
  const lean = leanOf(batch, assessment);
  const middle = width / 2;
  const arm = Math.min(130, middle - 56 * times);
  const top = 28;
  const [left, right] = [
    { x: middle - arm, y: top + lean },
    { x: middle + arm, y: top - lean },
  ];
  // Large words stand below the foot of the scales.
  const below = 14 * times + (times > 1 ? 14 : 0);
  return (
    <View
      role="img"
      aria-label={phrases.scalesInWords(
        sides.map(({ name, note }) => `${name} ${note}`),
        batch.count,
      )}
    >
      <Svg width={width} height={HEIGHT + (WORDS_PX + 28) * (times - 1)} aria-hidden>
        <Line x1={middle} x2={middle} y1={top} y2={106} stroke={p.ink} strokeWidth={2.5} />
        <Line x1={middle - 34} x2={middle + 34} y1={106} y2={106} stroke={p.ink} strokeWidth={2.5} />
        <Line x1={left.x} x2={right.x} y1={left.y} y2={right.y} stroke={p.ink} strokeWidth={3} />
        <Path d={`M ${middle - 5} ${top + 8} L ${middle} ${top - 6} L ${middle + 5} ${top + 8} Z`} fill={p.ink} />
        <Side {...left} {...sides[0]} fill={p.filling} below={below} />
        <Side {...right} {...sides[1]} fill={p.dough} below={below} />
      </Svg>
    </View>
  );
}

interface Words {
  name: string;
  note: string;
}

/** How many parcels the dough is enough for; without dough at hand as much is made as the parcels planned take. */
const doughFor = ({ count }: Pick<Batch, 'count'>, { portion }: Pick<Assessment, 'portion'>): number =>
  portion.fromDough ?? count;

/** By so much the filling's side hangs lower than level, px. */
function leanOf(batch: Batch, assessment: Assessment): number {
  const over = assessment.portion.fromFilling - doughFor(batch, assessment);
  return Math.max(-1, Math.min(1, over / Math.max(1, batch.count) / 0.5)) * MOST_LEAN;
}

/** The filling's words and the dough's. */
function sidesOf(batch: Batch, assessment: Assessment): [Words, Words] {
  const { count, wrap } = batch;
  const { portion, ledger, checks } = assessment;
  // Where it comes out even, it is for as many as are planned.
  const isEven = checks.fit.fits?.even?.state === 'good';
  const whole = (parcels: number): string =>
    formatNumber(isEven && parcels < count ? count : Math.floor(parcels + 1e-9), 0);
  return [
    { name: `${formatGrams(ledger.finishedG)} filling`, note: `for ${whole(portion.fromFilling)}` },
    wrap.doughG === null
      ? { name: `${formatGrams(portion.doughNeededG)} dough`, note: phrases.toMakeFor(count) }
      : { name: `${formatGrams(wrap.doughG)} dough`, note: `for ${whole(doughFor(batch, assessment))}` },
  ];
}

/** A pan on its strings, and its words below. */
function Side({ x, y, name, note, fill, below }: Words & { x: number; y: number; fill: string; below: number }) {
  const p = usePalette();
  const times = useDrawnText();
  const stroke = { stroke: p.ink, strokeWidth: 1.5, fill: 'none' };
  return (
    <>
      <Path d={`M ${x} ${y} L ${x - 44} ${y + 44} M ${x} ${y} L ${x + 44} ${y + 44}`} {...stroke} />
      <Path
        d={`M ${x - 52} ${y + 44} H ${x + 52} C ${x + 44} ${y + 62} ${x - 44} ${y + 62} ${x - 52} ${y + 44} Z`}
        {...stroke}
        strokeWidth={2}
        fill={fill}
      />
      <SvgText x={x} y={y + 64 + below} fontFamily={SANS_BOLD} fontSize={14 * times} fill={p.ink} textAnchor="middle">
        {name}
      </SvgText>
      <SvgText
        x={x}
        y={y + 64 + 17 * times + below}
        fontFamily={SANS}
        fontSize={13 * times}
        fill={p.soft}
        textAnchor="middle"
      >
        {note}
      </SvgText>
    </>
  );
}
