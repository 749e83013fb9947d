/** A worker that is called like a function: what it says when it dies, hangs, or refuses. */
import { MessageChannel } from 'node:worker_threads';
import { expose } from 'comlink';
import nodeEndpoint from 'comlink/dist/umd/node-adapter';
import { lively, WorkerDied } from '@/workers/lively';

const api = {
  double: (n: number) => 2 * n,
  refuse: () => {
    throw new RangeError('not with me');
  },
  never: () => new Promise<number>(() => undefined),
};

/** A worker's page side: comlink talks to a real channel; death is told by hand. */
function makeWorker(): { worker: Worker; die: (message: string) => void; isEnded: () => boolean } {
  const { port1, port2 } = new MessageChannel();
  expose(api, nodeEndpoint(port2));
  const here = nodeEndpoint(port1);
  const onError: ((event: { message: string; preventDefault: () => void }) => void)[] = [];
  let ended = false;
  const worker = {
    ...here,
    addEventListener: (type: string, listener: (event: never) => void) => {
      if (type === 'error') onError.push(listener as (typeof onError)[number]);
      else if (type === 'message') here.addEventListener('message', listener as never);
    },
    terminate: () => {
      ended = true;
      port1.close();
    },
  };
  return {
    worker: worker as unknown as Worker,
    die: (message) => onError.forEach((tell) => tell({ message, preventDefault: () => undefined })),
    isEnded: () => ended,
  };
}

const made: ReturnType<typeof makeWorker>[] = [];
const start = (): Worker => {
  made.push(makeWorker());
  return made[made.length - 1].worker;
};
afterEach(() => {
  made.forEach(({ worker }) => worker.terminate());
  made.length = 0;
  jest.useRealTimers();
});

it('is started at the first question, and answers all others too', async () => {
  const ask = lively<typeof api>(start);
  expect(made).toHaveLength(0);
  expect(await ask((remote) => remote.double(4))).toBe(8);
  expect(await ask((remote) => remote.double(5))).toBe(10);
  expect(made).toHaveLength(1);
});

it('an error of what it was asked is told as it is, and nothing is started again', async () => {
  const ask = lively<typeof api>(start);
  await expect(ask((remote) => remote.refuse())).rejects.toThrow('not with me');
  expect(made).toHaveLength(1);
  expect(made[0].isEnded()).toBe(false);
});

it('one that dies is ended and started again, and whoever asked hears only the answer', async () => {
  const ask = lively<typeof api>(start);
  let asked = 0;
  const answer = ask((remote) => (++asked === 1 ? remote.never() : remote.double(3)));
  made[0].die('its memory is gone');
  expect(await answer).toBe(6);
  expect(made.map(({ isEnded }) => isEnded())).toEqual([true, false]);
});

it('one that dies twice is told, with why; the next question starts a new one', async () => {
  const ask = lively<typeof api>(() => {
    const worker = start();
    const { die } = made[made.length - 1];
    if (made.length <= 2) queueMicrotask(() => die('no such file'));
    return worker;
  });
  const failed = ask((remote) => remote.never());
  await expect(failed).rejects.toThrow(WorkerDied);
  await expect(failed).rejects.toThrow('no such file');
  expect(made).toHaveLength(2);
  expect(await ask((remote) => remote.double(1))).toBe(2);
});

it('one that does not answer is given up after seconds that the page has lived through, not slept through', async () => {
  jest.useFakeTimers({ doNotFake: ['queueMicrotask', 'nextTick', 'setImmediate'] });
  const ask = lively<typeof api>(start, 5);
  const hanging = ask((remote) => remote.never());
  const told = expect(hanging).rejects.toThrow('it didn’t answer in time');
  // A computer that slept for an hour: the clock is on, the page has lived one more second.
  jest.setSystemTime(Date.now() + 3_600_000);
  await jest.advanceTimersByTimeAsync(4000);
  expect(made).toHaveLength(1);
  expect(made[0].isEnded()).toBe(false);
  await jest.advanceTimersByTimeAsync(1000);
  expect(made[0].isEnded()).toBe(true);
  await jest.advanceTimersByTimeAsync(5000);
  await told;
  expect(made).toHaveLength(2);
});
