/**
 * One at a time, over all tabs: reading, applying and writing are one piece that nobody else's can come between. Where the
 * browser has no locks (a page opened over plain HTTP from another machine), one at a time in this tab.
 */
/** The documents' lock: pages of an earlier version take the same. */
const NAME = 'involucrum';

const hasLocks = (): boolean => typeof navigator !== 'undefined' && 'locks' in navigator && Boolean(navigator.locks);

const queues = new Map<string, Promise<unknown>>();

/**
 * Runs when nobody else does. Not to be nested.
 * @param what what is taken in turn: what does not touch the documents waits for none of their writers
 */
export function inTurn<Result>(run: () => Promise<Result>, what = NAME): Promise<Result> {
  if (hasLocks()) return navigator.locks.request(what, run) as Promise<Result>;
  const before = queues.get(what) ?? Promise.resolve();
  const turn = before.then(run, run);
  queues.set(
    what,
    turn.catch(() => undefined),
  );
  return turn;
}

const HERE = `${NAME}/here/`;

/** Says to all pages that this one is here, until it is gone: a lock of its own that it never gives back. */
export function beHere(page: string): void {
  if (!hasLocks()) return;
  // Refused where the browser gives a page no locks: then it counts as gone, and others finish what it was doing.
  navigator.locks.request(HERE + page, () => new Promise<never>(() => undefined)).catch(() => undefined);
}

/** The pages that are here, this one among them; none are known where the browser has no locks. */
export async function pagesHere(): Promise<ReadonlySet<string>> {
  if (!hasLocks()) return new Set();
  const { held = [] } = await navigator.locks.query();
  return new Set(held.flatMap(({ name }) => (name?.startsWith(HERE) ? [name.slice(HERE.length)] : [])));
}

/** Waits until a page that is here has gone, whatever way it went. */
export const whenGone = (page: string): Promise<void> => navigator.locks.request(HERE + page, () => undefined);
