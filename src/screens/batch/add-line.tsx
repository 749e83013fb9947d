/** Adding to the filling by typing: "150 g leek, sweated". The larder answers as one types. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { type Ingredient } from '@/core/food/ingredient';
import { preparation } from '@/core/document/vocabulary/releases';
import { MOST_LETTERS } from '@/core/recipe/limits';
import { newId } from '@/data/new-id';
import { useReading } from '@/data/use-reading';
import { Body, Small, Strong } from '@/ui/parts/text';
import { useRefusal } from '@/ui/parts/use-refusal';
import { TextField } from '@/ui/parts/text-field';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from './station-props';
import { ADD_LINE_ID } from './use-keys';
import { amountText } from './amount-text';
import { keepOwn } from './keep-own';

/** Taken when no amount can be read. */
const USUAL_AMOUNT = '100 g';
const SUGGESTIONS = 5;

/** @param isDocked in a bar at the foot of the screen: its name is in the field, and what is found stands above it */
export function AddLine({ batch, kitchen, edit, isDocked = false }: StationProps & { isDocked?: boolean }) {
  const p = usePalette();
  const [text, setText] = useState('');
  const own = kitchen.ingredients;
  const { refusal, answered, clear } = useRefusal();
  const { reading, problem } = useReading(text !== '');
  const parsed = reading?.parseLine(text, undefined, own) ?? null;
  const name = parsed?.name ?? null;
  const tooLong = text.length > MOST_LETTERS;
  const near = name === null || !reading ? [] : reading.searchIngredients(name, SUGGESTIONS, undefined, own);
  // What the whole line was matched to comes first; then what is near in spelling.
  const found = [...near].sort((a, b) => Number(b.id === parsed?.ingredientId) - Number(a.id === parsed?.ingredientId));
  const lineFor = (ingredient: Ingredient) => {
    if (!reading) return null;
    const { parseLine, toLine } = reading;
    return (
      toLine(parseLine(text, ingredient, own), batch.school, newId(), own) ??
      toLine(parseLine(`${USUAL_AMOUNT} ${text}`, ingredient, own), batch.school, newId(), own)
    );
  };
  const add = (ingredient: Ingredient) => {
    const line = lineFor(ingredient);
    if (line === null) return;
    const outcome = edit([...keepOwn(kitchen, ingredient.id), { do: 'addLine', line }], '', 'beside');
    answered(outcome);
    // What was refused stays in the field; what was typed meanwhile, too.
    void outcome.then(({ ok }) => ok && setText((now) => (now === text ? '' : now)));
  };
  return (
    <View style={isDocked ? { flexDirection: 'column-reverse' } : undefined}>
      <TextField
        id={ADD_LINE_ID}
        label="Add what goes in"
        value={text}
        onChange={(typed) => {
          setText(typed);
          clear();
        }}
        isUnlabelled={isDocked}
        placeholder={isDocked ? 'Add: 150 g leek, sweated' : '150 g leek, sweated'}
        problem={problem ?? (tooLong && parsed ? (reading?.question(parsed) ?? null) : refusal)}
        onSubmit={() => found[0] && add(found[0])}
      />
      {name !== null && (
        <View
          role="list"
          aria-label="From the larder"
          style={isDocked ? { flexDirection: 'column-reverse' } : undefined}
        >
          {found.map((ingredient) => {
            const line = lineFor(ingredient);
            if (line === null) return null;
            const amount = amountText(line);
            const prep = ingredient.release === 'dry' ? '' : preparation(ingredient.release, line.preparation).label;
            return (
              <View role="listitem" key={ingredient.id}>
                <Pressable
                  role="button"
                  aria-label={`Add ${amount} ${ingredient.name}`}
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
                  <Body style={{ flex: 1 }}>
                    {ingredient.name} <Small>{prep}</Small>
                  </Body>
                  <Strong>{amount}</Strong>
                </Pressable>
              </View>
            );
          })}
          {found.length === 0 && (
            <Small role="status">The larder has nothing called “{name}”. Try another name for it.</Small>
          )}
        </View>
      )}
    </View>
  );
}
