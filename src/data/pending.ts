/**
 * Edits that are on their way to storage. They take a few milliseconds; where the page goes before that (a reload in the
 * middle of a word), what is left is written down at once, and done by the next page that opens.
 */
import AsyncStorage from '@react-native-async-storage/async-storage';
import { type DayOperation } from '@/core/document/day-operations';
import { type KitchenOperation } from '@/core/document/kitchen-operations';
import { type Operation } from '@/core/document/operations';
import { newId } from './new-id';

export type PendingEdit =
  | { batchId: string; operations: readonly Operation[]; at: string }
  | { kitchen: readonly KitchenOperation[]; at: string; of?: string }
  | { dayId: string; day: readonly DayOperation[]; at: string };

export const PENDING_PREFIX = 'involucrum/pending/';
const KEY = `${PENDING_PREFIX}${newId()}`;

const underWay = new Set<PendingEdit>();
let isWritten = false;

/** Runs an edit; until it is done it is remembered. */
export async function whilePending<Result>(edit: PendingEdit, run: () => Promise<Result>): Promise<Result> {
  underWay.add(edit);
  try {
    return await run();
  } finally {
    underWay.delete(edit);
    // The page has stayed after all: what is done here is not to be done again.
    if (isWritten) writePending();
  }
}

/** Writes down what is under way: the page is about to go. In the browser this is stored before the call returns. */
export function writePending(): void {
  if (underWay.size === 0 && !isWritten) return;
  isWritten = underWay.size > 0;
  const done = isWritten ? AsyncStorage.setItem(KEY, JSON.stringify([...underWay])) : AsyncStorage.removeItem(KEY);
  // A store that refuses says so where the edits themselves are written.
  done.catch(() => undefined);
}
