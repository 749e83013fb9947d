/** What a recipe calls an ingredient, and which one of the larder's that is. */
import { type Ingredient } from '../food/ingredient';
import { type OwnIngredient } from '../food/own-ingredient';
import { findIngredient, normaliseName, searchIngredients } from '../food/search';

/** Words that say how it is cut, sized or treated, not what it is. They go to the note. */
const DESCRIBING = new Set(
  (
    'large small medium big little extra-large good fine finely coarse coarsely roughly thinly thickly freshly fresh ' +
    'chopped grated shredded sliced diced minced crushed peeled trimmed washed rinsed drained squeezed cubed halved ' +
    'quartered torn crumbled melted softened cold warm hot room-temperature beaten toasted roasted cooked raw ripe ' +
    'boneless skinless packed heaped level heaping scant generous organic free-range unsalted lean plain whole ground ' +
    'cut into cubes matchsticks julienned deseeded seeded pitted stoned picked leaves about approx approximately of the ' +
    'clove cloves stalk stalks stick sticks bulb bulbs fillet fillets sprig sprigs floret florets sweated browned wilted mashed cleaned thawed defrosted sifted lightly well very'
  ).split(' '),
);

/** No name has more words than this; what is longer is read no further. */
const MOST_WORDS = 12;
/** A misspelled name is looked for among so many of its telling words. */
const MOST_SPELLED = 5;
/** A misspelling is this near; what is further off is another thing. */
const NEAR_ENOUGH = 0.3;

export interface Match {
  ingredient: Ingredient | null;
  /** Words of the name that were only describing. */
  describing: string[];
}

/**
 * Matches a name to the larder: the whole of it, then without describing words, then the longest run of its words that is
 * a name, then the nearest in spelling.
 */
export function matchIngredient(name: string, own: readonly OwnIngredient[]): Match {
  const all = normaliseName(name)
    .split(' ')
    .filter((word) => word !== '');
  const words = all.slice(0, MOST_WORDS);
  if (words.length === 0) return { ingredient: null, describing: [] };
  const whole = findIngredient(words.join(' '), own);
  if (whole) return { ingredient: whole, describing: [] };
  for (let length = words.length - 1; length > 0; length--) {
    for (let start = words.length - length; start >= 0; start--) {
      const run = words.slice(start, start + length);
      if (run.every((word) => DESCRIBING.has(word))) continue;
      const found = findIngredient(run.join(' '), own);
      if (!found) continue;
      const others = [...words.slice(0, start), ...words.slice(start + length)];
      // A word that is neither the name nor describing may make it another thing: "peanut soup" is not peanuts.
      if (others.every((word) => DESCRIBING.has(word) || length > 1)) return { ingredient: found, describing: others };
    }
  }
  const telling = words.filter((word) => !DESCRIBING.has(word));
  const describing = words.filter((word) => DESCRIBING.has(word));
  const both = telling.indexOf('and');
  if (both > 0) return { ...matchIngredient(telling.slice(0, both).join(' '), own), describing: telling.slice(both) };
  if (all.length > MOST_WORDS || telling.length > MOST_SPELLED) return { ingredient: null, describing };
  const [nearest] = searchIngredients((telling.length > 0 ? telling : words).join(' '), 1, NEAR_ENOUGH, own);
  return { ingredient: nearest ?? null, describing };
}
