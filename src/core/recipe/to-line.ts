/** A parsed line as a line of the batch: in a unit the document knows, with the preparation that its words name. */
import { MOST } from '../vocabulary/limits';
import { type Line } from '../stored/schema';
import { type School } from '../vocabulary/schools';
import { type Stage } from '../vocabulary/stages';
import { cutInWords, hasCuts } from '../food/densities';
import { type Ingredient } from '../food/ingredient';
import { lookUp } from '../food/larder';
import { type OwnIngredient } from '../food/own-ingredient';
import { HAZARDS } from '../vocabulary/foods';
import { RELEASES } from '../vocabulary/releases';
import { binderById } from '../filling/binders';
import { searchIngredients } from '../food/search';
import { isLineUnit } from '../vocabulary/line-units';
import { MOST_LETTERS } from './limits';
import { saysWhichSalt } from './line-grams';
import { type ParsedLine } from './parse-line';
import { preparationInWords } from './preparations';

/** What is assumed where the words name none, by what the filling is: raw meat in a cooked one is browned. */
function preparationFor(ingredient: Ingredient, words: string, school: School): string {
  const table = RELEASES[ingredient.release];
  const named = preparationInWords(ingredient, words);
  if (named !== table[0].id || school !== 'cooked') return named;
  if (!HAZARDS[ingredient.hazard].isFlesh) return named;
  return (table.find((p) => p.id === 'browned' || p.id === 'flaked') ?? table[0]).id;
}

/** Where a new line goes unless the cook says otherwise. */
function usualStage(school: School, ingredient: Ingredient, preparation: string, words = ''): Stage {
  const prep = RELEASES[ingredient.release].find((p) => p.id === preparation);
  const cooked = prep?.cooked ?? false;
  if (school !== 'cooked') {
    // What was cooked yesterday, drained or wrung is cold; what is cooked for this filling comes hot from the pan.
    if (!cooked || COLD_ALREADY.includes(ingredient.release)) return 'raw-mix';
    return prep?.losesTo === 'drained' || ingredient.hazard === 'cooked-animal' ? 'raw-mix' : 'cook-first';
  }
  if (ingredient.family === 'egg' || /hard[- ]?boiled/i.test(words))
    return preparation === 'scrambled' ? 'cook-first' : 'when-cool';
  if (ingredient.family === 'liquid' || (ingredient.family === 'dairy' && ingredient.liquid)) return 'simmer';
  if (ingredient.family === 'starch')
    return ingredient.binder && binderById(ingredient.binder)?.isThickener ? 'simmer' : 'off-heat';
  return ingredient.family === 'dairy' || ingredient.isTender ? 'when-cool' : 'cook-first';
}

/** Cooked beforehand, out of the fridge or the freezer. */
const COLD_ALREADY: readonly string[] = [
  'frozenFirm',
  'frozenLeaf',
  'braisedMeat',
  'cookedFish',
  'meatSauce',
  'driedNoodle',
  'driedGrain',
  'driedPulse',
];

/**
 * Makes the batch's line. Null where the ingredient or the grams are not known: the question to ask is `question`'s.
 * Units the document does not know become grams; so does the middle of a range.
 */
export function toLine(
  parsed: ParsedLine,
  school: School,
  id: string,
  own: readonly OwnIngredient[] = [],
): Line | null {
  const ingredient = parsed.ingredientId === null ? undefined : lookUp(own, parsed.ingredientId);
  if (!ingredient || parsed.grams === null || parsed.grams <= 0) return null;
  const words = `${parsed.name ?? ''} ${parsed.note ?? ''}`;
  const preparation = preparationFor(ingredient, words, school);
  // Spoons of a salt that is named keep their grams, whatever salt the kitchen has.
  const written = saysWhichSalt(ingredient, parsed.text) ? null : writtenAmount(parsed, ingredient);
  const cut = cutInWords(parsed.text);
  return {
    id,
    ingredientId: ingredient.id,
    ...(written ?? { amount: parsed.grams, unit: 'g' as const }),
    preparation,
    // A recipe weighs what is bought.
    weighed: RELEASES[ingredient.release].find((p) => p.id === preparation)?.yield === 1 ? 'ready' : weighedAs(parsed),
    stage: usualStage(school, ingredient, preparation, words),
    cut: cut !== null && hasCuts(ingredient) ? cut : null,
    ticked: false,
    note: noteOf(parsed, written === null),
  };
}

