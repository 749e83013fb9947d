/** Measuring: which load, which parcel, where, by hand or with a thermometer; what the lowest says, and how many more minutes. */
import { useState } from 'react';
import { minutesIn } from '@/core/cooking/cook-clock';
import { corrected, correctionWords } from '@/core/cooking/ice-check';
import { countedInHeat } from '@/core/cooking/load-evidence';
import { loadAtHand, loadsToMeasure, nextRound } from '@/core/stored/cook-runs';
import { lethalityWords } from '@/core/checks/lethality-words';
import { LIMITS } from '@/core/vocabulary/limits';
import { probeWords } from '@/core/checks/probe-words';
import { type Source, TYPED } from '@/core/vocabulary/sources';
import { boilingPoint } from '@/core/heat/surfaces';
import { useCookFit } from '@/data/cook-fit';
import { now } from '@/data/hooks';
import { latestIn } from '@/data/run-time';
import { Fold } from '@/ui/parts/fold';
import { Choices } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { ReadingField } from '../reading-field';
import { type StationProps } from '../station-props';
import { AgainTimer } from './again-timer';
import { LearnedHeat } from './learned-heat';
import { ProbePanel } from './probe-panel';
import { ReadingList } from './reading-list';
import { later } from '@/core/stored/moments';
import * as phrases from './words';

export function MeasurePanel(props: StationProps) {
  const { batch, assessment, kitchen, edit } = props;
  const { cook } = batch;
  const { run } = cook;
  const { verdict, limit, loads } = assessment;
  const toMeasure = loadsToMeasure(cook, loads?.loads ?? 1);
  const [chosen, setChosen] = useState<number | null>(null);
  // Where a clock runs, that load is meant until another is chosen.
  const load = chosen !== null && toMeasure.includes(chosen) ? chosen : loadAtHand(cook);
  const judged = verdict.loads.find((l) => l.load === load) ?? null;
  const needed = judged?.needed ?? Math.max(1, Math.min(3, loads?.atOnce ?? batch.count));
  const round = nextRound(cook.readings, load, judged?.outcome ?? 'none');
  // What does not count is measured again.
  const done = judged?.outcome === 'incomplete' ? judged.count : 0;
  const scale = kitchen.temperature;
  const fitted = useCookFit(batch, kitchen);
  const momentOf = (): string => (run === null ? now(batch.id) : latestIn(batch, now(batch.id), 'cook'));
  const add = (c: number, source: Source, when = momentOf()) =>
    edit({ do: 'addReading', reading: { round, c, at: when, load, source } }, '', 'beside');
  const correction = correctionWords(kitchen);
  const lethal = lethalityWords(countedInHeat(batch, load), scale);
  return (
    <Fold
      title="Measure"
      figure={judged?.outcome === 'pass' ? 'hot enough' : phrases.doneOf(done, needed)}
      isOpenWide
      isOpenAtFirst={run !== null || cook.readings.length > 0}
    >
      {toMeasure.length > 1 && (
        <Choices
          label="Which load"
          value={String(load)}
          options={toMeasure.map((n) => ({ value: String(n), label: `Load ${n}` }))}
          onChange={(value) => setChosen(Number(value))}
        />
      )}
      <AgainTimer {...props} fitted={fitted} load={load} judged={judged} />
      {judged?.outcome !== 'pass' && (
        <Body>
          <Strong>{phrases.nextOf(done, needed)}</Strong> {probeWords(batch, done, needed)}
        </Body>
      )}
      <ReadingField
        label="Reading"
        scale={scale}
        {...LIMITS.coreReadingC}
        of="core temperature"
        likeC={limit.c}
        onRead={(c) => add(corrected(c, kitchen), TYPED)}
      />
      {correction !== null && <Small>{correction}</Small>}
      {run !== null && run.load === load && (
        <ProbePanel
          {...props}
          parcel={cook.readings.length}
          boilingC={boilingPoint(kitchen.altitudeM)}
          minute={() => minutesIn(run, momentOf())}
          onRead={(c, source, pushedIn) =>
            add(
              // The practice one needs no ice water.
              source.by === 'probe' ? corrected(c, kitchen) : c,
              source,
              later(run.inAt, pushedIn),
            )
          }
        />
      )}
      <ReadingList {...props} load={load} />
      {lethal !== null && limit.kind === 'safety' && <Small>{lethal}</Small>}
      <LearnedHeat {...props} fitted={fitted} />
    </Fold>
  );
}
