/** What this program has written opens without the validator, which is large; what anybody else has written does not. */
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { readKitchen } from '@/core/stored/read';
import { demo, lanternSupper } from '@/data/demo';
import { listDays } from '@/data/day-store';
import * as batchStore from '@/data/batch-store';
import * as kitchenStore from '@/data/kitchen-store';
import { batchKey, KITCHEN_KEY } from '@/data/keys';
import { openFirst } from '@/data/opening';
import { forgetHeld } from '@/data/store';
import { MemoryStorage } from './memory-storage';

const AT = '2026-12-05T15:00:00.000Z';
const mockStorage = new MemoryStorage();
jest.mock('@react-native-async-storage/async-storage', () => ({
  __esModule: true,
  get default() {
    return mockStorage;
  },
}));

/** Prints of what was written, as a database keeps them. */
const mockPrints = new Map<string, string>();
jest.mock('idb-keyval', () => ({
  createStore: () => ({}),
  get: (key: string) => Promise.resolve(mockPrints.get(key)),
  getMany: (keys: string[]) => Promise.resolve(keys.map((key) => mockPrints.get(key))),
  set: (key: string, print: string) => Promise.resolve(void mockPrints.set(key, print)),
  setMany: (list: [string, string][]) => Promise.resolve(list.forEach(([key, print]) => mockPrints.set(key, print))),
  delMany: (keys: string[]) => Promise.resolve(keys.forEach((key) => mockPrints.delete(key))),
  entries: () => Promise.resolve([...mockPrints]),
}));

const mockAsked: string[] = [];
jest.mock('@/data/validator', () => {
  const real = jest.requireActual<typeof import('@/data/validator')>('@/data/validator');
  const counted = (what: 'readBatch' | 'readDay' | 'readKitchen') => (json: unknown) => {
    mockAsked.push(what);
    return real[what](json);
  };
  return {
    ...real,
    readBatch: counted('readBatch'),
    readDay: counted('readDay'),
    readKitchen: counted('readKitchen'),
    changeKitchen: () => {
      throw new Error('the first visit waits for the validator');
    },
  };
});

const [turkey] = lanternSupper(AT);
const key = batchKey(turkey.id);
const altered = (text: string) => text.replace('"count":24', '"count":23');

beforeAll(async () => {
  Object.assign(globalThis, { indexedDB: {} });
  forgetHeld();
  await openFirst(() => demo(AT));
  mockAsked.length = 0;
});

it('the first visit, and every document of it, needs no validator', async () => {
  expect((await batchStore.listBatches()).batches.length).toBeGreaterThan(6);
  expect((await listDays()).days).toHaveLength(1);
  const { kitchen } = await kitchenStore.loadKitchen();
  expect(readKitchen(JSON.parse(JSON.stringify(kitchen)))).toEqual({ ok: true, value: kitchen });
  expect(kitchen).not.toEqual(DEFAULT_KITCHEN);
  expect(mockAsked).toEqual([]);
});

it('what somebody else has changed is checked, and what is of a version before is read as such', async () => {
  const text = mockStorage.texts.get(key) ?? '';
  mockStorage.texts.set(key, altered(text));
  expect(await batchStore.loadBatch(turkey.id)).toMatchObject({ count: 23 });
  expect(mockAsked).toEqual(['readBatch']);
  // Written by this program, in the words of the version before.
  const old = JSON.stringify({ ...JSON.parse(mockStorage.texts.get(KITCHEN_KEY) ?? ''), version: 9 });
  mockStorage.texts.set(KITCHEN_KEY, old);
  mockPrints.set(KITCHEN_KEY, (await import('@/data/fresh')).printOf(old));
  await kitchenStore.loadKitchen();
  expect(mockAsked).toEqual(['readBatch', 'readKitchen']);
});
