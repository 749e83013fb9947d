/** What the worker has found is there when the page is opened again, as long as nothing that it hangs on is another. */
import 'fake-indexeddb/auto';
import { batchKey, dayKey } from '@/data/keys';
import { anotherPage } from './another-page';

/** Batches that are kept. */
const mockStored = new Set<string>();
jest.mock('@/data/store', () => ({
  readText: (key: string) => Promise.resolve(mockStored.has(key) ? '{}' : null),
}));
const newPage = () =>
  anotherPage(() => ({
    ...jest.requireActual<typeof import('@/data/worked-out')>('@/data/worked-out'),
    ...jest.requireActual<typeof import('@/data/answers')>('@/data/answers'),
  }));

/** The page says which program it is; the development server's does not. */
const isProgram = (program: string | null) =>
  Object.defineProperty(globalThis, 'document', {
    configurable: true,
    value: { getElementById: (id: string) => (id === 'parts' ? { dataset: { program: program ?? undefined } } : null) },
  });
/** A page of this browser, and a worker that counts what it is asked. */
function open(program: string | null = 'one') {
  isProgram(program);
  const { workedOut, forgetAnswers, forgetAllAnswers } = newPage();
  const work = jest.fn((answer: unknown) => Promise.resolve(answer));
  return {
    work,
    ask: (id: string, filling: string, answer: unknown = filling) =>
      workedOut(id, 'first', [filling], () => work(answer)),
    askAll: (id: string, filling: string) => workedOut(id, 'all', [filling], () => work(`all of ${filling}`)),
    workedOut,
    forgetAnswers,
    forgetAllAnswers,
  };
}
/** Keeping is not waited for by who asks: until what has been begun has come to its end. */
const settled = () => new Promise((resolve) => setTimeout(resolve, 50));

beforeEach(async () => {
  for (const id of ['purses', 'pockets']) mockStored.add(batchKey(id));
  await open().forgetAllAnswers();
});
afterAll(() => void Reflect.deleteProperty(globalThis, 'document'));

it('is worked out once; the page opened again has all of it, numbers that JSON does not know among it', async () => {
  const curve = { minutes: [0, 1, Infinity], limit: undefined };
  expect(await open().ask('purses', 'turkey', curve)).toEqual(curve);
  await settled();
  const { ask, work } = open();
  expect(await ask('purses', 'turkey')).toEqual(curve);
  expect(work).not.toHaveBeenCalled();
});

it('another question, batch, filling or program is another answer', async () => {
  await open().ask('purses', 'turkey');
  await settled();
  const { ask, askAll, work } = open();
  expect(await askAll('purses', 'turkey')).toBe('all of turkey');
  expect(await ask('pockets', 'turkey', 'of the pockets')).toBe('of the pockets');
  expect(await ask('purses', 'duck')).toBe('duck');
  expect(work).toHaveBeenCalledTimes(3);
  await settled();
  const newer = open('two');
  expect(await newer.ask('purses', 'duck', 'found otherwise')).toBe('found otherwise');
});

it('of a question the last answer is kept, and no other', async () => {
  await open().ask('purses', 'turkey');
  await settled();
  await open().ask('purses', 'duck');
  await settled();
  const { ask, work } = open();
  await ask('purses', 'duck');
  expect(work).not.toHaveBeenCalled();
  await ask('purses', 'turkey');
  expect(work).toHaveBeenCalledTimes(1);
});

it('what failed is asked again', async () => {
  isProgram('one');
  const { workedOut } = newPage();
  const failing = () => Promise.reject(new Error('the worker died'));
  await expect(workedOut('purses', 'first', ['turkey'], failing)).rejects.toThrow('the worker died');
  expect(await open().ask('purses', 'turkey')).toBe('turkey');
});

it('a batch that is gone leaves none of it behind, and the others theirs', async () => {
  const page = open();
  await page.ask('purses', 'turkey');
  await page.askAll('purses', 'turkey');
  await page.ask('pockets', 'duck');
  await settled();
  await page.forgetAnswers('purses');
  const { ask, askAll, work } = open();
  await ask('pockets', 'duck');
  expect(work).not.toHaveBeenCalled();
  await ask('purses', 'turkey');
  await askAll('purses', 'turkey');
  expect(work).toHaveBeenCalledTimes(2);
});

it('of a draft nothing is kept, nor of a batch that went while it was worked out', async () => {
  await open().ask('draft', 'turkey');
  const page = open();
  await page.ask('pockets', 'duck');
  mockStored.delete(batchKey('pockets'));
  await page.askAll('pockets', 'duck');
  await settled();
  const { ask, askAll, work } = open();
  await ask('draft', 'turkey');
  await askAll('pockets', 'duck');
  expect(work).toHaveBeenCalledTimes(2);
});

it('a day’s plan is kept with its day, and goes with it; one that was stopped is none', async () => {
  const askPlan = (page: ReturnType<typeof open>, answer: unknown) =>
    page.workedOut('supper', 'plan', ['as it is'], () => page.work(answer));
  await askPlan(open(), 'of a day that is not kept');
  await settled();
  mockStored.add(dayKey('supper'));
  expect(await askPlan(open(), null)).toBeNull();
  await settled();
  expect(await askPlan(open(), 'at noon')).toBe('at noon');
  await settled();
  const page = open();
  expect(await askPlan(page, 'another')).toBe('at noon');
  expect(page.work).not.toHaveBeenCalled();
  await page.forgetAnswers('supper');
  expect(await askPlan(page, 'another')).toBe('another');
});

it('the development server’s program keeps nothing: it changes under the same name', async () => {
  await open(null).ask('purses', 'turkey');
  await settled();
  const { ask, work } = open(null);
  await ask('purses', 'turkey');
  expect(work).toHaveBeenCalledTimes(1);
});

it('where the database refuses, all is worked out as it would be the first time', async () => {
  const refuses = jest.spyOn(indexedDB, 'open').mockImplementation(() => {
    throw new DOMException('closed', 'SecurityError');
  });
  const { ask, work, forgetAnswers } = open();
  expect(await ask('purses', 'turkey')).toBe('turkey');
  expect(await ask('purses', 'turkey')).toBe('turkey');
  expect(work).toHaveBeenCalledTimes(2);
  await expect(forgetAnswers('purses')).resolves.toBeUndefined();
  refuses.mockRestore();
});
