/** What the reading worker can be asked: texts of any length, read where nobody is typing. */
import { readLine as checkLine } from '../core/document/read';
import { linesFromCsv } from '../core/formats/lines-from-csv';
import { readFile } from '../core/formats/read-file';
import { readLine } from '../core/recipe/read-line';
import { type OwnIngredient } from '../core/food/own-ingredient';

export const readerApi = {
  readFile,
  readTable: (text: string) => linesFromCsv(text, checkLine),
  readLines: (texts: readonly string[], own: readonly OwnIngredient[]) => texts.map((text) => readLine(text, own)),
};
export type ReaderApi = typeof readerApi;
