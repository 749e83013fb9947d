/** When all parcels are hot: worked out after the curve, with room kept for it; where it takes long one can do without. */
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Press } from '@/ui/parts/press';
import { Sentence, Small } from '@/ui/parts/text';

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
      aria-label="When all of them are hot"
    >
      {words !== null && <Sentence text={words} />}
      {isAway && <Small>Skipped. The slowest one’s time is above.</Small>}
      {isWorking && !isAway && <Small>Working out how they differ: 27 forecasts, 100 000 draws …</Small>}
      {isWorking && !isAway && isLong && (
        <Press title="Do without it" label="Do without how they differ" onPress={() => setLeftOut(true)} />
      )}
    </View>
  );
}
