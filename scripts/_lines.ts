import { RECIPE_LINES } from '../test/recipe-lines/lines';
import { readLines } from '../src/core/recipe/read-lines';
let right = 0,
  wrongFood = 0,
  n = 0;
for (const row of RECIPE_LINES.trim().split('\n')) {
  const [text, want] = row.split(' > ');
  n++;
  const read = readLines(text, 'cooked', []);
  const got =
    read.kind === 'note'
      ? 'note'
      : read.lines
          .map((l) => `${l.parsed.ingredientId ?? '?'} ${l.parsed.grams ?? '-'} ${l.line?.preparation ?? '-'}`)
          .join(' + ');
  const wants = want.split(' + '),
    gots = read.kind === 'note' ? ['note'] : read.lines.map((l) => l);
  let ok = wants.length === gots.length;
  let wf = false;
  wants.forEach((w, i) => {
    const [id, ...rest] = w.trim().split(' ');
    if (id === 'note') {
      if (read.kind !== 'note') ok = false;
      return;
    }
    if (read.kind === 'note') {
      ok = false;
      return;
    }
    const g = read.lines[i];
    if (!g) {
      ok = false;
      return;
    }
    if (g.parsed.ingredientId !== id) {
      ok = false;
      if (g.parsed.ingredientId) wf = true;
    }
    const grams = rest.find((r) => /^[\d.]+$/.test(r));
    const prep = rest.find((r) => !/^[\d.]+$/.test(r));
    if (grams && (g.parsed.grams === null || Math.abs(g.parsed.grams - Number(grams)) > 0.03 * Number(grams) + 0.6))
      ok = false;
    if (prep && g.line?.preparation !== prep) ok = false;
  });
  if (ok) right++;
  else console.log((wf ? 'WRONG FOOD ' : '') + text, '\n     want', want, '| got', got);
  if (wf) wrongFood++;
}
console.log(right, 'of', n, 'wrong food', wrongFood);
