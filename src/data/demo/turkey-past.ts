/** The turkey purses' past: two versions that are done, with what was found of each. */
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { turkeyPurses } from './turkey-purses';

const FIRST = 'demo-turkey-purses-1';
const SECOND = 'demo-turkey-purses-2';
/** When they were: always the same, so that putting the demo in again finds them as they are. */
const THEN = ['2026-10-31T12:00:00.000Z', '2026-11-14T12:00:00.000Z'] as const;

/** A version as it was planned, and noted when it was done. */
function version(then: string, lineage: Batch['lineage'], id: string, noted: (at: string) => Operation[]): Batch {
  const ticked = (b: Batch): Operation[] => b.lines.map((l) => ({ do: 'changeLine', id: l.id, to: { ticked: true } }));
  const begun: Batch = { ...turkeyPurses(then), id, lineage };
  return [...ticked(begun), ...noted(then), { do: 'setDone' as const, at: then }].reduce(apply, begun);
}

/** The first two versions, and where the one on the Bench stands after them. */
export function turkeyPast(): { past: Batch[]; lineage: Batch['lineage'] } {
  const first = version(THEN[0], { thing: FIRST, number: 1, parentId: null, changed: [] }, FIRST, (then) => [
    { do: 'setWrap', to: { portionG: 48 } },
    { do: 'addWeighed', weighed: { at: then, what: 'filling', grams: 49 } },
    { do: 'addWeighed', weighed: { at: then, what: 'filling', grams: 47 } },
    { do: 'addWeighed', weighed: { at: then, what: 'filling', grams: 51 } },
    { do: 'noteOutcome', outcome: { what: 'burst', much: 'clearly', where: 'seam' }, at: then },
    { do: 'noteOutcome', outcome: { what: 'juicy', much: 'clearly', where: 'middle' }, at: then },
    { do: 'setNote', to: { forWhom: 'six at the allotment', words: 'Half a dozen opened in the steamer.' } },
  ]);
  const second = version(
    THEN[1],
    { thing: FIRST, number: 2, parentId: FIRST, changed: ['28 g of filling in each instead of 48 g'] },
    SECOND,
    (then) => [
      { do: 'changeLine', id: 'salt', to: { amount: 1 } },
      { do: 'noteOutcome', outcome: { what: 'held-together', much: 'clearly', where: 'seam' }, at: then },
      { do: 'noteOutcome', outcome: { what: 'bland', much: 'clearly', where: null }, at: then },
      { do: 'setNote', to: { words: 'All closed. They asked for the soy sauce.' } },
    ],
  );
  return {
    past: [first, second],
    lineage: { thing: FIRST, number: 3, parentId: SECOND, changed: ['4.0 g of salt instead of 1.0 g'] },
  };
}
