/**
 * Edits that are on their way to storage. Each is written down, under a number of its own, before the tap that made it is
 * answered; it is struck off when the document holds it. Where the page goes before that (a reload in the middle of a word, a
 * page that crashes), the next page does what is left, once: a document knows which edits it holds.
 */
import AsyncStorage from '@react-native-async-storage/async-storage';
import { type DayOperation } from '@/core/stored/day-operations';
import { type EditId } from '@/core/stored/edits';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { PREFIX_OF } from './keys';
import { beHere } from './lock';
import { newId } from './new-id';

/** What is asked for. */
export type Asked =
  | { batchId: string; operations: readonly Operation[]; at: string }
  | { kitchen: readonly KitchenOperation[]; at: string; of?: string }
  | { dayId: string; day: readonly DayOperation[]; at: string }
  /** A step back: it holds only where just this state is stored. */
  | { back: Batch; operations: readonly Operation[]; expected: Pick<Batch, 'revision' | 'writer'>; at: string };

/** The same with its number, and the revision that it began from, as far as the page knew. */
export type PendingEdit = Asked & { edit: EditId; from: number | null };

/** Who this page is: a reload is another page, and counts anew. */
let page = newId();
let count = 0;
beHere(page);

/** The page that an edit's key names. */
export const pageOf = (key: string): string => key.slice(PREFIX_OF.pending.length).split('/')[0];

/** Keys in the order of a page's edits. */
const keyOf = ({ by, number }: EditId): string => `${PREFIX_OF.pending}${by}/${String(number).padStart(9, '0')}`;

/** Runs an edit. It is written down before anything is waited for; in the browser, before this call returns. */
export async function whilePending<Result>(
  asked: Asked,
  from: number | null,
  run: (edit: EditId) => Promise<Result>,
): Promise<Result> {
  count += 1;
  const edit: EditId = { by: page, number: count };
  const pending: PendingEdit = { ...asked, edit, from };
  // A store that refuses says so where the edit itself is written.
  const written = AsyncStorage.setItem(keyOf(edit), JSON.stringify(pending)).catch(() => undefined);
  try {
    await written;
    return await run(edit);
  } finally {
    await AsyncStorage.removeItem(keyOf(edit)).catch(() => undefined);
  }
}

/** For tests: a page as it is when it has just been opened. */
export function beAnotherPage(): void {
  page = newId();
  count = 0;
}
