/** A line of a paste: what it will be and what says so, or what is still to be asked. */
import { memo } from 'react';
import { View } from 'react-native';
import { type Ingredient } from '@/core/food/ingredient';
import { lookUp } from '@/core/food/larder';
import { type Batch } from '@/core/stored/schema';
import { formatGrams } from '@/core/units/format';
import { preparation } from '@/core/vocabulary/releases';
import { STAGES } from '@/core/vocabulary/stages';
import { Press } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { lineOfItem, type ShownItem } from './pasted-operations';
import * as phrases from './words';

interface UnderstoodProps {
  item: ShownItem;
  own: Batch['ingredients'];
  onAnswer: (line: string, becomes: string) => void;
  onKeep: (line: string) => void;
}

/** So much of a long line is shown. */
const SHOWN_LETTERS = 120;
const shortened = (text: string): string => (text.length <= SHOWN_LETTERS ? text : `${text.slice(0, SHOWN_LETTERS)} …`);

/** `diced, in the pan`; of what is not known its own words. */
function becomes(item: ShownItem, ingredient: Ingredient | undefined): string {
  const line = lineOfItem(item, 'x');
  if (!line || !ingredient) return `“${shortened(item.food.parsed.text)}”`;
  const prepared = ingredient.release === 'dry' ? null : preparation(ingredient.release, line.preparation);
  return [prepared?.label ?? '', STAGES[line.stage].title.toLowerCase()].filter((word) => word !== '').join(', ');
}

/** Drawn again only when it reads otherwise. */
export const Understood = memo(function Understood({ item, own, onAnswer, onKeep }: UnderstoodProps) {
  const p = usePalette();
  const { food, from } = item;
  const { parsed, question } = food;
  const ingredient = parsed.ingredientId === null ? undefined : lookUp(own, parsed.ingredientId);
  return (
    <View
      role="listitem"
      style={{ borderTopWidth: 1, borderTopColor: p.rule, paddingVertical: 8, flexDirection: 'row', gap: 12 }}
    >
      <View style={{ flex: 1 }}>
        <Body>{ingredient?.name ?? shortened(parsed.name ?? parsed.text)}</Body>
        <Small>{becomes(item, ingredient)}</Small>
        {from !== null && <FromMethod item={item} sentence={from.sentence} onKeep={onKeep} />}
        {question !== null && <Asked item={item} onAnswer={onAnswer} />}
      </View>
      <Strong style={{ color: question === null ? p.ink : p.beet }}>
        {parsed.grams === null ? '?' : formatGrams(parsed.grams)}
      </Strong>
    </View>
  );
});

interface FromMethodProps extends Pick<UnderstoodProps, 'item' | 'onKeep'> {
  sentence: string;
}

/** The sentence that it was read from, and that it may be wrong. */
const FromMethod = ({ item: { text, food, isKept }, sentence, onKeep }: FromMethodProps) => (
  <View style={{ gap: 4 }}>
    <Small style={isKept ? { textDecorationLine: 'line-through' } : undefined}>{`from “${shortened(sentence)}”`}</Small>
    <View style={{ flexDirection: 'row' }}>
      <Press
        title={isKept ? phrases.AS_METHOD_SAYS : 'That’s wrong'}
        label={`${food.parsed.text}: ${isKept ? phrases.IS_AS_METHOD_SAYS : phrases.IS_NOT_AS_METHOD_SAYS}`}
        onPress={() => onKeep(text)}
      />
    </View>
  </View>
);

/** What is still to be asked, with its answers. */
function Asked({ item: { text, food }, onAnswer }: Pick<UnderstoodProps, 'item' | 'onAnswer'>) {
  const p = usePalette();
  return (
    <>
      <Small style={{ color: p.beet }}>{food.question}</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 4 }}>
        {food.answers.map((answer) => (
          <Press
            key={answer.label}
            title={answer.label}
            label={`${food.parsed.text}: ${answer.label}`}
            onPress={() => onAnswer(text, answer.text)}
          />
        ))}
      </View>
    </>
  );
}
