/** Databases beside the store, for what the program can do without. */
import { createStore, type UseStore } from 'idb-keyval';

/** Uses a database. Undefined where the browser has none, or where it refused once: as good as it was without one. */
export type Using = <Result>(ask: (store: UseStore) => Promise<Result>) => Promise<Result | undefined>;

/** @param isWanted asked at the first use: without it there is none */
export function database(name: string, table: string, isWanted = () => true): Using {
  let store: UseStore | 'none' | undefined;
  return async (ask) => {
    try {
      store ??= isWanted() ? createStore(name, table) : 'none';
      return store === 'none' ? undefined : await ask(store);
    } catch {
      store = 'none';
      return undefined;
    }
  };
}
