/** A line of a recipe, as recipes have them, taken apart: amount, unit, ingredient, note, grams. Nothing is dropped. */
import { type Ingredient } from '../food/ingredient';
import { type OwnIngredient } from '../food/own-ingredient';
import { convert, dimensionOf } from '../units/units';
import { findIngredient } from '../food/search';
import { leadingAmount, type LeadingAmount } from './amount';
import { amountFirst } from './amount-first';
import { identify } from './identify';
import { drainedShare, gramsOf, weightSaid } from './line-grams';
import { MOST_LETTERS } from './limits';
import { lengthIn, withScant } from './pieces';
import { type Measure, parseMeasure } from './measures';
import { DESCRIBING, STATES } from './words';
import { asRead } from './written';

export interface ParsedLine {
  /** The line as it was. */
  text: string;
  amount: number | null;
  /** The other end of a range. */
  amountTo: number | null;
  /** A unit's symbol or a counted measure's name; null for a bare count. */
  unit: string | null;
  ingredientId: string | null;
  /** What the recipe calls it. */
  name: string | null;
  /** What else it says: cut, treatment, alternatives. */
  note: string | null;
  /** g of the ingredient as the line means it: the middle of a range; null where it cannot be known. */
  grams: number | null;
  /** What it is taken as, where the larder has nothing nearer: "an ordinary jam". */
  takenAs: string | null;
}

const unread = (text: string): ParsedLine => ({
  text,
  amount: null,
  amountTo: null,
  unit: null,
  ingredientId: null,
  name: null,
  note: null,
  grams: null,
  takenAs: null,
});

/**
 * Parses one line. What is not understood is null; the text is always kept.
 * @param as the ingredient that is meant, where the cook has said which
 * @param own ingredients of the cook's own, which names may mean
 */
export function parseLine(text: string, as?: Ingredient, own: readonly OwnIngredient[] = []): ParsedLine {
  if (text.length > MOST_LETTERS) return unread(text);
  const line = amountFirst(withoutFilledUp(asRead(text)));
  const { outside, inside } = takeParentheses(line);
  const leading = leadingAmount(outside) ?? amountWithin(outside);
  const first = takeMeasure(leading?.rest ?? outside);
  const more = furtherAmount(first.measure, first.rest);
  const { rest } = more;
  const pack = leading?.times === null || leading === null ? null : takeMeasure(rest);
  const packed = pack?.measure?.kind === 'counted' ? pack : packAfter(first.measure, rest);
  const called = (packed?.rest ?? rest).replace(/^of\s+/i, '');
  const { name, note } = splitNote(called);
  const tinned = packed?.measure?.id === 'tin' || first.measure?.id === 'tin';
  const counted = leading !== null && first.measure === null;
  const beside = [note, ...inside].join(' ');
  const identified = identify(name, { note: beside, tinned, counted, measure: first.measure }, own);
  const { ingredient, describing, as: takenAs } = as ? { ...identified, ingredient: as, as: null } : identified;
  const measure = first.measure ?? (counted ? countedBy(name, ingredient) : null);
  const notes = [
    ...describing,
    ...(note === '' ? [] : [note]),
    ...inside,
    ...(takenAs === null ? [] : [`taken as ${takenAs}`]),
  ];
  // "A pinch", "thumb of ginger": a measure without a number is one of it.
  const alone = leading === null && measure !== null ? 1 : null;
  const middle = leading ? (leading.amount + (leading.amountTo ?? leading.amount)) / 2 + more.amount : alone;
  const base = {
    text,
    amount: leading === null ? alone : (leading.amount + more.amount) * (leading.times ?? 1),
    amountTo: leading?.amountTo ?? null,
    unit: first.measure?.id ?? null,
    ingredientId: ingredient?.id ?? null,
    name: name === '' ? null : name,
    note: notes.length === 0 ? null : notes.join(', '),
    takenAs,
  };
  const piece = lengthIn(line, ingredient);
  if (piece !== null) return { ...base, amount: 1, unit: 'piece', grams: piece };
  if (middle === null) return { ...base, grams: null };
  const weight = weightSaid([...inside, ...note.split(/\s*[,;]\s*/)], { measure, ingredient, count: middle, line });
  const all =
    weight === null ? gramsOf(ingredient, middle, measure, line) : weight.isEach ? weight.grams * middle : weight.grams;
  if (all === null) return { ...base, grams: null };
  const isCount = weight === null && measure?.id === 'tin';
  const tinG = weight?.grams ?? (measure?.kind === 'unit' ? all : all / middle);
  const grams =
    withScant(line) * all * (leading?.times ?? 1) * drainedShare(ingredient, { tinned, tinG, isCount, line });
  return { ...base, grams: Math.round(grams * 100) / 100 };
}

