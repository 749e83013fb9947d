/** A cooling worked out and judged, and what it does to the fridge. */
import { type CoolingCurve, type CoolingPlan } from './curve';
import { fridgeRise } from './fridge';
import { type CoolingStage } from '../safety/cooling-stages';
import { heatBetween, inTheColdAt } from './plan';
import { type Kitchen } from '../document/kitchen';
import { type Operation } from '../document/operations';

export interface CoolingAlternative {
  id: string;
  label: string;
  /** What it needs, in words and figures. */
  needs: string;
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
}

/** The rise of the fridge's air when it goes in, K. */
export function fridgeRiseOf({ plan, curve, minutes }: Judged, kitchen: Kitchen): number {
  const at = [...(plan.legs ?? []), plan].some((leg) => leg.place === 'fridge') ? inTheColdAt(plan) : null;
  if (at === null) return 0;
  const kj = heatBetween(plan, curve.at(at).meanC, kitchen.fridgeC);
  return fridgeRise(kj, Math.max(30, (minutes ?? 240) - at), kitchen.fridgeLitres);
}
