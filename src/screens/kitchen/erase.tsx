/** Erasing everything: saved as a file first; only when the cook says that the file is there is it erased. */
import { useState } from 'react';
import { View } from 'react-native';
import { messageOf } from '@/data/hooks';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';

/** Fetched when it is wanted. */
const whole = () => import('@/data/whole');

export function Erase() {
  const p = usePalette();
  const [isOpen, setOpen] = useState(false);
  const [isSaved, setSaved] = useState(false);
  const failed = (error: unknown) => say({ text: `Nothing was erased: ${messageOf(error)}`, kind: 'problem' });
  const save = async () => {
    await (await whole()).saveWhole();
    setSaved(true);
  };
  const erase = async () => {
    const back = await (await whole()).eraseAll();
    setOpen(false);
    setSaved(false);
    say({
      text: 'Everything is erased.',
      kind: 'done',
      action: { label: 'Bring it back', run: () => back().then(() => true) },
    });
  };
  if (!isOpen) return <Press title="Erase everything" icon="trash-can-outline" onPress={() => setOpen(true)} />;
  return (
    <View
      role="group"
      aria-label="Erase everything"
      style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 10, alignItems: 'flex-start' }}
    >
      <Body>Every batch, day, photograph and setting in this browser goes. Save them as a file first.</Body>
      <Press
        title={isSaved ? 'Save it once more' : 'Save everything as a file'}
        icon="tray-arrow-down"
        kind={isSaved ? 'outline' : 'solid'}
        onPress={() => void save().catch(failed)}
      />
      {isSaved && (
        <>
          <Small>Look for “kitchen-….json” among your downloads. Opened here, it brings all of it back.</Small>
          <Press title="I have the file: erase everything" kind="solid" onPress={() => void erase().catch(failed)} />
        </>
      )}
      <Press title="Keep everything" kind="clear" onPress={() => setOpen(false)} />
    </View>
  );
}
