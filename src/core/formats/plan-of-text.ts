/** A recipe as it was sent: plain words, a saved page, or schema.org Recipe as JSON; read as a plan. */
import { type OwnIngredient } from '../food/own-ingredient';
import { type PlanFresh, planOf, planOfSections, type PlanSaid, type RecipePlan } from '../recipe/plan';
import { linesInPage } from './page';
import { readRecipe } from './recipe';
import { sectionsOfRecipe } from './recipe-as-words';

const isMarkup = (text: string): boolean =>
  /^<(?:!doctype|html|head|body|div|article|meta|p\b|h\d|ul|script)/i.test(text);
const isJson = (text: string): boolean => /^[[{]\s*["[{]/.test(text);

/** A saved page is so long at most; its recipe is a small part of it. */
const MOST_PAGE_LETTERS = 2_000_000;

/**
 * Reads it.
 * @param own ingredients of the cook's own, which names may mean
 * @param corrections what the cook has said of the first, the second … filling
 */
export function planOfText(
  sent: string,
  fresh: PlanFresh,
  own: readonly OwnIngredient[] = [],
  corrections: readonly PlanSaid[] = [],
): RecipePlan {
  const text = sent.replace(/^\uFEFF/, '').trim();
  if (isMarkup(text) || isJson(text)) {
    const page = text.slice(0, MOST_PAGE_LETTERS);
    const recipe = readRecipe(page);
    if (recipe.ok) return planOfSections(sectionsOfRecipe(recipe.value), fresh, own, corrections);
    // A page without a recipe that says so of itself is read by its lines.
    if (isMarkup(text)) return planOf(linesInPage(page), fresh, own, corrections);
  }
  return text === ''
    ? planOfSections({ title: null, parts: [], steps: [], said: [] }, fresh, own, corrections)
    : planOf(text, fresh, own, corrections);
}
