/**
 * A worker that is called like a function, and that does not die unnoticed: one that cannot be loaded, breaks or does not
 * answer is ended and started again once; after that whoever asked is told.
 */
import { type Remote, wrap } from 'comlink';

/** The worker is gone, or does not answer. */
export class WorkerDied extends Error {}

interface Running<Api> {
  remote: Remote<Api>;
  died: Promise<never>;
  end: () => void;
}

/**
 * Nothing that is asked of a worker may take longer than so many seconds. Seconds that the page has lived through are counted:
 * while a computer sleeps its workers sleep, too.
 */
const PATIENCE_S = 20;
const SECOND_MS = 1000;
const TRIES = 2;

/**
 * Makes a worker's caller.
 * @param start makes the worker; called at the first question, and after a death
 * @returns asks one question of it
 */
export function lively<Api>(start: () => Worker, patienceS = PATIENCE_S) {
  let running: Running<Api> | null = null;
  const open = (): Running<Api> => {
    const worker = start();
    const died = new Promise<never>((_resolve, reject) => {
      worker.addEventListener('error', (event) => {
        // Told here, and to whoever asked: not once more to the console.
        event.preventDefault();
        reject(new WorkerDied(event.message || 'the part of the program that computes couldn’t be loaded'));
      });
      worker.addEventListener('messageerror', () => reject(new WorkerDied('its answer couldn’t be read')));
    });
    // Also heard when nobody is waiting.
    died.catch(() => undefined);
    return { remote: wrap<Api>(worker), died, end: () => worker.terminate() };
  };
  return async <Result>(ask: (remote: Remote<Api>) => Promise<Result>): Promise<Result> => {
    for (let tried = 1; ; tried++) {
      const now = (running ??= open());
      let timer: ReturnType<typeof setInterval> | undefined;
      const patience = new Promise<never>((_resolve, reject) => {
        let seconds = 0;
        timer = setInterval(() => {
          seconds += 1;
          if (seconds >= patienceS) reject(new WorkerDied('it didn’t answer in time'));
        }, SECOND_MS);
      });
      try {
        return await Promise.race([ask(now.remote), now.died, patience]);
      } catch (error) {
        if (!(error instanceof WorkerDied)) throw error;
        now.end();
        if (running === now) running = null;
        if (tried >= TRIES) throw error;
      } finally {
        clearInterval(timer);
      }
    }
  };
}
