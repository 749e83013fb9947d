/** The time, for clocks that run on screen. */
import { useEffect, useState } from 'react';
import { isRehearsal } from '@/core/stored/rehearsal';
import { nowOf } from './clock';

/** What is rehearsed may go sixty times as fast: it is renewed at least so often. */
const REHEARSED_MS = 2000;

/**
 * The time now, ISO 8601, renewed every so often while it is wanted; also when the page comes back from sleep.
 * @param everyMs 0 stands still
 * @param of the document whose time it is; without one, the device's
 */
export function useNow(everyMs: number, of?: string): string {
  const [now, setNow] = useState(() => nowOf(of));
  useEffect(() => {
    if (everyMs === 0) return undefined;
    const tick = () => setNow(nowOf(of));
    tick();
    const timer = setInterval(tick, of !== undefined && isRehearsal(of) ? Math.min(everyMs, REHEARSED_MS) : everyMs);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [everyMs, of]);
  return now;
}
