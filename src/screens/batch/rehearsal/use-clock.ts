/** The clock of a rehearsal while its batch is open: how fast it goes, and that it stands still while nobody looks. */
import { useEffect, useState } from 'react';
import { setPace } from '@/data/clock';
import { keepTime } from '@/data/rehearsals';

/** What it shows is kept so often, ms. */
const KEEP_EVERY_MS = 5000;

/** How fast each was let go last: the next station goes on so. */
const chosen = new Map<string, number>();

export function useClock(id: string, isOver: boolean) {
  const [speed, show] = useState(() => chosen.get(id) ?? 1);
  useEffect(() => {
    if (isOver) return undefined;
    const keep = () => {
      // Deleted meanwhile in another tab: there is nothing to keep.
      keepTime(id).catch(() => undefined);
    };
    const go = () => {
      setPace(id, document.hidden ? 0 : speed);
      keep();
    };
    go();
    const timer = setInterval(keep, KEEP_EVERY_MS);
    document.addEventListener('visibilitychange', go);
    window.addEventListener('pagehide', keep);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', go);
      window.removeEventListener('pagehide', keep);
      // Nobody is in that kitchen any more.
      setPace(id, 0);
      keep();
    };
  }, [id, isOver, speed]);
  const choose = (next: number) => {
    chosen.set(id, next);
    show(next);
  };
  return { speed: isOver ? 0 : speed, choose };
}
