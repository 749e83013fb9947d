/** A line of a recipe, as recipes have them, taken apart: amount, unit, ingredient, note, grams. Nothing is dropped. */
import { cutInWords, densityOf } from '../food/densities';
import { type Ingredient } from '../food/ingredient';
import { type OwnIngredient } from '../food/own-ingredient';
import { findIngredient } from '../food/search';
import { convert, dimensionOf } from '../units/units';
import { leadingAmount, type LeadingAmount } from './amount';
import { type Match, matchIngredient } from './match';
import { MOST_LETTERS } from './limits';
import { lengthIn, withPack, withScant } from './pieces';
import { type Measure, parseMeasure } from './measures';

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
}

/** Straight after the number: "cut into small dice" says nothing of how large the potato was. */
const SIZES: [RegExp, number][] = [
  [/^[^a-z]*(?:an?\s+|one\s+|two\s+|half an?\s+)?(?:extra[- ]large|very large|jumbo)\b/i, 1.4],
  [/^[^a-z]*(?:an?\s+|one\s+|two\s+|half an?\s+)?(?:large|big|fat)\b/i, 1.25],
  [/^[^a-z]*(?:an?\s+|one\s+|two\s+|half an?\s+)?(?:small|little|baby)\b/i, 0.7],
];
/** Drained, a tin gives about this share of the weight on it. House estimate. */
const DRAINED_SHARE = 0.6;
const USUAL_TIN = { least: 350, most: 450 };

const unread = (text: string): ParsedLine => ({
  text,
  amount: null,
  amountTo: null,
  unit: null,
  ingredientId: null,
  name: null,
  note: null,
  grams: null,
});

/**
 * Parses one line. What is not understood is null; the text is always kept.
 * @param as the ingredient that is meant, where the cook has said which
 * @param own ingredients of the cook's own, which names may mean
 */
export function parseLine(text: string, as?: Ingredient, own: readonly OwnIngredient[] = []): ParsedLine {
  if (text.length > MOST_LETTERS) return unread(text);
  const line = amountAtEnd(withPack(clean(text)));
  const { outside, inside } = takeParentheses(line);
  const leading = leadingAmount(outside) ?? amountWithin(outside);
  const first = takeMeasure(leading?.rest ?? outside);
  const { measure } = first;
  const more = furtherAmount(measure, first.rest);
  const { rest } = more;
  const pack = leading?.times === null || leading === null ? null : takeMeasure(rest);
  const packed = pack?.measure?.kind === 'counted' ? pack : packAfter(measure, rest);
  const called = (packed?.rest ?? rest).replace(/^of\s+/i, '');
  const { name, note } = splitNote(called);
  const tinned = packed?.measure?.id === 'tin' || measure?.id === 'tin';
  const identified = identify(name, [note, ...inside].join(' '), tinned, own);
  const { ingredient, describing } = as ? { ...identified, ingredient: as } : identified;
  const notes = [...describing, ...(note === '' ? [] : [note]), ...inside];
  // "A pinch", "thumb of ginger": a measure without a number is one of it.
  const alone = leading === null && measure !== null ? 1 : null;
  const middle = leading ? (leading.amount + (leading.amountTo ?? leading.amount)) / 2 + more.amount : alone;
  const told = weightIn(inside);
  const base = {
    text,
    amount: leading === null ? alone : (leading.amount + more.amount) * (leading.times ?? 1),
    amountTo: leading?.amountTo ?? null,
    unit: measure?.id ?? null,
    ingredientId: ingredient?.id ?? null,
    name: name === '' ? null : name,
    note: notes.length === 0 ? null : notes.join(', '),
  };
  const piece = lengthIn(line, ingredient);
  if (piece !== null) return { ...base, amount: 1, unit: 'piece', grams: piece };
  if (middle === null) return { ...base, grams: null };
  const each =
    told !== null && measure?.kind !== 'unit' ? told * middle : (told ?? gramsOf(ingredient, middle, measure, outside));
  if (each === null) return { ...base, grams: null };
  const grams =
    withScant(line) *
    each *
    (leading?.times ?? 1) *
    drainedShare(ingredient, tinned, each, told === null && measure?.id === 'tin', outside);
  return { ...base, grams: Math.round(grams * 100) / 100 };
}

