/** What a line of a recipe is by itself: a heading, food, a step, a count, or about the recipe. */
import { leadingAmount } from '../amount';
import { parseMeasure } from '../measures';
import { notFilling } from '../not-filling';
import { parseLine } from '../parse-line';

export type PartKind = 'filling' | 'dough' | 'other';

export const BULLET = /^[\s•*·▢□☐✓–—-]+(?=\S)/;
export const NUMBERED = /^(?:step\s*)?\d{1,2}\s*[.):]\s*(?=[A-Za-z])/i;
export const INGREDIENTS =
  /^(?:ingredients?|you(?:'ll| will)? need|what you need|what goes in(?:to it)?|shopping)\b[^.:]{0,30}:?$/i;
export const METHOD =
  /^(?:method|instructions?|directions?|preparation|steps?|how (?:to make|we make|it is made)\b.*|what to do|to make(?: it| them)?|making)\b[^.:]{0,30}:?$/i;

const DOUGH_WORD = /\b(?:dough|pastry|crust|wrappers?|skins?|pasta|base|bread dough)\b/i;
const OTHER_WORD =
  /\b(?:glaze|egg ?wash|dip|dipping|sauce to serve|to serve|serving|garnish|topping|to finish|for frying|to fry|to brush|sauce)\b/i;
const FILLING_WORD = /\b(?:filling|stuffing|mixture|inside|mince|farce)\b/i;
/** A heading: a few words with a colon, in capitals, or "for the …". */
const HEADING = /^(?:for\s+(?:the\s+)?|the\s+)?[a-z][a-z &'+-]{1,40}(?:\([^)]{1,40}\))?\s*[:–-]?\s*$/i;
/** A heading with what belongs to it behind it: "Dough: 350 g flour, 7 g yeast", "filling is 1 kg potatoes, …". */
export const INLINE =
  /^((?:for\s+(?:the\s+)?|the\s+)?[a-z][a-z &'+-]{1,30}?(?:\s+for\s+\d+)?\s*(?:\([^)]{1,40}\))?)(?:\s*:\s*|\s*[-–—]\s+|\s+(?:is|are|has|needs|of|from|made (?:from|with|of))\s+(?=[\d½¼¾⅓⅔]|an?\s|half\s))(.+)$/i;
/** Where one food of a list in a sentence ends and the next begins. */
const NEXT_FOOD =
  /\s*;\s*|\s+\/\s+|,\s*(?:and\s+)?(?=(?:[\d½¼¾⅓⅔]|an?\s|half\s|one\s|two\s|three\s|a few\s|some\s|pinch|bit of|a bit|handful|salt\b|pepper\b|black pepper|nutmeg|oil\b|water\b|juice|zest|knob|clove|bunch|plenty|lots)\s*)|\s+and\s+(?=[\d½¼¾⅓⅔]\s*\S)/i;

const AMOUNT =
  /^(?:[\d½¼¾⅓⅔⅛]|an?\s|one\s|two\s|three\s|four\s|five\s|six\s|half\s|a few\b|some\s|pinch\b|handful\b|juice\s|zest\s|knob\s|plenty\b|lots of\s|bunch\b|small bunch\b|large bunch\b|c\.\s*\d|about \d)/i;
export const BARE_FOOD =
  /^(?:salt|freshly|black pepper|white pepper|pepper|nutmeg|vanilla|oil|water|egg ?wash|beaten egg|milk|sugar|flour|cinnamon|parsley|dill)\b.{0,60}$/i;
export const VERB =
  /^\(?(?:to make|heat|cook|fry|stir|simmer|boil|bake|mix|leave|let|soften|brown|add|combine|season|fold|roll|chill|cool|squeeze|drain|salt the|rub|beat|whisk|knead|wilt|poach|sweat|roast|toss|thaw|peel|chop|put|place|divide|cut|fill|seal|make|gather|steam|deep|dry fry|pan|brush|serve|preheat|set|line|spread|cover|press|bring|pour|stew|wrap|mash|spoon|shape|prepare|wash|soak|grate|blanch|pile|lay|simmer|stand|rest|turn|take|use|melt|warm|dust)\b\s*(?!sugar|rice|sauce|bread|flour|lentil|onion|stock|fat|butter|pork|beef|chicken|potato|fish)/i;
export const COUNT_LINE =
  /^for\s+\d{1,3}\s+[a-z]+(?:\s+you need)?:?$|\b(?:makes?|yields?|yield|serves|feeds|enough for)\b|^\(?\s*(?:for|about|makes|approx\.?)?\s*(?:\d{1,3}|an?|one|two|three)\s*(?:dozen|pieces?|pies?|buns?|turnovers?|rolls?|pockets?|parcels?|dumplings?|pasties|people|portions|servings)\b|^\(\s*(?:about\s+)?\d{1,3}\s+(?:large|big|small|individual)[^)]*\)$|^(?:about|approx\.?)\s+\d{1,3}$|^(?:about\s+)?\d{1,3}\s+(?:of (?:them|these)|in all|altogether)\b/i;
const DISH =
  /\b(?:pies?|pockets?|half[- ]moons?|purses?|buns?|dumplings?|parcels?|turnovers?|rolls?|pasties|pasty|puffs?|breads?|triangles?|pillows?|potstickers?|samosas?|squares?)\b/i;
const UNIT = /\d\s*(?:g|kg|ml|oz|lb|tbsp|tsp|cups?)\b/i;
const LONG = 110;

export const plain = (line: string): string => line.replace(BULLET, '').trim();

/** Ingredients that stand in one line, each by itself. */
export const listIn = (text: string): string[] =>
  text
    .split(NEXT_FOOD)
    .map((part) => part.trim().replace(/[.]$/, ''))
    .filter((part) => part !== '');

export const kindOf = (heading: string): PartKind =>
  FILLING_WORD.test(heading)
    ? 'filling'
    : DOUGH_WORD.test(heading)
      ? 'dough'
      : OTHER_WORD.test(heading)
        ? 'other'
        : 'filling';
export const isPartWord = (heading: string): boolean =>
  FILLING_WORD.test(heading) || DOUGH_WORD.test(heading) || OTHER_WORD.test(heading);

export const isStep = (line: string): boolean => {
  if (NUMBERED.test(line) && line.split(' ').length > 3) return true;
  const text = plain(line);
  // "Squeeze of lemon" is an amount.
  if (/^\w+ of\b/i.test(text) && text.length <= LONG) return false;
  if (VERB.test(text) && text.split(' ').length > 2) return true;
  // "20 spring-roll wrappers. Roll up tightly": what is counted is what the work is done with.
  const [, ...others] = text.split(/[.!]\s+(?=[A-Z])/);
  if (isWrapperLine(text) && others.some((sentence) => VERB.test(sentence))) return true;
  if (AMOUNT.test(text) && text.length <= LONG) return false;
  return text.length > LONG || (/[.!]$/.test(text) && text.split(' ').length > 5 && !/^\(/.test(text));
};

/** "Thumb of ginger", "handful of parsley". */
const startsWithMeasure = (text: string): boolean =>
  /^\S+\s+of\s/i.test(text) && parseMeasure(text.split(' ')[0]) !== null;

/** So few words, and one of the larder's foods: "minced pork", "chopped parsley". */
const MOST_FOOD_WORDS = 6;
const isNamedFood = (text: string): boolean =>
  text.split(' ').length <= MOST_FOOD_WORDS && !/[.!?:]$/.test(text) && parseLine(text).ingredientId !== null;

/** An amount or a food that needs none. */
export const isFood = (line: string): boolean => {
  const text = plain(line);
  return (
    AMOUNT.test(text) ||
    BARE_FOOD.test(text) ||
    notFilling(text) !== null ||
    isNamedFood(text) ||
    leadingAmount(text) !== null ||
    startsWithMeasure(text) ||
    /\d\s*(?:g|kg|ml|oz|lb|tbsp|tsp|cups?)\b/i.test(text)
  );
};

/** Times, origins and figures that pages put above and below their recipes. */
export const ABOUT =
  /^(?:prep(?:aration)?|cook(?:ing)?|total|active|resting|chill(?:ing)?|rising) ?time\b|^(?:cuisine|course|category|author|difficulty|skill|level|calories|nutrition|equipment|rating|tags?|source|published|notes?|tips?)\b\s*:?/i;

const TITLE_WORDS = 12;
/** A line above everything that names what is made. @param isSetApart nothing stands right below it, or there are headings */
export function isTitle(line: string, isSetApart: boolean): boolean {
  if (line.split(' ').length > TITLE_WORDS || /[.,;]\s*$/.test(line) || /[!?]|\b(?:hi|hello|dear|love)\b/i.test(line))
    return false;
  // A food that begins a bare list is no title.
  if (!isSetApart && !DISH.test(line) && isNamedFood(line)) return false;
  // "Two kinds of half-moons" begins as an amount does, and names a dish.
  return !AMOUNT.test(plain(line)) || (DISH.test(line) && !UNIT.test(line) && !COUNT_LINE.test(line));
}

/** “Puff pastry”, “dumpling wrappers” in a list: what it is wrapped in, and no heading of a formula that follows. */
export const isBareWrapper = (line: string, next: string): boolean =>
  !/[:–-]$|^for\b/i.test(line) &&
  notFilling(line) !== null &&
  !(AMOUNT.test(plain(next)) && /flour|semolina/i.test(next));

export const isWrapperLine = (line: string): boolean =>
  /\b(?:wrappers?|skins?|discs?|rounds?|squares?|sheets?|pastry|dough)\b/i.test(line);

/** A heading of a part. */
export const isHeading = (line: string): boolean =>
  HEADING.test(line) &&
  isPartWord(line) &&
  !AMOUNT.test(line) &&
  line.split(' ').length <= 7 &&
  (/[:–-]$/.test(line) || /^for\b/i.test(line) || line.split(' ').length <= 3);

/** How many it makes. */
export const isCount = (line: string): boolean =>
  COUNT_LINE.test(line) && line.split(' ').length <= 12 && !/\b(?:g|kg|ml|oz|lb)\b/i.test(line) && !isWrapperLine(line);
