import * as fc from 'fast-check';
import { type Problem, problemWords } from '@/core/stored/problem';
import { readBatch, readKitchen, readLine, salvageKitchen } from '@/core/stored/read';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { SCHOOL_IDS } from '@/core/vocabulary/schools';
import { readLines } from '@/core/recipe/read-lines';
import { isSaltToTaste } from '@/core/recipe/to-taste';
import { takeApart } from '@/core/recipe/whole';
import { batchInWords } from '@/core/recipe/to-batch';
import { lanternSupper } from '@/data/demo';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { randomRuns } from '../random-runs';

const DEMO = lanternSupper('2026-12-05T15:00:00.000Z');
const SEEDS = { numRuns: randomRuns(200), seed: 8 };

type Json = unknown;
const strange: fc.Arbitrary<Json> = fc.oneof(
  fc.constantFrom(null, '', ' ', -1, 0, 1e300, NaN, [], {}, '../x', '__proto__', true),
  fc.string({ maxLength: 20 }),
  fc.integer(),
);

/** Puts something strange somewhere into a document: over a value, beside one, or in place of a whole part. */
function spoil(document: Json, steps: readonly number[], value: Json, how: 'replace' | 'add' | 'remove'): Json {
  const copy = structuredClone(document) as Record<string, Json>;
  let at = copy;
  let key = '';
  for (const step of steps) {
    const keys = Object.keys(at);
    if (keys.length === 0) break;
    key = keys[step % keys.length];
    const next = at[key];
    if (typeof next !== 'object' || next === null) break;
    if (step === steps[steps.length - 1]) break;
    at = next as Record<string, Json>;
  }
  if (how === 'remove') delete at[key];
  else if (how === 'add') at[`strange${String(key)}`] = value;
  else at[key] = value;
  return copy;
}

const steps = fc.array(fc.nat(40), { minLength: 1, maxLength: 5 });
const how = fc.constantFrom('replace' as const, 'add' as const, 'remove' as const);
const inWords = (problems: readonly Problem[]) => {
  expect(problems.length).toBeGreaterThan(0);
  for (const problem of problems) expect(problemWords(problem)).toMatch(/^\S.*: .{4,}/);
};

it('a batch with something strange in it is read as it is, or refused in words', () => {
  const old = ['turkey', 'duck-cooling'].map(
    (name) => JSON.parse(readFileSync(path.join(__dirname, `../stored/version-3/${name}.json`), 'utf8')) as Json,
  );
  fc.assert(
    fc.property(fc.constantFrom<Json>(...DEMO, ...old), steps, strange, how, (batch, at, value, way) => {
      const read = readBatch(spoil(batch, at, value, way));
      if (read.ok) expect(readBatch(JSON.parse(JSON.stringify(read.value)))).toEqual(read);
      else inWords(read.problems);
    }),
    SEEDS,
  );
});

it('a kitchen with something strange in it is read or refused, and what can be saved of it is a valid kitchen', () => {
  fc.assert(
    fc.property(steps, strange, how, (at, value, way) => {
      const spoilt = spoil(DEFAULT_KITCHEN, at, value, way);
      const read = readKitchen(spoilt);
      if (!read.ok) inWords(read.problems);
      expect(readKitchen(salvageKitchen(spoilt)).ok).toBe(true);
    }),
    SEEDS,
  );
});

it('a line of whatever letters is read without a word thrown, and what becomes a line is a valid one', () => {
  const word = fc.constantFrom(
    '1', '½', '1/2', '2-3', 'x', 'g', 'kg', 'cup', 'tbsp', 'of', 'or', 'and', 'leek', 'minced pork', 'eggs', 'to taste',
    '(', ')', ',', ';', '—', 'tin', '400', 'juice', 'half a', 'pinch', '\u00a0', '⁄', '١', '🥟',
  ); // prettier-ignore
  const line = fc.oneof(
    fc.array(word, { maxLength: 25 }).map((words) => words.join(' ')),
    fc.string({ maxLength: 260 }),
  );
  fc.assert(
    fc.property(line, fc.constantFrom(...SCHOOL_IDS), (text, school) => {
      const read = readLines(text, school);
      if (read.kind === 'note') {
        expect(read.why.length).toBeGreaterThan(5);
        return;
      }
      expect(read.lines.length).toBeGreaterThan(0);
      expect(read.lines.length).toBeLessThanOrEqual(2);
      for (const { line: made, question, parsed } of read.lines) {
        // Every line is taken, or asks something; salt by taste is left to its check.
        if (made === null) expect(question !== null || parsed.grams === 0 || isSaltToTaste(parsed)).toBe(true);
        else if (made.amount <= 50_000) expect(readLine(made)).toEqual({ ok: true, value: made });
      }
    }),
    { numRuns: randomRuns(200), seed: 8 },
  );
});

it('a recipe of whatever lines becomes a valid batch, and no word of it is lost', () => {
  const line = fc.constantFrom(
    'Sunday pockets', 'Ingredients:', 'Method', 'For the filling:', 'For the dough', 'Makes 24', '500 g minced pork', '2 onions, chopped', 'salt',
    '1. Fry the onions until soft.', 'Squeeze the cabbage, then stir in the pork.', '300 g moonstone', '1 egg, to glaze', '- 1 tsp salt and pepper', '',
    'When cool, add the cheese.', 'a very long sentence about nothing in particular that goes on and on and on until nobody reads it any more',
  ); // prettier-ignore
  fc.assert(
    fc.property(fc.array(line, { maxLength: 25 }), fc.constantFrom(...SCHOOL_IDS), (lines, school) => {
      const recipe = takeApart(lines.join('\n'));
      const kept = [recipe.title ?? '', ...recipe.ingredients, ...recipe.others, ...recipe.steps].join('\n');
      for (const word of ['minced pork', 'moonstone', 'nobody reads']) {
        expect(kept.includes(word)).toBe(lines.join('\n').includes(word));
      }
      const { batch } = batchInWords(
        { title: 'x', form: 'half-moon', school, count: 12, lines: recipe.ingredients, steps: recipe.steps },
        { id: 'x', at: '2026-12-05T15:00:00Z' },
      );
      expect(readBatch(batch).ok).toBe(true);
    }),
    { numRuns: randomRuns(200), seed: 8 },
  );
});
