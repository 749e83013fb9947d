/** The lines of a plan: food, amount in the cook's words, what is done with it; what is taken as its class can be said otherwise. */
import { useState } from 'react';
import { View } from 'react-native';
import { lineName } from '@/core/stored/line-name';
import { type Batch } from '@/core/stored/schema';
import { type Ask } from '@/core/recipe/plan';
import { lookUp } from '@/core/food/larder';
import { preparation } from '@/core/vocabulary/releases';
import { gramsOf } from '@/core/filling/lines';
import { formatGrams } from '@/core/units/format';
import { useKitchen } from '@/data/hooks';
import { Press } from '@/ui/parts/press';
import { Body, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { noteWithoutAmount, shownAmount } from '@/core/filling/shown-amount';
import { AskRow } from './ask-row';
import * as phrases from './words';

interface Props {
  batch: Batch;
  asks: readonly Ask[];
  onAnswer: (text: string, becomes: string) => void;
}

/** A preparation that is none is not worth a word. */

export function PlanLines({ batch, asks, onAnswer }: Props) {
  const p = usePalette();
  const kitchen = useKitchen();
  const [isAsking, setAsking] = useState(false);
  const taken = asks.filter(({ question }) => question === null);
  return (
    <View style={{ gap: 10 }}>
      <View role="list" aria-label={phrases.WHAT_GOES_IN}>
        {batch.lines.map((line) => {
          const ingredient = lookUp(batch.ingredients, line.ingredientId);
          const grams = ingredient ? gramsOf(ingredient, line, kitchen) : null;
          const prep =
            ingredient && ingredient.release !== 'dry' ? preparation(ingredient.release, line.preparation).label : '';
          const words = [prep === phrases.AS_IT_IS ? '' : prep, noteWithoutAmount(line)]
            .filter((part) => part !== '')
            .join('; ');
          return (
            <View
              role="listitem"
              key={line.id}
              style={{ borderTopWidth: 1, borderTopColor: p.rule, paddingVertical: 7, flexDirection: 'row', gap: 12 }}
            >
              <View style={{ flex: 1 }}>
                <Body>{lineName(line, ingredient?.name)}</Body>
                {words !== '' && <Small>{words}</Small>}
              </View>
              <View style={{ alignItems: 'flex-end' }}>
                <Strong style={{ color: ingredient ? p.ink : p.beet }}>{shownAmount(line, ingredient, kitchen)}</Strong>
                {line.unit !== 'g' && kitchen.amounts === 'written' && grams !== null && (
                  <Small>{formatGrams(grams)}</Small>
                )}
              </View>
            </View>
          );
        })}
      </View>
      {taken.length > 0 && !isAsking && (
        <Press title={phrases.someAreLike(taken.length)} onPress={() => setAsking(true)} />
      )}
      {isAsking && taken.map((ask, i) => <AskRow key={`${i} ${ask.text}`} ask={ask} onAnswer={onAnswer} />)}
    </View>
  );
}
