/** One at a time: over all tabs where the browser has locks, in this tab where it has none. */
import { beHere, inTurn, pagesHere } from '@/data/lock';

const later = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
const own = Object.getOwnPropertyDescriptor(globalThis, 'navigator');
const asNavigator = (value: unknown): void => {
  Object.defineProperty(globalThis, 'navigator', { value, configurable: true });
};
afterAll(() => {
  if (own) Object.defineProperty(globalThis, 'navigator', own);
  else Reflect.deleteProperty(globalThis, 'navigator');
});

describe('without locks', () => {
  beforeEach(() => asNavigator({}));

  it('what is asked first is done first, and nobody comes between', async () => {
    const log: string[] = [];
    const piece = (name: string, ms: number) => () => {
      log.push(`${name} in`);
      return later(ms).then(() => log.push(`${name} out`));
    };
    await Promise.all([inTurn(piece('a', 10)), inTurn(piece('b', 0)), inTurn(piece('c', 5))]);
    expect(log).toEqual(['a in', 'a out', 'b in', 'b out', 'c in', 'c out']);
  });

  it('one that fails is told to whoever asked, and keeps nobody waiting', async () => {
    const failing = inTurn(() => Promise.reject(new Error('the store is closed')));
    const next = inTurn(() => Promise.resolve('done'));
    await expect(failing).rejects.toThrow('the store is closed');
    expect(await next).toBe('done');
  });

  it('what does not touch the documents waits for none of their writers', async () => {
    let release = (): void => undefined;
    const writing = inTurn(() => new Promise<void>((resolve) => (release = resolve)));
    expect(await inTurn(() => Promise.resolve('rung'), 'alarms')).toBe('rung');
    release();
    await writing;
  });
});

it('with locks, the browser’s own is asked for, by the name that earlier versions used', async () => {
  const asked: string[] = [];
  asNavigator({
    locks: {
      request: (name: string, run: () => Promise<unknown>) => {
        asked.push(name);
        return run();
      },
    },
  });
  expect(await inTurn(() => Promise.resolve(1))).toBe(1);
  expect(await inTurn(() => Promise.resolve(2), 'alarms')).toBe(2);
  expect(asked).toEqual(['involucrum', 'alarms']);
});

it('a page says that it is here as long as it is; without locks nobody is known to be', async () => {
  const held: { name: string }[] = [];
  asNavigator({
    locks: {
      request: (name: string, run: () => Promise<unknown>) => {
        held.push({ name });
        return run();
      },
      query: () => Promise.resolve({ held: [...held, { name: 'involucrum' }] }),
    },
  });
  beHere('a');
  expect([...(await pagesHere())]).toEqual(['a']);
  asNavigator({});
  beHere('b');
  expect((await pagesHere()).size).toBe(0);
});
