/** One step of cooking. */
import { type MediumId } from './index';

export interface CookStep {
  medium: MediumId;
  /** °C; null where it is not the cook's to set. */
  mediumC: number | null;
  minutes: number;
  /** The parcels are turned over as the step begins. */
  turn: boolean;
}

export const step = (medium: MediumId, mediumC: number | null, minutes: number, turn = false): CookStep => ({
  medium,
  mediumC,
  minutes,
  turn,
});
