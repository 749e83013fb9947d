/** A file that was opened: a batch, or a recipe (schema.org, JSON or a saved page) as a new batch. */
import { isId } from '../stored/is-id';
import { type ReadResult, wrongFile } from '../stored/problem';
import { readBatch } from '../stored/read';
import { type Batch } from '../stored/schema';
import { batchFromRecipe } from '../formats/recipe-to-batch';
import { isTooDeep } from './nesting';
import { readRecipe } from './recipe';

/**
 * Reads a file's text.
 * @param fresh the id and the time for a batch that is new here
 * @returns the batch, or the problems of a file that is none
 */
export function readFile(text: string, fresh: { id: string; at: string }): ReadResult<Batch> {
  // A byte order mark is how some programs begin a text file.
  const plain = text.replace(/^\uFEFF/, '').trimStart();
  if (plain.startsWith('<')) return fromRecipe(plain, fresh);
  if (isTooDeep(plain)) return wrongFile('is nested too deeply for a batch or a recipe');
  const json = parseJson(plain);
  if (json === undefined) return wrongFile('is neither JSON nor a saved page');
  if (typeof json === 'object' && json !== null && 'format' in json) return readBatch(withSafeId(json, fresh.id));
  const recipe = fromRecipe(plain, fresh);
  return recipe.ok || typeof json === 'object' ? recipe : readBatch(json);
}

/** An id that would lead elsewhere in an address or a key is made anew: it means nothing outside of the file. */
function withSafeId(json: object, id: string): object {
  return 'id' in json && typeof json.id === 'string' && !isId(json.id) ? { ...json, id } : json;
}

function fromRecipe(text: string, fresh: { id: string; at: string }): ReadResult<Batch> {
  const recipe = readRecipe(text);
  return recipe.ok ? { ok: true, value: batchFromRecipe(recipe.value, fresh) } : recipe;
}

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
