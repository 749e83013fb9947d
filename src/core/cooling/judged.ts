/** A cooling worked out and judged, and what it does to the fridge. */
import { airOf } from './air';
import { type CoolingCurve } from './curve';
import { type CoolingPlan } from './stretches';
import { fridgeRise } from './fridge';
import { type CoolingStage } from '../safety/cooled';
import { heatBetween, inTheColdAt } from './plan';
import { type Kitchen } from '../stored/kitchen';
import { type Operation } from '../stored/operations';

export interface CoolingAlternative {
  id: string;
  label: string;
  /** What it needs, in words and figures; and whether the kitchen has less of it. */
  needs: string;
  isShort: boolean;
  /** What taking it changes in the batch. */
  change: readonly Operation[];
  minutes: number | null;
  evaporatedG: number;
  stages: CoolingStage[];
  /** A few points of its curve, to be drawn thinly beside the plan's. */
  samples: { minute: number; c: number }[];
}

/** One cooling, worked out and judged. */
export interface Judged {
  plan: CoolingPlan;
  curve: CoolingCurve;
  minutes: number | null;
  evaporatedG: number;
  stages: CoolingStage[];
  /** Where the target is so near the air's own temperature that this place will not take it there. */
  stall: Stall | null;
}

/** As far as a place takes it, when the target is too near its air. */
export interface Stall {
  airC: number;
  /** It comes near to this, °C, after so many minutes; null where not even that within a day. */
  nearC: number;
  minutes: number | null;
}

/** A target within so many K of the air is approached for ever; so many above it a place is left. House estimates. */
const STALLS_K = 2;
const LEAVES_K = 3;

/** Whether a target is too near the air of the place where it stands last. */
export function stallOf(plan: CoolingPlan, curve: CoolingCurve, targetC: number): Stall | null {
  const airC = airOf(plan);
  if (targetC >= airC + STALLS_K || plan.base === 'ice') return null;
  const nearC = airC + LEAVES_K;
  return { airC, nearC, minutes: curve.minutesTo(nearC) };
}

/** The rise of the fridge's air when it goes in, K. */
export function fridgeRiseOf({ plan, curve, minutes }: Judged, kitchen: Kitchen): number {
  const coldAtMinute = [...(plan.legs ?? []), plan].some((leg) => leg.place === 'fridge') ? inTheColdAt(plan) : null;
  if (coldAtMinute === null) return 0;
  const kj = heatBetween(plan, curve.at(coldAtMinute).meanC, kitchen.fridgeC);
  return fridgeRise(kj, Math.max(30, (minutes ?? 240) - coldAtMinute), kitchen.fridgeLitres);
}
