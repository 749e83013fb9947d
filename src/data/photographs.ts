/** One photograph a batch: scaled down to what the store can bear, and kept in this browser beside the batch. */
import AsyncStorage from '@react-native-async-storage/async-storage';
import useSWR, { mutate } from 'swr';
import { say } from './notices';
import { photographKey } from './keys';
import { readText, removeText } from './store';

const one = (batchId: string) => ['photograph', batchId] as const;

/** As JPEG it is made smaller, in these steps, until it is at most so many letters long. House choices: some fifty fit in a browser's store. */
const STEPS: readonly { px: number; quality: number }[] = [
  { px: 960, quality: 0.7 },
  { px: 720, quality: 0.65 },
  { px: 520, quality: 0.6 },
  { px: 360, quality: 0.5 },
];
const MOST_LETTERS = 110_000;

/** The photograph of a batch as a data URL; null where there is none. */
export const usePhotograph = (batchId: string) =>
  useSWR<string | null, Error>(one(batchId), async () => {
    const text = await readText(photographKey(batchId));
    return text === null ? null : (JSON.parse(text) as string);
  });

/** A picture so many pixels long at most, as JPEG. */
function drawn(picture: ImageBitmap, { px, quality }: (typeof STEPS)[number]): string {
  const scale = Math.min(1, px / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', quality);
}

/** Keeps a photograph; the one before is replaced. @returns null, or why it was not kept */
export async function keepPhotograph(batchId: string, file: Blob): Promise<string | null> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    return 'The browser can’t read this picture. Use JPEG, PNG or WebP.';
  }
  const texts = STEPS.map((step) => drawn(picture, step));
  picture.close();
  const text = texts.find((t) => t.length <= MOST_LETTERS) ?? texts[texts.length - 1];
  try {
    await AsyncStorage.setItem(photographKey(batchId), JSON.stringify(text));
  } catch {
    return 'This browser’s store has no room for a photograph. Everything else is kept. In the Kitchen you can see what’s large, and save old batches to a file.';
  }
  await mutate(one(batchId), text, { revalidate: false });
  return null;
}

/** Takes it away. @returns what puts it back */
export async function dropPhotograph(batchId: string): Promise<() => Promise<void>> {
  const text = await readText(photographKey(batchId));
  await removeText(photographKey(batchId));
  await mutate(one(batchId), null, { revalidate: false });
  return async () => {
    if (text === null) return;
    try {
      await AsyncStorage.setItem(photographKey(batchId), text);
    } catch {
      say({ text: 'The photograph couldn’t be put back: this browser’s store has no room for it.', kind: 'problem' });
    }
    await mutate(one(batchId));
  };
}
