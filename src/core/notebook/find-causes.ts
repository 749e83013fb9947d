/** The causes of what was found, ranked by how strong they are in this batch's numbers and how typical the outcome is of them. */
import { type Outcome } from '../stored/note-schema';
import { isGood } from '../vocabulary/outcomes';
import { type CauseRule, type Read } from './cause';
import { coolingCauses } from './causes/cooling';
import { heatCauses } from './causes/heat';
import { liquidCauses } from './causes/liquid';
import { parcelCauses } from './causes/parcel';
import { pieceCauses } from './causes/pieces';
import { seasoningCauses } from './causes/seasoning';
import { sourCauses } from './causes/sour';
import { workCauses } from './causes/work';
import { type BatchNumbers } from './numbers';

export const CAUSE_RULES: readonly CauseRule[] = [
  ...liquidCauses,
  ...parcelCauses,
  ...pieceCauses,
  ...seasoningCauses,
  ...sourCauses,
  ...heatCauses,
  ...coolingCauses,
  ...workCauses,
];

export interface Cause extends Read {
  id: string;
}

export interface Explained {
  outcome: Outcome;
  /** The strongest first; empty where nothing in the numbers explains it. */
  causes: Cause[];
}

/** What is weaker explains nothing. House estimate. */
const LEAST = 0.15;
/** What was only planned or forecast counts a little less than what was measured. House estimate. */
const BY_FORECAST = 0.9;

/** Reads every rule off a batch once. */
const readAll = (numbers: BatchNumbers): Map<CauseRule, Read> =>
  new Map(
    CAUSE_RULES.flatMap((rule): [CauseRule, Read][] => {
      const reading = rule.read(numbers);
      return reading === null ? [] : [[rule, reading]];
    }),
  );

/** The causes of every fault that was noted, in the order in which they were noted. */
export function findCauses(numbers: BatchNumbers): Explained[] {
  const all = readAll(numbers);
  return numbers.outcomes
    .filter(({ what }) => !isGood(what))
    .map((outcome) => ({ outcome, causes: causesOf(outcome, all) }));
}

function causesOf({ what }: Outcome, all: ReadonlyMap<CauseRule, Read>): Cause[] {
  return [...all]
    .flatMap(([rule, said]): Cause[] => {
      const typical = rule.of[what] ?? 0;
      const strength = said.strength * typical * (said.isMeasured ? 1 : BY_FORECAST);
      return strength < LEAST ? [] : [{ id: rule.id, ...said, strength }];
    })
    .sort((a, b) => b.strength - a.strength);
}
