/** The time, for clocks that run on screen. */
import { useEffect, useState } from 'react';

/**
 * The time now, ISO 8601, renewed every so often while it is wanted; also when the page comes back from sleep.
 * @param everyMs 0 stands still
 */
export function useNow(everyMs: number): string {
  const [now, setNow] = useState(() => new Date().toISOString());
  useEffect(() => {
    if (everyMs === 0) return undefined;
    const tick = () => setNow(new Date().toISOString());
    tick();
    const timer = setInterval(tick, everyMs);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [everyMs]);
  return now;
}
