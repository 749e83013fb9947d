/** Fat, beside the water and apart from it: all of it, what melts out, and what takes that up. */
import { View } from 'react-native';
import { type FatAccount } from '@/core/filling/fat';
import { formatGrams } from '@/core/units/format';
import { Fold } from '@/ui/parts/fold';
import { Sentence, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';

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
        aria-label={`Of ${formatGrams(fat.totalG)} of fat, ${runs} runs, ${formatGrams(fat.heldG)} is taken up, the rest stays in the food.`}
        style={{ height: 10, flexDirection: 'row', borderWidth: 1, borderColor: p.ink, backgroundColor: p.ground }}
      >
        <View style={{ width: share(fat.totalG - fat.renderedG), backgroundColor: p.held }} />
        <View style={{ width: share(fat.heldG), backgroundColor: p.away }} />
        <View style={{ width: share(loose), backgroundColor: p.turmeric }} />
      </View>
      <Small>
        {formatGrams(fat.totalG)} of fat: {formatGrams(fat.totalG - fat.renderedG)} stays in the food
        {fat.heldG >= 0.5
          ? `, ${formatGrams(fat.heldG)} taken up by what is cut small or mashed, flour and crumbs`
          : ''}
        , {runs} runs. Our estimate.
      </Small>
    </Fold>
  );
}
