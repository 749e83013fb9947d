/** A whole recipe in words as batches: everything that is found in it, each with the words it was read from. */
import { type OwnIngredient } from '../../food/own-ingredient';
import { type PlanSaid, type RecipePlan } from './found';
import { planned } from './planned';
import { type Part, type Sections, sectionsOf } from './sections';

export { type Sections, sectionsOf } from './sections';
export type { Ask, Found, Planned, PlanSaid, RecipePlan } from './found';

/** So long a text is read; what is longer is read no further. */
export const MOST_RECIPE_LETTERS = 20_000;

export interface PlanFresh {
  /** An id for the first, the second … batch. */
  id: (at: number) => string;
  /** Now, ISO 8601. */
  at: string;
}

/**
 * Reads a recipe as it was sent.
 * @param own ingredients of the cook's own, which names may mean
 * @param corrections what the cook has said of the first, the second … filling
 */
export const planOf = (
  text: string,
  fresh: PlanFresh,
  own: readonly OwnIngredient[] = [],
  corrections: readonly PlanSaid[] = [],
): RecipePlan => planOfSections(sectionsOf(text.slice(0, MOST_RECIPE_LETTERS)), fresh, own, corrections);

/** The same of a recipe that comes apart already. */
export function planOfSections(
  sections: Sections,
  fresh: PlanFresh,
  own: readonly OwnIngredient[] = [],
  corrections: readonly PlanSaid[] = [],
): RecipePlan {
  const fillings = fillingsOf(sections.parts);
  const notes = sections.parts.flatMap(({ kind, name, lines }) =>
    kind === 'filling'
      ? []
      : lines.map((line) => `${line} (${kind === 'dough' ? 'dough' : (name ?? 'not in the filling')})`),
  );
  const plans = fillings.map((part, i) =>
    planned(
      { part, isOneOfSeveral: fillings.length > 1, sections, own, said: corrections[i] ?? {} },
      { id: fresh.id(i), at: fresh.at },
    ),
  );
  return { plans, notes: [...notes, ...plans.flatMap((plan) => plan.notes)] };
}

/** Two fillings that are named are two; lists without a name, or of one name, are one. */
function fillingsOf(parts: readonly Part[]): Part[] {
  const fillings = parts.filter(({ kind }) => kind === 'filling');
  const named = fillings.filter(({ name }) => name !== null && /\b(?:filling|stuffing)\b/i.test(name));
  if (named.length >= 2) return named;
  const main = named[0] ?? fillings[0];
  return main === undefined ? [] : [{ ...main, lines: fillings.flatMap(({ lines }) => lines) }];
}
