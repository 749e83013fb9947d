/**
 * Adding to the filling by typing: "150 g leek, sweated". The larder answers as one types. What is surely named goes in on Enter;
 * of what is not, the nearest are offered, and anything else can be kept under its own name.
 */
import { useState } from 'react';
import { View } from 'react-native';
import { type Ingredient } from '@/core/food/ingredient';
import { lookUp } from '@/core/food/larder';
import { MOST_LETTERS } from '@/core/recipe/limits';
import { newId } from '@/data/new-id';
import { couldNotLoad, loadReading, type Reading, useReading } from '@/data/use-reading';
import { type School } from '@/core/vocabulary/schools';
import { Small } from '@/ui/parts/text';
import { useHandedOver } from '@/ui/parts/use-handed-over';
import { useRefusal } from '@/ui/parts/use-refusal';
import { TextField } from '@/ui/parts/text-field';
import { ADD_FIELD } from '@/ui/shell/add-field';
import { FoundFood } from './found-food';
import { keepOwn } from './keep-own';
import { MostLike } from './most-like';
import { type StationProps } from './station-props';
import * as phrases from './words';

type Own = StationProps['kitchen']['ingredients'];

/** What is surely named is shown with what is near; of what is not, so many are asked about. */
const SUGGESTIONS = 4;
const ASKED = 3;

/** What a text may mean: what the whole of it was matched to comes first, then what is near in spelling; and whether it is sure. */
function foundBy({ parseLine, searchIngredients, isSurelyNamed }: Reading, text: string, own: Own) {
  const { name, ingredientId } = parseLine(text, undefined, own);
  if (name === null) return { name, found: [], sure: null };
  const meant = ingredientId === null ? undefined : lookUp(own, ingredientId);
  const sure = meant && isSurelyNamed(name, meant, own) ? meant : null;
  const near = searchIngredients(name, SUGGESTIONS, undefined, own);
  const found = meant ? [meant, ...near.filter(({ id }) => id !== meant.id)] : near;
  return { name, found: found.slice(0, sure === null ? ASKED : SUGGESTIONS), sure };
}

/** The line that a text becomes, meant of an ingredient; without an amount, with the usual one. */
const lineOfText = (
  { parseLine, toLine, usualAmount }: Reading,
  text: string,
  ingredient: Ingredient,
  school: School,
  own: Own,
) =>
  toLine(parseLine(text, ingredient, own), school, newId(), own) ??
  toLine(parseLine(`${usualAmount(ingredient)} ${text}`, ingredient, own), school, newId(), own) ??
  toLine(parseLine(`100 g ${text}`, ingredient, own), school, newId(), own);

/** @param isDocked in a bar at the foot of the screen: its name is in the field, and what is found stands above it */
export function AddLine(props: StationProps & { isDocked?: boolean }) {
  const { batch, kitchen, edit, isDocked = false } = props;
  const { value: text, type, handedOver } = useHandedOver('');
  const own = kitchen.ingredients;
  const { refusal, answered, clear } = useRefusal();
  const { reading, problem } = useReading(text !== '');
  const [missing, setMissing] = useState<string | null>(null);
  const [isElse, setElse] = useState(false);
  const tooLong = text.length > MOST_LETTERS;
  const { name, found, sure } =
    reading && !tooLong ? foundBy(reading, text, own) : { name: null, found: [], sure: null };
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
      // Enter takes what was surely named. What is only near is chosen by a tap: an oyster is no oyster mushroom.
      const read = foundBy(by, text, own);
      if (read.sure !== null) add(read.sure, by);
      else if (read.name !== null) setMissing(phrases.notSureWhat(read.name));
    } catch (error) {
      setMissing(couldNotLoad(error));
    }
  };
  return (
    <View style={isDocked ? { flexDirection: 'column-reverse' } : undefined}>
      <TextField
        id={ADD_FIELD}
        label={phrases.ADD_WHAT_GOES_IN}
        value={text}
        onChange={(typed) => {
          type(typed);
          setMissing(null);
          setElse(false);
          clear();
        }}
        isUnlabelled={isDocked}
        placeholder={isDocked ? phrases.ADD_FOR_EXAMPLE : phrases.LINE_FOR_EXAMPLE}
        problem={missing ?? problem ?? (tooLong ? phrases.ONE_AT_A_TIME : refusal)}
        onSubmit={() => void submit()}
      />
      {name !== null && reading !== null && (
        <View
          role="list"
          aria-label={phrases.FROM_LARDER}
          style={isDocked ? { flexDirection: 'column-reverse' } : undefined}
        >
          {!isElse &&
            found.map((ingredient) => (
              <FoundFood
                key={ingredient.id}
                ingredient={ingredient}
                kitchen={kitchen}
                line={lineOfText(reading, text, ingredient, batch.school, own)}
                onAdd={() => add(ingredient)}
              />
            ))}
          {sure === null && (
            <MostLike
              {...props}
              name={name}
              text={text}
              reading={reading}
              isOpen={isElse}
              onOpen={() => setElse(true)}
              onAdded={(outcome) => {
                answered(outcome);
                handedOver(outcome);
              }}
            />
          )}
          {found.length === 0 && <Small role="status">{phrases.larderHasNot(name)}</Small>}
        </View>
      )}
    </View>
  );
}
