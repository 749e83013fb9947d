import { problemWords } from '@/core/stored/problem';
import * as fc from 'fast-check';
import { lanternSupper } from '@/data/demo';
import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { CUTS } from '@/core/vocabulary/cuts';
import { STAGE_IDS } from '@/core/vocabulary/stages';
import { catalogue } from '@/core/food/catalogue';
import Papa from 'papaparse';
import { isId } from '@/core/stored/is-id';
import { readLine } from '@/core/stored/read';
import { ledgerToCsv, linesToCsv } from '@/core/formats/csv';
import { linesFromCsv as fromCsv } from '@/core/formats/lines-from-csv';
import { readFile } from '@/core/formats/read-file';
import { readRecipe } from '@/core/formats/recipe';
import { ingredientText, toRecipe } from '@/core/formats/to-recipe';
import { parseLine } from '@/core/recipe/parse-line';
import { LINE_UNITS } from '@/core/vocabulary/line-units';
import { type Line } from './make-lines';
import { randomRuns } from '../random-runs';

const [turkey] = lanternSupper('2026-12-05T15:00:00Z');
const linesFromCsv = (text: string) => fromCsv(text, readLine);
const FRESH = { id: 'fresh', at: '2026-12-05T15:00:00Z' };

const anyLine: fc.Arbitrary<Line> = fc.record({
  id: fc.string({ minLength: 1, maxLength: 12 }).filter(isId),
  ingredientId: fc.constantFrom(...catalogue().map((i) => i.id)),
  amount: fc.double({ min: 0.01, max: 5000, noNaN: true }),
  unit: fc.constantFrom(...LINE_UNITS),
  preparation: fc.constantFrom('raw', 'sweated'),
  weighed: fc.constantFrom('raw' as const, 'ready' as const),
  stage: fc.constantFrom(...STAGE_IDS),
  cut: fc.option(fc.constantFrom(...CUTS)),
  ticked: fc.boolean(),
  note: fc.string({ maxLength: 60 }).map((text) => text.replace(/\r/g, '')),
});

describe('CSV', () => {
  it('lines come in again unchanged, whatever is in the notes', () => {
    fc.assert(
      fc.property(fc.uniqueArray(anyLine, { maxLength: 8, selector: (line) => line.id }), (lines) => {
        expect(linesFromCsv(linesToCsv(lines))).toEqual({ ok: true, value: lines });
      }),
    );
  });

  it('names the row and the column that are wrong', () => {
    const text = linesToCsv(turkey.lines).replace('420,g', '-420,stone');
    const result = linesFromCsv(text);
    expect(result.ok ? [] : result.problems.map(problemWords)).toEqual([
      'row 3, amount: must be above 0',
      expect.stringContaining('row 3, unit: '),
    ]);
    expect(linesFromCsv('a,b\r\n1,2\r\n').ok).toBe(false);
  });

  it('no cell begins like a formula, and what is read back is what was written', () => {
    const notes = ['=1+1', '+49', '-', '@sum', "'=x", '\tx', "it's"];
    const lines = notes.map((note, i) => ({ ...turkey.lines[0], id: `l${i}`, note }));
    const table = linesToCsv(lines);
    const cells = Papa.parse<string[]>(table).data.flat();
    expect(cells.filter((cell) => /^[=+\-@\t]/.test(cell))).toEqual([]);
    expect(linesFromCsv(table)).toEqual({ ok: true, value: lines });
  });

  it('a row without an id, or with one that is taken, gets its own; a spreadsheet’s separator and mark are understood', () => {
    const [one] = turkey.lines;
    const table = linesToCsv([one, one, { ...one, id: 'x' }]).replace(/^x,/m, ',');
    const read = linesFromCsv(`\uFEFF${table.replace(/,/g, ';')}`);
    expect(read.ok && new Set(read.value.map((l) => l.id)).size).toBe(3);
  });

  it('a table longer than a batch is refused without being read through', () => {
    const row = linesToCsv([turkey.lines[0]]).split('\r\n')[1];
    const table = `${linesToCsv([]).trim()}\r\n${`${row}\r\n`.repeat(60_000)}`;
    expect(linesFromCsv(table)).toMatchObject({
      ok: false,
      problems: [{ path: '(table)', text: 'takes at most 200 rows' }],
    });
  });

  it('takes whatever is no table without a word thrown', () => {
    const columns = linesToCsv([]).trim();
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom('', 'g', 'raw-mix', '12', '-1', 'raw', 'ready'),
    );
    const row = fc.array(cell, { maxLength: 12 });
    fc.assert(
      fc.property(fc.array(row, { maxLength: 6 }), fc.string({ maxLength: 200 }), (rows, tail) => {
        const read = linesFromCsv(`${columns}\r\n${rows.map((cells) => cells.join(',')).join('\r\n')}\r\n${tail}`);
        // What is accepted is lines of a batch.
        if (read.ok) for (const line of read.value) expect(readLine(line).ok).toBe(true);
        else expect(read.problems.length).toBeGreaterThan(0);
      }),
      { numRuns: randomRuns(400), seed: 8 },
    );
  });

  it('the ledger’s table adds up', () => {
    const rows = Papa.parse<string[]>(ledgerToCsv(assess(turkey, DEFAULT_KITCHEN, null).ledger)).data;
    const figure = (what: string) => Number(rows.find((row) => row[0] === what)?.[2]);
    const out = ['cooked off', 'drained', 'steamed off', 'held', 'free'].reduce((sum, what) => sum + figure(what), 0);
    expect(out).toBeCloseTo(figure('brought in'), 0);
  });
});

