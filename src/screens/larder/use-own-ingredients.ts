/** What can be done with an ingredient in the Larder: one of one's own is changed and taken out, any is always at home or not. */
import { type Ingredient } from '@/core/food/ingredient';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { editKitchen, type Outcome, useKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { type IngredientActions } from './ingredient-facts';
import * as phrases from './words';

async function keep(kept: OwnIngredient): Promise<Outcome> {
  const outcome = await editKitchen({ do: 'keepOwn', ingredient: kept }, 'beside');
  if (outcome.ok) say({ text: phrases.isInLarder(kept.name), kind: 'done' });
  return outcome;
}

async function remove(gone: OwnIngredient): Promise<void> {
  if (!(await editKitchen({ do: 'dropOwn', id: gone.id })).ok) return;
  say({
    text: phrases.isOutOfLarder(gone.name),
    kind: 'done',
    action: {
      label: phrases.BRING_IT_BACK,
      run: async () => (await editKitchen({ do: 'keepOwn', ingredient: gone })).ok,
    },
  });
}

/** @param onChange opens one's own to be changed */
export function useOwnIngredients(onChange: (own: OwnIngredient) => void) {
  const { ingredients: own, alwaysAtHome } = useKitchen();
  const actionsFor = ({ id }: Ingredient): IngredientActions => {
    const mine = own.find((i) => i.id === id);
    const isAtHome = alwaysAtHome.includes(id);
    const others = alwaysAtHome.filter((one) => one !== id);
    const atHome = {
      isAtHome,
      onAtHome: () =>
        void editKitchen({ do: 'setKitchen', to: { alwaysAtHome: isAtHome ? others : [...alwaysAtHome, id] } }),
    };
    return mine ? { ...atHome, onChange: () => onChange(mine), onRemove: () => void remove(mine) } : atHome;
  };
  return { keep, actionsFor };
}
