/** Adding to the filling by typing: "150 g leek". The larder answers as one types. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { type School, type Stage } from '@/core/batch/vocabulary';
import { quickLine } from '@/core/filling/quick-line';
import { type Ingredient } from '@/core/food/ingredient';
import { preparationsOf } from '@/core/food/preparations';
import { searchIngredients } from '@/core/food/search';
import { formatNumber } from '@/core/units/amount';
import { unitLabel } from '@/core/units/units';
import { newId } from '@/data/new-id';
import { Body, Small, Strong } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { ADD_LINE_ID } from '../use-keys';

/** Where a new line goes unless the cook says otherwise. */
const USUAL_STAGE: Record<School, Stage> = { raw: 'raw-mix', cooked: 'cook-first', 'part-cooked': 'raw-mix' };
/** Taken when no amount was typed. */
const USUAL_AMOUNT = 100;

export function AddLine({ batch, edit }: StationProps) {
  const p = usePalette();
  const [text, setText] = useState('');
  const typed = quickLine(text);
  const found = searchIngredients(typed.name, 5);
  const amount = typed.amount ?? USUAL_AMOUNT;
  const unit = typed.unit ?? 'g';
  const add = (ingredient: Ingredient) => {
    edit({
      do: 'addLine',
      line: {
        id: newId(),
        ingredientId: ingredient.id,
        amount,
        unit,
        preparation: preparationsOf(ingredient.wetness)[0].id,
        weighed: 'ready',
        stage: USUAL_STAGE[batch.school],
        note: '',
      },
    });
    setText('');
  };
  return (
    <View>
      <TextField
        id={ADD_LINE_ID}
        label="Add what goes in"
        value={text}
        onChange={setText}
        placeholder="150 g leek"
        most={200}
        onSubmit={() => found[0] && add(found[0])}
      />
      {typed.name !== '' && (
        <View role="list" aria-label="From the larder">
          {found.map((ingredient) => (
            <View role="listitem" key={ingredient.id}>
              <Pressable
                role="button"
                aria-label={`Add ${formatNumber(amount)} ${unitLabel(unit)} ${ingredient.name}`}
                onPress={() => add(ingredient)}
                style={{
                  minHeight: TOUCH,
                  flexDirection: 'row',
                  alignItems: 'center',
                  gap: 10,
                  borderBottomWidth: 1,
                  borderBottomColor: p.rule,
                }}
              >
                <Body style={{ flex: 1 }}>{ingredient.name}</Body>
                <Strong>
                  {formatNumber(amount)} {unitLabel(unit)}
                </Strong>
              </Pressable>
            </View>
          ))}
          {found.length === 0 && (
            <Small role="status">The larder has nothing called “{typed.name}”. Try another name for it.</Small>
          )}
        </View>
      )}
    </View>
  );
}