describe('schema.org Recipe', () => {
  it('goes out and comes in with every ingredient and its grams', () => {
    for (const batch of lanternSupper('2026-12-05T15:00:00Z')) {
      const result = readRecipe(JSON.stringify(toRecipe(batch)));
      if (!result.ok) throw new Error(JSON.stringify(result.problems));
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
      return result.ok ? '' : problemWords(result.problems[0]);
    };
    expect(problem('{"@type":"Thing"}')).toContain('holds no schema.org Recipe');
    expect(problem('<p>no recipe</p>')).toContain('neither JSON nor a page');
    expect(problem('{"@type":"Recipe","name":"x"}')).toContain('recipeIngredient: is empty');
  });
});

describe('a file that is opened', () => {
  const json = (change: object) => JSON.stringify({ ...turkey, ...change });

  it('with an id that leads elsewhere gets a new one', () => {
    for (const id of ['../kitchen', 'a/b', 'a?b', 'a#b', '..', 'a%2Fb', ' a']) {
      expect(readFile(json({ id }), FRESH)).toMatchObject({ ok: true, value: { id: 'fresh', title: turkey.title } });
    }
    expect(readFile(json({ id: 7 }), FRESH).ok).toBe(false);
    expect(readFile(`\uFEFF${json({})}`, FRESH)).toEqual({ ok: true, value: turkey });
  });

  it('nested without end is refused in words, as JSON and as a page', () => {
    const deep = '['.repeat(200_000);
    for (const text of [deep, `{"a":${deep}`, `<script type="application/ld+json">${deep}</script>`]) {
      const read = readFile(text, FRESH);
      expect(read.ok ? [] : read.problems.map(problemWords)).toEqual([expect.stringContaining('nested too deeply')]);
    }
    // Brackets in a text are no nesting.
    expect(readFile(json({ note: { ...turkey.note, words: '['.repeat(300) } }), FRESH).ok).toBe(true);
  });

  it('a megabyte of tags is read once through: four times as many take not sixteen times as long', () => {
    const read = (many: number) => {
      const tags = '<'.repeat(many);
      const recipe = { '@type': 'Recipe', name: tags, recipeIngredient: ['1 leek', tags], recipeInstructions: tags };
      const began = performance.now();
      const found = readFile(JSON.stringify(recipe), FRESH);
      readFile(tags, FRESH);
      readFile(`<script type="application/ld+json">${tags}`, FRESH);
      return { found, ms: performance.now() - began };
    };
    read(10_000);
    const [less, more] = [read(250_000), read(1_000_000)];
    expect(more.ms / less.ms).toBeLessThan(10);
    expect(more.found.ok && more.found.value.lines.length).toBe(2);
  });

  it('whatever it holds, is a valid batch or problems in words', () => {
    const leaf = fc.oneof(fc.string({ maxLength: 30 }), fc.integer(), fc.constant(null), fc.boolean());
    const keys = [
      '@type',
      '@graph',
      'name',
      'recipeIngredient',
      'recipeYield',
      'recipeInstructions',
      'text',
      'itemListElement',
    ];
    const node = fc.letrec((tie) => ({
      value: fc.oneof({ depthSize: 'small' }, leaf, fc.constant('Recipe'), tie('list'), tie('object')),
      list: fc.array(tie('value'), { maxLength: 4 }),
      object: fc.dictionary(fc.constantFrom(...keys), tie('value'), { maxKeys: 6 }),
    })).object;
    fc.assert(
      fc.property(node, fc.boolean(), (value, isPage) => {
        const text = JSON.stringify({ '@type': 'Recipe', ...(value as object) });
        const read = readFile(isPage ? `<html><script type="application/ld+json">${text}</script>` : text, FRESH);
        if (read.ok) expect(readFile(JSON.stringify(read.value), FRESH)).toEqual(read);
        else expect(read.problems.every(({ text }) => text.length > 5)).toBe(true);
      }),
      { numRuns: randomRuns(300), seed: 8 },
    );
  });
});
