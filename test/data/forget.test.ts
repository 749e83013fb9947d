/** What is gone leaves nothing behind: one `forget` for everything that is kept under an id. */
import { type Batch } from '@/core/stored/schema';
import { forget } from '@/data/forget';
import { lanternSupper } from '@/data/demo';
import * as batchStore from '@/data/batch-store';
import { photographKey, stepsKey } from '@/data/keys';
import { forgetHeld } from '@/data/store';
import { MemoryStorage } from './memory-storage';

const mockStorage = new MemoryStorage();
jest.mock('@react-native-async-storage/async-storage', () => ({
  __esModule: true,
  get default() {
    return mockStorage;
  },
}));
const mockForgotten: string[] = [];
jest.mock('@/data/answers', () => ({
  forgetAnswers: (id: string) => Promise.resolve(void mockForgotten.push(id)),
}));

const AT = '2026-12-05T15:00:00.000Z';
const [turkey, haddock]: Batch[] = lanternSupper(AT);
const PICTURE = JSON.stringify('data:image/jpeg;base64,AAAA');
/** Every key under which something of an id is kept, and every text that names it. */
const traces = (id: string): string[] =>
  [...mockStorage.texts].filter(([key, text]) => key.includes(id) || text.includes(id)).map(([key]) => key);

beforeEach(async () => {
  forgetHeld();
  mockStorage.empty();
  mockForgotten.length = 0;
  for (const batch of [turkey, haddock]) {
    await batchStore.createBatch(batch);
    mockStorage.texts.set(photographKey(batch.id), PICTURE);
    mockStorage.texts.set(stepsKey(batch.id), JSON.stringify([{ id: `${batch.id} cut`, start: 1, end: null }]));
  }
  mockStorage.texts.set('involucrum/raised', JSON.stringify([`${turkey.id} missed`, `${haddock.id} missed`]));
  // Times seen in a run, as a page before this one left them.
  const seen = [turkey, haddock].map(({ id }): [string, number] => [`${id} ${AT}`, 1]);
  mockStorage.texts.set('involucrum/seen', JSON.stringify(seen));
});

it('takes photograph, times, alarms and what was worked out along, and leaves the other batch as it was', async () => {
  const others = traces(haddock.id).sort();
  await batchStore.deleteBatch(turkey.id);
  await forget(turkey.id);
  expect(traces(turkey.id)).toEqual([]);
  expect(traces(haddock.id).sort()).toEqual(others);
  expect(mockForgotten).toEqual([turkey.id]);
});

it('gives back what puts the photograph back, for whoever undoes it', async () => {
  const back = await forget(turkey.id);
  expect(mockStorage.texts.has(photographKey(turkey.id))).toBe(false);
  await back();
  expect(mockStorage.texts.get(photographKey(turkey.id))).toBe(PICTURE);
});
