/**
 * Keeps a worker from falling behind: one request runs at a time, and of each subject only the newest waits.
 * The answer to a dropped request is `Superseded`, which is not an error.
 */
export class Superseded extends Error {}

interface Waiting<Args, Result> {
  args: Args;
  resolve: (result: Result) => void;
  reject: (error: unknown) => void;
}

/**
 * Wraps an asynchronous function so that only the newest waiting call about each subject is ever run.
 * @param subject what a call is about, from its arguments
 */
export function latestOnly<Args extends unknown[], Result>(
  run: (...args: Args) => Promise<Result>,
  subject: (...args: Args) => string,
) {
  const waiting = new Map<string, Waiting<Args, Result>>();
  let running = false;
  const next = () => {
    const first = waiting.entries().next();
    running = !first.done;
    if (first.done) return;
    const [key, job] = first.value;
    waiting.delete(key);
    run(...job.args)
      .then(job.resolve, job.reject)
      .finally(next);
  };
  return (...args: Args): Promise<Result> =>
    new Promise((resolve, reject) => {
      const key = subject(...args);
      waiting.get(key)?.reject(new Superseded('a newer request took its place'));
      waiting.set(key, { args, resolve, reject });
      if (!running) next();
    });
}
