/** The Larder: what ingredients are made of, what can be done to the wet ones, and the cook's own. */
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { catalogue } from '@/core/food/catalogue';
import { type Ingredient } from '@/core/food/ingredient';
import { wholeLarder } from '@/core/food/larder';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { useKitchen } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { useReading } from '@/data/use-reading';
import { Problem } from '@/ui/parts/problem';
import { Press } from '@/ui/parts/press';
import { Rule } from '@/ui/parts/rule';
import { Body, Small } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { ADD_FIELD } from '@/ui/shell/add-field';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { useWide } from '@/ui/shell/use-wide';
import { ByFamily } from './by-family';
import { type IngredientActions, IngredientFacts } from './ingredient-facts';
import { AtHome } from './at-home';
import { OwnDoughs } from './own-doughs';
import { OwnIngredientForm } from './own-ingredient-form';
import { Unsaid } from './unsaid';
import { useOwnIngredients } from './use-own-ingredients';
import * as phrases from './words';

const MOST_FOUND = 20;
/** Shown at first; the rest is found by its name, or asked for. */
const FIRST = 24;

export function LarderScreen() {
  const { ingredients: own, doughs, alwaysAtHome } = useKitchen();
  const wide = useWide();
  const [text, setText] = useState('');
  const [all, setAll] = useState(false);
  const [form, setForm] = useState<{ own: OwnIngredient | null } | null>(null);
  // The less usual rows come with the search.
  const { reading, problem } = useReading(true);
  const everything = useMemo(() => {
    if (reading === null) return [];
    // One's own come first: they are looked for most.
    const isOwn = (id: string): number => Number(own.some((o) => o.id === id));
    return [...wholeLarder(own)].sort((a, b) => isOwn(b.id) - isOwn(a.id) || a.name.localeCompare(b.name));
  }, [reading, own]);
  const isSearching = text.trim() !== '';
  const found = isSearching ? (reading?.searchIngredients(text, MOST_FOUND, undefined, own) ?? []) : everything;
  const shown = all || isSearching ? found : found.slice(0, FIRST);
  const { keep, actionsFor } = useOwnIngredients((mine) => setForm({ own: mine }));
  return (
    <PlaceScreen
      title="Larder"
      note={phrases.ingredientsHere(reading === null ? null : catalogue().length, own.length)}
    >
      <TextField label="Find" value={text} onChange={setText} placeholder="leek" most={100} id={ADD_FIELD} />
      {form ? (
        <OwnIngredientForm
          key={form.own?.id ?? 'new'}
          own={form.own}
          newId={() => `own-${newId().toLowerCase()}`}
          onKeep={async (kept) => {
            const outcome = await keep(kept);
            if (outcome.ok) {
              setForm(null);
              setText(kept.name);
            }
            return outcome;
          }}
          onClose={() => setForm(null)}
        />
      ) : (
        <View style={{ alignItems: 'flex-start' }}>
          <Press title={phrases.ADD_YOUR_OWN} icon="plus" onPress={() => setForm({ own: null })} />
        </View>
      )}
      <Unsaid own={own} />
      <OwnDoughs doughs={doughs} />
      <AtHome ids={alwaysAtHome} own={own} />
      <Problem text={problem} />
      {reading === null && problem === null && <Small role="status">{phrases.OPENING_LARDER}</Small>}
      {isSearching && shown.length === 0 && reading !== null && (
        <Body role="status">{phrases.nothingCalled(text)}</Body>
      )}
      {wide ? (
        <ByFamily ingredients={found} actionsFor={actionsFor} />
      ) : (
        <>
          <OneBelowTheOther ingredients={shown} actionsFor={actionsFor} />
          {shown.length < found.length && <Press title={phrases.showAll(found.length)} onPress={() => setAll(true)} />}
        </>
      )}
    </PlaceScreen>
  );
}

/** On a phone. */
function OneBelowTheOther({
  ingredients,
  actionsFor,
}: {
  ingredients: readonly Ingredient[];
  actionsFor: (ingredient: Ingredient) => IngredientActions;
}) {
  return (
    <View role="list" aria-label="Ingredients">
      {ingredients.map((ingredient) => (
        <View role="listitem" key={ingredient.id}>
          <Rule />
          <View style={{ paddingVertical: 10 }}>
            <IngredientFacts ingredient={ingredient} {...actionsFor(ingredient)} />
          </View>
        </View>
      ))}
    </View>
  );
}
