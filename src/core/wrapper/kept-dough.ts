/** The formula of a batch as it goes into the Larder: under an id and a name of its own, so that no other's is written over. */
import { type Kitchen } from '../stored/kitchen-schema';
import { type OwnDough } from '../stored/own-dough-schema';
import { type Batch } from '../stored/schema';
import { MOST } from '../vocabulary/limits';

/** A formula read from a recipe, and one made firmer or softer by a tap, are called so in every batch. */
export const RECIPE_DOUGH = { id: 'own-recipe-dough', name: 'the recipe’s dough' } as const;
export const VARIANT_ID = 'own-variant';
const SHARED: readonly string[] = [RECIPE_DOUGH.id, VARIANT_ID];

/** @param dough of the batch, as it stands on the screen */
export function keptDough(dough: OwnDough, { id, title }: Pick<Batch, 'id' | 'title'>): OwnDough {
  const isNamed = dough.name.trim() !== '' && dough.name !== RECIPE_DOUGH.name;
  return {
    ...dough,
    id: SHARED.includes(dough.id) ? `own-${id}`.slice(0, MOST.ownIdLetters) : dough.id,
    name: (isNamed ? dough.name.trim() : `Dough of ${title}`).slice(0, MOST.doughName),
  };
}

/** Whether the Larder has it just as it is. */
export const isKeptDough = (dough: OwnDough, { doughs }: Pick<Kitchen, 'doughs'>): boolean =>
  doughs.some((kept) => JSON.stringify(kept) === JSON.stringify(dough));
