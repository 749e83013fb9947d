/** What a cooling vessel stands on. */
import { idsOf, recordsOf } from './records';

interface BaseRecord {
  label: string;
  /** Coefficient underneath, W/m²·K. House estimates. */
  h: number;
  /** Its temperature where that is not the air's, °C. */
  mediumC: number | null;
  /** How it is drawn under the vessel. */
  drawn: 'feet' | 'board' | 'bars' | 'ice';
}

export const BASES = recordsOf<BaseRecord>()({
  rack: { label: 'rack', h: 7, mediumC: null, drawn: 'feet' },
  board: { label: 'board', h: 3, mediumC: null, drawn: 'board' },
  // A metal shelf spreads the heat and gives it to the air below.
  metal: { label: 'metal shelf', h: 14, mediumC: null, drawn: 'bars' },
  ice: { label: 'ice and water', h: 150, mediumC: 0, drawn: 'ice' },
});
export type Base = keyof typeof BASES;
export const BASE_IDS = idsOf(BASES);
