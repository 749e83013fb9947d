/** Moisture at a glance: wraps or tears while it is filled; dry, right or too wet while it cooks; pasty where it is. */
import { View } from 'react-native';
import { type Figures } from '@/core/checks/check';
import { formatNumber } from '@/core/units/amount';
import { type Zone } from './gauge';
import { GaugeRow } from './gauge-row';
import * as phrases from './words';

const UNSEEN = 0.05;
const shown = (grams: number): string => formatNumber(grams, 1);

export function MoistureGauge({ figures }: { figures: Figures }) {
  const { board, heat, dry, paste } = figures;
  const net = netOf(figures);
  return (
    <View style={{ gap: 4 }}>
      <GaugeRow
        label={phrases.WHILE_YOU_FILL}
        unit=" in 100 g"
        figure={board.value < UNSEEN ? 'nothing loose' : phrases.gramsLoose(shown(board.value))}
        value={board.value}
        zones={boardZones(figures)}
        from={0}
      />
      <GaugeRow
        label="While cooking"
        unit=" in 100 g"
        figure={
          Math.abs(net) < UNSEEN
            ? 'nothing runs'
            : net > 0
              ? phrases.gramsRun(shown(heat.value))
              : dry.state === 'good'
                ? 'moist enough'
                : phrases.stillTakes(shown(-net))
        }
        value={net}
        zones={heatZones(heat.band[1], dry.band[1], dry.watch)}
        from={null}
      />
      {paste.state !== 'good' && (
        <GaugeRow
          label={phrases.STARCH_AGAINST}
          unit=""
          figure={`${shown(paste.value)} times`}
          value={paste.value}
          zones={[
            { word: 'right', share: 0.6, to: paste.band[1] ?? 0, tone: 'good' },
            { word: 'pasty', share: 0.4, to: Infinity, tone: 'watch' },
          ]}
          from={0}
        />
      )}
    </View>
  );
}

/** Loose above nought, wanting below it. Where it is a little of both, what is nearer to its edge. */
function netOf({ heat, dry }: Figures): number {
  if (heat.state !== 'good' || dry.value === 0) return heat.value;
  if (dry.state !== 'good') return -dry.value;
  const share = ({ value, band: [, edge] }: Figures['heat']): number => value / Math.max(1, edge ?? 1);
  return share(heat) >= share(dry) ? heat.value : -dry.value;
}

/** Where nothing is sealed nothing tears: sheets soak, a tin and an open bun do not mind. */
function boardZones({ isSealed, board: { band, watch } }: Figures): Zone[] {
  if (watch === null) return [{ word: phrases.NOTHING_TO_SEAL, share: 1, to: Infinity, tone: 'good' }];
  return [
    { word: isSealed ? 'wraps' : 'right', share: 0.33, to: band[1] ?? 0, tone: 'good' },
    { word: 'with care', share: 0.31, to: watch, tone: 'watch' },
    { word: isSealed ? 'tears' : 'soggy sheets', share: 0.36, to: Infinity, tone: 'fix' },
  ];
}

const heatZones = (wet: number | null, dryGood: number | null, dryWatch: number | null): Zone[] => [
  { word: 'dry', share: 0.18, to: -(dryWatch ?? 0), tone: 'fix' },
  { word: phrases.A_BIT_DRY, share: 0.23, to: -(dryGood ?? 0), tone: 'watch' },
  { word: 'right', share: 0.32, to: wet ?? 0, tone: 'good' },
  { word: 'too wet', share: 0.27, to: Infinity, tone: 'fix' },
];
