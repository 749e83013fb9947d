/** Batches as files: one JSON document, out and in. */
import * as DocumentPicker from 'expo-document-picker';
import { type ReadResult } from '@/core/batch/read';
import { type Batch } from '@/core/batch/schema';

/** Larger files are refused before they are read: a batch is a few kilobytes. */
const MOST_BYTES = 1_000_000;

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

/**
 * Asks for a file and reads it. Nothing is stored here.
 * @returns the batch, the problems of a file that is none, or null where the cook chose nothing
 */
export async function pickBatch(): Promise<{ name: string; result: ReadResult<Batch> } | null> {
  const picked = await DocumentPicker.getDocumentAsync({ type: ['application/json', '.json'], base64: false });
  const file = picked.assets?.[0]?.file;
  if (picked.canceled || !file) return null;
  if (file.size > MOST_BYTES) {
    return { name: file.name, result: { ok: false, problems: ['(file): is larger than 1 MB, which no batch is'] } };
  }
  return { name: file.name, result: await readText(await file.text()) };
}

async function readText(text: string): Promise<ReadResult<Batch>> {
  const { readBatch } = await import('@/core/batch/read');
  try {
    return readBatch(JSON.parse(text));
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
    return { ok: false, problems: [`(file): is not JSON (${error.message})`] };
  }
}
