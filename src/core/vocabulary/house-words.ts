/** Words that a cook meets here and perhaps nowhere else, each explained in a sentence. */
import { idsOf, recordsOf } from './records';

interface HouseWord {
  /** How it stands in a sentence. */
  pattern: RegExp;
  word: string;
  means: string;
}

const HOUSE_WORDS = recordsOf<HouseWord>()({
  loose: {
    pattern: /\bloose\b|\brun from 100\b/,
    word: 'loose liquid',
    means: 'What runs out when you press the filling in a sieve. It soaks the dough from the inside.',
  },
  'wrap-ready': {
    pattern: /\bwrap-ready\b/,
    word: 'wrap-ready',
    means: 'Cold enough that the filling doesn’t melt or soften the dough where it touches.',
  },
  bite: {
    pattern: /\bin the bite\b/,
    word: 'the bite',
    means: 'Filling and wrapper together, as you eat them.',
  },
  slowest: {
    pattern: /\bslowest\b/,
    word: 'the slowest',
    means: 'The thickest piece in the coolest place. When it’s done, all are.',
  },
});
type HouseWordId = keyof typeof HOUSE_WORDS;

/** The first word of a text that is not known yet; null where there is none. */
export function unknownWord(
  text: string,
  explained: readonly string[],
): { id: HouseWordId; word: string; means: string } | null {
  const id = idsOf(HOUSE_WORDS).find((one) => !explained.includes(one) && HOUSE_WORDS[one].pattern.test(text));
  return id === undefined ? null : { id, word: HOUSE_WORDS[id].word, means: HOUSE_WORDS[id].means };
}
