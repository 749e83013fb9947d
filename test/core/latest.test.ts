import { latestOnly, Superseded } from '@/workers/latest';

/** A worker whose answers are given by hand. */
function slowWorker() {
  const started: { value: string; finish: () => void; fail: () => void }[] = [];
  const newest = latestOnly();
  const ask = (subject: string, value: string) =>
    newest(
      subject,
      () =>
        new Promise<string>((resolve, reject) => {
          started.push({ value, finish: () => resolve(value.toUpperCase()), fail: () => reject(new Error('broken')) });
        }),
    );
  return { ask, started };
}
const settle = () => new Promise((resolve) => setTimeout(resolve, 0));

describe('requests to the worker', () => {
  it('runs one at a time; of those waiting about one subject only the newest', async () => {
    const { ask, started } = slowWorker();
    const first = ask('a', 'one');
    const second = ask('a', 'two');
    const dropped = expect(second).rejects.toBeInstanceOf(Superseded);
    const third = ask('a', 'three');
    expect(started.map((s) => s.value)).toEqual(['one']);
    started[0].finish();
    expect(await first).toBe('ONE');
    await dropped;
    await settle();
    expect(started.map((s) => s.value)).toEqual(['one', 'three']);
    started[1].finish();
    expect(await third).toBe('THREE');
  });

  it('keeps other subjects’ requests', async () => {
    const { ask, started } = slowWorker();
    const all = [ask('a', 'x'), ask('b', 'y'), ask('c', 'z')];
    for (let i = 0; i < 3; i++) {
      await settle();
      started[i].finish();
    }
    expect(await Promise.all(all)).toEqual(['X', 'Y', 'Z']);
  });

  it('an error is handed on, and the next request still runs', async () => {
    const { ask, started } = slowWorker();
    const bad = ask('a', 'x');
    const failed = expect(bad).rejects.toThrow('broken');
    const good = ask('b', 'y');
    started[0].fail();
    await failed;
    await settle();
    started[1].finish();
    expect(await good).toBe('Y');
  });
});
