/** Whether a filling goes in raw, cooked, or part of each, by what its method and its lines say. */
import { HAZARDS } from '../../vocabulary/foods';
import { type School } from '../../vocabulary/schools';
import { type Ingredient } from '../../food/ingredient';
import { normaliseName, singular } from '../../food/singular';

const COOKS =
  /\b(?:fry|fried|frying|saut[eé]\w*|soften|sweat|brown|cook|simmer|boil|stew|braise|wilt|poach|scrambl\w*|roast|melt|splutter|reduce)\w*\b/i;
const DONE =
  /\b(?:boiled|mashed|roast(?:ed)?|cooked|braised|fried|poached|wilted|leftover|confit|stewed|smoked|caramelised|browned)\b/i;
/** The parcels are being made: what heats now heats them. */
const WRAPS =
  /\b(?:wrap|fill (?:the|each|and|,)|pleat|fold(?: over| in half| them|,| to)|crimp|pinch (?:shut|tight|the)|roll (?:the |half the |out|pastry|dough|each|thin)|cut (?:\d+|out|rounds|squares|the (?:dough|pastry|filo))|line the|lay the pastry|tip into|put (?:a|\d)|place a|spoon (?:the|a|on)|gather)/i;

export interface SchoolInWords {
  school: School;
  /** The sentence that cooks it; null where nothing does. */
  words: string | null;
}

/**
 * @param foods the filling's foods with their lines' words
 * @param sentences the method
 */
export function schoolInWords(
  foods: readonly { ingredient: Ingredient; text: string }[],
  sentences: readonly string[],
): SchoolInWords {
  const wrapsIn = sentences.findIndex(
    (sentence) => WRAPS.test(sentence) && !COOKS.test(sentence.split(/,|\bthen\b/)[0]),
  );
  const before = wrapsIn < 0 ? sentences.slice(0, -1) : sentences.slice(0, wrapsIn);
  const cooking = before.filter((sentence) => COOKS.test(sentence) && !/\bdough\b/i.test(sentence));
  const flesh = foods.filter(({ ingredient, text }) => HAZARDS[ingredient.hazard].isFlesh && !DONE.test(text));
  const isNamed = ({ ingredient, text }: { ingredient: Ingredient; text: string }): boolean => {
    const words = new Set(
      singular(normaliseName(`${ingredient.name} ${text}`))
        .split(/[^a-z]+/)
        .filter((word) => word.length > 3),
    );
    return cooking.some((sentence) =>
      singular(normaliseName(sentence))
        .split(/[^a-z]+/)
        .some((word) => words.has(word) || (word === 'meat' && ingredient.family === 'meat')),
    );
  };
  const rawFlesh = flesh.filter((food) => !isNamed(food));
  const words = cooking[0] ?? null;
  if (cooking.length > 0 && rawFlesh.length === 0) return { school: 'cooked', words };
  if (rawFlesh.length > 0)
    return {
      school:
        cooking.length > 0 && foods.some((food) => !flesh.includes(food) && isNamed(food)) ? 'part-cooked' : 'raw',
      words,
    };
  const done = foods.find(({ text }) => DONE.test(text)) ?? sauceIn(foods);
  return { school: done ? 'cooked' : 'raw', words: words ?? done?.text ?? null };
}

/** Milk and flour without a word are a white sauce: the milk's line; undefined where there are not both. */
const sauceIn = (foods: readonly { ingredient: Ingredient; text: string }[]) =>
  foods.some(({ ingredient }) => ingredient.id === 'wheat-flour')
    ? foods.find(({ ingredient: { liquid, family } }) => liquid && family === 'dairy')
    : undefined;
