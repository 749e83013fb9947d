/** A wrapper dough with its composition as fractions. */
import { DOUGH_IDS, type DoughId, DOUGHS } from '../document/vocabulary/doughs';
import { type DoughRecord } from '../document/vocabulary/doughs/dough';
import { type Composition, normalise } from '../food/composition';

export interface Dough extends Omit<DoughRecord, 'composition'> {
  id: DoughId;
  composition: Composition;
}

const ALL = new Map(
  DOUGH_IDS.map((id): [DoughId, Dough] => [id, { ...DOUGHS[id], id, composition: normalise(DOUGHS[id].composition) }]),
);

/** A dough by its id. @throws RangeError where no dough is called so */
export function dough(id: DoughId): Dough {
  const found = ALL.get(id);
  if (!found) throw new RangeError(`no dough is called ${id}`);
  return found;
}
