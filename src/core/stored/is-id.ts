/** Ids: they become addresses and keys of storage, so nothing that means something there may be in them. */

/** Slashes, question and number signs, per cent signs and control characters lead elsewhere in an address. */
const HARMFUL = /[/\\?#%\p{Cc}]/u;
export const MOST_LETTERS = 64;

/** Whether a text can be an id. */
export const isId = (text: unknown): text is string =>
  typeof text === 'string' &&
  text.length > 0 &&
  text.length <= MOST_LETTERS &&
  text.trim() === text &&
  !/^\.{1,2}$/.test(text) &&
  !HARMFUL.test(text);
