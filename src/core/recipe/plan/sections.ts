/**
 * A whole recipe in words, taken apart: title, the parts of its ingredients (a filling or two, a dough, what is beside them),
 * and the sentences of its method. A message, a card and a page are read by the same rules.
 */
import { leadingAmount } from '../amount';
import { parseMeasure } from '../measures';
import { notFilling } from '../not-filling';
import { parseLine } from '../parse-line';
import { restInALine } from './rest-in-a-line';

export interface Part {
  kind: 'filling' | 'dough' | 'other';
  /** As its heading names it; null where it has none. */
  name: string | null;
  lines: string[];
}

export interface Sections {
  /** Null where nothing names it. */
  title: string | null;
  parts: Part[];
  steps: string[];
  /** Lines that are neither: how many it makes, a greeting. */
  said: string[];
}

const BULLET = /^[\s•*·▢□☐✓–—-]+(?=\S)/;
const NUMBERED = /^(?:step\s*)?\d{1,2}\s*[.):]\s*(?=[A-Za-z])/i;
const INGREDIENTS =
  /^(?:ingredients?|you(?:'ll| will)? need|what you need|what goes in(?:to it)?|shopping)\b[^.:]{0,30}:?$/i;
const METHOD =
  /^(?:method|instructions?|directions?|preparation|steps?|how (?:to make|we make|it is made)\b.*|what to do|to make(?: it| them)?|making)\b[^.:]{0,30}:?$/i;

const DOUGH_WORD = /\b(?:dough|pastry|crust|wrappers?|skins?|pasta|base|bread dough)\b/i;
const OTHER_WORD =
  /\b(?:glaze|egg ?wash|dip|dipping|sauce to serve|to serve|serving|garnish|topping|to finish|for frying|to fry|to brush|sauce)\b/i;
const FILLING_WORD = /\b(?:filling|stuffing|mixture|inside|mince|farce)\b/i;
/** A heading: a few words with a colon, in capitals, or "for the …". */
const HEADING = /^(?:for\s+(?:the\s+)?|the\s+)?[a-z][a-z &'+-]{1,40}(?:\([^)]{1,40}\))?\s*[:–-]?\s*$/i;
/** A heading with what belongs to it behind it: "Dough: 350 g flour, 7 g yeast", "filling is 1 kg potatoes, …". */
const INLINE =
  /^((?:for\s+(?:the\s+)?|the\s+)?[a-z][a-z &'+-]{1,30}?(?:\s+for\s+\d+)?\s*(?:\([^)]{1,40}\))?)(?:\s*:\s*|\s*[-–—]\s+|\s+(?:is|are|has|needs|of|from|made (?:from|with|of))\s+(?=[\d½¼¾⅓⅔]|an?\s|half\s))(.+)$/i;
/** Where one food of a list in a sentence ends and the next begins. */
const NEXT_FOOD =
  /\s*;\s*|\s+\/\s+|,\s*(?:and\s+)?(?=(?:[\d½¼¾⅓⅔]|an?\s|half\s|one\s|two\s|three\s|a few\s|some\s|pinch|bit of|a bit|handful|salt\b|pepper\b|black pepper|nutmeg|oil\b|water\b|juice|zest|knob|clove|bunch|plenty|lots)\s*)|\s+and\s+(?=[\d½¼¾⅓⅔]\s*\S)/i;

const AMOUNT =
  /^(?:[\d½¼¾⅓⅔⅛]|an?\s|one\s|two\s|three\s|four\s|five\s|six\s|half\s|a few\b|some\s|pinch\b|handful\b|juice\s|zest\s|knob\s|plenty\b|lots of\s|bunch\b|small bunch\b|large bunch\b|c\.\s*\d|about \d)/i;
const BARE_FOOD =
  /^(?:salt|freshly|black pepper|white pepper|pepper|nutmeg|vanilla|oil|water|egg ?wash|beaten egg|milk|sugar|flour|cinnamon|parsley|dill)\b.{0,60}$/i;
const VERB =
  /^\(?(?:to make|heat|cook|fry|stir|simmer|boil|bake|mix|leave|let|soften|brown|add|combine|season|fold|roll|chill|cool|squeeze|drain|salt the|rub|beat|whisk|knead|wilt|poach|sweat|roast|toss|thaw|peel|chop|put|place|divide|cut|fill|seal|make|gather|steam|deep|dry fry|pan|brush|serve|preheat|set|line|spread|cover|press|bring|pour|stew|wrap|mash|spoon|shape|prepare|wash|soak|grate|blanch|pile|lay|simmer|stand|rest|turn|take|use|melt|warm|dust)\b\s*(?!sugar|rice|sauce|bread|flour|lentil|onion|stock|fat|butter|pork|beef|chicken|potato|fish)/i;
const COUNT_LINE =
  /^for\s+\d{1,3}\s+[a-z]+(?:\s+you need)?:?$|\b(?:makes?|yields?|yield|serves|feeds|enough for)\b|^\(?\s*(?:for|about|makes|approx\.?)?\s*(?:\d{1,3}|an?|one|two|three)\s*(?:dozen|pieces?|pies?|buns?|turnovers?|rolls?|pockets?|parcels?|dumplings?|pasties|people|portions|servings)\b|^\(\s*(?:about\s+)?\d{1,3}\s+(?:large|big|small|individual)[^)]*\)$|^(?:about|approx\.?)\s+\d{1,3}$|^(?:about\s+)?\d{1,3}\s+(?:of (?:them|these)|in all|altogether)\b/i;
const DISH =
  /\b(?:pies?|pockets?|half[- ]moons?|purses?|buns?|dumplings?|parcels?|turnovers?|rolls?|pasties|pasty|puffs?|breads?|triangles?|pillows?|potstickers?|samosas?|squares?)\b/i;
const UNIT = /\d\s*(?:g|kg|ml|oz|lb|tbsp|tsp|cups?)\b/i;
const LONG = 110;
const TITLE_WORDS = 12;

const plain = (line: string): string => line.replace(BULLET, '').trim();

/** Ingredients that stand in one line, each by itself. */
const listIn = (text: string): string[] =>
  text
    .split(NEXT_FOOD)
    .map((part) => part.trim().replace(/[.]$/, ''))
    .filter((part) => part !== '');

const kindOf = (heading: string): Part['kind'] =>
  FILLING_WORD.test(heading)
    ? 'filling'
    : DOUGH_WORD.test(heading)
      ? 'dough'
      : OTHER_WORD.test(heading)
        ? 'other'
        : 'filling';
const isPartWord = (heading: string): boolean =>
  FILLING_WORD.test(heading) || DOUGH_WORD.test(heading) || OTHER_WORD.test(heading);

const isStep = (line: string): boolean => {
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
const isFood = (line: string): boolean => {
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
const ABOUT =
  /^(?:prep(?:aration)?|cook(?:ing)?|total|active|resting|chill(?:ing)?|rising) ?time\b|^(?:cuisine|course|category|author|difficulty|skill|level|calories|nutrition|equipment|rating|tags?|source|published|notes?|tips?)\b\s*:?/i;

/** Takes a text apart. */
export function sectionsOf(text: string): Sections {
  const sections = inLines(text);
  return sections.parts.some(({ kind }) => kind === 'filling') ? sections : inProse(sections);
}

/** A message without lines: what begins with an amount is food, up to where it tells what to do with all of it. */
function inProse(sections: Sections): Sections {
  const [first = '', ...rest] = sections.steps;
  const colon = /^([^:.]{3,50}):\s+(.+)$/s.exec(first);
  const text = [colon?.[2] ?? first, ...rest].join(' ');
  const lines: string[] = [];
  const told: string[] = [];
  for (const part of text.split(/,\s*|;\s*|(?<=[a-z)])\.\s+/)) {
    const words = part.trim().replace(/^and\s+/i, '');
    if (words === '') continue;
    const isLine = told.length === 0 && isFood(words) && !VERB.test(words);
    if (isLine || (told.length === 0 && BARE_FOOD.test(words))) lines.push(words);
    else told.push(words);
  }
  if (lines.length === 0) return sections;
  return {
    title: sections.title ?? colon?.[1].trim() ?? null,
    parts: [...sections.parts, { kind: 'filling', name: null, lines }],
    // How each is treated stands with it; what is done with all of them comes after.
    steps: [...lines.filter((line) => /\b(?:sweat|fry|cook|soft|boil|brown)/i.test(line)), told.join(', ')],
    said: sections.said,
  };
}

function inLines(text: string): Sections {
  const out: Sections = { title: null, parts: [], steps: [], said: [] };
  let part: Part | null = null;
  let isMethod = false;
  let hadBlank = false;
  const open = (kind: Part['kind'], name: string | null): Part => {
    const made: Part = { kind, name, lines: [] };
    out.parts.push(made);
    return made;
  };
  const into = (lines: readonly string[]): void => {
    // A blank line between lists without headings begins another.
    if (part === null || (hadBlank && part.name === null && part.lines.length > 0)) part = open('filling', null);
    part.lines.push(...lines);
  };
  const all = text.split(/\r?\n/).map((raw) => raw.trim());
  const hasHeadings = all.some((line) => INGREDIENTS.test(plain(line)) || METHOD.test(plain(line)));
  for (const [i, line] of all.entries()) {
    if (line === '') {
      hadBlank = true;
      continue;
    }
    const next = all.slice(i + 1).find((other) => other !== '') ?? '';
    take(line, hasHeadings || (all[i + 1] ?? '') === '' || COUNT_LINE.test(all[i + 1] ?? ''), next);
    hadBlank = false;
  }
  function take(line: string, isSetApart: boolean, next: string): void {
    const bare = plain(line.replace(/^#+\s*/, '').replace(/\*\*/g, ''));
    if (ABOUT.test(bare) && !METHOD.test(bare)) {
      out.said.push(bare);
      return;
    }
    if (INGREDIENTS.test(bare)) {
      if (/\d/.test(bare)) out.said.push(bare.replace(/^\S+\s*/, ''));
      isMethod = false;
      part = null;
      return;
    }
    if (METHOD.test(bare)) {
      isMethod = true;
      return;
    }
    const inline = INLINE.exec(bare);
    if (inline && isPartWord(inline[1]) && !VERB.test(bare)) {
      isMethod = false;
      part = open(kindOf(inline[1]), inline[1].trim());
      part.lines.push(...listIn(inline[2]));
      // What follows an inline list without a heading of its own is no part of it.
      part = part.kind === 'filling' ? part : null;
      return;
    }
    if (!isMethod || /:$/.test(bare)) {
      const isHeading = HEADING.test(bare) && isPartWord(bare) && !AMOUNT.test(bare) && bare.split(' ').length <= 7;
      if (
        isHeading &&
        (/[:–-]$/.test(bare) || /^for\b/i.test(bare) || bare.split(' ').length <= 3) &&
        out.title !== null
      ) {
        isMethod = false;
        if (isBareWrapper(bare, next)) out.parts.push({ kind: 'dough', name: null, lines: [bare] });
        else part = open(kindOf(bare), bare.replace(/[:–-]$/, '').trim());
        return;
      }
    }
    if (isTitle(bare, isSetApart)) {
      out.title = bare
        .replace(/[:.]$/, '')
        .replace(/\s*\([^)]*\)\s*$/, '')
        .trim();
      out.said.push(line);
      return;
    }
    const rest = out.parts.length > 0 && !isMethod && !isStep(line) ? restInALine(bare) : null;
    if (rest) {
      out.said.push(...rest.said);
      if (rest.step !== null) out.steps.push(rest.step);
      return;
    }
    if (
      !isMethod &&
      COUNT_LINE.test(bare) &&
      bare.split(' ').length <= 12 &&
      !isStep(line) &&
      !/\b(?:g|kg|ml|oz|lb)\b/i.test(bare) &&
      !isWrapperLine(bare)
    ) {
      // "10 buns. 10 small plums, stoned": the count, and a food behind it.
      const [, behind] = /^[^.]*\.\s+(.+)$/.exec(bare) ?? [];
      out.said.push(bare);
      if (behind !== undefined && isFood(behind)) into([behind]);
      return;
    }
    if (isMethod || isStep(line)) {
      isMethod = isMethod || out.parts.length > 0;
      out.steps.push(line.replace(NUMBERED, '').replace(BULLET, ''));
      return;
    }
    if (isFood(line)) {
      const list = listIn(bare);
      const bares = bare.split(/\s*,\s*/);
      // "Black pepper, nutmeg": seasoning that needs no amount, each by itself.
      if (bares.length > 1 && bares.every((one) => BARE_FOOD.test(one) && one.split(' ').length <= 2)) into(bares);
      else into(list.length >= 3 && list.every((one) => isFood(one)) ? list : [bare]);
      return;
    }
    out.said.push(bare);
  }
  function isTitle(line: string, isSetApart: boolean): boolean {
    if (out.title !== null || out.parts.length > 0 || out.said.length > 0) return false;
    if (line.split(' ').length > TITLE_WORDS || /[.,;]\s*$/.test(line) || /[!?]|\b(?:hi|hello|dear|love)\b/i.test(line))
      return false;
    // A food that begins a bare list is no title.
    if (!isSetApart && !DISH.test(line) && isNamedFood(line)) return false;
    // "Two kinds of half-moons" begins as an amount does, and names a dish.
    return !AMOUNT.test(plain(line)) || (DISH.test(line) && !UNIT.test(line) && !COUNT_LINE.test(line));
  }
  return { ...out, parts: out.parts.filter(({ lines }) => lines.length > 0).map(asDough) };
}

/** “Puff pastry”, “dumpling wrappers” in a list: what it is wrapped in, and no heading of a formula that follows. */
const isBareWrapper = (line: string, next: string): boolean =>
  !/[:–-]$|^for\b/i.test(line) &&
  notFilling(line) !== null &&
  !(AMOUNT.test(plain(next)) && /flour|semolina/i.test(next));

const isWrapperLine = (line: string): boolean =>
  /\b(?:wrappers?|skins?|discs?|rounds?|squares?|sheets?|pastry|dough)\b/i.test(line);

/** A list without a heading that is all flour, fat and liquid is the dough. */
function asDough(part: Part): Part {
  if (part.name !== null || part.kind !== 'filling') return part;
  const isDough = part.lines.some((line) => /\bflour\b/i.test(line) && /\d{3}\s*g|\bcups?\b|\bc\.|\bkg\b/i.test(line));
  const rest = part.lines.filter((line) => !DOUGH_FOOD.test(line));
  return isDough && rest.length === 0 ? { ...part, kind: 'dough' } : part;
}
const DOUGH_FOOD =
  /\b(?:flour|water|milk|buttermilk|yog\w+|butter|lard|margarine|shortening|oil|eggs?|yolks?|salt|sugar|yeast|baking powder|baking soda|bicarb\w*|vinegar|soured? cream|honey)\b/i;
