import * as fc from 'fast-check';
import { lanternSupper } from '@/data/demo';
import { assess } from '@/core/batch/assess';
import { DEFAULT_KITCHEN } from '@/core/batch/kitchen';
import { CUTS, STAGES } from '@/core/batch/vocabulary';
import { CATALOGUE } from '@/core/food/catalogue';
import { ledgerToCsv, linesFromCsv, linesToCsv, parseCsv } from '@/core/formats/csv';
import { ingredientText, readRecipe, toRecipe } from '@/core/formats/recipe';
import { parseLine } from '@/core/recipe/parse-line';
import { LINE_UNITS } from '@/core/units/units';
import { type Line } from './make-lines';

const [turkey] = lanternSupper('2026-12-05T15:00:00Z');

const anyLine: fc.Arbitrary<Line> = fc.record({
  id: fc.string({ minLength: 1, maxLength: 12 }),
  ingredientId: fc.constantFrom(...CATALOGUE.map((i) => i.id)),
  amount: fc.double({ min: 0.01, max: 5000, noNaN: true }),
  unit: fc.constantFrom(...LINE_UNITS),
  preparation: fc.constantFrom('raw', 'sweated'),
  weighed: fc.constantFrom('raw' as const, 'ready' as const),
  stage: fc.constantFrom(...STAGES),
  cut: fc.option(fc.constantFrom(...CUTS)),
  ticked: fc.boolean(),
  note: fc.string({ maxLength: 60 }).map((text) => text.replace(/\r/g, '')),
});

describe('CSV', () => {
  it('lines come in again unchanged, whatever is in the notes', () => {
    fc.assert(
      fc.property(fc.array(anyLine, { maxLength: 8 }), (lines) => {
        expect(linesFromCsv(linesToCsv(lines))).toEqual({ ok: true, value: lines });
      }),
    );
  });

  it('names the row and the column that are wrong', () => {
    const text = linesToCsv(turkey.lines).replace('420,g', '-420,stone');
    const result = linesFromCsv(text);
    expect(result.ok ? [] : result.problems).toEqual([
      expect.stringContaining('row 3, unit: would be g, kg'),
      'row 3, amount: would be a number above 0',
    ]);
    expect(linesFromCsv('a,b\r\n1,2\r\n').ok).toBe(false);
  });

  it('the ledger’s table adds up', () => {
    const rows = parseCsv(ledgerToCsv(assess(turkey, DEFAULT_KITCHEN, null).ledger));
    const figure = (what: string) => Number(rows.find((row) => row[0] === what)?.[2]);
    const out = ['cooked off', 'drained', 'steamed off', 'held', 'free'].reduce((sum, what) => sum + figure(what), 0);
    expect(out).toBeCloseTo(figure('brought in'), 0);
  });
});

describe('schema.org Recipe', () => {
  it('goes out and comes in with every ingredient and its grams', () => {
    for (const batch of lanternSupper('2026-12-05T15:00:00Z')) {
      const result = readRecipe(JSON.stringify(toRecipe(batch)));
      if (!result.ok) throw new Error(result.problems.join());
      expect(result.value.name).toBe(batch.title);
      expect(result.value.count).toBe(batch.count);
      expect(result.value.ingredients.map((text) => parseLine(text).ingredientId)).toEqual(
        batch.lines.map((l) => l.ingredientId),
      );
    }
    expect(ingredientText(turkey.lines[0], [])).toBe('60 g Leek, sweated, finely sliced, soft but not brown');
  });

  it('is found inside a saved page, in a graph, with sections of steps', () => {
    const page = `<!doctype html><html><script type="application/ld+json">{"broken": </script>
      <script type="application/ld+json">{"@graph":[{"@type":"WebPage"},{"@type":["Recipe"],"name":"Winter &amp; leek pies",
      "recipeYield":["12","12 pies"],"recipeIngredient":["&frac12; cup milk"," 300&nbsp;g leeks, sliced ",7],
      "recipeInstructions":[{"@type":"HowToSection","itemListElement":[{"@type":"HowToStep","text":"Sweat."},{"text":"Fill."}]},"Bake."]}]}</script></html>`;
    expect(readRecipe(page)).toEqual({
      ok: true,
      value: {
        name: 'Winter & leek pies',
        count: 12,
        ingredients: ['½ cup milk', '300 g leeks, sliced', '7'],
        steps: ['Sweat.', 'Fill.', 'Bake.'],
      },
    });
  });

  it('says what a file is not', () => {
    const problem = (text: string) => {
      const result = readRecipe(text);
      return result.ok ? '' : result.problems[0];
    };
    expect(problem('{"@type":"Thing"}')).toContain('holds no schema.org Recipe');
    expect(problem('<p>no recipe</p>')).toContain('neither JSON nor a page');
    expect(problem('{"@type":"Recipe","name":"x"}')).toContain('recipeIngredient: is empty');
  });
});
