/** Slips of the pen: a word that nobody knows, for the one known word that it is nearly. */
import levenshtein from 'damerau-levenshtein';
import { foodWords, isFoodWord } from '../food/search';
import { CHANGING, COOKED_WORDS, DESCRIBING, KITCHEN, OTHER_FOODS, PARTS, SMALL, STATES } from './words';

const PLAIN: readonly ReadonlySet<string>[] = [
  DESCRIBING,
  PARTS,
  STATES,
  CHANGING,
  SMALL,
  COOKED_WORDS,
  OTHER_FOODS,
  KITCHEN,
];

/** Whether a word, in the singular, is one that this reader knows: then it is no slip of the pen. */
export const isKnownWord = (word: string): boolean => isFoodWord(word) || PLAIN.some((words) => words.has(word));

/** A word so short is nearly too many others. */
const SHORTEST = 4;
/** From so many letters on, two slips are forgiven. */
const LONG = 8;

const FIXED = new Map<string, string | null>();
const MOST_REMEMBERED = 2000;

/** The known word that is meant by one that is not; null where none is near, or more than one is as near. */
export function respelled(word: string): string | null {
  if (word.length < SHORTEST || /\d/.test(word) || isKnownWord(word)) return null;
  const remembered = FIXED.get(word);
  if (remembered !== undefined) return remembered;
  const found = nearest(word);
  if (FIXED.size > MOST_REMEMBERED) FIXED.clear();
  FIXED.set(word, found);
  return found;
}

function nearest(word: string): string | null {
  const most = word.length >= LONG ? 2 : 1;
  let best: string[] = [];
  let least = most + 1;
  const look = (other: string): void => {
    if (Math.abs(other.length - word.length) > most || other.length < SHORTEST) return;
    // Letters put in, left out, exchanged, or two in the wrong order.
    const slips = levenshtein(word, other).steps;
    if (slips > most || slips > least) return;
    if (slips < least) best = [];
    least = slips;
    best.push(other);
  };
  for (const other of foodWords()) look(other);
  const food = best;
  const foodLeast = least;
  for (const words of [DESCRIBING, STATES, CHANGING]) for (const other of words) look(other);
  // "Choped" is a describing word; between a food and another word that is as near nobody can say.
  const found = least < foodLeast ? best : food;
  const likely = found.filter((other) => other[0] === word[0]);
  const only = [...new Set(likely.length > 0 ? likely : least === 1 ? found : [])];
  return only.length === 1 ? only[0] : null;
}
