/** What happens before anything is read: what was left unfinished is done, and at the very first visit the demo is laid out. */
import { type Day } from '@/core/stored/day';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { remember } from './batch-store';
import { purgePrints } from './fresh';
import { batchKey, dayKey, KITCHEN_KEY, OPENED_KEY, PREFIX } from './keys';
import { inTurn } from './lock';
import { keysOf, readText, readToChange, writeTexts } from './store';
import { TAB } from './tab';
import { finishPending } from './unfinished';

/**
 * At the very first visit, stores what is given. Later visits find the mark and store nothing.
 * @param gone told when a page that was still here has gone, and what it left is done
 */
export const openFirst = (demo: () => Promise<Demo> | Demo, gone?: () => void): Promise<void> =>
  inTurn(async () => {
    await finishPending(gone);
    await purgePrints(async (key) => (await readText(key)) !== null);
    if ((await readToChange(OPENED_KEY)) !== null) return;
    const { batches, days } = await demo();
    const there = new Set(await keysOf(PREFIX));
    const texts: { key: string; text: string }[] = [];
    const lay = (key: string, document: object): string => {
      const text = JSON.stringify(document);
      if (!there.has(key)) texts.push({ key, text });
      return text;
    };
    for (const batch of batches) {
      const key = batchKey(batch.id);
      const text = lay(key, batch);
      if (!there.has(key)) remember(key, text, batch);
    }
    for (const day of days) lay(dayKey(day.id), day);
    // The program's own, and tested: nobody waits for the validator.
    lay(KITCHEN_KEY, { ...DEFAULT_KITCHEN, writer: TAB });
    await writeTexts([...texts, { key: OPENED_KEY, text: '1' }]);
  });

/** What is there at the very first visit. */
export interface Demo {
  batches: Batch[];
  days: Day[];
}
