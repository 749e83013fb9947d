/** A standing warning while this browser stores nothing more: what is only in this page, and how to keep it. */
import { useEffect } from 'react';
import { View } from 'react-native';
import { storeAgain } from '@/data/hooks';
import { saveHeld } from '@/data/files';
import { idOfKey } from '@/data/keys';
import { useHeldKeys } from '@/data/store';
import { Body } from '../parts/text';
import { Press } from '../parts/press';
import { usePalette } from '../theme/use-palette';
import * as phrases from './words';

export function HeldBanner() {
  const p = usePalette();
  const keys = useHeldKeys();
  const isHolding = keys.length > 0;
  useEffect(() => {
    if (!isHolding) return undefined;
    const leaving = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', leaving);
    return () => window.removeEventListener('beforeunload', leaving);
  }, [isHolding]);
  if (!isHolding) return null;
  const batches = keys.filter((key) => idOfKey(key) !== null).length;
  const what = [
    batches === 0 ? '' : batches === 1 ? 'one batch' : `${batches} batches`,
    keys.length > batches ? 'settings' : '',
  ].filter((part) => part !== '');
  return (
    <View
      role="alert"
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
        columnGap: 12,
        rowGap: 4,
        paddingHorizontal: 16,
        paddingVertical: 6,
        borderTopWidth: 3,
        borderTopColor: p.beet,
        backgroundColor: p.fixBand,
      }}
    >
      <Body style={{ flex: 1, minWidth: 220 }}>{phrases.notStored(what, keys.length)}</Body>
      {batches > 0 && (
        <Press title={phrases.SAVE_AS_FILES} icon="tray-arrow-down" onPress={() => void saveHeld(keys)} />
      )}
      <Press title="Try again" onPress={() => void storeAgain()} />
    </View>
  );
}
