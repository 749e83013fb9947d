/** The indefinite article before a word or a number, as it is spoken. */

/** @returns the words with `a` or `an` before them */
export const withArticle = (words: string): string =>
  `${/^(?:[aeiou]|8|11\b|18\b)/i.test(words) ? 'an' : 'a'} ${words}`;
