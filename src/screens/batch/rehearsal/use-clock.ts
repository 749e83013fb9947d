/** The clock of a rehearsal while its batch is open: how fast it goes, and that it stands still while nobody looks. */
import { useEffect, useState } from 'react';
import { msOf, setClock, speedOf } from '@/data/clock';
import { keepTime, setSpeed } from '@/data/rehearsals';

/** What it shows is kept so often, ms. */
const KEEP_EVERY_MS = 5000;

export function useClock(id: string, isOver: boolean) {
  const [speed, setShown] = useState(() => (isOver ? 0 : speedOf(id)));
  useEffect(() => {
    if (isOver) return undefined;
    const keep = () => {
      // Deleted meanwhile in another tab: there is nothing to keep.
      keepTime(id).catch(() => undefined);
    };
    const seen = () => {
      setClock(id, msOf(id), document.hidden ? 0 : speed);
      keep();
    };
    const timer = setInterval(keep, KEEP_EVERY_MS);
    document.addEventListener('visibilitychange', seen);
    window.addEventListener('pagehide', keep);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', seen);
      window.removeEventListener('pagehide', keep);
      keep();
    };
  }, [id, isOver, speed]);
  const choose = (next: number) => {
    setShown(next);
    void setSpeed(id, next);
  };
  return { speed: isOver ? 0 : speed, choose };
}
