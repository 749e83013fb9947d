/** The water line: where every gram of water is, as one bar, with this parcel's band marked over the free end. */
import { useId, useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Defs, G, Line, Pattern, Rect } from 'react-native-svg';
import { type Figures } from '@/core/checks/check';
import { BOARD_GOOD, BOARD_WATCH } from '@/core/filling/board';
import { type Ledger } from '@/core/filling/ledger';
import { type PartName, type Source } from '@/core/filling/sources';
import { formatNumber } from '@/core/units/amount';
import { TOUCH } from '../theme/theme';
import { usePalette } from '../theme/use-palette';
import { Small, Strong } from './text';

interface Props {
  ledger: Ledger;
  sources: Record<PartName, Source[]>;
  /** Both moments: the band in the heat is marked over the bar, what is loose at the board lies under it. */
  figures: Figures;
  width: number;
}

const HEIGHT = 48;
const OVER = 8;
/** The strip of what is loose at the board, under the bar. */
const BOARD_HEIGHT = 9;
const BOARD_GAP = 12;

export function WaterLine({ ledger, sources, figures, width }: Props) {
  const p = usePalette();
  const hatch = useId().replace(/[^a-zA-Z0-9]/g, '');
  const [opened, setOpened] = useState<string | null>(null);
  const parts: Part[] = [
    { name: 'cookedOff', key: 'cooked off', grams: ledger.cookedOff, fill: p.away },
    { name: 'drained', key: 'drained', grams: ledger.drained, fill: p.away },
    { name: 'steamedOff', key: 'steamed off', grams: ledger.steamedOff, fill: p.away },
    { name: 'held', key: 'held', grams: ledger.held, fill: p.held },
    ...(ledger.driedInOven > 0
      ? [{ name: 'free' as const, key: 'the oven takes', grams: ledger.driedInOven, fill: p.away }]
      : []),
    { name: 'free', key: 'free', grams: ledger.free - ledger.driedInOven, fill: p.steam },
  ];
  const total = Math.max(1, ledger.broughtIn);
  const x = (grams: number): number => 1 + ((width - 2) * grams) / total;
  const starts = parts.map((_, i) => parts.slice(0, i).reduce((sum, part) => sum + part.grams, 0));
  // The band is measured back from the end of the bar, where free liquid is.
  const bandAt = (per100: number | null): number => x(total - ((per100 ?? 0) / 100) * ledger.finishedG);
  const [dry, wet] = figures.heat.band;
  const boardAt = (per100: number): number => x(Math.max(0, total - (per100 / 100) * ledger.finishedG));
  const boardY = HEIGHT + BOARD_GAP;
  const shown = parts.filter((part) => part.grams >= 0.5 || part.key === 'free');
  const cold = Math.min(ledger.setCold, ledger.free);
  const freeStarts = starts[parts.length - 1];
  const openedPart = parts.find((part) => part.key === opened);
  return (
    <View style={{ gap: 2 }}>
      <View role="img" aria-label={sentence(ledger, parts, figures)}>
        <Svg width={width} height={HEIGHT + OVER + BOARD_GAP + BOARD_HEIGHT + 3} aria-hidden>
          <Defs>
            <Pattern id={hatch} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <Line x1={0} y1={0} x2={0} y2={5} stroke={p.ink} strokeWidth={1.4} />
            </Pattern>
          </Defs>
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
                strokeWidth={part.grams > 0 ? (part.key === opened ? 3 : 1) : 0}
              />
            ))}
            {cold > 0 && (
              <Rect
                x={x(freeStarts)}
                y={0}
                width={Math.max(0, x(freeStarts + cold) - x(freeStarts))}
                height={HEIGHT}
                fill={`url(#${hatch})`}
              />
            )}
            <Rect x={1} y={0} width={width - 2} height={HEIGHT} fill="none" stroke={p.ink} strokeWidth={1.5} />
            {ledger.finishedG > 0 && (
              <>
                <Line
                  x1={bandAt(wet)}
                  x2={bandAt(wet)}
                  y1={-OVER}
                  y2={HEIGHT + OVER}
                  stroke={p.leek}
                  strokeWidth={3.5}
                />
                <Line
                  x1={bandAt(dry)}
                  x2={bandAt(dry)}
                  y1={-OVER}
                  y2={HEIGHT + OVER}
                  stroke={p.leek}
                  strokeWidth={3.5}
                />
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
            {ledger.finishedG > 0 && (
              <>
                <Rect
                  x={boardAt(figures.board.value)}
                  y={boardY}
                  width={Math.max(0, width - 1 - boardAt(figures.board.value))}
                  height={BOARD_HEIGHT}
                  fill={p.steam}
                  stroke={p.ink}
                  strokeWidth={figures.board.value > 0.05 ? 1 : 0}
                />
                <Line
                  x1={boardAt(BOARD_WATCH)}
                  x2={width - 1}
                  y1={boardY + BOARD_HEIGHT + 1.5}
                  y2={boardY + BOARD_HEIGHT + 1.5}
                  stroke={p.ink}
                  strokeWidth={1}
                />
                {[BOARD_GOOD, BOARD_WATCH].map((mark) => (
                  <Line
                    key={mark}
                    x1={boardAt(mark)}
                    x2={boardAt(mark)}
                    y1={boardY - 3}
                    y2={boardY + BOARD_HEIGHT + 2}
                    stroke={mark === BOARD_GOOD ? p.leek : p.ink}
                    strokeWidth={mark === BOARD_GOOD ? 3.5 : 1.5}
                  />
                ))}
              </>
            )}
          </G>
        </Svg>
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 14 }}>
        {shown.map((part) => (
          <Pressable
            key={part.key}
            role="button"
            aria-expanded={part.key === opened}
            aria-label={`Where ${part.key}, ${formatNumber(part.grams, 0)} grams, comes from`}
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
            <View style={{ width: 12, height: 12, backgroundColor: part.fill, borderWidth: 1, borderColor: p.ink }} />
            <Small>{part.key}</Small>
            <Strong style={{ fontSize: 14, lineHeight: 20 }}>{formatNumber(part.grams, 0)}</Strong>
          </Pressable>
        ))}
      </View>
      {openedPart && <Sources sources={sources[openedPart.name]} />}
      <Small>
        of {formatNumber(ledger.broughtIn, 0)} g brought in{ledger.cookedOffBy === 'weighing' ? ', weighed' : ''};
        green: what this parcel takes in the heat; strip below: loose at the board, marks at {BOARD_GOOD} and{' '}
        {BOARD_WATCH} g per 100 g{cold >= 1 ? `; hatched: ${formatNumber(cold, 0)} g set while cold` : ''}
      </Small>
    </View>
  );
}

/** Which lines a part of the bar comes from. */
function Sources({ sources }: { sources: Source[] }) {
  const p = usePalette();
  return (
    <View role="list" aria-label="Where it comes from" style={{ paddingVertical: 4 }}>
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

interface Part {
  name: PartName;
  key: string;
  grams: number;
  fill: string;
}

const sentence = (ledger: Ledger, parts: { key: string; grams: number }[], { board, heat }: Figures): string =>
  `Of ${Math.round(ledger.broughtIn)} grams of water brought in: ${parts.map((part) => `${part.key} ${Math.round(part.grams)}`).join(', ')}. Loose at the board ${formatNumber(board.value, 1)}, in the heat ${formatNumber(heat.value, 1)} grams per 100.`;
