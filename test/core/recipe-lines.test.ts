/** Lines as recipes have them, read: at least 97 in 100 right, and no silent wrong food. */
import { readLines } from '@/core/recipe/read-lines';
import { RECIPE_LINES } from '../recipe-lines/lines';

interface Wanted {
  text: string;
  foods: { id: string; grams: number | null; preparation: string | null }[];
}

const ROWS: Wanted[] = RECIPE_LINES.trim()
  .split('\n')
  .map((row) => {
    const [text, foods] = row.split(' > ');
    return {
      text,
      foods: foods.split(' + ').map((food) => {
        const [id, ...rest] = food.trim().split(' ');
        const grams = rest.find((word) => /^[\d.]+$/.test(word));
        return {
          id,
          grams: grams === undefined ? null : Number(grams),
          preparation: rest.find((word) => !/^[\d.]+$/.test(word)) ?? null,
        };
      }),
    };
  });

const read = ROWS.map((row) => ({ row, got: readLines(row.text, 'cooked') }));

/** What is wrong with how a line was read; nothing where it is right. */
function faults({ row, got }: (typeof read)[number]): string[] {
  if (got.kind === 'note') return row.foods[0].id === 'note' ? [] : [`${row.text}: taken for a note`];
  if (row.foods[0].id === 'note') return [`${row.text}: counted`];
  if (got.lines.length !== row.foods.length) return [`${row.text}: ${got.lines.length} foods`];
  return row.foods.flatMap(({ id, grams, preparation }, i) => {
    const { parsed, line } = got.lines[i];
    const wrong: string[] = [];
    if (parsed.ingredientId !== id) wrong.push(`${row.text}: ${parsed.ingredientId ?? 'not known'} for ${id}`);
    if (grams !== null && Math.abs((parsed.grams ?? 0) - grams) > 0.03 * grams + 0.6) {
      wrong.push(`${row.text}: ${parsed.grams ?? 'no'} g for ${grams}`);
    }
    if (preparation !== null && line?.preparation !== preparation) {
      wrong.push(`${row.text}: ${line?.preparation ?? 'nothing'} for ${preparation}`);
    }
    return wrong;
  });
}

it('are at least 250', () => expect(ROWS.length).toBeGreaterThanOrEqual(250));

it('at least 97 in 100 are right', () => {
  const wrong = read.map(faults).filter((words) => words.length > 0);
  expect(wrong.length / ROWS.length).toBeLessThanOrEqual(0.03);
});

it('none becomes another food in silence', () => {
  const other = read.flatMap(({ row, got }) =>
    got.kind === 'note'
      ? []
      : got.lines.flatMap(({ parsed: { ingredientId } }, i) =>
          ingredientId !== null && row.foods[i] && row.foods[i].id !== 'note' && ingredientId !== row.foods[i].id
            ? [`${row.text}: ${ingredientId}`]
            : [],
        ),
  );
  expect(other).toEqual([]);
});

it.each([
  '300 ml beef stock',
  '1 kg floury potatoes',
  '400 g mixed mince',
  'minced pork shoulder',
  '200 g cooked peeled prawns',
  '2 eggs, hard-boiled',
])('“%s” is not the food its other words name', (text) => {
  const got = readLines(text, 'cooked');
  const id = got.kind === 'lines' ? got.lines[0].parsed.ingredientId : null;
  expect(['beef-chuck', 'potato-starch', 'herbs-fresh', 'pork-shoulder', 'prawns', 'egg']).not.toContain(id);
  expect(id).not.toBeNull();
});

it.each([
  '300 g snozzle root',
  'ham and pea soup, 400 ml',
  '2 chicken pies',
  '1 gnome burger',
  'a mousse of something',
])('“%s” is a question, never a guess', (text) => {
  const got = readLines(text, 'cooked');
  if (got.kind !== 'lines') throw new Error('a note');
  expect(got.lines.some(({ question }) => question !== null)).toBe(true);
  expect(got.lines.filter(({ line }) => line !== null)).toEqual([]);
});
