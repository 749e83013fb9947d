/** What the reading worker can be asked: texts of any length, read where nobody is typing. */
import { readFile } from '../core/formats/read-file';
import { readLine } from '../core/recipe/read-line';
import { type OwnIngredient } from '../core/food/own-ingredient';

export const readerApi = {
  readFile,
  readLines: (texts: readonly string[], own: readonly OwnIngredient[]) => texts.map((text) => readLine(text, own)),
};
export type ReaderApi = typeof readerApi;
