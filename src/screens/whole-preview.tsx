/** What a whole kitchen's file would bring: what is new, changed, the same; put in only when the cook says so. */
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { problemWords } from '@/core/stored/problem';
import useSWR from 'swr';
import { type Compared, type Standing } from '@/core/formats/whole';
import { messageOf } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { say } from '@/data/notices';
import { type OfChanged, type Restored } from '@/data/whole';
import { Choices, Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

/** So many names of each are shown. */
const SHOWN = 12;
const WORDS: Readonly<Record<Standing, string>> = {
  new: phrases.NEW_COMES_IN,
  changed: 'Different here',
  same: phrases.SAME_AS_HERE,
};

export function WholePreview({ text, onClose }: { text: string; onClose: () => void }) {
  // Each opening is looked through anew: what is here may have changed since.
  const key = useMemo(() => ({ opened: newId(), text }), [text]);
  const { data, error } = useSWR(['whole', key.opened], async () => (await import('@/data/whole')).previewWhole(text), {
    revalidateOnFocus: false,
  });
  if (error) return <Body role="alert">{phrases.fileNotRead(messageOf(error))}</Body>;
  if (data === undefined) return <Small role="status">{phrases.READING_FILE}</Small>;
  if ('problems' in data) {
    return (
      <View role="alert" style={{ gap: 4 }}>
        <Strong>{phrases.FILE_NOT_OPENED}</Strong>
        {data.problems
          .map(problemWords)
          .slice(0, 6)
          .map((problem) => (
            <Body key={problem}>{problem}</Body>
          ))}
      </View>
    );
  }
  return <Preview compared={data.compared} onClose={onClose} />;
}

function Preview({ compared, onClose }: { compared: Compared[]; onClose: () => void }) {
  const p = usePalette();
  const [ofChanged, choose] = useState<OfChanged>('mine');
  const [isBusy, setBusy] = useState(false);
  const [done, setDone] = useState<Restored | null>(null);
  const of = (standing: Standing): Compared[] => compared.filter((c) => c.standing === standing);
  const changed = of('changed').length;
  const nothingNew = of('new').length === 0 && changed === 0;
  const put = async () => {
    setBusy(true);
    try {
      const { restoreWhole } = await import('@/data/whole');
      setDone(await restoreWhole(compared, ofChanged));
    } catch (error) {
      say({ text: phrases.notAllPutIn(messageOf(error)), kind: 'problem' });
    } finally {
      setBusy(false);
    }
  };
  if (done) {
    return (
      <View role="status" style={{ gap: 6, width: '100%' }}>
        <Body>{phrases.putIn(done.put, done.left)}</Body>
        {done.refused.length > 0 && <Body>{phrases.leftOut(done.refused.slice(0, SHOWN))}</Body>}
        <Press title="Close" kind="clear" onPress={onClose} />
      </View>
    );
  }
  return (
    <View
      role="region"
      aria-label={phrases.WHAT_FILE_BRINGS}
      style={{ gap: 12, width: '100%', borderLeftWidth: 4, borderLeftColor: p.steam, paddingLeft: 14 }}
    >
      <Heading level={2}>{phrases.WHAT_FILE_BRINGS}</Heading>
      {(['new', 'changed', 'same'] as const).map((standing) => (
        <Named key={standing} standing={standing} compared={of(standing)} />
      ))}
      {changed > 0 && (
        <Choices
          label={phrases.IF_YOURS_DIFFERS}
          value={ofChanged}
          options={[
            { value: 'mine', label: 'keep mine' },
            { value: 'theirs', label: phrases.TAKE_FILES_KEEP_MINE },
          ]}
          onChange={choose}
        />
      )}
      {nothingNew && <Body>{phrases.HAVE_ALL_OF_IT}</Body>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        <Press title={phrases.PUT_IT_IN} kind="solid" disabled={isBusy || nothingNew} onPress={() => void put()} />
        <Press title="Leave it" kind="clear" onPress={onClose} />
      </View>
    </View>
  );
}

function Named({ standing, compared }: { standing: Standing; compared: readonly Compared[] }) {
  if (compared.length === 0) return null;
  const names = compared.map(({ name }) => name);
  return (
    <View>
      <Strong>
        {WORDS[standing]}: {compared.length}
      </Strong>
      <Small>
        {names.slice(0, SHOWN).join('; ')}
        {names.length > SHOWN ? phrases.andMore(names.length, SHOWN) : ''}
      </Small>
    </View>
  );
}