/** What a tin is filled up with is poured away. */
const withoutFilledUp = (text: string): string =>
  text.replace(
    /\s+in\s+(?:its own juice|(?:light )?brine|(?:olive |sunflower |spring |salted |vegetable )?(?:oil|water)|syrup|juice|tomato sauce)(?=,|$|\s*\(|\s+drained|\s+-)/i,
    '',
  );

/** "6 asparagus spears", "10 mint leaves": the part that the name ends in is what is counted. */
function countedBy(name: string, ingredient: Ingredient | null): Measure | null {
  const last = parseMeasure(name.split(' ').at(-1) ?? '');
  if (ingredient === null || last?.kind !== 'counted') return null;
  const own = ingredient.counts[last.id];
  return own !== undefined || (ingredient.counts.piece === undefined && last.grams !== null) ? last : null;
}

function takeParentheses(line: string): { outside: string; inside: string[] } {
  const inside: string[] = [];
  const outside = line.replace(/\s*[([]([^)\]]*)[)\]]\s*/g, (_all, words: string) => {
    inside.push(words.trim());
    return ' ';
  });
  return { outside: outside.replace(/\s+,/g, ',').trim(), inside: inside.filter((words) => words !== '') };
}

/** A measure of up to three words at the beginning. */
function takeMeasure(text: string): { measure: Measure | null; rest: string } {
  const adjective =
    /^(?:heaped|heaping|rounded|level|scant|generous|large|small|big|good|packed|whole|fat)\s+(?=\S)/i.exec(text);
  const from =
    adjective && parseMeasure(text.slice(adjective[0].length).split(' ')[0]) ? text.slice(adjective[0].length) : text;
  const words = from.split(' ');
  for (const length of [3, 2, 1]) {
    if (words.length < length) continue;
    const measure = parseMeasure(words.slice(0, length).join(' ').replace(/,$/, ''));
    const rest = words.slice(length).join(' ');
    // "3 cloves" alone is the spice, "2 leaves" nothing: a counted measure needs something that it measures.
    if (measure && (rest !== '' || measure.kind !== 'counted')) return { measure, rest: rest.replace(/^\+\s*/, '') };
  }
  return { measure: null, rest: text };
}

const PACKS: readonly string[] = ['tin', 'pack', 'tub', 'bag', 'ball', 'block'];

/** `200 g pack feta`, `400 g tin tomatoes`: what it comes in stands after its weight. */
function packAfter(measure: Measure | null, rest: string): { measure: Measure | null; rest: string } | null {
  if (measure?.kind !== 'unit') return null;
  const after = takeMeasure(rest);
  return after.measure !== null && PACKS.includes(after.measure.id) ? after : null;
}

/** `juice of half a lemon`: the amount stands within. */
function amountWithin(line: string): LeadingAmount | null {
  const within =
    /^((?:the\s+)?(?:(?:finely|freshly)\s+)?(?:(?:grated|squeezed)\s+)?(?:juice|zest|rind|yolks?|whites?)(?:\s+and\s+(?:juice|zest|rind))?\s+(?:of|from)\s+)(.+)$/i.exec(
      line,
    );
  const leading = within && leadingAmount(within[2]);
  return within && leading ? { ...leading, rest: within[1] + leading.rest } : null;
}

/** `1 lb 2 oz`, `1 tbsp + 1 tsp`, `1 cup plus 2 tbsp`, `1 cup minus 1 tbsp`: the second amount, in the first one's unit. */
function furtherAmount(measure: Measure | null, rest: string): { amount: number; rest: string } {
  const none = { amount: 0, rest };
  if (measure?.kind !== 'unit') return none;
  const isLess = /^(?:minus|less)\s+/i.test(rest);
  const leading = leadingAmount(rest.replace(/^(?:\+|plus|minus|less|and|&)\s*/i, ''));
  if (!leading) return none;
  const second = takeMeasure(leading.rest);
  if (second.measure?.kind !== 'unit' || dimensionOf(second.measure.id) !== dimensionOf(measure.id)) return none;
  const amount = convert(leading.amount, second.measure.id, measure.id);
  return { amount: isLess ? -amount : amount, rest: second.rest };
}

/** The name up to the first comma, "or", "plus" or "for"; the rest is a note. */
function splitNote(called: string): { name: string; note: string } {
  const toTaste = /^(.*?),?\s+(to taste|as needed|for .+|to serve|to bind)$/i.exec(called);
  if (toTaste && !toTaste[1].includes(',')) return { name: firstOf(toTaste[1].trim()), note: toTaste[2] };
  const end = called.search(/,|;|\s+(?:plus|such as|preferably|ideally|e\.g\.|about|roughly)\s+|\s+[-–—]\s+/i);
  const whole = (end < 0 ? called : called.slice(0, end)).trim();
  const name = firstOf(whole);
  const rest =
    end < 0
      ? ''
      : called
          .slice(end)
          .replace(/^[,;\s–—-]+/, '')
          .trim();
  const other = name === whole ? '' : (/\s+or\s+(.+)$/i.exec(whole)?.[0].trim() ?? '');
  return { name, note: [other, rest].filter((words) => words !== '').join(', ') };
}

/** Of "lamb or chicken stock" lamb stock, of "butter or margarine" butter: the first that is named is taken. */
function firstOf(name: string): string {
  const either = /^(.+?)\s+or\s+(?:an?\s+|the\s+)?(.+)$/i.exec(name);
  if (!either) return name;
  const [, one, other] = either;
  const both = `${one} ${other.split(' ').at(-1) ?? ''}`;
  if (findIngredient(both)) return both;
  // "Fresh or frozen blueberries": two states of one thing.
  const isState = one
    .split(' ')
    .every(
      (word) => DESCRIBING.has(word.toLowerCase()) || STATES.has(word.toLowerCase()) || word.toLowerCase() === 'frozen',
    );
  return isState ? other : one;
}
