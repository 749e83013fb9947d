/** Flame under the pan, for the estimate of what boils off. */
import { idsOf, recordsOf } from './records';

interface PanHeatRecord {
  /** Heat that reaches the food on an ordinary hob, W. House estimates. */
  watts: number;
}

export const PAN_HEATS = recordsOf<PanHeatRecord>()({
  low: { watts: 250 },
  medium: { watts: 600 },
  high: { watts: 1200 },
});
export type PanHeat = keyof typeof PAN_HEATS;
export const PAN_HEAT_IDS = idsOf(PAN_HEATS);
