/**
 * What a recipe calls an ingredient, and which one of the larder's that is. Every name of the larder all of whose words were
 * said is a reading; it costs what it leaves unaccounted for, and the cheapest is taken. The head noun decides; what would
 * make another food of it costs so much that a class, or a question, comes first. A wrong food is worse than a question.
 */
import { ingredientById } from '../food/catalogue';
import { type Ingredient } from '../food/ingredient';
import { type OwnIngredient } from '../food/own-ingredient';
import { findIngredient, isFoodWord, type Name, namesWithin } from '../food/search';
import { aliasesOf } from '../food/names';
import { normaliseName, singular } from '../food/singular';
import { classOf } from './classes';
import { kindNamed } from './kinds';
import { respelled } from './spelling';
import { CHANGING, COOKED_WORDS, DESCRIBING, MADE_OF, OTHER_FOODS, PARTS, SMALL, STATES } from './words';

/** No name has more words than this; what is longer is read no further. */
const MOST_WORDS = 16;

/** How sure a reading is: said so, said with words that are not accounted for, or taken as the class it belongs to. */
export type Sureness = 'sure' | 'likely' | 'class';

export interface Match {
  ingredient: Ingredient | null;
  /** Words of the name that were only describing. */
  describing: string[];
  sureness: Sureness;
  /** What it is taken as, where it is taken by its class: "an ordinary jam". */
  as: string | null;
}

/** What a reading costs by what it leaves over; 1 and more is too much. House estimates, found by households' lines. */
const COST = {
  /** Says only how it is cut, sized or packed. */
  describing: 0.04,
  /** Says that it is cooked or dried, which its preparation says, too. */
  state: 0.1,
  /** A place, a maker, a variety: a word that is no food's. */
  unknown: 0.3,
  /** Another food before the head names its taste: "raspberry jam". */
  flavour: 0.35,
  /** It would be another food. */
  another: 1.5,
  /** The head noun itself. */
  head: 1.2,
  /** A word that stands after "in", "with", "for". */
  aside: 0.7,
  /** Said after the food, as what is done with it. */
  afterwards: 0.5,
  /** Counted by the piece, and never sold so: "2 peppers" are not peppercorns. */
  uncounted: 0.6,
} as const;
const TOO_MUCH = 1;
const SURE = 0.75;
/** Each word that a reading accounts for speaks for it. */
const WORTH = 0.2;

export interface Around {
  /** What stands after the name: "boned and minced". */
  note?: string;
  /** Whether it is counted by the piece. */
  counted?: boolean;
}

const NONE: Match = { ingredient: null, describing: [], sureness: 'sure', as: null };

/** Matches a name to the larder. */
export function matchIngredient(name: string, own: readonly OwnIngredient[], around: Around = {}): Match {
  const written = wordsOf(name);
  if (written.length === 0) return NONE;
  const asWritten = read(written, own, around);
  if (asWritten.ingredient !== null && asWritten.sureness === 'sure') return asWritten;
  const mended = written.map((word) => respelled(singular(word)) ?? word);
  const asMeant = mended.some((word, i) => word !== written[i]) ? read(mended, own, around) : NONE;
  return better(asMeant, asWritten);
}

/**
 * Whether a name, as it is written, says this ingredient and no other: nothing was respelled, taken by its class, or left over
 * that might make another food of it. What is not surely named is chosen by the cook.
 */
export function isSurelyNamed(name: string, ingredient: Ingredient, own: readonly OwnIngredient[]): boolean {
  const written = wordsOf(name);
  if (written.length === 0) return false;
  const asWritten = read(written, own, {});
  return asWritten.ingredient?.id === ingredient.id && asWritten.sureness === 'sure';
}

const RANK: readonly Sureness[] = ['sure', 'likely', 'class'];
function better(a: Match, b: Match): Match {
  if (a.ingredient === null || b.ingredient === null) return a.ingredient === null ? b : a;
  return RANK.indexOf(a.sureness) <= RANK.indexOf(b.sureness) ? a : b;
}

/** "Bone-in", "skin on", "crusts removed": how it comes, and no food of its own. */
const AS_IT_COMES =
  /\b(?:bones?|skins?|shells?|heads?|tails?|rinds?|fat|crusts?|stones?)[- ](?:in|on|off|removed|out)\b/gi;

