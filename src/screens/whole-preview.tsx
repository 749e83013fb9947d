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

/** So many names of each are shown. */
const SHOWN = 12;
const WORDS: Readonly<Record<Standing, string>> = {
  new: 'New: it comes in',
  changed: 'Different here',
  same: 'The same as here',
};

export function WholePreview({ text, onClose }: { text: string; onClose: () => void }) {
  // Each opening is looked through anew: what is here may have changed since.
  const key = useMemo(() => ({ opened: newId(), text }), [text]);
  const { data, error } = useSWR(['whole', key.opened], async () => (await import('@/data/whole')).previewWhole(text), {
    revalidateOnFocus: false,
  });
  if (error) return <Body role="alert">The file could not be read: {messageOf(error)}. Nothing was changed.</Body>;
  if (data === undefined) return <Small role="status">Reading the file …</Small>;
  if ('problems' in data) {
    return (
      <View role="alert" style={{ gap: 4 }}>
        <Strong>The file was not opened; nothing was changed.</Strong>
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
      say({ text: `Not all of it was put in: ${messageOf(error)}`, kind: 'problem' });
    } finally {
      setBusy(false);
    }
  };
  if (done) {
    return (
      <View role="status" style={{ gap: 6, width: '100%' }}>
        <Body>
          {done.put} put in{done.left > 0 ? `, ${done.left} of yours left as they are` : ''}.
        </Body>
        {done.refused.length > 0 && <Body>Not read, and left out: {done.refused.slice(0, SHOWN).join('; ')}.</Body>}
        <Press title="Close" kind="clear" onPress={onClose} />
      </View>
    );
  }
  return (
    <View
      role="region"
      aria-label="What the file would bring"
      style={{ gap: 12, width: '100%', borderLeftWidth: 4, borderLeftColor: p.steam, paddingLeft: 14 }}
    >
      <Heading level={2}>What the file would bring</Heading>
      {(['new', 'changed', 'same'] as const).map((standing) => (
        <Named key={standing} standing={standing} compared={of(standing)} />
      ))}
      {changed > 0 && (
        <Choices
          label="If yours is different"
          value={ofChanged}
          options={[
            { value: 'mine', label: 'keep mine' },
            { value: 'theirs', label: 'take the file’s, and keep mine beside it' },
          ]}
          onChange={choose}
        />
      )}
      {nothingNew && <Body>You have all of it already.</Body>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        <Press title="Put it in" kind="solid" disabled={isBusy || nothingNew} onPress={() => void put()} />
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
        {names.length > SHOWN ? `; and ${names.length - SHOWN} more` : ''}
      </Small>
    </View>
  );
}
