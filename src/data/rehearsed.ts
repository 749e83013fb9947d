/** What a rehearsal answers in place of a real kitchen. It is there while one is open: its part of the program says so. */
import { type Signal } from '@/core/probes/signal';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';

interface Rehearsed {
  /** What a probe in its cooling filling shows, so many minutes after it came off the heat; null where nothing cools. */
  signalOf: (id: string, minute: number) => Promise<Signal | null>;
  /** What a probe has at its tip in a parcel, and the seed of its mishaps; null where nothing is in it. */
  coreOf: (id: string, parcel: number, minute: number, times: number) => Promise<{ c: number; seed: number } | null>;
  /** The same kitchen again, with a batch as it is now. @returns the id of the rehearsal */
  againWith: (id: string, kitchen: Kitchen, batch: Batch) => Promise<string>;
}

let rehearsed: Rehearsed | null = null;

export const setRehearsed = (one: Rehearsed): void => {
  rehearsed = one;
};

/** @throws where no rehearsal is open */
export function inRehearsal(): Rehearsed {
  if (rehearsed === null) throw new Error('no rehearsal is open');
  return rehearsed;
}
