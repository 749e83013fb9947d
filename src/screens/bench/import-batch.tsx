/** Opening a batch, or a recipe, from a file. A file that is none is refused, its faults are named, and nothing is changed. */
import { router } from 'expo-router';
import { lazy, Suspense, useState } from 'react';
import { View } from 'react-native';
import { problemWords } from '@/core/stored/problem';
import { titled } from '@/core/stored/create';
import { pickBatch } from '@/data/files';
import { keepBatch, now } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { loadBatch } from '@/data/repository';
import { Press } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';

const WholePreview = lazy(() => import('../whole-preview').then((m) => ({ default: m.WholePreview })));

export function ImportBatch() {
  const p = usePalette();
  const [refused, setRefused] = useState<{ name: string; problems: string[] } | null>(null);
  const [isReading, setReading] = useState(false);
  const [whole, setWhole] = useState<string | null>(null);
  const open = async () => {
    setRefused(null);
    setWhole(null);
    let picked;
    try {
      picked = await pickBatch({ id: newId(), at: now() }, () => setReading(true));
    } catch (error) {
      setRefused({ name: 'The file', problems: [`(file): could not be read (${String(error)})`] });
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
  return (
    <>
      <Press title="Open a file" icon="tray-arrow-up" onPress={() => void open()} />
      {isReading && <Small role="status">Reading the file …</Small>}
      {whole !== null && (
        <Suspense fallback={<Small role="status">Reading the file …</Small>}>
          <WholePreview text={whole} onClose={() => setWhole(null)} />
        </Suspense>
      )}
      {refused && (
        <View
          role="alert"
          style={{ width: '100%', borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 4 }}
        >
          <Strong>“{refused.name}” was not opened; nothing was changed.</Strong>
          {refused.problems.slice(0, 6).map((problem) => (
            <Body key={problem}>{problem}</Body>
          ))}
          {refused.problems.length > 6 && <Small>and {refused.problems.length - 6} more</Small>}
        </View>
      )}
    </>
  );
}
