/** A whole recipe in words, taken apart: title, how many it makes, ingredients, and the steps of its method. */

export interface WholeRecipe {
  /** Null where the text begins with its ingredients. */
  title: string | null;
  /** Parcels that it makes, and people that it serves, where it says so. */
  count: number | null;
  serves: number | null;
  /** The lines of ingredients, as they stand. */
  ingredients: string[];
  /** Ingredients of something else: dough, glaze, dip. Kept in words. */
  others: string[];
  steps: string[];
}

const BULLET = /^[\s•*·▢□☐–—-]+/;
const INGREDIENTS = /^(?:ingredients|you(?:'ll| will)? need|what you need|what goes in(?:to it)?)\b[^.]{0,30}:?$/i;
const METHOD =
  /^(?:method|instructions?|directions?|preparation|steps?|how (?:to make|we make|it is made)\b.*|what to do|to make)\b[^.]{0,30}:?$/i;
/** "For the filling:", "Dough". */
const PART = /^(?:for\s+(?:the\s+)?|the\s+)?([a-z][a-z -]{2,24}?)\s*:?$/i;
const ELSEWHERE =
  /\b(?:dough|pastry|wrappers?|skins?|crust|glaze|egg wash|dip|dipping sauce|to serve|serving|garnish|topping)\b/i;
const OF_FILLING = /\b(?:filling|stuffing|mixture|inside)\b/i;
const COUNT = /\b(makes|yields?|serves|feeds|enough for|for)\s+(?:about\s+|around\s+)?(\d{1,3})\b/i;
const PEOPLE = /^(?:serves|feeds)$/i;
const AMOUNT =
  /^(?:[\d½¼¾⅓⅔⅛]|an?\s|one\s|two\s|three\s|half\s|a few|some|pinch|handful|juice|zest|salt\b|freshly|black pepper)/i;
const NUMBERED = /^(?:step\s*)?\d{1,2}\s*[.):]\s*(?=[A-Za-z])/i;
/** "(Stir-fry everything until dry)", "cook until thick": what to do, wherever it stands. */
const VERB_FIRST =
  /^\(?(?:cook|fry|stir(?:-fry)?|simmer|boil|bake|mix|leave|let|heat|soften|brown|add|combine|season|fold|roll|chill|cool|squeeze|drain)\s+(?!sugar|rice|sauce|bread|flour|lentil|onion|stock)/i;
/** Longer than an ingredient is said. */
const SENTENCE_LETTERS = 90;
const TITLE_WORDS = 9;
/** What a first line is a title by, where nothing else sets it apart. */
const DISH =
  /\b(?:pies?|pockets?|half[- ]moons?|purses?|buns?|dumplings?|parcels?|turnovers?|rolls?|pasties|puffs?|fritters|filling|breads?)$/i;

const isHeading = (line: string): boolean => INGREDIENTS.test(line) || METHOD.test(line);

/** A line that tells what to do: numbered, or a sentence. */
function isStep(line: string): boolean {
  if (NUMBERED.test(line) && line.split(' ').length > 3) return true;
  if (AMOUNT.test(line.replace(BULLET, '')) && line.length <= SENTENCE_LETTERS) return false;
  if (VERB_FIRST.test(line)) return true;
  return line.length > SENTENCE_LETTERS || (/[.!]$/.test(line) && line.split(' ').length > 4);
}

/** Takes a pasted text apart. A bare list of ingredients comes back as one. */
export function takeApart(text: string): WholeRecipe {
  const raw = text.split(/\r?\n/).map((line) => line.trim());
  const hasHeadings = raw.some(isHeading);
  const recipe: WholeRecipe = { title: null, count: null, serves: null, ingredients: [], others: [], steps: [] };
  let part: 'ingredients' | 'others' | 'steps' = 'ingredients';
  for (const [i, line] of raw.entries()) {
    if (line === '') continue;
    if (isTitle(line, raw, i, hasHeadings) && recipe.title === null && recipe.ingredients.length === 0) {
      recipe.title = line.replace(/[:.]$/, '');
      continue;
    }
    if (INGREDIENTS.test(line)) part = 'ingredients';
    else if (METHOD.test(line)) part = 'steps';
    else if (COUNT.test(line) && line.split(' ').length <= 8 && !AMOUNT.test(line)) {
      const [, verb, said] = COUNT.exec(line) ?? [];
      if (PEOPLE.test(verb)) recipe.serves ??= Number(said);
      else recipe.count ??= Number(said);
    } else if (part !== 'steps' && isPart(line)) part = ELSEWHERE.test(line) ? 'others' : 'ingredients';
    else if (part === 'steps' || isStep(line)) {
      part = 'steps';
      recipe.steps.push(line.replace(NUMBERED, '').replace(BULLET, ''));
    } else if (part === 'others') recipe.others.push(line);
    else recipe.ingredients.push(line);
  }
  return recipe;
}

/** A heading for some of the ingredients. */
const isPart = (line: string): boolean =>
  PART.test(line) && (/:$/.test(line) || /^for\b/i.test(line)) && (ELSEWHERE.test(line) || OF_FILLING.test(line));

/** The first line, where something sets it apart from what follows. */
function isTitle(line: string, raw: readonly string[], at: number, hasHeadings: boolean): boolean {
  if (raw.slice(0, at).some((before) => before !== '')) return false;
  const words = line.split(' ').length;
  if (isHeading(line) || isPart(line) || AMOUNT.test(line.replace(BULLET, '')) || words > TITLE_WORDS) return false;
  if (BULLET.test(line) || isStep(line)) return false;
  const next = raw[at + 1] ?? '';
  return (
    hasHeadings || (next === '' && raw.length > at + 2) || COUNT.test(next) || (DISH.test(line) && AMOUNT.test(next))
  );
}
