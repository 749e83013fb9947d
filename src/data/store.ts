/**
 * Texts by key: in the browser's own storage (AsyncStorage), or, where that is full or closed, in this page's memory until it
 * takes them again. What is only in memory is known by name, so that it can be said and saved as files.
 */
import AsyncStorage from '@react-native-async-storage/async-storage';
import { useSyncExternalStore } from 'react';
import { leavePrint, leavePrints, readNewest } from './fresh';

interface Held {
  text: string;
  /** What storage held under this key when it refused: another text there later is somebody else's. */
  under: string | null;
}

/** Storage refused to remove something. */
class NotRemovedError extends Error {}

const held = new Map<string, Held>();
let heldKeys: readonly string[] = [];
const listeners = new Set<() => void>();
const tell = (): void => {
  heldKeys = [...held.keys()];
  listeners.forEach((listener) => listener());
};

/** Storage that is closed altogether holds nothing. */
async function stored(key: string): Promise<string | null> {
  try {
    return await AsyncStorage.getItem(key);
  } catch {
    return null;
  }
}

/** The text under a key; null where there is none. */
export async function readText(key: string): Promise<string | null> {
  return held.get(key)?.text ?? (await stored(key));
}

/** The same where it is going to be changed: what another tab has just written is waited for. */
export async function readToChange(key: string): Promise<string | null> {
  return held.get(key)?.text ?? (await readNewest(key, () => stored(key)));
}

/** All keys that begin so. */
export async function keysOf(prefix: string): Promise<string[]> {
  let keys: readonly string[] = [];
  try {
    keys = await AsyncStorage.getAllKeys();
  } catch {
    // Closed: only memory is left.
  }
  return [...new Set([...keys, ...held.keys()])].filter((key) => key.startsWith(prefix));
}

/** Keeps a text in memory only, to be stored later. */
export async function holdText(key: string, text: string): Promise<void> {
  held.set(key, { text, under: held.has(key) ? (held.get(key)?.under ?? null) : await stored(key) });
  tell();
}

/** Keeps a text: stored, or held in memory where storage refuses. @returns whether it is stored */
export async function writeText(key: string, text: string): Promise<boolean> {
  try {
    await AsyncStorage.setItem(key, text);
  } catch {
    await holdText(key, text);
    return false;
  }
  await leavePrint(key, text);
  if (held.delete(key)) tell();
  return true;
}

/** Keeps many texts, as one does; what storage refuses is held in memory. */
export async function writeTexts(texts: readonly { key: string; text: string }[]): Promise<void> {
  const kept: { key: string; text: string }[] = [];
  for (const { key, text } of texts) {
    try {
      await AsyncStorage.setItem(key, text);
      kept.push({ key, text });
    } catch {
      await holdText(key, text);
    }
  }
  await leavePrints(kept);
}

/** Removes a text. @throws NotRemovedError */
export async function removeText(key: string): Promise<void> {
  try {
    await AsyncStorage.removeItem(key);
  } catch (cause) {
    if (held.get(key)?.under !== null) {
      throw new NotRemovedError('Not removed: this browser’s store is closed. Nothing was changed.', { cause });
    }
  }
  await leavePrint(key, null);
  if (held.delete(key)) tell();
}

/**
 * Tries to store what is only in memory.
 * @param elsewhere where a text goes whose key has been written by somebody else in the meantime
 * @returns how many are still only in memory
 */
export async function storeHeld(
  elsewhere: (key: string, text: string) => [key: string, text: string],
): Promise<number> {
  for (const [key, { text, under }] of [...held]) {
    const [to, what] = (await stored(key)) === under ? [key, text] : elsewhere(key, text);
    try {
      await AsyncStorage.setItem(to, what);
      await leavePrint(to, what);
      held.delete(key);
    } catch {
      // Still full: it stays in memory, and so does what was to come after it.
      break;
    }
  }
  tell();
  return held.size;
}

/** The keys of what is only in this page's memory. */
export const useHeldKeys = (): readonly string[] =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => heldKeys,
  );

/** For tests: memory as a new page has it. */
export function forgetHeld(): void {
  held.clear();
  tell();
}
