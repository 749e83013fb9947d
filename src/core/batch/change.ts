/** The only way a document changes: operations are applied, and what comes of them is checked before anybody stores it. */
import { lookUp } from '../food/larder';
import { type Kitchen, KITCHEN_FORMAT } from './kitchen';
import { kitchenSchema } from './kitchen-schema';
import { applyToKitchen, type KitchenOperation } from './kitchen-operations';
import { apply, type Operation } from './operations';
import { type z } from '../zod';
import { problemsOf } from './read';
import { type Batch, batchSchema } from './schema';

export type Changed<Document> = { ok: true; document: Document } | { ok: false; problems: string[] };

/**
 * Changes a document.
 * @returns the document, valid; or what stands against it, in the cook's words: `Wheat flour: must be at most 50 000`
 */
export function change(document: Batch, operations: readonly Operation[]): Changed<Batch>;
export function change(document: Kitchen, operations: readonly KitchenOperation[]): Changed<Kitchen>;
export function change(
  document: Batch | Kitchen,
  operations: readonly Operation[] | readonly KitchenOperation[],
): Changed<Batch> | Changed<Kitchen> {
  if (document.format === KITCHEN_FORMAT) {
    const after = (operations as readonly KitchenOperation[]).reduce(applyToKitchen, document);
    return checked(document, after, kitchenSchema.shape, (path) => nameInKitchen(after, path));
  }
  const after = (operations as readonly Operation[]).reduce(apply, document);
  return checked(document, after, batchSchema.shape, (path) => nameInBatch(after, path));
}

/**
 * Checks what has changed: the document was valid, and its parts are never altered in place, so a part that is the same
 * object is still valid. That keeps an edit of a large batch as light as one of a small one.
 */
function checked<Document extends object>(
  before: Document,
  after: Document,
  shape: Record<string, z.ZodType>,
  nameOf: (path: string) => string,
): Changed<Document> {
  const problems: string[] = [];
  const result = { ...after } as Record<string, unknown>;
  for (const [field, value] of Object.entries(after)) {
    if (value === (before as Record<string, unknown>)[field]) continue;
    if (!(field in shape)) {
      problems.push(`${field}: is not a known field`);
      continue;
    }
    const read = shape[field].safeParse(value);
    if (!read.success) problems.push(...problemsOf(read.error, field));
    // The validator takes blanks off a text. Of all else its copy is not needed: what did not change stays the same object.
    else if (typeof read.data === 'string') result[field] = read.data;
  }
  if (problems.length === 0) return { ok: true, document: result as Document };
  return {
    ok: false,
    problems: problems.map((problem) => {
      const colon = problem.indexOf(': ');
      return `${nameOf(problem.slice(0, colon))}${problem.slice(colon)}`;
    }),
  };
}

/** Fields by the words that stand beside them on screen. */
const WORDS: Record<string, string> = {
  title: 'Name of the batch',
  count: 'Parcels',
  lines: 'The filling',
  ingredients: 'Ingredients of your own',
  'water.panG': 'Empty pan',
  'water.drainedG': 'Drained and weighed',
  'water.estimate.grams': 'Boiled off',
  'water.estimate.minutes': 'Boiling, lid off',
  'water.estimate.panMm': 'Pan across',
  'water.plannedG': 'Still to boil off',
  'water.weighIns': 'Weigh-ins',
  'season.tastings': 'Tastings',
  'cool.depthMm': 'Depth',
  'cool.vessel.areaCm2': 'Its floor',
  'cool.legs': 'Places before',
  'cool.run.past': 'Places so far',
  'cool.run.readings': 'Readings',
  'wrap.portionG': 'Filling in each',
  'wrap.diameterMm': 'Skin across',
  'wrap.rimMm': 'Rim kept free',
  'wrap.thicknessMm': 'Thickness',
  'wrap.depthMm': 'Pan deep',
  'wrap.doughG': 'Dough at hand',
  'cook.minutes': 'Planned time',
  'cook.readings': 'Readings',
  'note.words': 'In your own words',
  vessels: 'Vessels',
  cooling: 'How it cools here',
  saltTargetPercent: 'Salt you aim for',
};

function nameInBatch(batch: Batch, path: string): string {
  const [list, index, ...field] = path.split('.');
  const line = list === 'lines' && index !== undefined ? batch.lines[Number(index)] : undefined;
  if (!line) return WORDS[path] ?? path;
  const name = lookUp(batch.ingredients, line.ingredientId)?.name ?? `Line ${Number(index) + 1}`;
  const part = field.join(' ');
  return part === 'amount' || part === '' ? name : `${name}, ${part}`;
}

function nameInKitchen(kitchen: Kitchen, path: string): string {
  const [list, index] = path.split('.');
  if (list === 'vessels' && index !== undefined) return kitchen.vessels[Number(index)]?.name ?? path;
  if (list === 'ingredients' && index !== undefined) return kitchen.ingredients[Number(index)]?.name ?? path;
  return WORDS[path] ?? path;
}
