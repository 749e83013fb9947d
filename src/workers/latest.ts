/**
 * Keeps a worker from falling behind: one request runs at a time, and of each subject only the newest waits.
 * The answer to a dropped request is `Superseded`, which is not an error.
 */
export class Superseded extends Error {}

interface Waiting {
  start: () => Promise<void>;
  drop: () => void;
}

/** A queue of its own. */
export function latestOnly() {
  const waiting = new Map<string, Waiting>();
  let running = false;
  const next = () => {
    const first = waiting.entries().next();
    running = !first.done;
    if (first.done) return;
    const [subject, job] = first.value;
    waiting.delete(subject);
    void job.start().finally(next);
  };
  /** Runs when its turn has come, unless a newer request about the same subject takes its place. */
  return <Result>(subject: string, run: () => Promise<Result>): Promise<Result> =>
    new Promise((resolve, reject) => {
      waiting.get(subject)?.drop();
      waiting.set(subject, {
        start: () => run().then(resolve, reject),
        drop: () => reject(new Superseded('a newer request took its place')),
      });
      if (!running) next();
    });
}
