/** A handler that stays the same function while always doing what the latest one does: what is given it need not be redrawn. */
import { useCallback, useLayoutEffect, useRef } from 'react';

export function useStable<Args extends unknown[], Result>(
  handler: (...args: Args) => Result,
): (...args: Args) => Result {
  const latest = useRef(handler);
  useLayoutEffect(() => {
    latest.current = handler;
  });
  return useCallback((...args: Args) => latest.current(...args), []);
}
