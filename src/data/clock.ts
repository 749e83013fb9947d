/** The time of a document: the device's own, or, of the rehearsal that is open in this tab, the time in its kitchen. */
import { isRehearsal } from '@/core/document/rehearsal';

interface Running {
  id: string;
  /** What it shows, ms, as of so many ms of this page's life; and how many times as fast as life it goes: 0 stands still. */
  simMs: number;
  sinceMs: number;
  speed: number;
}

let running: Running | null = null;

/** The time of a document, ms; without one, the device's. */
export function msOf(id?: string): number {
  if (id === undefined || !isRehearsal(id)) return Date.now();
  // A rehearsal that is not open has no time that goes.
  if (running?.id !== id) return 0;
  return running.simMs + running.speed * (performance.now() - running.sinceMs);
}

/** The same, ISO 8601. */
export const nowOf = (id?: string): string => new Date(msOf(id)).toISOString();

/** How fast the time of a document goes, as a multiple of life. */
export const speedOf = (id?: string): number => (id !== undefined && running?.id === id ? running.speed : 1);

/** Sets a rehearsal's clock to a time, going so fast. */
export function setClock(id: string, simMs: number, speed: number): void {
  running = { id, simMs, sinceMs: performance.now(), speed };
}

/** Whether a rehearsal's clock is set in this tab. */
export const isClockOf = (id: string): boolean => running?.id === id;
