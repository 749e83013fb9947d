/** One gauge: what it is of, what it shows, its zones with their words, the numbers of their edges, and the mark. */
import { View } from 'react-native';
import { formatNumber } from '@/core/units/amount';
import { SANS_BOLD } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { isLarge, useTextSize } from '@/ui/theme/text-size';
import { placeOf, type Zone, zoneOf } from './gauge';
import { Small, Strong } from './text';
import * as phrases from './words';

interface Props {
  label: string;
  /** What it shows, in words: `7.6 g run`; and for screen readers of how much. */
  figure: string;
  unit: string;
  value: number;
  zones: readonly Zone[];
  /** Where the first zone begins; null where it is open. */
  from: number | null;
}

const HEIGHT = 20;
const MARK = 6;

const percent = (share: number): `${number}%` => `${100 * share}%`;

export function GaugeRow({ label, figure, unit, value, zones, from }: Props) {
  const p = usePalette();
  // In large letters there is no room for words between the numbers: the one that holds stands with the figure.
  const times = useTextSize();
  const large = isLarge(times);
  const here = zoneOf(value, zones);
  const fill = { good: p.goodBand, watch: p.faint, fix: p.fixBand };
  return (
    <View role="img" aria-label={phrases.gaugeInWords(label, figure, /\d/.test(figure), unit, here.word)}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', paddingBottom: 3 }}>
        <Small>{label}</Small>
        <Strong style={{ fontSize: 14, lineHeight: 20 }}>
          {large ? phrases.figureAndWord(figure, here.word) : figure}
        </Strong>
      </View>
      <View style={{ flexDirection: 'row', borderWidth: 1.5, borderColor: p.ink, height: HEIGHT }}>
        {zones.map((zone, i) => (
          <View
            key={zone.word}
            style={{
              width: percent(zone.share),
              backgroundColor: fill[zone.tone],
              borderLeftWidth: i === 0 ? 0 : 1.5,
              borderLeftColor: p.ink,
            }}
          />
        ))}
        <View
          style={{
            position: 'absolute',
            top: -4,
            bottom: -4,
            left: percent(placeOf(value, zones, from)),
            width: MARK,
            marginLeft: -MARK / 2,
            backgroundColor: p.steam,
            borderWidth: 1,
            borderColor: p.ground,
          }}
        />
      </View>
      <View style={{ flexDirection: 'row', paddingTop: 2, minHeight: EDGE_PX * times }}>
        {zones.map((zone, i) => (
          <View key={zone.word} style={{ width: percent(zone.share), alignItems: 'center' }}>
            {!large && (
              <Small numberOfLines={1} style={zone === here ? { color: p.ink, fontFamily: SANS_BOLD } : undefined}>
                {zone.word}
              </Small>
            )}
            {i < zones.length - 1 && (
              <Small style={EDGE} numberOfLines={1}>
                {formatNumber(Math.abs(zone.to), Number.isInteger(zone.to) ? 0 : 1)}
              </Small>
            )}
          </View>
        ))}
      </View>
    </View>
  );
}

/** As high as a line of edges, px. */
const EDGE_PX = 20;

/** The number of an edge stands under it, between two words. */
const EDGE = { position: 'absolute', right: -16, width: 32, textAlign: 'center', fontSize: 12 } as const;
