/** Reading and finding, fetched when somebody types: the larder's other names and the search are no part of the first picture. */
import { useEffect, useState } from 'react';

export type Reading = typeof import('@/core/recipe/reading');

let loaded: Reading | null = null;

/** Fetches it, once. */
export async function loadReading(): Promise<Reading> {
  loaded ??= await import('@/core/recipe/reading');
  return loaded;
}

export const couldNotLoad = (error: unknown): string =>
  `The Larder couldn’t be searched (${String(error)}). What you typed is still here.`;

/**
 * The reading, as soon as it is there; what it could not be fetched for otherwise.
 * @param isWanted whether anything is to be read
 */
export function useReading(isWanted: boolean): { reading: Reading | null; problem: string | null } {
  const [state, setState] = useState<{ reading: Reading | null; problem: string | null }>({
    reading: loaded,
    problem: null,
  });
  useEffect(() => {
    if (!isWanted || state.reading !== null) return undefined;
    let gone = false;
    loadReading().then(
      (reading) => {
        if (!gone) setState({ reading, problem: null });
      },
      (error: unknown) => {
        if (!gone) setState({ reading: null, problem: couldNotLoad(error) });
      },
    );
    return () => {
      gone = true;
    };
  }, [isWanted, state.reading]);
  return state;
}
