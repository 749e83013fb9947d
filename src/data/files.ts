/** Batches as files: one JSON document, out and in. */
import * as DocumentPicker from 'expo-document-picker';
import { type ReadResult } from '@/core/batch/read';
import { type Batch } from '@/core/batch/schema';
import { readRecipe } from '@/core/formats/recipe';
import { batchFromRecipe } from '@/core/recipe/to-batch';

/** Larger files are refused before they are read: a batch is a few kilobytes, a saved page seldom more than a few megabytes. */
const MOST_BYTES = 5_000_000;

/** Hands a text to the browser as a file to keep. */
export function download(name: string, text: string, type = 'application/json'): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** A file name from a title. */
export const fileName = (title: string): string =>
  `${
    title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'batch'
  }.json`;

/** Saves a batch as a file. */
export function exportBatch(batch: Batch): void {
  download(fileName(batch.title), `${JSON.stringify(batch, null, 2)}\n`);
}

/** Saves a text under a batch's name with another ending. */
export const saveBeside = (batch: Batch, ending: string, text: string, type: string): void =>
  download(fileName(batch.title).replace(/\.json$/, ending), text, type);

/**
 * Asks for a file and reads it: a batch, or a recipe (schema.org, JSON or a saved page) as a new batch. Nothing is stored.
 * @returns the batch, the problems of a file that is none, or null where the cook chose nothing
 */
export async function pickBatch(fresh: {
  id: string;
  at: string;
}): Promise<{ name: string; result: ReadResult<Batch> } | null> {
  const picked = await DocumentPicker.getDocumentAsync({
    type: ['application/json', 'text/html', '.json', '.jsonld', '.html', '.htm'],
    base64: false,
  });
  const file = picked.assets?.[0]?.file;
  if (picked.canceled || !file) return null;
  if (file.size > MOST_BYTES) {
    return {
      name: file.name,
      result: { ok: false, problems: ['(file): is larger than 5 MB, which no batch or recipe is'] },
    };
  }
  return { name: file.name, result: await readText(await file.text(), fresh) };
}

/** Asks for a text file. @returns its text, what is wrong with it, or null where nothing was chosen */
export async function pickText(type: string[]): Promise<ReadResult<string> | null> {
  const picked = await DocumentPicker.getDocumentAsync({ type, base64: false });
  const file = picked.assets?.[0]?.file;
  if (picked.canceled || !file) return null;
  if (file.size > MOST_BYTES)
    return { ok: false, problems: ['(file): is larger than 5 MB, which no table of lines is'] };
  return { ok: true, value: await file.text() };
}

async function readText(text: string, fresh: { id: string; at: string }): Promise<ReadResult<Batch>> {
  const { readBatch } = await import('@/core/batch/read');
  const json = parseJson(text);
  if (!text.trimStart().startsWith('<') && json === undefined) {
    return { ok: false, problems: ['(file): is not JSON, and no saved page'] };
  }
  const asBatch = readBatch(json);
  if (asBatch.ok || (typeof json === 'object' && json !== null && 'format' in json)) return asBatch;
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
