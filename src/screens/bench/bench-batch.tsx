/** One batch on the Bench: its name at once, its verdicts as soon as what judges is there. */
import { lazy, memo, Suspense, useState } from 'react';
import { View } from 'react-native';
import { type Batch } from '@/core/stored/schema';
import { TextLink } from '@/ui/parts/text-link';
import { IconPress } from '@/ui/parts/press';
import { Rule } from '@/ui/parts/rule';
import { SERIF } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { UnjudgedBatch } from './batch-frame';
import * as phrases from './words';

const JudgedBatch = lazy(() => import('./judged-batch'));
const BatchMenu = lazy(() => import('./batch-menu'));

export const BenchBatch = memo(function BenchBatch({ batch }: { batch: Batch }) {
  const p = usePalette();
  const [isMenuOpen, setMenuOpen] = useState(false);
  return (
    <View role="article" aria-label={batch.title}>
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
      <Suspense fallback={<UnjudgedBatch batch={batch} />}>
        <JudgedBatch batch={batch} />
      </Suspense>
      {isMenuOpen && (
        <Suspense fallback={null}>
          <BatchMenu batch={batch} onClose={() => setMenuOpen(false)} />
        </Suspense>
      )}
    </View>
  );
});
