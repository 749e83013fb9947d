/** Something that the larder has not: what it is most like is asked, and it is kept in the Larder under its own name. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { likeAnother } from '@/core/food/like-another';
import { asIngredient } from '@/core/food/own-ingredient';
import { type Ingredient } from '@/core/food/ingredient';
import { editKitchen, type Outcome } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { type Reading } from '@/data/use-reading';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { TOUCH } from '@/ui/theme/theme';
import { type StationProps } from './station-props';
import * as phrases from './words';

/** So many are offered, and so far off a name may be. */
const OFFERED = 4;
const FAR = 0.7;

interface Props extends StationProps {
  name: string;
  /** All that was typed. */
  text: string;
  reading: Reading;
  isOpen: boolean;
  onOpen: () => void;
  onAdded: (outcome: Promise<Outcome>) => void;
}

export function MostLike({ batch, kitchen, edit, name, text, reading, isOpen, onOpen, onAdded }: Props) {
  const [looked, setLooked] = useState('');
  if (!isOpen)
    return (
      <Pressable role="button" onPress={onOpen} style={{ minHeight: TOUCH, justifyContent: 'center' }}>
        <Small style={{ textDecorationLine: 'underline' }}>{phrases.SOMETHING_ELSE}</Small>
      </Pressable>
    );
  const near = reading.searchIngredients(looked, OFFERED, FAR, kitchen.ingredients);
  const keep = async (like: Ingredient): Promise<Outcome> => {
    const own = likeAnother(name, like, `own-${newId().toLowerCase()}`);
    const food = asIngredient(own);
    const { parseLine, toLine, usualAmount } = reading;
    const line =
      toLine(parseLine(text, food), batch.school, newId(), [own]) ??
      toLine(parseLine(`${usualAmount(food)} ${text}`, food), batch.school, newId(), [own]);
    const kept = await editKitchen({ do: 'keepOwn', ingredient: own }, 'beside', batch.id);
    if (!kept.ok || line === null) return kept;
    return edit(
      [
        { do: 'keepIngredient', ingredient: own },
        { do: 'addLine', line },
      ],
      '',
      'beside',
    );
  };
  return (
    <View style={{ gap: 8, paddingVertical: 8 }}>
      <TextField label={phrases.whatIsItLike(name)} value={looked} onChange={setLooked} most={100} autoFocus />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {near.map((like) => (
          <Press
            key={like.id}
            title={like.name}
            label={phrases.isLike(name, like.name)}
            onPress={() => onAdded(keep(like))}
          />
        ))}
      </View>
      <Small>{phrases.countsAsThat(name)}</Small>
    </View>
  );
}
