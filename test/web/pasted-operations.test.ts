/** What a pasted recipe does to a batch, read as the worker reads it. */
import { beginBatch } from '@/core/stored/create';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { readLines } from '@/core/recipe/read-lines';
import { takeApart } from '@/core/recipe/whole';
import { leftOpen, lineOfItem, operationsFor } from '@/screens/batch/fill/pasted-operations';
import { type Reading } from '@/screens/batch/fill/use-read-lines';

const RECIPE = `Barley and beet half-moons
Makes 18

300 g beetroot, grated
200 g cooked pearl barley
salt to taste
40 g moonwort pollen

1. Fry the beetroot.
2. Fold in the barley.`;

/** As `useReadLines` hands it over once all is read. */
function read(text: string): Reading {
  const recipe = takeApart(text);
  const lines = recipe.ingredients.map((line) => ({ text: line, read: readLines(line, 'cooked') }));
  const items = lines.flatMap(({ text: line, read: of }) =>
    of.kind === 'lines' ? of.lines.map((food) => ({ text: line, food, from: null })) : [],
  );
  return { recipe, lines, items, done: lines.length, beyond: [], problem: null };
}

const empty: Batch = beginBatch({
  id: 'b1',
  title: 'New',
  form: 'half-moon',
  count: 12,
  school: 'cooked',
  at: '2026-12-05T15:00:00Z',
});
const takenFrom = ({ items }: Reading) =>
  items.flatMap((item, i) => lineOfItem({ ...item, isKept: false }, `l${i}`) ?? []);
const pasted = (batch: Batch): Batch => {
  const reading = read(RECIPE);
  return operationsFor(takenFrom(reading), { batch, kitchen: DEFAULT_KITCHEN, reading }).reduce(apply, batch);
};

test('an empty batch takes lines, title, count, and how it is made', () => {
  const batch = pasted(empty);
  expect(batch.lines.map(({ amount }) => amount)).toEqual([300, 200]);
  expect(batch.title).toBe('Barley and beet half-moons');
  expect(batch.count).toBe(18);
  expect(batch.note.words).toMatch(/1\. Fry the beetroot\.\n2\. Fold in the barley\.$/);
});

test('a batch that holds something keeps its title and count', () => {
  const begun = pasted(empty);
  const mine: Batch = { ...begun, title: 'Mine', count: 7 };
  const batch = pasted(mine);
  expect(batch).toMatchObject({ title: 'Mine', count: 7 });
  expect(batch.lines).toHaveLength(4);
});

test('a line that asks something stays, with what is beyond', () => {
  const reading = { ...read(RECIPE), beyond: ['100 g dill'] };
  expect(leftOpen(reading)).toEqual(['40 g moonwort pollen', '100 g dill']);
});

test('what is not to be as the method says keeps its own stage; the sentence stands with what is', () => {
  const [item] = read(RECIPE).items;
  const from = { sentence: 'Fry the beetroot.', to: { stage: 'off-heat' } } as const;
  expect(lineOfItem({ ...item, from, isKept: true }, 'x')).toMatchObject({ stage: item.food.line?.stage });
  const asSaid = lineOfItem({ ...item, from, isKept: false }, 'x');
  expect(asSaid?.stage).toBe('off-heat');
  expect(asSaid?.note).toContain('“Fry the beetroot.”');
});
