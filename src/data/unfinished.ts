/** Edits that were on their way when a page went. */
import { holds } from '@/core/stored/edits';
import { batchToChange, isBroken, putChanged } from './batch-store';
import { putChangedDay } from './day-store';
import { PREFIX_OF } from './keys';
import { putKitchen } from './kitchen-store';
import { inTurn, pagesHere, whenGone } from './lock';
import { pageOf, type PendingEdit } from './pending';
import { MissingError, parse } from './records';
import { keysOf, readText, removeText } from './store';

/** Pages that were here with edits on their way when this one looked. */
const watched = new Set<string>();

/** As soon as such a page has gone, what it leaves is done. */
function watch(page: string, gone?: () => void): void {
  if (watched.has(page)) return;
  watched.add(page);
  void whenGone(page).then(() => inTurn(() => finishPending(gone)).then(gone));
}

/**
 * Does the edits that another page had on their way when it went: in their order, and none that a document holds already. One
 * that is still here does its own, and can take them back; where it goes before that, they are done then.
 * @param gone told when such a page has gone, and what it left is done
 */
export async function finishPending(gone?: () => void): Promise<void> {
  const here = await pagesHere();
  const written = (await keysOf(PREFIX_OF.pending)).sort();
  for (const key of written) if (here.has(pageOf(key))) watch(pageOf(key), gone);
  const keys = written.filter((key) => !here.has(pageOf(key)));
  const texts = await Promise.all(keys.map(readText));
  const left = keys.flatMap((key, i) => pendingIn(key, texts[i]).map((pending) => ({ key, pending })));
  // In the order of time; of one page and moment, in its own.
  for (const { pending } of left.sort((a, b) => a.pending.at.localeCompare(b.pending.at))) await finish(pending);
  for (const key of keys) await removeText(key);
}

/** What is written down under a key. The version before kept all edits of a page in one list, without numbers. */
function pendingIn(key: string, text: string | null): PendingEdit[] {
  const json = parse(text ?? '');
  const isAsked = (one: unknown): one is PendingEdit => typeof one === 'object' && one !== null && 'at' in one;
  if (!Array.isArray(json)) return isAsked(json) && 'edit' in json ? [json] : [];
  const by = key.slice(PREFIX_OF.pending.length);
  return json.filter(isAsked).map((asked, i) => ({ ...asked, edit: { by, number: i + 1 }, from: null }));
}

async function finish(pending: PendingEdit): Promise<void> {
  const { edit, at } = pending;
  if ('kitchen' in pending) {
    await putKitchen(pending.kitchen, at, pending.of, edit);
    return;
  }
  if ('day' in pending) {
    await putChangedDay(pending.dayId, pending.day, at, edit).catch((error: unknown) => {
      // A day that is gone wants no more changes.
      if (!(error instanceof MissingError)) throw error;
    });
    return;
  }
  const before = await batchToChange('back' in pending ? pending.back.id : pending.batchId);
  if (before === null || isBroken(before) || holds(before, edit)) return;
  // Put back from an older file it is not the document that the edit was made for.
  if (pending.from !== null && before.revision < pending.from) return;
  if ('back' in pending) {
    const { revision, writer } = pending.expected;
    if (before.revision !== revision || before.writer !== writer) return;
    await putChanged({ ...pending.back, revision, edits: before.edits }, pending.operations, at, edit);
    return;
  }
  await putChanged(before, pending.operations, at, edit);
}