/** Words of a cut or a treatment; sizes, colours and origins are no news. */
const DONE_TO_IT =
  /^(?:.*(?:ed|en)|raw|whole|mash|ground|torn|cut|fine|finely|coarse|coarsely|thin|thinly|rough|roughly|hot|cold|soft)$/i;

/** What the cook wrote and did, in short; where the amount became grams, the cook's own words for it. */
function noteOf({ text, name, note, takenAs }: ParsedLine, isInGrams: boolean): string {
  const remarks = (note ?? '')
    .split(', ')
    .filter((words) => words !== '' && (words.includes(' ') || DONE_TO_IT.test(words) || takenAs !== null));
  const [amount] = text.split(/[,;(]/);
  const isOwnWords =
    (isInGrams || PART_OF.test(text)) &&
    !/^\s*[\d.,]+\s*(?:g|kg)\b/i.test(amount) &&
    amount.trim().length <= MOST_WRITTEN &&
    name !== null;
  return [...(isOwnWords ? [`“${amount.trim()}”`] : []), ...new Set(remarks)].join(', ').slice(0, MOST.note);
}
/** Half a lemon's juice is written as half of one. */
const PART_OF = /\b(?:juice|zest|rind|yolks?|whites?) of\b/i;
/** Longer than this it is no amount, letters. */
const MOST_WRITTEN = 40;

/** "250 g cooked rice" was weighed as it goes in; what is to be treated was weighed before. */
const weighedAs = ({ name }: ParsedLine): Line['weighed'] =>
  /\b(?:cooked|soaked|drained|squeezed|roasted|fried|boiled|wilted)\b/i.test(name ?? '') ? 'ready' : 'raw';

/** The amount as it is written, where the document knows its unit and the grams mean just that. */
function writtenAmount(
  { amount, amountTo, unit, grams }: ParsedLine,
  ingredient: Ingredient,
): Pick<Line, 'amount' | 'unit'> | null {
  if (amount === null || amountTo !== null || grams === null) return null;
  const { piece } = ingredient.counts;
  // "3 eggs", but not "3 large eggs": those weigh otherwise.
  if (unit === null || unit === 'piece') {
    return piece !== undefined && Math.abs(grams - amount * piece) < 0.01 ? { amount, unit: 'piece' } : null;
  }
  const isDrained = unit === 'g' && Math.abs(grams - amount) > 0.5;
  return isLineUnit(unit) && !isDrained ? { amount, unit } : null;
}

/** The one question a line leaves open, in words; null where it leaves none. */
export function question(parsed: ParsedLine): string | null {
  if (parsed.text.length > MOST_LETTERS)
    return `Longer than ${MOST_LETTERS} letters: is it one ingredient? Break it into lines.`;
  if (parsed.name === null) return 'What is this?';
  if (parsed.ingredientId === null) return `The Larder doesn’t have “${parsed.name}”: what is it most like?`;
  if (parsed.amount === null) return 'How much?';
  return parsed.grams === null ? `How much ${parsed.amount === 1 ? 'does one' : `do ${parsed.amount}`} weigh?` : null;
}

/** An answer to a line's question: what to put on the button, and the line as it then reads. */
export interface Answer {
  label: string;
  text: string;
}

const USUAL_AMOUNTS: Record<'seasoning' | 'other', readonly string[]> = {
  seasoning: ['¼ tsp', '1 tsp', '1 tbsp'],
  other: ['1 tbsp', '100 g', '250 g'],
};
const NEAR = 3;
/** So far off a name may be and still be suggested, when the cook is asked anyway. */
const FAR = 0.7;

/** Answers to the question a line leaves open, to be tapped; none where only the cook's own words can answer it. */
export function answers(parsed: ParsedLine, own: readonly OwnIngredient[] = [], near = NEAR): Answer[] {
  const ingredient = parsed.ingredientId === null ? undefined : lookUp(own, parsed.ingredientId);
  if (parsed.name !== null && !ingredient) {
    const { name, text } = parsed;
    return searchIngredients(name, near, FAR, own).map((other) => ({
      label: other.name,
      text: text.includes(name) ? text.replace(name, other.name.toLowerCase()) : `${text} ${other.name.toLowerCase()}`,
    }));
  }
  if (ingredient && parsed.grams === null) {
    const amounts = USUAL_AMOUNTS[ingredient.family === 'seasoning' ? 'seasoning' : 'other'];
    return amounts.map((label) => ({ label, text: `${label} ${withoutAmount(parsed)}` }));
  }
  return [];
}

/** The line without what was taken for its amount. */
const withoutAmount = ({ text, name }: ParsedLine): string => (name === null ? text : text.slice(text.indexOf(name)));
