/** A word of the house, explained by a tap where it is first met; asked for once, it is not offered again. */
import { useState } from 'react';
import { Pressable } from 'react-native';
import { unknownWord } from '@/core/vocabulary/house-words';
import { learnWord, useKnownWords } from '@/data/known-words';
import { TOUCH } from '../theme/theme';
import { Small } from './text';

export function HouseWord({ text }: { text: string }) {
  const explained = useKnownWords();
  const [asked, setAsked] = useState<{ word: string; means: string } | null>(null);
  if (asked !== null)
    return (
      <Small role="note">
        {asked.word}: {asked.means}
      </Small>
    );
  const unknown = explained === undefined ? null : unknownWord(text, explained);
  if (unknown === null) return null;
  const ask = () => {
    setAsked(unknown);
    void learnWord(unknown.id);
  };
  return (
    <Pressable role="button" onPress={ask} style={{ minHeight: TOUCH - 4, justifyContent: 'center' }}>
      <Small style={{ textDecorationLine: 'underline' }}>What’s “{unknown.word}”?</Small>
    </Pressable>
  );
}
