/** A parsed line as a line of the batch: in a unit the document knows, with the preparation that its words name. */
import { type Line } from '../batch/schema';
import { type School, type Stage } from '../batch/vocabulary';
import { ingredientById } from '../food/catalogue';
import { type Ingredient } from '../food/ingredient';
import { preparationsOf } from '../food/preparations';
import { LINE_UNITS, type LineUnit } from '../units/units';
import { type ParsedLine } from './parse-line';

/** Words that name a preparation; the first that the ingredient's table holds is taken. */
const PREPARATION_WORDS: [pattern: RegExp, ids: string[]][] = [
  [/salted|squeezed/i, ['salted-squeezed', 'wilted-squeezed', 'squeezed']],
  [/wilted|blanched/i, ['wilted-squeezed']],
  [/sweated|softened|saut[eé]ed/i, ['sweated']],
  [/browned|caramelised|caramelized|fried/i, ['browned', 'sweated']],
  [/roasted/i, ['roasted-mash']],
  [/boiled|mashed|steamed/i, ['boiled-mash']],
  [/drained/i, ['drained-overnight', 'squeezed']],
  [/pressed/i, ['pressed']],
  [/flaked|poached/i, ['flaked']],
  [/cooked down|reduced/i, ['cooked-down']],
  [/worked|kneaded/i, ['worked']],
];

/** The preparation that a line's words name, or the one that is assumed. */
export function preparationInWords(ingredient: Ingredient, words: string): string {
  const table = preparationsOf(ingredient.wetness).map((p) => p.id);
  for (const [pattern, ids] of PREPARATION_WORDS) {
    const named = pattern.test(words) ? ids.find((id) => table.includes(id)) : undefined;
    if (named !== undefined) return named;
  }
  return table[0];
}

/** Where a new line goes unless the cook says otherwise. */
export function usualStage(school: School, ingredient: Ingredient, preparation: string): Stage {
  const cooked = preparationsOf(ingredient.wetness).find((p) => p.id === preparation)?.cooked ?? false;
  if (school !== 'cooked') return cooked ? 'cook-first' : 'raw-mix';
  if (ingredient.liquid || ingredient.family === 'starch') return 'simmer';
  return ingredient.family === 'dairy' || ingredient.family === 'egg' || ingredient.wetness === 'herb'
    ? 'when-cool'
    : 'cook-first';
}

const isLineUnit = (unit: string | null): unit is LineUnit => LINE_UNITS.some((known) => known === unit);

/**
 * Makes the batch's line. Null where the ingredient or the grams are not known: the question to ask is `question`'s.
 * Counted things, and units the document does not know, become grams; so does the middle of a range.
 */
export function toLine(parsed: ParsedLine, school: School, id: string): Line | null {
  const ingredient = parsed.ingredientId === null ? undefined : ingredientById(parsed.ingredientId);
  if (!ingredient || parsed.grams === null || parsed.grams <= 0) return null;
  const words = `${parsed.name ?? ''} ${parsed.note ?? ''}`;
  const preparation = preparationInWords(ingredient, words);
  const keeps = isLineUnit(parsed.unit) && parsed.amount !== null && parsed.amountTo === null;
  const drained = parsed.unit === 'g' && parsed.amount !== null && Math.abs(parsed.grams - parsed.amount) > 0.5;
  const asWritten = keeps && !drained;
  return {
    id,
    ingredientId: ingredient.id,
    amount: asWritten && parsed.amount !== null ? parsed.amount : parsed.grams,
    unit: asWritten && isLineUnit(parsed.unit) ? parsed.unit : 'g',
    preparation,
    // A recipe weighs what is bought.
    weighed: preparation === preparationsOf(ingredient.wetness)[0].id ? 'ready' : 'raw',
    stage: usualStage(school, ingredient, preparation),
    note: parsed.note ?? '',
  };
}

/** The one question a line leaves open, in words; null where it leaves none. */
export function question(parsed: ParsedLine): string | null {
  if (parsed.name === null) return 'What is this?';
  if (parsed.ingredientId === null) return `The larder has no “${parsed.name}”: what is it most like?`;
  if (parsed.amount === null) return 'How much?';
  return parsed.grams === null ? `What do ${parsed.amount} of it weigh?` : null;
}
