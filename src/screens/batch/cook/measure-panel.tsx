/** Measuring: which parcel, where, by hand or with a thermometer; what the lowest says, and how many more minutes. */
import { View } from 'react-native';
import { minutesIn } from '@/core/cooking/cook-clock';
import { corrected, correctionWords } from '@/core/cooking/ice-check';
import { cookReadingMinutes, readingsOfLoad } from '@/core/document/cook-runs';
import { lethalityWords } from '@/core/checks/lethality-words';
import { LIMITS } from '@/core/document/limits';
import { probeWords } from '@/core/checks/probe-words';
import { boilingPoint } from '@/core/heat/surfaces';
import { nextRound } from '@/core/safety/verdict';
import { formatTemperature } from '@/core/units/format';
import { useCookFit } from '@/data/cook-fit';
import { now } from '@/data/hooks';
import { latestIn } from '@/data/run-time';
import { IconPress } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { ReadingField } from '../reading-field';
import { type StationProps } from '../station-props';
import { AgainTimer } from './again-timer';
import { LearnedHeat } from './learned-heat';
import { ProbePanel } from './probe-panel';

export function MeasurePanel(props: StationProps) {
  const { batch, assessment, kitchen, edit } = props;
  const p = usePalette();
  const { readings, run } = batch.cook;
  const { verdict, limit } = assessment;
  const ofLoad = readingsOfLoad(batch.cook);
  const round = nextRound(readings, verdict);
  const done = ofLoad.filter((r) => r.round === round).length;
  const scale = kitchen.temperature;
  const fitted = useCookFit(batch, kitchen);
  const at = (): string => (run === null ? now(batch.id) : latestIn(batch, now(batch.id), 'cook'));
  const add = (c: number, when = at()) => edit({ do: 'addReading', reading: { round, c, at: when } }, '', 'beside');
  const correction = correctionWords(kitchen);
  const lethal = lethalityWords(cookReadingMinutes(batch.cook), scale);
  const isDone = verdict.outcome === 'pass';
  return (
    <View style={{ gap: 10 }}>
      <Heading level={2}>Measure</Heading>
      <AgainTimer {...props} fitted={fitted} />
      {!isDone && (
        <Body>
          <Strong>
            {Math.min(done + 1, Math.max(verdict.needed, done + 1))} of {verdict.needed}.
          </Strong>{' '}
          {probeWords(batch, done, verdict.needed)}
        </Body>
      )}
      <ReadingField
        label="Reading"
        scale={scale}
        {...LIMITS.coreReadingC}
        of="core temperature"
        likeC={limit.c}
        onRead={(c) => add(corrected(c, kitchen))}
      />
      {correction !== null && <Small>{correction}</Small>}
      {run !== null && (
        <ProbePanel
          {...props}
          parcel={readings.length}
          boilingC={boilingPoint(kitchen.altitudeM)}
          minute={() => minutesIn(run, at())}
          onRead={(c, from, pushedIn) =>
            add(
              // The simulated one needs no ice water.
              from.is === 'probe' ? corrected(c, kitchen) : c,
              new Date(Date.parse(run.inAt) + pushedIn * 60_000).toISOString(),
            )
          }
        />
      )}
      {ofLoad.map((reading, i) => (
        <View
          key={reading.at + String(i)}
          style={{ flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, borderTopColor: p.rule }}
        >
          <Body style={{ flex: 1 }}>
            Round {reading.round}, reading {ofLoad.slice(0, i + 1).filter((r) => r.round === reading.round).length}
          </Body>
          <Strong style={{ color: limit.kind === 'safety' && reading.c < limit.c ? p.beet : p.ink }}>
            {formatTemperature(reading.c, scale)}
          </Strong>
          <IconPress
            icon="close"
            label={`Remove the reading ${formatTemperature(reading.c, scale)}`}
            onPress={() => edit({ do: 'removeReading', reading })}
          />
        </View>
      ))}
      {readings.length > ofLoad.length && (
        <Small>{readings.length - ofLoad.length} readings of earlier loads say nothing of this one.</Small>
      )}
      {lethal !== null && limit.kind === 'safety' && <Small>{lethal}</Small>}
      <LearnedHeat {...props} fitted={fitted} />
    </View>
  );
}
