/** What is derived of a batch on the Bench: its section, its checks, its clocks, and the one next thing to do. */
import { lazy, memo, Suspense, useDeferredValue, useMemo } from 'react';
import { View } from 'react-native';
import { CHECK_IDS } from '@/core/checks/check';
import { CHECKS } from '@/core/checks/judge';
import { type Assessment } from '@/core/checks/judgement';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { useAssessment } from '@/data/heat';
import { useKitchen } from '@/data/hooks';
import { Disc, SIGN_WORD, signOf } from '@/ui/parts/disc';
import { TextLink } from '@/ui/parts/text-link';
import { Body, Small, Strong } from '@/ui/parts/text';
import { SectionDrawing } from '@/ui/section/section-drawing';
import { usePalette } from '@/ui/theme/use-palette';
import { stationOf } from '../stations';
import { BesideDrawing, DRAWING, NEXT } from './batch-frame';
import * as phrases from './words';

const RunningClocks = lazy(() => import('./running-clocks'));

export default function JudgedBatch({ batch }: { batch: Batch }) {
  const kitchen = useKitchen();
  const { assessment, isStale } = useAssessment(batch, kitchen, 'idle');
  const shown = useDeferredValue(
    useMemo(() => ({ batch, kitchen, assessment, isStale }), [batch, kitchen, assessment, isStale]),
  );
  return <ShownBatch {...shown} />;
}

interface Shown {
  batch: Batch;
  kitchen: Kitchen;
  assessment: Assessment;
  isStale: boolean;
}

const ShownBatch = memo(function ShownBatch({ batch, kitchen, assessment, isStale }: Shown) {
  const p = usePalette();
  const { next, checks } = assessment;
  const isRunning = batch.cool.run !== null || batch.wrap.board !== null || batch.cook.run !== null;
  const station = next.check === null ? 'note' : stationOf(next.check);
  return (
    <View aria-busy={isStale}>
      <BesideDrawing
        batch={batch}
        drawing={
          <SectionDrawing batch={batch} assessment={assessment} width={DRAWING} lengths={kitchen.lengths} small />
        }
      >
        {CHECK_IDS.map((id) => (
          <Disc
            key={id}
            size={18}
            sign={signOf(checks[id])}
            label={`${CHECKS[id].label}: ${SIGN_WORD[signOf(checks[id])]}`}
          />
        ))}
      </BesideDrawing>
      {isRunning && (
        <Suspense fallback={<View style={{ minHeight: 44 }} />}>
          <RunningClocks batch={batch} kitchen={kitchen} assessment={assessment} />
        </Suspense>
      )}
      <TextLink
        href={`/batch/${batch.id}/${station}`}
        aria-label={phrases.nextFor(batch.title, next.text)}
        numberOfLines={2}
        style={{ ...NEXT, borderLeftColor: p.beet, backgroundColor: p.paper }}
      >
        <Small>next </Small>
        <Strong style={{ fontSize: 16, lineHeight: 22 }}>{next.text}</Strong>
      </TextLink>
      {assessment.unknown.length > 0 && <Body>{phrases.notInLarder(assessment.unknown)}</Body>}
    </View>
  );
});
