/** What the reading worker can be asked: texts of any length, read where nobody is typing. */
import { readLine as checkLine } from '../core/stored/read';
import { linesFromCsv } from '../core/formats/lines-from-csv';
import { planOfText } from '../core/formats/plan-of-text';
import { readFile } from '../core/formats/read-file';
import { type School } from '../core/vocabulary/schools';
import { type Line } from '../core/stored/schema';
import { methodOf } from '../core/recipe/pasted';
import { saltToTasteG } from '../core/recipe/salt-to-taste';
import { type ReadFood, readLines } from '../core/recipe/read-lines';
import { type PlanSaid, type RecipePlan } from '../core/recipe/plan';
import { type OwnIngredient } from '../core/food/own-ingredient';

export const readerApi = {
  readFile,
  /** @param id of the first batch; further ones are numbered */
  readPlan: (
    text: string,
    { id, at }: { id: string; at: string },
    own: readonly OwnIngredient[],
    corrections: readonly PlanSaid[],
  ): RecipePlan => planOfText(text, { id: (n) => (n === 0 ? id : `${id}-${n + 1}`), at }, own, corrections),
  readTable: (text: string) => linesFromCsv(text, checkLine),
  readLines: (texts: readonly string[], school: School, own: readonly OwnIngredient[]) =>
    texts.map((text) => readLines(text, school, own)),
  saltToTaste: (lines: readonly Line[], own: readonly OwnIngredient[]) => saltToTasteG(lines, own),
  readMethod: (
    foods: readonly Pick<ReadFood, 'line' | 'parsed'>[],
    steps: readonly string[],
    school: School,
    own: readonly OwnIngredient[],
  ) => methodOf(foods, steps, school, own),
};
export type ReaderApi = typeof readerApi;
