/** How long filling and skins really were on the bench, by the bench clock. */
import { outMinutesAt } from '../cooling/board-clock';
import { parcelsClosed } from '../stored/boards';
import { type Batch } from '../stored/schema';

export interface BoardSeen {
  /** Out of the fridge, all stretches together, minutes. */
  outMinutes: number;
  /** From the first to the last parcel, minutes. */
  minutes: number;
  parcels: number;
}

/** @returns null where no bench clock ran to its end */
export function boardOf({ wrap: { earlierBoards } }: Pick<Batch, 'wrap'>): BoardSeen | null {
  const last = earlierBoards[earlierBoards.length - 1];
  if (last === undefined) return null;
  const { stretches, taps, stoppedAt } = last;
  const end = taps[taps.length - 1]?.at ?? stoppedAt;
  return {
    outMinutes: outMinutesAt(last, stoppedAt),
    minutes: Math.max(0, (Date.parse(end) - Date.parse(stretches[0].outAt)) / 60_000),
    parcels: parcelsClosed(last),
  };
}
