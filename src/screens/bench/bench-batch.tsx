/** One batch on the Bench. */
import { Link, router } from 'expo-router';
import { View } from 'react-native';
import { CHECK_IDS, type CheckId } from '@/core/batch/check';
import { duplicateBatch, titled } from '@/core/batch/create';
import { type Batch } from '@/core/batch/schema';
import { exportBatch } from '@/data/files';
import { useAssessment } from '@/data/heat';
import { discardBatch, keepBatch, now, useKitchen } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { Disc, STATE_WORD } from '@/ui/parts/disc';
import { IconPress } from '@/ui/parts/press';
import { Rule } from '@/ui/parts/rule';
import { Body, Small, Strong } from '@/ui/parts/text';
import { SectionDrawing } from '@/ui/section/section-drawing';
import { SERIF } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { batchLine } from '../words';
import { stationOf } from '../batch/stations';

const CHECK_WORDS: Record<CheckId, string> = {
  moisture: 'Moisture',
  salt: 'Salt',
  cooling: 'Cooling',
  fit: 'Fit',
  core: 'Core',
};

export function BenchBatch({ batch }: { batch: Batch }) {
  const p = usePalette();
  const assessment = useAssessment(batch, useKitchen());
  const { next, checks } = assessment;
  const station = next.check === null ? 'note' : stationOf(next.check);
  const again = async () => {
    const copy = duplicateBatch(batch, { id: newId(), title: titled(batch.title, ', again'), at: now() });
    if (await keepBatch(copy)) router.navigate(`/batch/${copy.id}/fill`);
  };
  return (
    <View role="article" aria-label={batch.title}>
      <Rule strong />
      <View style={{ flexDirection: 'row', gap: 16, paddingTop: 14, paddingBottom: 8 }}>
        <View style={{ width: 104 }}>
          <SectionDrawing batch={batch} assessment={assessment} width={104} small />
        </View>
        <View style={{ flex: 1, gap: 4 }}>
          <Link
            href={`/batch/${batch.id}/fill`}
            style={{ fontFamily: SERIF, fontSize: 20, lineHeight: 25, color: p.ink, paddingVertical: 4 }}
          >
            {batch.title}
          </Link>
          <Small>{batchLine(batch)}</Small>
          <View style={{ flexDirection: 'row', gap: 6, paddingVertical: 4 }}>
            {CHECK_IDS.map((id) => (
              <Disc key={id} state={checks[id].state} label={`${CHECK_WORDS[id]}: ${STATE_WORD[checks[id].state]}`} />
            ))}
          </View>
        </View>
      </View>
      <Link
        href={`/batch/${batch.id}/${station}`}
        aria-label={`Next for ${batch.title}: ${next.text}`}
        style={{
          paddingVertical: 12,
          paddingHorizontal: 14,
          borderLeftWidth: 5,
          borderLeftColor: p.beet,
          backgroundColor: p.paper,
        }}
      >
        <Small>next </Small>
        <Strong>{next.text}</Strong>
      </Link>
      <View style={{ flexDirection: 'row', justifyContent: 'flex-end' }}>
        <IconPress icon="content-copy" label={`Cook ${batch.title} again: duplicate`} onPress={() => void again()} />
        <IconPress icon="tray-arrow-down" label={`Save ${batch.title} as a file`} onPress={() => exportBatch(batch)} />
        <IconPress icon="trash-can-outline" label={`Delete ${batch.title}`} onPress={() => void discardBatch(batch)} />
      </View>
      {assessment.unknown.length > 0 && <Body>Not in the larder: {assessment.unknown.join(', ')}</Body>}
    </View>
  );
}
