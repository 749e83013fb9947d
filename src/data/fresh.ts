/**
 * A tab does not always see at once what another tab has stored: the browser hands it on a moment later, and a lock does not
 * wait for that (measured here: of 400 counts by two tabs under one lock 39 were lost). So each write leaves the print of
 * its text in a database that all tabs see the same; who is to change a text waits until it is the one that was written last.
 */
import { delMany, entries, get, getMany, set, setMany } from 'idb-keyval';
import { database } from './database';

/** Waited so long at most, ms: a text that was changed by other means, by hand for example, never gets that print. */
const PATIENCE_MS = 400;
const LOOK_EVERY_MS = 4;

const using = database('involucrum', 'prints');

/** The print of what was removed. */
const REMOVED = '-';

/** A short print of a text: its length and a 32-bit hash (FNV-1a). */
export function printOf(text: string | null): string {
  if (text === null) return REMOVED;
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return `${text.length}-${hash >>> 0}`;
}

/** Leaves the print of what has been written; null: removed. */
export const leavePrint = (key: string, text: string | null) => using((prints) => set(key, printOf(text), prints));

/** The same of many texts at once. */
export const leavePrints = (texts: readonly { key: string; text: string }[]) =>
  using((prints) =>
    setMany(
      texts.map(({ key, text }) => [key, printOf(text)]),
      prints,
    ),
  );

/**
 * Lets the prints of what was removed go. They tell other tabs for a moment that a text is gone; a page that opens later needs
 * none of them.
 * @param isThere whether something is kept under a key now
 */
export const purgePrints = (isThere: (key: string) => Promise<boolean>) =>
  using(async (prints) => {
    const removed = (await entries<string, string>(prints))
      .filter(([, print]) => print === REMOVED)
      .map(([key]) => key);
    const there = await Promise.all(removed.map(isThere));
    await delMany(
      removed.filter((_, i) => !there[i]),
      prints,
    );
  });

/** Of some texts, whether each is what was written last under its key: this program has written it, and had read it before. */
export async function areAsWritten(texts: readonly { key: string; text: string }[]): Promise<boolean[]> {
  const keys = texts.map(({ key }) => key);
  const written = await using((prints) => getMany<string>(keys, prints));
  return texts.map(({ text }, i) => written?.[i] === printOf(text));
}

/** Reads a text, waiting for the one that was written last. To be used where it is going to be changed. */
export async function readNewest(key: string, read: () => Promise<string | null>): Promise<string | null> {
  const expected = await using((prints) => get<string>(key, prints));
  let text = await read();
  for (let waited = 0; expected !== undefined && printOf(text) !== expected; waited += LOOK_EVERY_MS) {
    if (waited >= PATIENCE_MS) {
      await leavePrint(key, text);
      break;
    }
    await new Promise((resolve) => setTimeout(resolve, LOOK_EVERY_MS));
    text = await read();
  }
  return text;
}