const clean = (text: string): string =>
  text
    .replace(/[\u00a0\u202f]/g, ' ')
    .replace(/⁄/g, '/')
    // What a tin is filled up with is poured away.
    .replace(
      /\s+in\s+(?:its own juice|brine|(?:olive |sunflower |spring )?(?:oil|water)|syrup|juice)(?=,|$|\s*\(|\s+drained)/i,
      '',
    )
    .replace(/^[\s•*·▢□☐–—-]+/, '')
    .replace(/^(?:about|approx(?:imately|\.)?|ca\.?|roughly|around|generous|good)\s+(?=[\d½¼¾⅓⅔])/i, '')
    .replace(/(\d)(g|kg|ml|l|oz|lb|dl|cl|tbsp|tsp)\b/gi, '$1 $2')
    .replace(/\s+/g, ' ')
    .trim();

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
  const adjective = /^(?:heaped|heaping|level|scant|generous|large|small|big|good|packed)\s+(?=\S)/i.exec(text);
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

/** `minced pork shoulder, 600 g`: the amount stands at the end. */
function amountAtEnd(line: string): string {
  if (leadingAmount(line)) return line;
  const found = /^(.+?)[,:;–-]\s*((?:[\d½¼¾⅓⅔][\d½¼¾⅓⅔./ ]*)\s*(?:g|kg|ml|l|oz|lb|tsp|tbsp|cups?)\b\.?)\s*$/i.exec(
    line,
  );
  return found ? `${found[2]} ${found[1]}` : line;
}

/** `juice of half a lemon`: the amount stands within. */
function amountWithin(line: string): LeadingAmount | null {
  const within =
    /^((?:the\s+)?(?:(?:finely|freshly)\s+)?(?:(?:grated|squeezed)\s+)?(?:juice|zest|rind)(?:\s+and\s+(?:juice|zest|rind))?\s+(?:of|from)\s+)(.+)$/i.exec(
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

/** The larder's ingredient for a name: `lemon, juiced` is its juice, tomatoes from a tin are tinned ones. */
function identify(name: string, note: string, tinned: boolean, own: readonly OwnIngredient[]): Match {
  if (name === '') return { ingredient: null, describing: [] };
  const part =
    /^(?:the\s+)?(?:finely\s+|freshly\s+)?(?:grated\s+|squeezed\s+)?(juice|zest|rind)\s+(?:of|from)\s+(?:an?\s+|half an?\s+|\d+\s+|½\s+)?(.+)$/i.exec(
      name,
    );
  const said = part
    ? part[1]
    : /\bjuiced\b|^juice\b/i.test(note)
      ? 'juice'
      : /^(?:finely )?(?:zest|rind|zested)\b/i.test(note)
        ? 'zest'
        : null;
  if (said !== null) {
    const derived = findIngredient(
      `${(part ? part[2] : name).replace(/s$/i, '')} ${said.toLowerCase() === 'juice' ? 'juice' : 'zest'}`,
    );
    if (derived) return { ingredient: derived, describing: [] };
  }
  // "Thyme, dried", "Milk, skimmed": the larder's own way of naming.
  if (/\bhard[- ]?boiled\b/i.test(note) && /\beggs?$/i.test(name)) {
    return { ingredient: findIngredient(`hard-boiled ${name}`) ?? null, describing: [] };
  }
  // What is soaked at home was weighed dry.
  const inverted = note === '' || /^soaked/i.test(note) ? undefined : findIngredient(`${name} ${note.split(',')[0]}`);
  if (inverted) return { ingredient: inverted, describing: [] };
  const match = matchIngredient(name, own, note);
  const fromTin =
    tinned && match.ingredient
      ? (findIngredient(`tinned ${name}`) ?? findIngredient(`tinned ${match.ingredient.name}`))
      : undefined;
  return fromTin ? { ...match, ingredient: fromTin } : match;
}

/** The name up to the first comma, "or", "plus" or "for"; the rest is a note. */
function splitNote(called: string): { name: string; note: string } {
  const toTaste = /^(.*?),?\s+(to taste|as needed|for .+|to serve)$/i.exec(called);
  if (toTaste && !toTaste[1].includes(',')) return { name: toTaste[1].trim(), note: toTaste[2] };
  const at = called.search(/,|;|\s+(?:or|plus|such as|preferably)\s+|\s+[-–—]\s+/i);
  if (at < 0) return { name: called.trim(), note: '' };
  return {
    name: called.slice(0, at).trim(),
    note: called
      .slice(at)
      .replace(/^[,;\s–—-]+/, '')
      .trim(),
  };
}

/** A weight said in parentheses: `1 tin (400 g)`, `2 cups (240 g)`. */
function weightIn(inside: readonly string[]): number | null {
  for (const words of inside) {
    const leading = leadingAmount(clean(words).replace(/^(?:about|approx\.?|approximately|ca\.?|total)\s+/i, ''));
    const measure = leading && parseMeasure(leading.rest.split(' ')[0] ?? '');
    if (leading && measure?.kind === 'unit' && ['g', 'kg', 'oz', 'lb'].includes(measure.id)) {
      return convert(leading.amount, measure.id, 'g');
    }
  }
  return null;
}

function gramsOf(ingredient: Ingredient | null, amount: number, measure: Measure | null, line: string): number | null {
  if (measure?.kind === 'unit' && ['g', 'kg', 'oz', 'lb'].includes(measure.id)) return convert(amount, measure.id, 'g');
  if (!ingredient) return null;
  const gPerMl = densityOf(ingredient, cutInWords(line));
  if (measure?.kind === 'unit') return convert(amount, measure.id, 'g', { gPerMl });
  if (measure?.kind === 'volume') return amount * measure.ml * gPerMl;
  const size = SIZES.find(([pattern]) => pattern.test(line))?.[1] ?? 1;
  const one = measure
    ? (ingredient.counts[measure.id] ?? measure.grams ?? ingredient.counts.piece)
    : ingredient.counts.piece;
  return one === undefined || one === null ? null : amount * one * size;
}

/** What is left of a tin's weight once it is drained. A tin without a weight is counted drained already. */
function drainedShare(
  ingredient: Ingredient | null,
  tinned: boolean,
  grams: number,
  isCount: boolean,
  line: string,
): number {
  if (!tinned) return 1;
  const usual = ingredient?.counts.tin;
  const isUsual = grams >= USUAL_TIN.least && grams <= USUAL_TIN.most;
  if (!isCount && usual !== undefined && usual < grams && isUsual) return usual / grams;
  const counted = isCount && usual !== undefined && usual < USUAL_TIN.least;
  return /\bdrained\b/i.test(line) && !counted ? DRAINED_SHARE : 1;
}
