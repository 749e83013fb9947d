/** One step of cooking. */
import { type MediumId } from './index';

export interface CookStep {
  medium: MediumId;
  /** °C; null where it is not the cook's to set. */
  mediumC: number | null;
  minutes: number;
  /** The parcels are turned over as the step begins. */
  turn: boolean;
  /** Water poured in as the step begins, g; null: as much as is gone when it ends. Only where a pan steams. */
  waterG: number | null;
  /** Starch stirred into that water, g. */
  starchG: number;
}

export const step = (
  medium: MediumId,
  mediumC: number | null,
  minutes: number,
  turn = false,
  added: { waterG?: number | null; starchG?: number } = {},
): CookStep => ({ medium, mediumC, minutes, turn, waterG: null, starchG: 0, ...added });
