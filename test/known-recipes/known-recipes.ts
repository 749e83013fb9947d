/** Whole recipes in households' words, with what a careful reader would understand: read from the texts beside this file. */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

export interface KnownRecipe {
  name: string;
  text: string;
  /** Field by field what is expected: a pattern, a number, a span. */
  expected: Readonly<Record<string, string>>;
}

const DIVIDER = '=== expected';

const recipeIn = (file: string): KnownRecipe => {
  const [text, rows] = readFileSync(path.join(__dirname, file), 'utf8').split(DIVIDER);
  const expected = Object.fromEntries(
    rows
      .trim()
      .split('\n')
      .map((row) => [row.slice(0, row.indexOf(':')), row.slice(row.indexOf(':') + 1).trim()]),
  );
  return { name: file.replace('.txt', ''), text: text.trim(), expected };
};

export const KNOWN_RECIPES: readonly KnownRecipe[] = readdirSync(__dirname)
  .filter((file) => file.endsWith('.txt'))
  .sort()
  .map(recipeIn);
