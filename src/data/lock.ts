/**
 * One at a time, over all tabs: reading, applying and writing are one piece that nobody else's can come between. Where the
 * browser has no locks (a page opened over plain HTTP from another machine), one at a time in this tab.
 */
/** The documents' lock: pages of an earlier version take the same. */
const NAME = 'involucrum';

const queues = new Map<string, Promise<unknown>>();

/**
 * Runs when nobody else does. Not to be nested.
 * @param what what is taken in turn: what does not touch the documents waits for none of their writers
 */
export function inTurn<Result>(run: () => Promise<Result>, what = NAME): Promise<Result> {
  if (typeof navigator !== 'undefined' && 'locks' in navigator && navigator.locks)
    return navigator.locks.request(what, run) as Promise<Result>;
  const before = queues.get(what) ?? Promise.resolve();
  const turn = before.then(run, run);
  queues.set(
    what,
    turn.catch(() => undefined),
  );
  return turn;
}
