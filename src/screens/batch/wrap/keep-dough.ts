/** Keeps a batch's formula in the Larder, and has the batch use what is kept. */
import { type OwnDough } from '@/core/stored/own-dough-schema';
import { type Batch } from '@/core/stored/schema';
import { keptDough } from '@/core/wrapper/kept-dough';
import { editKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { type StationProps } from '../station-props';
import * as phrases from './words';

/** @param dough as it stands on the screen; null where the batch has none of its own */
export async function keepDough(batch: Batch, dough: OwnDough | null, edit: StationProps['edit']): Promise<void> {
  if (dough === null) return;
  const kept = keptDough(dough, batch);
  const inBatch = await edit({ do: 'setWrap', to: { ownDough: kept } }, 'formula');
  if (!inBatch.ok) return;
  const outcome = await editKitchen({ do: 'keepDough', dough: kept }, 'foot', batch.id);
  if (outcome.ok) say({ text: phrases.isInLarder(kept.name), kind: 'done' });
}
