/** Where a filling or parcels go when a clock is stopped: whether it stands out from then on. */
import { idsOf, recordsOf } from './records';

interface WhereRecord {
  /** As the button says it. */
  label: string;
}

/** From the cooling. */
export const RUN_ENDS = recordsOf<WhereRecord>()({
  board: { label: 'It’s being wrapped' },
  cold: { label: 'It’s in the fridge' },
});
export type RunEnd = keyof typeof RUN_ENDS;
export const RUN_END_IDS = idsOf(RUN_ENDS);

/** From the bench. */
export const BOARD_ENDS = recordsOf<WhereRecord>()({
  heat: { label: 'They’re being cooked' },
  cold: { label: 'They’re in the fridge or freezer' },
});
export type BoardEnd = keyof typeof BOARD_ENDS;
export const BOARD_END_IDS = idsOf(BOARD_ENDS);
