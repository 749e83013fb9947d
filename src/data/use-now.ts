/** The time, for clocks that run on screen. */
import { useEffect, useState } from 'react';
import { nowOf, speedOf } from './clock';

/** However fast a rehearsal goes, no more often than this. */
const LEAST_MS = 1000;

/**
 * The time now, ISO 8601, renewed every so often while it is wanted; also when the page comes back from sleep.
 * @param everyMs 0 stands still; what is rehearsed faster is renewed more often
 * @param of the document whose time it is; without one, the device's
 */
export function useNow(everyMs: number, of?: string): string {
  const [now, setNow] = useState(() => nowOf(of));
  useEffect(() => {
    if (everyMs === 0) return undefined;
    const tick = () => setNow(nowOf(of));
    tick();
    const timer = setInterval(tick, Math.max(Math.min(everyMs, LEAST_MS), everyMs / Math.max(1, speedOf(of))));
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [everyMs, of]);
  return now;
}
