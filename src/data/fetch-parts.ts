/**
 * Fetches every part of the program into the browser's own cache, while nobody waits for it: later the server may be gone.
 * Nothing of it is run; what is run costs the page its ear.
 */

/** Made by the build: every script that the first screen does not load. */
const LIST = '/parts.json';

/** A browser that is told to save data asks for nothing before it is needed. */
export const savesData = (): boolean =>
  (navigator as { connection?: { saveData?: boolean } }).connection?.saveData === true;

/** Fetches them one after another. What cannot be had is asked for again when it is needed, and then it is said. */
export async function fetchParts(): Promise<void> {
  if (savesData()) return;
  try {
    const answer = await fetch(LIST);
    if (!answer.ok) return;
    const parts = (await answer.json()) as unknown;
    if (!Array.isArray(parts)) return;
    for (const part of parts) if (typeof part === 'string') await (await fetch(part)).arrayBuffer();
  } catch {
    // Offline already, or a server that knows no list: nothing is lost by it.
  }
}
