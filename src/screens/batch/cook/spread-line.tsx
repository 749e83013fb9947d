/** When all parcels are hot: worked out after the curve, with room kept for it; where it takes long one can do without. */
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Press } from '@/ui/parts/press';
import { Sentence, Small } from '@/ui/parts/text';
import * as phrases from './words';

/** Nobody is asked before it has taken so long, ms. */
const LONG_MS = 500;

/** @param words null while it is being worked out */
export function SpreadLine({ words }: { words: string | null }) {
  const isWorking = words === null;
  const [isLong, setLong] = useState(false);
  const [isLeftOut, setLeftOut] = useState(false);
  useEffect(() => {
    if (!isWorking) return undefined;
    const timer = setTimeout(() => setLong(true), LONG_MS);
    return () => {
      clearTimeout(timer);
      setLong(false);
      setLeftOut(false);
    };
  }, [isWorking]);
  const isAway = isWorking && isLeftOut;
  return (
    <View
      style={{ minHeight: 72, gap: 6, alignItems: 'flex-start' }}
      aria-busy={isWorking && !isAway}
      aria-label={phrases.WHEN_ALL_HOT}
    >
      {words !== null && <Sentence text={words} />}
      {isAway && <Small>{phrases.SKIPPED}</Small>}
      {isWorking && !isAway && <Small>{phrases.WORKING_OUT_SPREAD}</Small>}
      {isWorking && !isAway && isLong && (
        <Press title={phrases.DO_WITHOUT} label={phrases.DO_WITHOUT_SPREAD} onPress={() => setLeftOut(true)} />
      )}
    </View>
  );
}
