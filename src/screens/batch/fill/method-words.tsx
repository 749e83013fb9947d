/** What the recipe's method says of a line, word for word: only where there is a method, and only on a tap. */
import { useState } from 'react';
import { View } from 'react-native';
import { type Ingredient } from '@/core/food/ingredient';
import { useReading } from '@/data/use-reading';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import * as phrases from './words';

/** A method is kept in numbered steps. */
const HAS_STEPS = /^1\. /m;

export function MethodWords({ ingredient, words }: { ingredient: Ingredient; words: string }) {
  const [isOpen, setOpen] = useState(false);
  const { reading } = useReading(isOpen);
  if (!HAS_STEPS.test(words)) return null;
  const sentences = isOpen ? reading?.sentencesOn(ingredient, words) : undefined;
  return (
    <View style={{ gap: 6, alignItems: 'flex-start' }}>
      <Press
        title={isOpen ? phrases.CLOSE_METHOD : phrases.WHAT_METHOD_SAYS}
        label={phrases.whatMethodSaysOf(isOpen, ingredient.name)}
        onPress={() => setOpen(!isOpen)}
      />
      {sentences?.length === 0 && <Small>{phrases.METHOD_IS_SILENT}</Small>}
      {sentences?.map((sentence) => (
        <Small key={sentence}>{`“${sentence}”`}</Small>
      ))}
    </View>
  );
}
