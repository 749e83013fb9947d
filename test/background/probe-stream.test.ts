/** One connection to the bridge for all tabs; broken, it is made again; what is known is told to who comes late. */
import { listenToProbes } from '@/data/probe-stream';
import { anotherPage } from './another-page';

const otherTab = () =>
  anotherPage(() => jest.requireActual<typeof import('@/data/probe-stream')>('@/data/probe-stream'));

class FakeSource {
  static all: FakeSource[] = [];
  onopen: (() => void) | null = null;
  onmessage: ((event: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  isClosed = false;
  constructor(readonly url: string) {
    FakeSource.all.push(this);
  }
  close(): void {
    this.isClosed = true;
  }
}

const bridge = { answers: true, asked: 0 };
const heard: string[] = [];
let ends: (() => void)[] = [];
const listen = (name = ''): (() => void) => {
  const end = listenToProbes({
    onEvent: ({ probe, c }) => heard.push(`${name}${probe} ${c}`),
    onLink: (up) => heard.push(`${name}${up ? 'up' : 'down'}`),
  });
  ends.push(end);
  return end;
};
const source = (): FakeSource => FakeSource.all[FakeSource.all.length - 1];
const say = (probe: string, c: number | null): void =>
  source().onmessage?.({ data: JSON.stringify({ probe, c, ageMs: 0, simulated: false }) });
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['queueMicrotask', 'nextTick', 'setImmediate'] });
  FakeSource.all = [];
  heard.length = 0;
  ends = [];
  Object.assign(bridge, { answers: true, asked: 0 });
  Object.assign(globalThis, {
    EventSource: FakeSource,
    fetch: () => {
      bridge.asked += 1;
      return bridge.answers
        ? Promise.resolve({ ok: true, headers: new Map([['content-type', 'application/json']]) })
        : Promise.reject(new TypeError('no server'));
    },
  });
  Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true });
});
afterEach(() => {
  ends.forEach((end) => end());
  jest.useRealTimers();
});

it('listens over one connection, however many listen here', async () => {
  listen('a: ');
  listen('b: ');
  await pass(0);
  expect(FakeSource.all).toHaveLength(1);
  source().onopen?.();
  say('pot', 63.5);
  expect(heard).toEqual(['a: up', 'b: up', 'a: pot 63.5', 'b: pot 63.5']);
});

it('tells who comes later what was heard last, with how old it is', async () => {
  listen();
  await pass(0);
  source().onopen?.();
  say('pot', 70);
  say('tray', null);
  await pass(5000);
  const ages: number[] = [];
  ends.push(listenToProbes({ onEvent: ({ ageMs }) => ages.push(ageMs), onLink: () => undefined }));
  await pass(0);
  expect(ages).toHaveLength(2);
  ages.forEach((age) => expect(age).toBeGreaterThanOrEqual(5000));
});

it('a connection that breaks is said, and made again, each time after a longer wait', async () => {
  listen();
  await pass(0);
  source().onopen?.();
  bridge.answers = false;
  source().onerror?.();
  expect(heard).toEqual(['up', 'down']);
  const asked: number[] = [];
  for (let s = 0; s < 40; s += 1) {
    const before = bridge.asked;
    await pass(1000);
    if (bridge.asked > before) asked.push(s);
  }
  const waits = asked.slice(1).map((s, i) => s - asked[i]);
  expect(waits[waits.length - 1]).toBeGreaterThan(waits[0]);
  expect(Math.max(...waits)).toBeLessThanOrEqual(11);
  bridge.answers = true;
  await pass(11_000);
  source().onopen?.();
  say('pot', 55);
  expect(heard.slice(-2)).toEqual(['up', 'pot 55']);
});

it('no bridge at all, as where files are only served, opens no stream and says so', async () => {
  bridge.answers = false;
  listen();
  await pass(0);
  expect(FakeSource.all).toHaveLength(0);
  expect(heard).toEqual(['down']);
});

it('ends with the last who listens; who listens then begins anew and hears nothing old', async () => {
  const [one, other] = [listen(), listen()];
  await pass(0);
  source().onopen?.();
  say('pot', 80);
  one();
  expect(source().isClosed).toBe(false);
  other();
  expect(source().isClosed).toBe(true);
  heard.length = 0;
  listen();
  await pass(0);
  expect(heard).toEqual([]);
  expect(FakeSource.all).toHaveLength(2);
});

it('two tabs share the one that holds the lock; when it is closed the next one takes over', async () => {
  jest.useRealTimers();
  const waiting: (() => Promise<void>)[] = [];
  let isHeld = false;
  const locks = {
    request: async (_name: string, { signal }: { signal: AbortSignal }, run: () => Promise<void>): Promise<void> => {
      if (signal.aborted) throw new Error('over');
      if (isHeld) await new Promise<void>((resolve) => waiting.push(() => Promise.resolve(resolve())));
      isHeld = true;
      await run();
      isHeld = false;
      await waiting.shift()?.();
    },
  };
  Object.defineProperty(globalThis, 'navigator', { value: { locks }, configurable: true });
  // Bounded: a test that has been given up would go on asking, and the run would never end.
  const until = async (isThere: () => boolean): Promise<void> => {
    for (let tries = 0; !isThere(); tries += 1) {
      if (tries === 2000) throw new Error(`never heard: ${there.join(', ')}`);
      await new Promise((resolve) => setTimeout(resolve, 2));
    }
  };
  const there: string[] = [];
  const first = listen();
  ends.push(
    otherTab().listenToProbes({
      onEvent: ({ probe, c }) => there.push(`${probe} ${c}`),
      onLink: (up) => there.push(up ? 'up' : 'down'),
    }),
  );
  await until(() => FakeSource.all.length === 1);
  source().onopen?.();
  say('pot', 61);
  // Whether it has asked before or after that was said, it hears it; in between, twice.
  await until(() => there.includes('pot 61'));
  expect(there.indexOf('up')).toBeLessThan(there.indexOf('pot 61'));
  first();
  await until(() => FakeSource.all.length === 2);
  source().onopen?.();
  say('pot', 58);
  await until(() => there.includes('pot 58'));
});
