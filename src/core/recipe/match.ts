/**
 * What a recipe calls an ingredient, and which one of the larder's that is. The head noun decides, its qualifiers choose among
 * the kinds; what would make another food of it and is not accounted for leaves a question. A wrong food is worse than one.
 */
import { ingredientById } from '../food/catalogue';
import { type Ingredient } from '../food/ingredient';
import { type OwnIngredient } from '../food/own-ingredient';
import { findIngredient, isFoodWord, namesWithin, searchIngredients } from '../food/search';
import { aliasesOf } from '../food/names';
import { normaliseName, singular } from '../food/singular';
import { kindNamed } from './kinds';
import { CHANGING, COOKED_WORDS, DESCRIBING, OTHER_FOODS, PARTS } from './words';

/** No name has more words than this; what is longer is read no further. */
const MOST_WORDS = 12;
/** A misspelled name is looked for among so many of its telling words. */
const MOST_SPELLED = 3;
/** A misspelling is this near; what is further off is another thing. */
const NEAR_ENOUGH = 0.22;

export interface Match {
  ingredient: Ingredient | null;
  /** Words of the name that were only describing. */
  describing: string[];
}

/** Words that are no slip of the pen for another one: the larder's own, and foods that it does not have. */
const isWord = (word: string): boolean => isFoodWord(word) || OTHER_FOODS.has(word);

const NONE: Match = { ingredient: null, describing: [] };

/**
 * Matches a name to the larder.
 * @param note what stands after the name: "boned and minced"
 */
export function matchIngredient(name: string, own: readonly OwnIngredient[], note = ''): Match {
  const said = normaliseName(name.replace(/['’]s\b/g, ''))
    .split(' ')
    .filter((word) => word !== '' && !/^[\d½¼¾⅓⅔.%()]+$/.test(word));
  if (said.length === 0) return NONE;
  const whole = findIngredient(said.join(' '), own);
  const words = turned(said.slice(0, MOST_WORDS)).map(singular);
  const all = new Set(words);
  const kind = kindNamed(
    all,
    new Set(
      normaliseName(note)
        .split(/[^a-z]+/)
        .map(singular),
    ),
  );
  if (kind === 'unknown') return NONE;
  // "Minced beef" is a name of its own; what its note makes of it comes first.
  if (kind !== null && (!whole || kind !== whole.id)) {
    const ingredient = ingredientById(kind);
    if (ingredient) return { ingredient, describing: describingOf(words, ingredient) };
  }
  if (whole) return { ingredient: whole, describing: [] };
  const best = bestName(words, own);
  if (best) return best;
  const telling = words.filter((word) => !DESCRIBING.has(word));
  if (telling.length === 0 || telling.length > MOST_SPELLED || telling.some(isWord)) {
    return { ingredient: null, describing: words.filter((word) => DESCRIBING.has(word)) };
  }
  const [nearest] = searchIngredients(telling.join(' '), 1, NEAR_ENOUGH, own);
  return { ingredient: nearest ?? null, describing: words.filter((word) => DESCRIBING.has(word)) };
}

/** "Leg of lamb" is named the other way round. */
function turned(words: string[]): string[] {
  const of = words.indexOf('of');
  return of > 0 && of < words.length - 1 ? [...words.slice(of + 1), ...words.slice(0, of)] : words;
}

const describingOf = (words: readonly string[], { id, name }: Ingredient): string[] => {
  const own = new Set([name, ...aliasesOf(id)].flatMap((text) => singular(normaliseName(text)).split(' ')));
  return words.filter((word) => !own.has(word));
};

/** The last word that names something: what stands after it only describes, or is a part of it. */
function headOf(words: readonly string[]): string | undefined {
  const naming = words.filter((word) => !DESCRIBING.has(word));
  return naming.filter((word) => !PARTS.has(word)).at(-1) ?? naming.at(-1) ?? words.at(-1);
}

/** The larder's name that accounts for most of what was said, and for its head. */
function bestName(words: readonly string[], own: readonly OwnIngredient[]): Match | null {
  const head = headOf(words);
  if (head === undefined) return null;
  const set = new Set(words);
  const found = namesWithin(set, own)
    .filter(({ of }) => of.includes(head) || of.some((word) => PARTS.has(word) && words.at(-1) === word))
    .sort((a, b) => b.of.length - a.of.length || a.rank - b.rank);
  for (const { ingredient, of } of found) {
    const others = words.filter((word) => !of.includes(word));
    if (others.every((word) => isHarmless(word, ingredient))) return { ingredient, describing: others };
  }
  return null;
}

/** Words that only say again what family it is of: "cheddar cheese", "shiitake mushrooms". */
const GENERIC: Readonly<Partial<Record<string, readonly string[]>>> = {
  cheese: ['dairy'],
  mushroom: ['mushroom'],
  fish: ['fish'],
  meat: ['meat'],
  leaf: ['leaf', 'seasoning'],
  herb: ['leaf', 'seasoning'],
  pepper: ['vegetable'],
  nut: ['nut'],
  seed: ['nut', 'seasoning'],
  bean: ['pulse'],
  berry: ['fruit'],
  onion: ['allium'],
  potato: ['root'],
  cabbage: ['leaf'],
  squash: ['vegetable'],
  noodle: ['starch'],
  pasta: ['starch'],
  sauce: ['sauce'],
  wine: ['liquid'],
  juice: ['fruit'],
  powder: ['seasoning'],
  tomato: ['vegetable', 'sauce'],
  bread: ['starch'],
  spice: ['seasoning'],
};

/** Whether a word beside the name leaves the food what it is. */
function isHarmless(word: string, { family, hazard }: Ingredient): boolean {
  // Vegetables, grains and fruit are cooked by preparations; of animal food a cooked kind would have been found.
  if (COOKED_WORDS.has(word)) return hazard === 'none' || hazard === 'cooked-animal' || hazard === 'egg';
  if (word === 'minced' || word === 'ground') return family !== 'meat' && family !== 'nut';
  if (GENERIC[word]?.includes(family)) return true;
  if (word === 'frozen') return true;
  if (word === 'fat' || word === 'heart' || word === 'dry') return true;
  if (CHANGING.has(word)) return false;
  if (DESCRIBING.has(word) || PARTS.has(word)) return true;
  // A word of another food: "chicken" of a soup. One that the larder has never heard is a place or a maker.
  return !isFoodWord(word);
}
