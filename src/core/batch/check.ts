/** What a check is: a state, the sentence with the number that decides, and the fixes. */
import { type Operation } from './operations';

export const CHECK_IDS = ['moisture', 'salt', 'cooling', 'fit', 'core'] as const;
export type CheckId = (typeof CHECK_IDS)[number];

export type CheckState = 'good' | 'watch' | 'fix';

/** A change that mends a check, and what it promises. */
export interface Fix {
  id: string;
  label: string;
  /** What the deciding number does: `9.5 → 4.1`, in the check's unit. */
  effect: string;
  change: readonly Operation[];
  /** The value that `assess` finds for this check afterwards. */
  promise: number;
}

/** A line of the arithmetic behind a check. */
export interface Reason {
  text: string;
  /** The figure, with its unit. */
  figure?: string;
  /** Where a figure comes from; estimates of ours say so. */
  source?: string;
}

export interface Check {
  id: CheckId;
  state: CheckState;
  /** `Moisture: too wet` */
  headline: string;
  /** The sentence; what stands between asterisks is the deciding number. */
  sentence: string;
  /** The figure for the station bar. */
  figure: string;
  value: number | null;
  band: readonly [number | null, number | null];
  unit: string;
  fixes: readonly Fix[];
  why: readonly Reason[];
  /** Cautions that belong to what is done here. */
  cautions: readonly string[];
  /** The heat forecast is still being worked out. */
  pending: boolean;
}

/** How a figure of ours is marked wherever it is shown. */
export const HOUSE = 'house estimate';
