/** One gauge: what it is of, what it shows, its zones with their words, the numbers of their edges, and the mark. */
import { View } from 'react-native';
import { formatNumber } from '@/core/units/amount';
import { usePalette } from '../theme/use-palette';
import { placeOf, type Zone } from './gauge';
import { Small, Strong } from './text';

interface Props {
  label: string;
  /** What it shows, in words: `7.6 g run`. */
  figure: string;
  value: number;
  zones: readonly Zone[];
  /** Where the first zone begins; null where it is open. */
  from: number | null;
}

const HEIGHT = 34;
const MARK = 6;

const percent = (share: number): `${number}%` => `${100 * share}%`;

export function GaugeRow({ label, figure, value, zones, from }: Props) {
  const p = usePalette();
  const fill = { good: p.goodBand, watch: p.faint, fix: p.fixBand };
  return (
    <View role="img" aria-label={`${label}: ${figure} in 100 g, ${zoneOf(value, zones).word}`}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', paddingBottom: 3 }}>
        <Small>{label}</Small>
        <Strong style={{ fontSize: 14, lineHeight: 20 }}>{figure}</Strong>
      </View>
      <View style={{ flexDirection: 'row', borderWidth: 1.5, borderColor: p.ink, minHeight: HEIGHT }}>
        {zones.map((zone, i) => (
          <View
            key={zone.word}
            style={{
              width: percent(zone.share),
              backgroundColor: fill[zone.tone],
              borderLeftWidth: i === 0 ? 0 : 1.5,
              borderLeftColor: p.ink,
              justifyContent: 'center',
              alignItems: 'center',
            }}
          >
            <Small numberOfLines={1} style={{ color: p.ink }}>
              {zone.word}
            </Small>
          </View>
        ))}
        <View
          style={{
            position: 'absolute',
            top: -5,
            bottom: -5,
            left: percent(placeOf(value, zones, from)),
            width: MARK,
            marginLeft: -MARK / 2,
            backgroundColor: p.steam,
            borderWidth: 1,
            borderColor: p.ground,
          }}
        />
      </View>
      <View style={{ flexDirection: 'row', height: 18 }}>
        {zones.slice(0, -1).map((zone) => (
          <View key={zone.word} style={{ width: percent(zone.share), alignItems: 'flex-end' }}>
            <Small style={{ fontSize: 12, lineHeight: 16, marginRight: -10, width: 20, textAlign: 'center' }}>
              {formatNumber(Math.abs(zone.to), Number.isInteger(zone.to) ? 0 : 1)}
            </Small>
          </View>
        ))}
      </View>
    </View>
  );
}

const zoneOf = (value: number, zones: readonly Zone[]): Zone =>
  zones.find(({ to }) => value < to) ?? zones[zones.length - 1];
