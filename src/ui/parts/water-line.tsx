/** The water line: where every gram of water is, as one bar; under it the gauges that say whether that is right. */
import { useId, useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Defs, Line, Pattern, Rect } from 'react-native-svg';
import { type Figures } from '@/core/checks/check';
import { type Ledger } from '@/core/filling/ledger';
import { type PartName, type Source } from '@/core/filling/sources';
import { formatNumber } from '@/core/units/amount';
import { type Palette } from '../theme/palette';
import { TOUCH } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { MoistureGauge } from './moisture-gauge';
import { Small, Strong } from './text';
import * as phrases from './words';

interface Props {
  ledger: Ledger;
  sources: Record<PartName, Source[]>;
  figures: Figures;
  width: number;
}

const HEIGHT = 30;

export function WaterLine({ ledger, sources, figures, width }: Props) {
  const p = usePalette();
  const hatch = useId().replace(/[^a-zA-Z0-9]/g, '');
  const [opened, setOpened] = useState<string | null>(null);
  const parts = partsOf(ledger, p, `url(#${hatch})`);
  const total = Math.max(1, ledger.broughtIn);
  const x = (grams: number): number => 1 + ((width - 2) * grams) / total;
  const starts = parts.map((_, i) => parts.slice(0, i).reduce((sum, part) => sum + part.grams, 0));
  const openedPart = parts.find((part) => part.key === opened);
  return (
    <View style={{ gap: 2 }}>
      <MoistureGauge figures={figures} />
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <Small>{phrases.waterBroughtIn(ledger.cookedOffBy)}</Small>
        <Strong style={{ fontSize: 14, lineHeight: 20 }}>{formatNumber(ledger.broughtIn, 0)} g</Strong>
      </View>
      <View role="img" aria-label={sentence(ledger, parts)}>
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Defs>
            <Pattern id={hatch} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <Rect width={5} height={5} fill={p.held} />
              <Line x1={0} y1={0} x2={0} y2={5} stroke={p.steam} strokeWidth={3} />
            </Pattern>
          </Defs>
          {parts.map((part, i) => (
            <Rect
              key={part.key}
              x={x(starts[i])}
              y={1}
              width={Math.max(0, x(starts[i] + part.grams) - x(starts[i]))}
              height={HEIGHT - 2}
              fill={part.fill}
              stroke={p.ink}
              strokeWidth={part.grams > 0 ? (part.key === opened ? 3 : 1) : 0}
            />
          ))}
          <Rect x={1} y={1} width={width - 2} height={HEIGHT - 2} fill="none" stroke={p.ink} strokeWidth={1.5} />
        </Svg>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 14 }}>
        {parts
          .filter((part) => part.grams >= 0.5)
          .map((part) => (
            <Pressable
              key={part.key}
              role="button"
              aria-expanded={part.key === opened}
              aria-label={phrases.whereFrom(part.key, part.grams)}
              onPress={() => setOpened(part.key === opened ? null : part.key)}
              style={{
                minHeight: TOUCH,
                flexDirection: 'row',
                alignItems: 'center',
                gap: 6,
                borderBottomWidth: 2,
                borderBottomColor: part.key === opened ? p.ink : 'transparent',
              }}
            >
              <Svg width={12} height={12} aria-hidden>
                <Rect width={12} height={12} fill={part.fill} stroke={p.ink} strokeWidth={1.5} />
              </Svg>
              <Small>{part.key}</Small>
              <Strong style={{ fontSize: 14, lineHeight: 20 }}>{formatNumber(part.grams, 0)}</Strong>
            </Pressable>
          ))}
      </View>
      {openedPart && <Sources sources={sources[openedPart.name]} />}
    </View>
  );
}

interface Part {
  name: PartName;
  key: string;
  grams: number;
  fill: string;
}

function partsOf(ledger: Ledger, p: Palette, jellied: string): Part[] {
  const oven = ledger.driedInOven;
  const jelly = Math.min(ledger.setCold, ledger.free - oven);
  return [
    { name: 'cookedOff', key: 'cooked off', grams: ledger.cookedOff, fill: p.away },
    { name: 'drained', key: 'drained', grams: ledger.drained, fill: p.away },
    { name: 'steamedOff', key: 'steamed off', grams: ledger.steamedOff, fill: p.away },
    { name: 'held', key: 'held', grams: ledger.held, fill: p.held },
    { name: 'free', key: phrases.OVEN_TAKES, grams: oven, fill: p.away },
    { name: 'free', key: phrases.JELLY_UNTIL_HOT, grams: jelly, fill: jellied },
    { name: 'free', key: 'runs', grams: ledger.free - oven - jelly, fill: p.steam },
  ];
}

/** Which lines a part of the bar comes from. */
function Sources({ sources }: { sources: Source[] }) {
  const p = usePalette();
  return (
    <View role="list" aria-label={phrases.WHERE_IT_COMES_FROM} style={{ paddingVertical: 4 }}>
      {sources.length === 0 && <Small>None.</Small>}
      {sources.map((source) => (
        <View
          role="listitem"
          key={source.lineId ?? source.name}
          style={{ flexDirection: 'row', borderTopWidth: 1, borderTopColor: p.rule, paddingVertical: 4 }}
        >
          <Small style={{ flex: 1, color: p.ink }}>{source.name}</Small>
          <Strong style={{ fontSize: 14, lineHeight: 20 }}>{formatNumber(source.grams, 1)} g</Strong>
        </View>
      ))}
    </View>
  );
}

const sentence = (ledger: Ledger, parts: readonly Part[]): string =>
  phrases.waterInWords(
    ledger.broughtIn,
    parts.map((part) => `${part.key} ${Math.round(part.grams)}`),
  );
