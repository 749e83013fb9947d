/** Erasing everything: saved as a file first; only when the cook says that the file is there is it erased. */
import { useState } from 'react';
import { View } from 'react-native';
import { messageOf } from '@/data/hooks';
import { say } from '@/data/notices';
import { Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

/** Fetched when it is wanted. */
const whole = () => import('@/data/whole');

export function Erase() {
  const p = usePalette();
  const [isOpen, setOpen] = useState(false);
  const [isSaved, setSaved] = useState(false);
  const failed = (error: unknown) => say({ text: phrases.nothingErased(messageOf(error)), kind: 'problem' });
  const save = async () => {
    await (await whole()).saveWhole();
    setSaved(true);
  };
  const erase = async () => {
    const back = await (await whole()).eraseAll();
    setOpen(false);
    setSaved(false);
    say({
      text: phrases.EVERYTHING_ERASED,
      kind: 'done',
      action: { label: phrases.BRING_IT_BACK, run: () => back().then(() => true) },
    });
  };
  if (!isOpen) return <Press title="Erase everything" icon="trash-can-outline" onPress={() => setOpen(true)} />;
  return (
    <View
      role="group"
      aria-label="Erase everything"
      style={{ borderLeftWidth: 4, borderLeftColor: p.beet, paddingLeft: 14, gap: 10, alignItems: 'flex-start' }}
    >
      <Body>{phrases.EVERYTHING_GOES}</Body>
      <Press
        title={isSaved ? phrases.SAVE_ONCE_MORE : phrases.SAVE_EVERYTHING}
        icon="tray-arrow-down"
        kind={isSaved ? 'outline' : 'solid'}
        onPress={() => void save().catch(failed)}
      />
      {isSaved && (
        <>
          <Small>{phrases.LOOK_FOR_FILE}</Small>
          <Press title={phrases.ERASE_EVERYTHING} kind="solid" onPress={() => void erase().catch(failed)} />
        </>
      )}
      <Press title="Keep everything" kind="clear" onPress={() => setOpen(false)} />
    </View>
  );
}
