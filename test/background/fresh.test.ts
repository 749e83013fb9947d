/** Prints of what was written last: who is to change a text waits for it, and never for ever. */
import 'fake-indexeddb/auto';
import { anotherPage } from './another-page';

const newPage = () => anotherPage(() => jest.requireActual<typeof import('@/data/fresh')>('@/data/fresh'));
const { leavePrint, leavePrints, readNewest, areAsWritten, purgePrints, printOf } = newPage();

/** A store that shows this tab what another one wrote only after some looks. */
const late = (before: string | null, after: string | null, looks: number) => {
  let looked = 0;
  return { read: () => Promise.resolve(++looked > looks ? after : before), looks: () => looked };
};

it('waits until it sees the text that another tab wrote last', async () => {
  await leavePrint('batch/1', 'new');
  const store = late('old', 'new', 5);
  expect(await readNewest('batch/1', store.read)).toBe('new');
  expect(store.looks()).toBe(6);
});

it('waits for a removal, too', async () => {
  await leavePrint('batch/2', null);
  expect(await readNewest('batch/2', late('still here', null, 3).read)).toBeNull();
});

it('a text that has never been printed is taken as it is, at once', async () => {
  const store = late('as it is', 'never', 1);
  expect(await readNewest('batch/3', store.read)).toBe('as it is');
  expect(store.looks()).toBe(1);
});

it('a text changed by other means is taken after a moment, and printed, so that nobody waits for it again', async () => {
  await leavePrint('batch/4', 'what this program wrote');
  expect(await readNewest('batch/4', () => Promise.resolve('changed by hand'))).toBe('changed by hand');
  const again = late('changed by hand', 'never', 1);
  expect(await readNewest('batch/4', again.read)).toBe('changed by hand');
  expect(again.looks()).toBe(1);
});

it('tells what this program has written from what somebody else has', async () => {
  await leavePrints([
    { key: 'a', text: 'ours' },
    { key: 'b', text: 'ours too' },
  ]);
  expect(
    await areAsWritten([
      { key: 'a', text: 'ours' },
      { key: 'b', text: 'ours too, edited' },
      { key: 'c', text: 'a file of somebody’s' },
    ]),
  ).toEqual([true, false, false]);
});

it('prints of what was removed go at the next opening, but not of what has come back', async () => {
  await leavePrint('gone', null);
  await leavePrint('back', null);
  await purgePrints((key) => Promise.resolve(key === 'back'));
  expect(await areAsWritten([{ key: 'gone', text: '' }])).toEqual([false]);
  // Nothing is waited for where no print is left.
  const gone = late('written again', 'never', 1);
  expect(await readNewest('gone', gone.read)).toBe('written again');
  expect(gone.looks()).toBe(1);
  expect(await readNewest('back', late('old', null, 2).read)).toBeNull();
});

it('texts of the same length are told apart', () => {
  expect(printOf('30 g')).not.toBe(printOf('31 g'));
  expect(printOf(null)).not.toBe(printOf(''));
});

it('a browser without a database is as good as it was before', async () => {
  const database = globalThis.indexedDB;
  Reflect.deleteProperty(globalThis, 'indexedDB');
  const plain = newPage();
  await plain.leavePrint('x', 'new');
  expect(await plain.readNewest('x', () => Promise.resolve('old'))).toBe('old');
  expect(await plain.areAsWritten([{ key: 'x', text: 'old' }])).toEqual([false]);
  globalThis.indexedDB = database;
});
