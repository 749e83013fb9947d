/**
 * One page for many tests, each of which finds it as a browser that has just been installed: a new browser for every test, its
 * process and the program read anew, was half of what a test cost (3.0 and 1.4 s of processor time for a station to stand).
 */
import { type Page } from '@playwright/test';

/** A file of the program's own address that runs nothing. */
export const RESTING = '/fonts.css';

/** What the worker has found about the demo is kept between tests, as it was at the beginning (`worked-out`). */
const NAMES = { worked: 'involucrum-worked-out', table: 'answers', first: 'of-the-tests' };

/** Nothing of the test before is left. */
export async function beginAnew(page: Page): Promise<void> {
  await page.goto(RESTING);
  await page.evaluate(async ({ worked, table, first }) => {
    const done = <Result>(request: IDBRequest<Result>): Promise<Result> =>
      new Promise((resolve, reject) => {
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error ?? new Error('no database'));
      });
    const open = (name: string): Promise<IDBDatabase> => {
      const opening = indexedDB.open(name);
      opening.onupgradeneeded = () => void opening.result.createObjectStore(table);
      return done(opening);
    };
    const copy = async (from: string, to: string): Promise<void> => {
      const [a, b] = [await open(from), await open(to)];
      const source = a.transaction(table).objectStore(table);
      const [keys, values] = await Promise.all([done(source.getAllKeys()), done<unknown[]>(source.getAll())]);
      const writing = b.transaction(table, 'readwrite');
      const target = writing.objectStore(table);
      target.clear();
      keys.forEach((key, i) => target.put(values[i], key));
      await new Promise((resolve, reject) => {
        writing.oncomplete = resolve;
        writing.onerror = reject;
      });
      a.close();
      b.close();
    };
    localStorage.clear();
    sessionStorage.clear();
    const names = (await indexedDB.databases()).map(({ name = '' }) => name);
    for (const name of names) if (name !== worked && name !== first) await done(indexedDB.deleteDatabase(name));
    await (names.includes(first) ? copy(first, worked) : copy(worked, first));
  }, NAMES);
}

/** What a test has asked of its page is taken back; windows that it opened are closed. */
export async function leave(page: Page): Promise<void> {
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await page.emulateMedia({ colorScheme: null, media: null, reducedMotion: null, forcedColors: null, contrast: null });
  for (const other of page.context().pages()) if (other !== page) await other.close();
  await page.goto(RESTING);
}
