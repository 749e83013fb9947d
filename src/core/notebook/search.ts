/** Finding a batch again: by its name, what is in it, its form, what came out, and the cook's words. */
import { type Batch } from '../stored/schema';
import { FORMS } from '../forms';
import { METHODS } from '../vocabulary/methods';
import { OUTCOMES } from '../vocabulary/outcomes';
import { lookUp } from '../food/larder';

/** What is said of a batch, drawn up once: a batch that is changed is another object. */
const texts = new WeakMap<Batch, string>();

const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

function allSaid(batch: Batch): string {
  const remembered = texts.get(batch);
  if (remembered !== undefined) return remembered;
  const { wrap, cook, note, lines, ingredients, lineage } = batch;
  const text = plain(
    [
      batch.title,
      FORMS[wrap.form].label,
      FORMS[wrap.form].plural,
      METHODS[cook.method].done,
      ...lines.map((l) => `${lookUp(ingredients, l.ingredientId)?.name ?? l.ingredientId} ${l.note}`),
      ...note.outcomes.map(({ what }) => OUTCOMES[what].label),
      ...note.tasters.map(({ who }) => who),
      note.forWhom,
      note.words,
      ...lineage.changed,
    ].join('\n'),
  );
  texts.set(batch, text);
  return text;
}

/** The batches of which every word of a question is said somewhere, in their order; all of them where nothing is asked. */
export function searchBatches(batches: readonly Batch[], question: string): Batch[] {
  const words = plain(question)
    .split(/\s+/)
    .filter((word) => word !== '');
  return batches.filter((batch) => words.every((word) => allSaid(batch).includes(word)));
}

/** What stands in the Notebook: done, or noted; what was noted last first. */
export const notedBatches = (batches: readonly Batch[]): Batch[] =>
  batches
    .filter((b) => b.doneAt !== null || b.note.outcomes.length > 0 || b.note.words.trim() !== '')
    .sort((a, b) => (lastOf(b) < lastOf(a) ? -1 : 1));

const lastOf = ({ doneAt, note, updatedAt }: Batch): string => doneAt ?? note.at ?? updatedAt;
