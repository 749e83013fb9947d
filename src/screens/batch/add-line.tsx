/** Adding to the filling by typing: "150 g leek, sweated". The larder answers as one types. */
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { type Ingredient } from '@/core/food/ingredient';
import { lookUp } from '@/core/food/larder';
import { preparation } from '@/core/vocabulary/releases';
import { MOST_LETTERS } from '@/core/recipe/limits';
import { newId } from '@/data/new-id';
import { couldNotLoad, loadReading, type Reading, useReading } from '@/data/use-reading';
import { type School } from '@/core/vocabulary/schools';
import { Body, Small, Strong } from '@/ui/parts/text';
import { useHandedOver } from '@/ui/parts/use-handed-over';
import { useRefusal } from '@/ui/parts/use-refusal';
import { TextField } from '@/ui/parts/text-field';
import { TOUCH } from '@/ui/theme/theme';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from './station-props';
import { ADD_LINE_ID } from './use-keys';
import { amountText } from '../amount-text';
import { keepOwn } from './keep-own';

/** Taken when no amount can be read. */
const USUAL_AMOUNT = '100 g';
const SUGGESTIONS = 5;

/** What a text may mean: what the whole of it was matched to comes first; then what is near in spelling. */
function foundBy({ parseLine, searchIngredients }: Reading, text: string, own: StationProps['kitchen']['ingredients']) {
  const { name, ingredientId } = parseLine(text, undefined, own);
  const near = name === null ? [] : searchIngredients(name, SUGGESTIONS, undefined, own);
  const meant = ingredientId === null ? undefined : lookUp(own, ingredientId);
  return meant ? [meant, ...near.filter(({ id }) => id !== meant.id)].slice(0, SUGGESTIONS) : near;
}

/** The line that a text becomes, meant of an ingredient. */
const lineOfText = (
  { parseLine, toLine }: Reading,
  text: string,
  ingredient: Ingredient,
  school: School,
  own: StationProps['kitchen']['ingredients'],
) =>
  toLine(parseLine(text, ingredient, own), school, newId(), own) ??
  toLine(parseLine(`${USUAL_AMOUNT} ${text}`, ingredient, own), school, newId(), own);

/** @param isDocked in a bar at the foot of the screen: its name is in the field, and what is found stands above it */
export function AddLine({ batch, kitchen, edit, isDocked = false }: StationProps & { isDocked?: boolean }) {
  const p = usePalette();
  const { value: text, type, handedOver } = useHandedOver('');
  const own = kitchen.ingredients;
  const { refusal, answered, clear } = useRefusal();
  const { reading, problem } = useReading(text !== '');
  const [missing, setMissing] = useState<string | null>(null);
  const parsed = reading?.parseLine(text, undefined, own) ?? null;
  const name = parsed?.name ?? null;
  const tooLong = text.length > MOST_LETTERS;
  const found = reading ? foundBy(reading, text, own) : [];
  const lineFor = (ingredient: Ingredient) => reading && lineOfText(reading, text, ingredient, batch.school, own);
  const add = (ingredient: Ingredient, by: Reading | null = reading) => {
    const line = by && lineOfText(by, text, ingredient, batch.school, own);
    if (line === null) return;
    const outcome = edit([...keepOwn(kitchen, ingredient.id), { do: 'addLine', line }], '', 'beside');
    answered(outcome);
    handedOver(outcome);
  };
  // Whoever types quickly presses Enter before the larder's names are here.
  const submit = async () => {
    try {
      const by = reading ?? (await loadReading());
      // Enter takes what was named. What is only near is chosen by a tap: an oyster is no oyster mushroom.
      const { ingredientId, name: named } = by.parseLine(text, undefined, own);
      const meant = ingredientId === null ? undefined : lookUp(own, ingredientId);
      if (meant) add(meant, by);
      else if (named !== null)
        setMissing(`The larder has no “${named}”. Tap the one you mean, or add your own in the Larder.`);
    } catch (error) {
      setMissing(couldNotLoad(error));
    }
  };
  return (
    <View style={isDocked ? { flexDirection: 'column-reverse' } : undefined}>
      <TextField
        id={ADD_LINE_ID}
        label="Add what goes in"
        value={text}
        onChange={(typed) => {
          type(typed);
          setMissing(null);
          clear();
        }}
        isUnlabelled={isDocked}
        placeholder={isDocked ? 'Add: 150 g leek, sweated' : '150 g leek, sweated'}
        problem={missing ?? problem ?? (tooLong && parsed ? (reading?.question(parsed) ?? null) : refusal)}
        onSubmit={() => void submit()}
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
