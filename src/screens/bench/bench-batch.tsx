/** One batch on the Bench. */
import { lazy, memo, Suspense, useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { CHECK_IDS } from '@/core/checks/check';
import { CHECKS } from '@/core/checks/judge';
import { type Assessment } from '@/core/checks/judgement';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { useAssessment } from '@/data/heat';
import { useKitchen } from '@/data/hooks';
import { TextLink } from '@/ui/parts/text-link';
import { Disc, SIGN_WORD, signOf } from '@/ui/parts/disc';
import { IconPress } from '@/ui/parts/press';
import { Rule } from '@/ui/parts/rule';
import { Body, Small, Strong } from '@/ui/parts/text';
import { SectionDrawing } from '@/ui/section/section-drawing';
import { SERIF } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { batchLine, versionLine } from '../batch-line';
import { stationOf } from '../stations';
import * as phrases from './words';

const RunningClocks = lazy(() => import('./running-clocks'));
const BatchMenu = lazy(() => import('./batch-menu'));

/** The drawing beside the words, px: four batches and what begins a fifth are to fit a phone. */
const DRAWING = 64;

export const BenchBatch = memo(function BenchBatch({ batch }: { batch: Batch }) {
  const kitchen = useKitchen();
  const { assessment, isStale } = useAssessment(batch, kitchen, 'idle');
  const shown = useDeferredValue(
    useMemo(() => ({ batch, kitchen, assessment, isStale }), [batch, kitchen, assessment, isStale]),
  );
  return <ShownBatch {...shown} />;
});

interface Shown {
  batch: Batch;
  kitchen: Kitchen;
  assessment: Assessment;
  isStale: boolean;
}

const ShownBatch = memo(function ShownBatch({ batch, kitchen, assessment, isStale }: Shown) {
  const p = usePalette();
  const [isMenuOpen, setMenuOpen] = useState(false);
  const { next, checks } = assessment;
  const version = versionLine(batch);
  const isRunning = batch.cool.run !== null || batch.wrap.board !== null || batch.cook.run !== null;
  const station = next.check === null ? 'note' : stationOf(next.check);
  return (
    <View role="article" aria-label={batch.title} aria-busy={isStale}>
      <Rule strong />
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        <TextLink
          href={`/batch/${batch.id}/fill`}
          numberOfLines={2}
          style={{ flex: 1, fontFamily: SERIF, fontSize: 17, lineHeight: 24, color: p.ink, paddingVertical: 8 }}
        >
          {batch.title}
        </TextLink>
        <View style={{ marginRight: -10, marginVertical: -4 }}>
          <IconPress icon="dots-vertical" label={phrases.moreFor(batch.title)} onPress={() => setMenuOpen(true)} />
        </View>
      </View>
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center', paddingBottom: 6 }}>
        <View style={{ width: DRAWING, minHeight: 40, justifyContent: 'center', marginVertical: -6 }}>
          <SectionDrawing batch={batch} assessment={assessment} width={DRAWING} lengths={kitchen.lengths} small />
        </View>
        <View style={{ flex: 1, gap: 4 }}>
          {version !== '' && <Small numberOfLines={1}>{version}</Small>}
          <Small numberOfLines={2}>{batchLine(batch)}</Small>
          <View style={{ flexDirection: 'row', gap: 6 }}>
            {CHECK_IDS.map((id) => (
              <Disc
                key={id}
                size={18}
                sign={signOf(checks[id])}
                label={`${CHECKS[id].label}: ${SIGN_WORD[signOf(checks[id])]}`}
              />
            ))}
          </View>
        </View>
      </View>
      {isRunning && (
        <Suspense fallback={<View style={{ minHeight: 44 }} />}>
          <RunningClocks batch={batch} kitchen={kitchen} assessment={assessment} />
        </Suspense>
      )}
      <TextLink
        href={`/batch/${batch.id}/${station}`}
        aria-label={phrases.nextFor(batch.title, next.text)}
        numberOfLines={2}
        style={{
          minHeight: 44,
          paddingVertical: 10,
          paddingHorizontal: 12,
          borderLeftWidth: 5,
          borderLeftColor: p.beet,
          backgroundColor: p.paper,
        }}
      >
        <Small>next </Small>
        <Strong style={{ fontSize: 16, lineHeight: 22 }}>{next.text}</Strong>
      </TextLink>
      {assessment.unknown.length > 0 && <Body>{phrases.notInLarder(assessment.unknown)}</Body>}
      {isMenuOpen && (
        <Suspense fallback={null}>
          <BatchMenu batch={batch} onClose={() => setMenuOpen(false)} />
        </Suspense>
      )}
    </View>
  );
});
