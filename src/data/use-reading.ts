/** Reading and finding, fetched when somebody types: the larder's other names and the search are no part of the first picture. */
import { useEffect, useState } from 'react';

export type Reading = typeof import('@/core/recipe/reading');

let loaded: Reading | null = null;

export interface UsedReading {
  reading: Reading | null;
  /** Why it could not be fetched. */
  problem: string | null;
}

/** @param isWanted whether anything is to be read */
export function useReading(isWanted: boolean): UsedReading {
  const [state, setState] = useState<UsedReading>({ reading: loaded, problem: null });
  useEffect(() => {
    if (!isWanted || state.reading !== null) return undefined;
    let gone = false;
    import('@/core/recipe/reading').then(
      (reading) => {
        loaded = reading;
        if (!gone) setState({ reading, problem: null });
      },
      (error: unknown) => {
        if (!gone) {
          setState({
            reading: null,
            problem: `The larder could not be searched (${String(error)}). What you typed is still here.`,
          });
        }
      },
    );
    return () => {
      gone = true;
    };
  }, [isWanted, state.reading]);
  return state;
}
