/** What a pasted recipe puts into the batch: its lines, what is not counted as a note, and of a new batch title and count. */
import { countInWords } from '@/core/stored/create';
import { type Operation } from '@/core/stored/operations';
import { type Batch, type Line } from '@/core/stored/schema';
import { type Kitchen } from '@/core/stored/kitchen-schema';
import { type WholeRecipe } from '@/core/recipe/whole';
import { SALT_ID } from '@/core/food/ingredient';
import { MOST } from '@/core/vocabulary/limits';
import { keepOwn } from '../keep-own';
import { type ReadItem, type Reading } from './use-read-lines';
import * as phrases from './words';

/** Salt without an amount: so much as is usual. */
export const isByTaste = ({ line, question, parsed }: ReadItem['food']): boolean =>
  line === null && question === null && parsed.ingredientId === SALT_ID;

/** What does not go into the filling, each with why. */
export const notesOf = ({ lines, recipe }: Reading): string[] => [
  ...lines.flatMap(({ text, read }) => (read?.kind === 'note' ? [`${text} (${read.why})`] : [])),
  ...lines.flatMap(({ read }) =>
    read?.kind === 'lines'
      ? read.lines.flatMap((food) => (isByTaste(food) ? [phrases.byTaste(food.parsed.text)] : []))
      : [],
  ),
  ...recipe.others.map((line) => phrases.notInFilling(line)),
];

export interface ShownItem extends ReadItem {
  isKept: boolean;
}

/** The line that an item becomes. */
export function lineOfItem({ food: { line }, from, isKept }: ShownItem, id: string): Line | null {
  if (line === null) return null;
  const fromMethod = isKept ? null : from;
  const note =
    fromMethod === null ? line.note : [line.note, `“${fromMethod.sentence}”`].filter((part) => part !== '').join('; ');
  return { ...line, ...fromMethod?.to, id, note: note.length <= MOST.note ? note : line.note };
}

/** What was not understood, line by line, and what is beyond those that are read at once: it stays, to be put right. */
export const leftOpen = ({ lines, beyond }: Reading): string[] => [
  ...lines.flatMap(({ text, read }) =>
    read?.kind === 'lines' && read.lines.some((food) => food.question !== null) ? [text] : [],
  ),
  ...beyond,
];

/** The note of the batch with what was left out and how it is made, as long as it may be. */
const noteWith = (batch: Batch, notes: readonly string[], steps: readonly string[]): string =>
  [batch.note.words, ...notes, ...steps.map((step, i) => `${i + 1}. ${step}`)]
    .filter((part) => part !== '')
    .join('\n')
    .slice(0, MOST.words);

/**
 * Everything that goes into the batch by one tap.
 * @param taken lines with ids of their own
 */
export function operationsFor(
  taken: readonly Line[],
  { batch, kitchen, reading }: { batch: Batch; kitchen: Kitchen; reading: Reading },
): Operation[] {
  const { recipe } = reading;
  const words = noteWith(batch, notesOf(reading), recipe.steps);
  return [
    ...taken.flatMap((line): Operation[] => [...keepOwn(kitchen, line.ingredientId), { do: 'addLine', line }]),
    ...(words === batch.note.words ? [] : [{ do: 'setNote', to: { words } } as const]),
    ...(batch.lines.length === 0 ? ofNewBatch(batch, recipe) : []),
  ];
}

/** A batch that held nothing takes title and count from the recipe. */
function ofNewBatch({ wrap }: Batch, recipe: WholeRecipe): Operation[] {
  const count = countInWords(wrap.form, recipe);
  return [
    ...(recipe.title === null ? [] : [{ do: 'setBatch', to: { title: recipe.title.slice(0, MOST.title) } } as const]),
    ...(count === null ? [] : [{ do: 'setBatch', to: { count } } as const]),
  ];
}
