/** The water line: where every gram of water is, as one bar, with this parcel's band marked over the free end. */
import { View } from 'react-native';
import Svg, { G, Line, Rect } from 'react-native-svg';
import { type Ledger } from '@/core/filling/ledger';
import { formatNumber } from '@/core/units/amount';
import { usePalette } from '../theme/use-palette';
import { Small, Strong } from './text';

interface Props {
  ledger: Ledger;
  band: readonly [number | null, number | null];
  width: number;
}

const HEIGHT = 48;
const OVER = 8;

export function WaterLine({ ledger, band, width }: Props) {
  const p = usePalette();
  const parts = [
    { key: 'cooked off', grams: ledger.cookedOff, fill: p.away },
    { key: 'drained', grams: ledger.drained, fill: p.away },
    { key: 'steamed off', grams: ledger.steamedOff, fill: p.away },
    { key: 'held', grams: ledger.held, fill: p.held },
    { key: 'free', grams: ledger.free, fill: p.steam },
  ];
  const total = Math.max(1, ledger.broughtIn);
  const x = (grams: number): number => 1 + ((width - 2) * grams) / total;
  const starts = parts.map((_, i) => parts.slice(0, i).reduce((sum, part) => sum + part.grams, 0));
  // The band is measured back from the end of the bar, where free liquid is.
  const bandAt = (per100: number | null): number => x(total - ((per100 ?? 0) / 100) * ledger.finishedG);
  const [dry, wet] = band;
  const shown = parts.filter((part) => part.grams >= 0.5 || part.key === 'free');
  return (
    <View role="img" aria-label={sentence(ledger, parts)}>
      <Svg width={width} height={HEIGHT + OVER * 2} aria-hidden>
        <G transform={`translate(0 ${OVER})`}>
          {parts.map((part, i) => (
            <Rect
              key={part.key}
              x={x(starts[i])}
              y={0}
              width={Math.max(0, x(starts[i] + part.grams) - x(starts[i]))}
              height={HEIGHT}
              fill={part.fill}
              stroke={p.ink}
              strokeWidth={part.grams > 0 ? 1 : 0}
            />
          ))}
          <Rect x={1} y={0} width={width - 2} height={HEIGHT} fill="none" stroke={p.ink} strokeWidth={1.5} />
          {ledger.finishedG > 0 && (
            <>
              <Line x1={bandAt(wet)} x2={bandAt(wet)} y1={-OVER} y2={HEIGHT + OVER} stroke={p.leek} strokeWidth={3.5} />
              <Line x1={bandAt(dry)} x2={bandAt(dry)} y1={-OVER} y2={HEIGHT + OVER} stroke={p.leek} strokeWidth={3.5} />
              <Line
                x1={bandAt(wet) - 1.7}
                x2={bandAt(dry) + 1.7}
                y1={-OVER + 1.7}
                y2={-OVER + 1.7}
                stroke={p.leek}
                strokeWidth={3.5}
              />
            </>
          )}
        </G>
      </Svg>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16 }}>
        {shown.map((part) => (
          <View key={part.key} style={{ flexDirection: 'row', alignItems: 'center', gap: 6 }}>
            <View style={{ width: 12, height: 12, backgroundColor: part.fill, borderWidth: 1, borderColor: p.ink }} />
            <Small>{part.key}</Small>
            <Strong style={{ fontSize: 14 }}>{formatNumber(part.grams, 0)}</Strong>
          </View>
        ))}
        <Small>of {formatNumber(ledger.broughtIn, 0)} g brought in; green: what this parcel takes</Small>
      </View>
    </View>
  );
}

const sentence = (ledger: Ledger, parts: { key: string; grams: number }[]): string =>
  `Of ${Math.round(ledger.broughtIn)} grams of water brought in: ${parts.map((part) => `${part.key} ${Math.round(part.grams)}`).join(', ')}.`;
