/** What storage refused, once there is room again. */
import { titled } from '@/core/stored/create';
import { type Batch } from '@/core/stored/schema';
import { batchKey, idOfKey } from './keys';
import { inTurn } from './lock';
import { newId } from './new-id';
import { parse } from './records';
import { storeHeld } from './store';

/** Tries to store what is only in memory; a batch that somebody else has changed meanwhile comes in as a copy. */
export const storeHeldRecords = (): Promise<number> =>
  inTurn(() =>
    storeHeld((key, text) => {
      const batch = parse(text);
      const id = newId();
      if (idOfKey(key) === null || typeof batch !== 'object' || batch === null) return [`${key}-set-aside/${id}`, text];
      const { title } = batch as Batch;
      return [batchKey(id), JSON.stringify({ ...batch, id, title: titled(title, ' (kept copy)') })];
    }),
  );