const wordsOf = (name: string): string[] =>
  normaliseName(name.replace(AS_IT_COMES, ' ').replace(/(s)?['’](?:s)?(?=\s|$)/g, '$1'))
    .replace(/[^a-z0-9½¼¾⅓⅔.%() ]+/g, ' ')
    .split(' ')
    .filter((word) => word !== '' && !/^[\d½¼¾⅓⅔.%()]+$/.test(word));

function read(
  written: readonly string[],
  own: readonly OwnIngredient[],
  { note = '', counted = false }: Around,
): Match {
  const words = turned(written.slice(0, MOST_WORDS).map(singular));
  const noted = new Set(wordsOf(note).map(singular));
  const whole = findIngredient(written.join(' '), own);
  const kind = kindNamed(new Set(words), noted);
  if (kind === 'unknown') return NONE;
  // "Minced beef" is a name of its own; what its note makes of it comes first.
  if (kind !== null && (!whole || kind !== whole.id)) {
    const ingredient = ingredientById(kind);
    // "Half a roast chicken": what is counted is the one that has a weight.
    const one = counted && ingredient?.counts.piece === undefined ? cheapest(words, own, counted) : null;
    if (one?.ingredient?.counts.piece !== undefined && one.sureness === 'sure') return one;
    if (ingredient) return found(ingredient, words);
  }
  if (whole && !(counted && isUncounted(whole))) return found(whole, words);
  const best = cheapest(words, own, counted);
  if (best) return best;
  return byClass(words) ?? NONE;
}

const found = (ingredient: Ingredient, words: readonly string[]): Match => ({
  ingredient,
  describing: describingOf(words, ingredient),
  sureness: 'sure',
  as: null,
});

/** "Leg of lamb", "fillets of haddock" are named the other way round. */
function turned(words: readonly string[]): string[] {
  const of = words.indexOf('of');
  return of <= 0 || of >= words.length - 1 ? [...words] : [...words.slice(of + 1), ...words.slice(0, of)];
}

/** The words that the ingredient's names are made of. */
const OWN_WORDS = new WeakMap<Ingredient, ReadonlySet<string>>();
function ownWords(ingredient: Ingredient): ReadonlySet<string> {
  const remembered = OWN_WORDS.get(ingredient);
  if (remembered) return remembered;
  const made = new Set(
    [ingredient.name, ...aliasesOf(ingredient.id)].flatMap((text) => singular(normaliseName(text)).split(' ')),
  );
  OWN_WORDS.set(ingredient, made);
  return made;
}

const describingOf = (words: readonly string[], ingredient: Ingredient): string[] =>
  words.filter((word) => !ownWords(ingredient).has(word) && !SMALL.has(word));

/** Where the name ends and what is said about it begins; the whole where nothing is. */
function nameLength(words: readonly string[]): number {
  const index = words.findIndex(
    (word, i) => i > 0 && SMALL.has(word) && word !== 'of' && word !== 'and' && word !== 'or',
  );
  return index < 0 ? words.length : index;
}

/** The last word that names something: what stands after it only describes, or is a part of it. */
function headOf(words: readonly string[]): string | undefined {
  const naming = words.filter((word) => !DESCRIBING.has(word) && !SMALL.has(word) && !isTreatment(word));
  return naming.filter((word) => !PARTS.has(word)).at(-1) ?? naming.at(-1) ?? words.at(-1);
}

/** The reading that leaves least over; null where every one leaves too much. */
function cheapest(words: readonly string[], own: readonly OwnIngredient[], counted: boolean): Match | null {
  const inName = words.slice(0, nameLength(words));
  const head = headOf(inName);
  let best: { name: Name; cost: number; left: number } | null = null;
  for (const name of namesWithin(new Set(words), own)) {
    const left = costOf(name, { words, inName, head, counted });
    const cost = left - WORTH * name.of.length;
    if (left < TOO_MUCH && (best === null || cost < best.cost || (cost === best.cost && name.rank < best.name.rank)))
      best = { name, cost, left };
  }
  if (best === null) return null;
  const { ingredient } = best.name;
  const describing = describingOf(words, ingredient);
  // A jam of what nobody has heard of is an ordinary jam, and that is said.
  const taken = best.left >= COST.unknown && head !== undefined ? classOf(head, new Set(words)) : null;
  if (taken?.id === ingredient.id) return { ingredient, describing, sureness: 'class', as: taken.as };
  return { ingredient, describing, sureness: best.left <= SURE ? 'sure' : 'likely', as: null };
}

interface Said {
  words: readonly string[];
  inName: readonly string[];
  head: string | undefined;
  counted: boolean;
}

function costOf({ ingredient, of }: Name, { words, inName, head, counted }: Said): number {
  const covers = (word: string): boolean => of.includes(word) || ownWords(ingredient).has(word);
  const hasHead = head === undefined || covers(head) || isGeneric(head, ingredient);
  let cost = hasHead ? 0 : COST.head;
  for (const word of of) if (!inName.includes(word)) cost += COST.aside;
  // "Onions fried in butter" are onions; fried onions are another food.
  for (const word of of)
    if (isTreatment(word) && inName.indexOf(word) > inName.findIndex((one) => of.includes(one) && !isTreatment(one)))
      cost += COST.afterwards;
  const headAt = head === undefined ? -1 : inName.lastIndexOf(head);
  for (const [i, word] of inName.entries())
    if (!covers(word)) cost += costOfWord(word, ingredient, { isBeforeHead: i < headAt, head });
  // What is said of it afterwards changes it only where it is another state: "beef, roast".
  for (const word of words.slice(inName.length))
    if (!covers(word) && STATES.has(word) && !isHarmlessState(word, ingredient)) cost += COST.another;
  return counted && isUncounted(ingredient) ? cost + COST.uncounted : cost;
}

const isTreatment = (word: string): boolean => STATES.has(word) || COOKED_WORDS.has(word);

/** What one word costs that the reading does not account for. */
function costOfWord(
  word: string,
  ingredient: Ingredient,
  { isBeforeHead, head }: { isBeforeHead: boolean; head: string | undefined },
): number {
  if (SMALL.has(word)) return 0;
  if (isGeneric(word, ingredient)) return COST.describing;
  if (STATES.has(word) || COOKED_WORDS.has(word)) return isHarmlessState(word, ingredient) ? COST.state : COST.another;
  if (OTHER_FOODS.has(word)) return COST.another;
  if (DESCRIBING.has(word)) return COST.describing;
  if (word === head) return 0;
  if (isBeforeHead) {
    if (!isFoodWord(word) && !CHANGING.has(word)) return COST.unknown;
    return head !== undefined && MADE_OF.has(head) ? COST.another : COST.flavour;
  }
  if (PARTS.has(word)) return COST.describing;
  if (CHANGING.has(word)) return COST.another;
  return isFoodWord(word) ? COST.another : COST.unknown;
}

/** Never sold by the piece: seasonings and liquids without a weight of one. */
const isUncounted = ({ counts, family, liquid }: Ingredient): boolean =>
  Object.keys(counts).length === 0 && (family === 'seasoning' || liquid);

/** Words that only say again what family it is of: "cheddar cheese", "shiitake mushrooms". */
const GENERIC: Readonly<Partial<Record<string, readonly string[]>>> = {
  cheese: ['dairy'],
  mushroom: ['mushroom'],
  fish: ['fish'],
  meat: ['meat', 'fish'],
  leaf: ['leaf', 'seasoning'],
  herb: ['leaf', 'seasoning'],
  green: ['leaf'],
  pepper: ['vegetable'],
  nut: ['nut'],
  seed: ['nut', 'seasoning'],
  bean: ['pulse'],
  berry: ['fruit'],
  fruit: ['fruit'],
  onion: ['allium'],
  potato: ['root'],
  root: ['root'],
  cabbage: ['leaf'],
  squash: ['vegetable'],
  noodle: ['starch'],
  pasta: ['starch'],
  sauce: ['sauce'],
  wine: ['liquid'],
  juice: ['fruit'],
  powder: ['seasoning'],
  spice: ['seasoning'],
  tomato: ['vegetable', 'sauce'],
  bread: ['starch'],
  grain: ['starch'],
  steak: ['meat', 'fish'],
  joint: ['meat'],
};
const isGeneric = (word: string, { family }: Ingredient): boolean => GENERIC[word]?.includes(family) ?? false;

/** With less water than this a food is dry anyway, mass fraction. */
const DRY_WATER = 0.2;

/** Vegetables, grains and fruit are cooked by preparations; of animal food a cooked kind would have been found. */
function isHarmlessState(word: string, ingredient: Ingredient): boolean {
  const { family, hazard } = ingredient;
  if (ownWords(ingredient).has(word)) return true;
  if ((word === 'dried' || word === 'dry') && ingredient.composition.water < DRY_WATER) return true;
  if (COOKED_WORDS.has(word) || word === 'boiled' || word === 'poached')
    return hazard === 'none' || hazard === 'cooked-animal' || hazard === 'egg' || hazard === 'cured';
  if (word === 'minced' || word === 'ground') return family !== 'meat' && family !== 'nut';
  return false;
}

/** The class that its head noun names, where nothing of the larder is nearer. */
function byClass(words: readonly string[]): Match | null {
  const inName = words.slice(0, nameLength(words));
  if (inName.some((word) => OTHER_FOODS.has(word))) return null;
  const head = headOf(inName);
  const taken = head === undefined ? null : classOf(head, new Set(words));
  const ingredient = taken && ingredientById(taken.id);
  return taken && ingredient
    ? { ingredient, describing: describingOf(words, ingredient), sureness: 'class', as: taken.as }
    : null;
}
