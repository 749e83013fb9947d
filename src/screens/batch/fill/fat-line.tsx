/** Fat, beside the water and apart from it: all of it, what melts out, and what takes that up. */
import { View } from 'react-native';
import { type FatAccount } from '@/core/filling/fat';
import { formatGrams } from '@/core/units/format';
import { Fold } from '@/ui/parts/fold';
import { Sentence, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import * as phrases from './words';

/** How much there is, in a word. */
const FAT_WORD: Record<FatAccount['state'], string> = { lean: 'little', usual: 'as usual', fatty: 'some runs' };

export function FatLine({ fat }: { fat: FatAccount }) {
  const p = usePalette();
  if (fat.totalG < 0.5) return null;
  const share = (grams: number) => `${(100 * grams) / fat.totalG}%` as const;
  const loose = fat.renderedG - fat.heldG;
  const runs = loose < 0.5 ? 'none' : formatGrams(loose);
  return (
    <Fold title="Fat" figure={FAT_WORD[fat.state]} sign={fat.state === 'usual' ? null : 'watch'}>
      <Sentence text={fat.sentence} />
      <View
        role="img"
        aria-label={phrases.fatInShort(fat.totalG, runs, fat.heldG)}
        style={{ height: 10, flexDirection: 'row', borderWidth: 1, borderColor: p.ink, backgroundColor: p.ground }}
      >
        <View style={{ width: share(fat.totalG - fat.renderedG), backgroundColor: p.held }} />
        <View style={{ width: share(fat.heldG), backgroundColor: p.away }} />
        <View style={{ width: share(loose), backgroundColor: p.turmeric }} />
      </View>
      <Small>{phrases.whereFatGoes(fat.totalG, fat.renderedG, fat.heldG, runs)}</Small>
    </Fold>
  );
}
