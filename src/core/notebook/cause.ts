/** What a cause is: a small function from a batch's numbers to a strength, with its sentence. No black box (science.md 14). */
import { type OutcomeId } from '../vocabulary/outcomes';
import { type BatchNumbers } from './numbers';

/** What a cause says of a batch. */
export interface Read {
  /** 0: nothing of it is in the numbers; 1: far beyond doubt. */
  strength: number;
  /** The cause in a few words: `Too much free liquid`. */
  title: string;
  /** The deciding number between asterisks. */
  sentence: string;
  /** Where the numbers come from: `by the ledger`, `three portions weighed`. */
  evidence: string[];
  /** What speaks against it. */
  against: string[];
  /** By something that was measured; else by what was planned, or forecast. */
  isMeasured: boolean;
}

export interface CauseRule {
  id: string;
  /** How typical an outcome is of it, 0 to 1. House estimates. */
  of: Partial<Record<OutcomeId, number>>;
  /** @returns null where the batch has nothing to say of it */
  read(numbers: BatchNumbers): Read | null;
}

/** From where a figure begins to count to where it is beyond doubt, straight between. */
export function ramp(value: number, from: number, to: number): number {
  if (from === to) return value >= to ? 1 : 0;
  return Math.min(1, Math.max(0, (value - from) / (to - from)));
}

/** With what was measured and what was not, as most rules say it. */
export const read = (
  strength: number,
  title: string,
  sentence: string,
  { evidence = [], against = [], isMeasured = false }: Partial<Pick<Read, 'evidence' | 'against' | 'isMeasured'>> = {},
): Read | null => (strength <= 0 ? null : { strength, title, sentence, evidence, against, isMeasured });
