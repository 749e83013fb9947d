/** How full this browser's store is, and of what. */
import { keysOf, readText } from './store';
import { KITCHEN_KEY, PREFIX_OF } from './keys';

/** Browsers give a page about so many letters. */
export const ROOM = 5_000_000;
/** From here on it is said. */
export const NEARLY_FULL = 0.8;

interface Room {
  /** Letters in all. */
  used: number;
  share: number;
  groups: { what: string; letters: number; count: number }[];
}

const GROUPS: readonly [what: string, prefix: string][] = [
  ['Batches', PREFIX_OF.batch],
  ['Photographs', PREFIX_OF.photograph],
  ['Days', PREFIX_OF.day],
  ['The kitchen', KITCHEN_KEY],
  ['Rehearsals', PREFIX_OF.rehearsal.slice(0, -1)],
];
const REST = 'Undo steps and the like';

/** @returns what is kept, the largest first */
export async function measureRoom(): Promise<Room> {
  const keys = await keysOf('');
  const sizes = await Promise.all(keys.map(async (key) => key.length + ((await readText(key))?.length ?? 0)));
  const by = new Map<string, { letters: number; count: number }>();
  keys.forEach((key, i) => {
    const what = GROUPS.find(([, prefix]) => key.startsWith(prefix))?.[0] ?? REST;
    const { letters, count } = by.get(what) ?? { letters: 0, count: 0 };
    by.set(what, { letters: letters + sizes[i], count: count + 1 });
  });
  const used = sizes.reduce((sum, n) => sum + n, 0);
  return {
    used,
    share: used / ROOM,
    groups: [...by].map(([what, n]) => ({ what, ...n })).sort((a, b) => b.letters - a.letters),
  };
}
