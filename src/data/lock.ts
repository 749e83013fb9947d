/**
 * One at a time, over all tabs: reading, applying and writing are one piece that nobody else's can come between. Where the
 * browser has no locks (a page opened over plain HTTP from another machine), one at a time in this tab.
 */
const NAME = 'involucrum';

let queue: Promise<unknown> = Promise.resolve();

/** Runs when nobody else does. Not to be nested. */
export function inTurn<Result>(run: () => Promise<Result>): Promise<Result> {
  if (typeof navigator !== 'undefined' && 'locks' in navigator && navigator.locks)
    return navigator.locks.request(NAME, run) as Promise<Result>;
  const turn = queue.then(run, run);
  queue = turn.catch(() => undefined);
  return turn;
}
