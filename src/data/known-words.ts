/** Which of the house’s words have been explained on this device: each is offered until it was asked for once. */
import useSWR, { mutate } from 'swr';
import { readText, writeText } from './store';

const KEY = 'involucrum/known-words';

async function read(): Promise<string[]> {
  const text = await readText(KEY);
  return text === null ? [] : text.split(' ');
}

/** Undefined until it is read: nothing is offered meanwhile. */
export const useKnownWords = (): readonly string[] | undefined => useSWR(KEY, read).data;

export async function learnWord(id: string): Promise<void> {
  const words = [...new Set([...(await read()), id])];
  await writeText(KEY, words.join(' '));
  await mutate(KEY, words, { revalidate: false });
}
