/** What was noted is found again, and read anywhere. */
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { differences } from '@/core/notebook/compare';
import { notedBatches, searchBatches } from '@/core/notebook/search';
import { notesToMarkdown } from '@/core/notebook/to-markdown';
import { firstVersions, nextNumber } from '@/core/notebook/versions';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { readBatch } from '@/core/stored/read';
import { findCauses } from '@/core/notebook/find-causes';
import { numbersOf } from '@/core/notebook/numbers';
import { demo, lanternSupper } from '@/data/demo';

const AT = '2026-12-05T15:00:00.000Z';
const [turkey, pumpkin, duck, haddock] = lanternSupper(AT);
const soggy: Batch = [
  {
    do: 'noteOutcome' as const,
    outcome: { what: 'soggy' as const, much: 'little' as const, where: 'bottom' as const },
    at: AT,
  },
  { do: 'setMeasured' as const, to: { parcelBeforeG: 1850, cutAfterMinutes: 12 } },
  {
    do: 'setNote' as const,
    to: { words: 'Drier *next* time', tasters: [{ who: 'Aunt Zoë', liked: 'so-so' as const }] },
  },
].reduce(apply, haddock);

describe('search', () => {
  const all = [turkey, pumpkin, duck, soggy];
  const found = (question: string) => searchBatches(all, question).map((b) => b.id);
  it.each<[string, string[]]>([
    ['', all.map((b) => b.id)],
    ['haddock', [soggy.id]],
    ['LEEK', [turkey.id, soggy.id]],
    ['half-moon', [pumpkin.id]],
    ['soggy', [soggy.id]],
    ['zoe', [soggy.id]],
    ['leek drier', [soggy.id]],
    ['prune baked', [duck.id]],
    ['leek prune', []],
  ])('“%s”', (question, ids) => expect(found(question)).toEqual(ids));

  it('what was changed is found by what it says now', () => {
    const renamed = apply(duck, { do: 'setBatch', to: { title: 'Goose pockets' } });
    expect(searchBatches([renamed], 'goose')).toHaveLength(1);
    expect(searchBatches([duck], 'goose')).toHaveLength(0);
  });
});

it('the Notebook holds what is done or noted, the last first', () => {
  const done = apply(turkey, { do: 'setDone', at: '2026-12-07T10:00:00.000Z' });
  expect(notedBatches([duck, soggy, done]).map((b) => b.id)).toEqual([done.id, soggy.id]);
  expect(notedBatches([duck])).toEqual([]);
});

it('the demo has a past of two versions done, whose faults are explained by what was changed next', () => {
  const { batches } = demo(AT);
  const turkeys = firstVersions(batches, 'demo-turkey-purses-1');
  expect(turkeys.map((b) => b.lineage.number)).toEqual([1, 2, 3]);
  expect(turkeys.map((b) => b.doneAt === null)).toEqual([false, false, true]);
  for (const b of batches) expect(readBatch(JSON.parse(JSON.stringify(b)))).toMatchObject({ ok: true });
  const why = (b: Batch) =>
    findCauses(numbersOf(b, DEFAULT_KITCHEN, forecastHeat(b, DEFAULT_KITCHEN, 'first'))).map(
      ({ outcome, causes }) => `${outcome.what}: ${causes[0]?.id}`,
    );
  expect(why(turkeys[0])).toEqual(['burst: overfilled']);
  expect(why(turkeys[1])).toEqual(['bland: little-salt']);
});

it('two versions side by side say what differs, and nothing else', () => {
  const other = [
    { do: 'setWrap' as const, to: { portionG: 31 } },
    { do: 'changeLine' as const, id: 'salt', to: { amount: 2 } },
    { do: 'removeLine' as const, id: 'ginger' },
    { do: 'noteOutcome' as const, outcome: { what: 'bland' as const, much: 'clearly' as const, where: null }, at: AT },
  ].reduce(apply, turkey);
  expect(differences(turkey, other, DEFAULT_KITCHEN)).toEqual([
    { what: 'Ginger', one: '8 g', other: '' },
    { what: 'Salt', one: '4 g', other: '2 g' },
    { what: 'Filling in each', one: '28 g', other: '31 g' },
    { what: 'Came out', one: '', other: 'bland' },
  ]);
  expect(differences(turkey, turkey, DEFAULT_KITCHEN)).toEqual([]);
  // What only the other one has is said, too.
  expect(differences(other, turkey, DEFAULT_KITCHEN).map(({ what }) => what)).toContain('Ginger');
});

it('versions stand in their order, and the next one counts on', () => {
  const second = { ...haddock, id: 'b', lineage: { ...haddock.lineage, number: 2, parentId: haddock.id } };
  expect(firstVersions([turkey, second, haddock], haddock.lineage.thing).map((b) => b.id)).toEqual([haddock.id, 'b']);
  expect(nextNumber([haddock, second])).toBe(3);
  expect(nextNumber([])).toBe(1);
});

it('notes are text that Markdown reads as it was meant', () => {
  const text = notesToMarkdown(soggy, () => '5 December 2026');
  expect(text).toMatch(/^# Smoked haddock and leek pan pie\n/);
  expect(text).toContain('Version 1, 5 December 2026: 2 covered pan pies, baked.');
  expect(text).toContain('- soggy, a little (bottom)');
  expect(text).toContain('- Cut after: 12 min');
  expect(text).toContain('- Aunt Zoë so-so');
  expect(text).toContain('Drier \\*next\\* time');
  expect(text).toMatch(/## The filling\n\n- .*haddock|leek/i);
  // Nothing is headed that has nothing under it.
  expect(notesToMarkdown(pumpkin, () => 'x')).not.toContain('## What came out');
});
