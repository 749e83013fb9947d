/** The time of a document: the device's own, or, of a rehearsal that has been opened in this tab, the time in its kitchen. */
import { isRehearsal } from '@/core/stored/rehearsal';

interface Clock {
  /** What it shows, ms, as of so many ms of this page's life; and how many times as fast as life it goes: 0 stands still. */
  simMs: number;
  sinceMs: number;
  speed: number;
}

const clocks = new Map<string, Clock>();

/** The time of a document, ms; without one, the device's. A rehearsal that was not opened here has none yet: 0. */
export function msOf(id?: string): number {
  if (id === undefined || !isRehearsal(id)) return Date.now();
  const clock = clocks.get(id);
  return clock === undefined ? 0 : clock.simMs + clock.speed * (performance.now() - clock.sinceMs);
}

/** The same, ISO 8601. */
export const nowOf = (id?: string): string => new Date(msOf(id)).toISOString();

/** How fast the time of a document goes, as a multiple of life. */
export const speedOf = (id?: string): number => (id === undefined ? 1 : (clocks.get(id)?.speed ?? 1));

/** Sets a rehearsal's clock to a time, going so fast. */
export const setClock = (id: string, simMs: number, speed: number): void =>
  void clocks.set(id, { simMs, sinceMs: performance.now(), speed });

/** Lets a rehearsal's clock go so fast from now on. */
export const setPace = (id: string, speed: number): void => setClock(id, msOf(id), speed);

/** Whether a rehearsal's clock is set in this tab. */
export const isClockOf = (id: string): boolean => clocks.has(id);
