/** Opening a batch, or a recipe, from a file. A file that is none is refused, its faults are named, and nothing is changed. */
import { router } from 'expo-router';
import { lazy, Suspense, useEffect, useState } from 'react';
import { View } from 'react-native';
import { problemWords } from '@/core/stored/problem';
import { titled } from '@/core/stored/create';
import { readDropped } from '@/data/dropped';
import { pickBatch, readBatchFile } from '@/data/files';
import { keepBatch, now } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { loadBatch } from '@/data/batch-store';
import { Press } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { useStable } from '@/ui/parts/use-stable';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

const WholePreview = lazy(() => import('../whole-preview').then((m) => ({ default: m.WholePreview })));

export function ImportBatch() {
  const p = usePalette();
  const [refused, setRefused] = useState<{ name: string; problems: string[] } | null>(null);
  const [isReading, setReading] = useState(false);
  const [whole, setWhole] = useState<string | null>(null);
  const open = async (file: File | null) => {
    setRefused(null);
    setWhole(null);
    let picked;
    try {
      const fresh = { id: newId(), at: now() };
      if (file === null) picked = await pickBatch(fresh, () => setReading(true));
      else {
        setReading(true);
        picked = await readBatchFile(file, fresh);
      }
    } catch (error) {
      setRefused({ name: 'The file', problems: [phrases.fileNotRead(String(error))] });
      return;
    } finally {
      setReading(false);
    }
    if (!picked) return;
    if ('whole' in picked.result) {
      setWhole(picked.result.whole);
      return;
    }
    if (!picked.result.ok) {
      setRefused({ name: picked.name, problems: picked.result.problems.map(problemWords) });
      return;
    }
    // A batch that is here already is never overwritten: the file comes in beside it.
    const { value } = picked.result;
    const batch =
      (await loadBatch(value.id)) === null
        ? value
        : { ...value, id: newId(), title: titled(value.title, ' (from file)') };
    if (await keepBatch(batch)) router.navigate(`/batch/${batch.id}/fill`);
  };
  const latest = useStable((file: File) => void open(file));
  useEffect(() => readDropped(latest), [latest]);
  return (
    <>
      <Press title={phrases.OPEN_A_FILE} icon="tray-arrow-up" onPress={() => void open(null)} />
      {isReading && <Small role="status">{phrases.READING_FILE}</Small>}
      {whole !== null && (
        <Suspense fallback={<Small role="status">{phrases.READING_FILE}</Small>}>
          <WholePreview text={whole} onClose={() => setWhole(null)} />
        </Suspense>
      )}
      {refused && (
        <View
          role="alert"
          style={{ width: '100%', borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 4 }}
        >
          <Strong>{phrases.notOpened(refused.name)}</Strong>
          {refused.problems.slice(0, 6).map((problem) => (
            <Body key={problem}>{problem}</Body>
          ))}
          {refused.problems.length > 6 && <Small>{phrases.andMore(refused.problems.length)}</Small>}
        </View>
      )}
    </>
  );
}
