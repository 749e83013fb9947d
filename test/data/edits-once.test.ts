/**
 * A page that dies at any moment: the next one finds every edit that was written down, done once. Everything that a page leaves
 * behind it leaves through its store, so it is killed before each of its steps there.
 */
import { type EditId } from '@/core/stored/edits';
import { type Operation } from '@/core/stored/operations';
import { lanternSupper } from '@/data/demo';
import { beAnotherPage, pageOf, whilePending } from '@/data/pending';
import * as batchStore from '@/data/batch-store';
import { openFirst } from '@/data/opening';
import { forgetHeld } from '@/data/store';
import { randomRuns } from '../random-runs';

const RUNS = randomRuns(1000, 150);
const AT = '2026-12-05T15:00:00.000Z';
const [turkey] = lanternSupper(AT);

/** A store whose page can be killed: what comes after never happens, and is never answered. */
class MortalStorage {
  readonly texts = new Map<string, string>();
  /** Steps that the page still has to live. */
  left = Infinity;
  private step<Result>(act: () => Result): Promise<Result> {
    if (this.left <= 0) return new Promise(() => undefined);
    this.left -= 1;
    return Promise.resolve(act());
  }
  getItem = (key: string) => this.step(() => this.texts.get(key) ?? null);
  setItem = (key: string, text: string) => this.step(() => void this.texts.set(key, text));
  removeItem = (key: string) => this.step(() => void this.texts.delete(key));
  getAllKeys = () => this.step(() => [...this.texts.keys()]);
}
const mockStorage = new MortalStorage();
jest.mock('@react-native-async-storage/async-storage', () => ({
  __esModule: true,
  get default() {
    return mockStorage;
  },
}));

/** The lock over all pages; one that dies lets it go. */
let mockTurn: Promise<unknown> = Promise.resolve();
/** The pages that say they are here; none where the browser has no locks. */
const mockHere = new Set<string>();
/** What waits for a page to go. */
const mockWaiting = new Map<string, () => void>();
jest.mock('@/data/lock', () => ({
  whenGone: (page: string) => new Promise<void>((gone) => mockWaiting.set(page, gone)),
  beHere: () => undefined,
  pagesHere: () => Promise.resolve(mockHere),
  inTurn: (run: () => Promise<unknown>) => {
    const turn = mockTurn.then(run, run);
    mockTurn = turn.catch(() => undefined);
    return turn;
  },
}));

/** The same numbers for the same seed (mulberry32). */
function dice(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** An edit that is another state each time it is done: done twice it shows. */
const weighed = (n: number): Operation => ({ do: 'addWeighIn', weighIn: { at: AT, grams: n } });

/** A page that is opened: its edits one after another, as they were asked for. */
function openPage(): (n: number) => Promise<unknown> {
  beAnotherPage();
  let last: Promise<unknown> = Promise.resolve();
  return (n) =>
    whilePending(
      { batchId: turkey.id, operations: [weighed(n)], at: AT },
      batchStore.revisionOf(turkey.id),
      (edit: EditId) => {
        const turn = last.then(() => batchStore.changeBatch(turkey.id, [weighed(n)], AT, edit));
        last = turn.catch(() => undefined);
        return turn;
      },
    );
}
const nextPage = (late?: () => void): Promise<void> => openFirst(() => ({ batches: [], days: [], kitchen: [] }), late);

const gramsIn = async (): Promise<number[]> => {
  const batch = await batchStore.loadBatch(turkey.id);
  if (batch === null || batchStore.isBroken(batch)) throw new Error('not readable');
  return batch.water.weighIns.map(({ grams }) => grams);
};
const breathe = () => new Promise((resolve) => setTimeout(resolve, 0));
const written = (): number =>
  [...mockStorage.texts.keys()].filter((key) => key.startsWith('involucrum/pending/')).length;

beforeEach(async () => {
  forgetHeld();
  mockTurn = Promise.resolve();
  mockStorage.left = Infinity;
  mockStorage.texts.clear();
  await batchStore.createBatch(turkey);
});

it(`killed at any step, ${RUNS} times: what was written down is there once, in its order`, async () => {
  let replayed = 0;
  for (let seed = 1; seed <= RUNS; seed++) {
    const random = dice(seed);
    mockStorage.texts.clear();
    mockStorage.left = Infinity;
    mockTurn = Promise.resolve();
    await batchStore.createBatch(turkey);
    const edit = openPage();
    const many = 1 + Math.floor(4 * random());
    mockStorage.left = Math.floor(9 * many * random());
    // Pressed in one moment, or one after another with the page working in between.
    const asked: number[] = [];
    for (let n = 1; n <= many; n++) {
      if (mockStorage.left > 0) asked.push(n);
      void edit(n);
      if (random() < 0.5) await breathe();
    }
    await breathe();
    await breathe();
    // The page is gone, and its lock with it.
    mockStorage.left = Infinity;
    mockTurn = Promise.resolve();
    replayed += written();
    await nextPage();
    const now = await gramsIn();
    // At most the one that was being pressed may be lost: it had not been written down.
    expect(now).toEqual(asked);
    expect(written()).toBe(0);
    await nextPage();
    expect(await gramsIn()).toEqual(now);
  }
  expect(replayed).toBeGreaterThan(RUNS / 4);
}, 120_000);

it('a page that is opened while another works does its edits for it, and neither does them twice', async () => {
  for (let seed = 1; seed <= 100; seed++) {
    const random = dice(seed);
    mockStorage.texts.clear();
    await batchStore.createBatch(turkey);
    const edit = openPage();
    const done: Promise<unknown>[] = [];
    for (let n = 1; n <= 5; n++) {
      done.push(edit(n));
      if (random() < 0.4) done.push(nextPage());
      if (random() < 0.3) await breathe();
    }
    await Promise.all(done);
    expect(await gramsIn()).toEqual([1, 2, 3, 4, 5]);
    expect(written()).toBe(0);
  }
});

/** A page that writes an edit down and gets no further. @returns where it is written down */
async function leaveUnfinished(n: number): Promise<string> {
  beAnotherPage();
  const { id } = turkey;
  const asked = { batchId: id, operations: [weighed(n)], at: AT };
  void whilePending(asked, batchStore.revisionOf(id), () => new Promise(() => undefined));
  await breathe();
  const [key] = [...mockStorage.texts.keys()].filter((name) => name.startsWith('involucrum/pending/'));
  return key;
}

it('a page that is here keeps its own edits, so that it can take them back', async () => {
  const key = await leaveUnfinished(1);
  mockHere.add(pageOf(key));
  await nextPage();
  expect(await gramsIn()).toEqual([]);
  expect(written()).toBe(1);
  mockHere.clear();
  await nextPage();
  expect(await gramsIn()).toEqual([1]);
  expect(written()).toBe(0);
});

it('a page that goes only after the next one has opened: its edit is done then, once, and the next one is told', async () => {
  const key = await leaveUnfinished(1);
  const going = pageOf(key);
  mockHere.add(going);
  beAnotherPage();
  const told = new Promise<void>((late) => void nextPage(late).then(() => nextPage(late)));
  await breathe();
  await breathe();
  expect(await gramsIn()).toEqual([]);
  mockHere.clear();
  mockWaiting.get(going)?.();
  await told;
  expect(await gramsIn()).toEqual([1]);
  expect(written()).toBe(0);
});
