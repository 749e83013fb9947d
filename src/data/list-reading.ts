/**
 * Lists in SWR that are read from storage and in which what has just been stored is shown at once. SWR drops a reading that was
 * on its way when something is shown: what only that reading would have brought (a file opened, another tab's write) would be
 * missing until the next one. It is read again then.
 */
import { mutate } from 'swr';

const onTheWay = new Map<string, number>();

/** Reads a list, and is known to be on its way until it has come. */
export async function readingList<List>(key: string, read: () => Promise<List>): Promise<List> {
  onTheWay.set(key, (onTheWay.get(key) ?? 0) + 1);
  try {
    return await read();
  } finally {
    onTheWay.set(key, (onTheWay.get(key) ?? 1) - 1);
  }
}

/** Shows a change in a list without reading it all again, unless a reading was on its way. */
export async function showInList<List>(key: string, change: (known: List) => List): Promise<void> {
  const wasRead = (onTheWay.get(key) ?? 0) > 0;
  await mutate<List>(key, (list) => list && change(list), { revalidate: false });
  if (wasRead) void mutate(key);
}
