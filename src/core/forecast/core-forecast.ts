/** How a batch's parcels heat: the average, the least-done, and all of them together. */
import { mainStep, plannedMinutes } from '../stored/cooking';
import {
  type Browning,
  cookingCurve,
  type CookingSample,
  type CookingTarget,
  minutesUntilDone,
  type ParcelBody,
  type Profile,
} from '../heat/cooking';
import { allDone, DRAWS, drawMinutes, quantile, SURE } from '../heat/draws';
import { fitResponse } from '../heat/response';
import { type PotForecast } from '../cooking/pot-of';
import { type Cooked, planFor } from './cooked';
import { type Deviations, leastDoneOf, type ParcelSpread } from './least-done';

export interface MinutesSpread {
  /** By then every parcel is there in 95 of 100 batches. */
  allDoneMinutes: number;
  /** Of 20 parcels one is there before the first, one after the second. */
  earlyMinutes: number;
  lateMinutes: number;
}

export interface CoreForecast {
  targetC: number;
  at: CookingTarget['at'];
  /** Minutes for the average parcel, and for the least-done: fuller and colder; null where not within three hours. */
  minutes: number | null;
  leastDoneMinutes: number | null;
  samples: CookingSample[];
  leastDone: CookingSample[];
  mediumC: number;
  /** How the least-done differs: so much fuller, colder at the start, and in a cooler place. */
  differs: {
    fullerShare: number;
    colderK: number;
    coolerK: number;
    from: ParcelSpread['from'];
    /** The same in standard deviations; null where some parcel never gets there. */
    deviations: Deviations | null;
  };
  /** All parcels together; null while it is being worked out. */
  spread: MinutesSpread | null;
  /** When the faces of the average parcel are brown, and too brown, as long as it cooks. */
  above: Browning;
  below: Browning;
  /** The pot it swims in; null where it does not. */
  pot: PotForecast | null;
  /** Temperatures inside the average parcel, and how much of the way from its middle to its face is filling. */
  profile: Profile;
  fillingShare: number;
  /** What is above and below it is told apart; else it is round, with one coefficient for all of its surface. */
  hasFaces: boolean;
}

const fillingShareOf = ({ fillingMm, wrapperMm }: ParcelBody): number => fillingMm / (fillingMm + wrapperMm);

/** Cells that do where two parcels are compared: what the grid does to both falls out. */
const COARSE = 16;

/** How much longer each takes for one standard deviation, in log minutes; null where a parcel then never gets there. */
function slopesOf(cooked: Cooked): Deviations | null {
  const solve = (deviations?: Deviations): number | null =>
    minutesUntilDone(planFor(cooked, deviations), cooked.target, COARSE);
  const average = solve();
  if (average === null || !(average > 0)) return null;
  const slope = (deviations: Deviations): number | null => {
    const minutes = solve(deviations);
    return minutes === null ? null : Math.max(0, Math.log(minutes / average));
  };
  const [fuller, colder, cooler] = [slope([1, 0, 0]), slope([0, 1, 0]), slope([0, 0, 1])];
  return fuller === null || colder === null || cooler === null ? null : [fuller, colder, cooler];
}

/** A pale crust is looked after for so many times the time that is planned, or needed: what takes longer is simply pale. House estimate. */
const PALE_FOR = 2;

/** @param as how the least-done differs, where it is known from a batch that is much the same */
export function forecastCore(cooked: Cooked, as: Deviations | null): CoreForecast {
  const { batch, target, spread } = cooked;
  const plan = planFor(cooked);
  const slopes = as === null ? slopesOf(cooked) : null;
  const deviations = as ?? (slopes === null ? null : leastDoneOf(slopes, batch.count));
  const least = deviations === null ? null : cookingCurve(planFor(cooked, deviations), target);
  const leastDoneMinutes = least?.minutesTo(target.c) ?? null;
  // The crust goes on browning until the least-done is hot.
  const curve = cookingCurve(plan, target, {
    atLeast: leastDoneMinutes ?? 0,
    inside: true,
    brownsBy: PALE_FOR * Math.max(plannedMinutes(batch.cook), leastDoneMinutes ?? 0),
  });
  const [fuller, colder, cooler] = deviations ?? [0, 0, 0];
  return {
    targetC: target.c,
    at: target.at,
    minutes: curve.minutesTo(target.c),
    leastDoneMinutes,
    differs: {
      fullerShare: fuller * spread.portion,
      colderK: colder * spread.startK,
      coolerK: cooler * spread.placeK,
      from: spread.from,
      deviations,
    },
    spread: null,
    samples: curve.samples,
    leastDone: least?.samples ?? curve.samples,
    mediumC: mainStep(batch.cook).mediumC ?? plan.boilingC,
    above: curve.above,
    below: curve.below,
    pot: cooked.pot,
    profile: curve.profile,
    fillingShare: fillingShareOf(plan.parcel),
    hasFaces: plan.parcel.dimension === 1,
  };
}

export const spreadOut = (core: CoreForecast, cooked: Cooked): CoreForecast =>
  core.leastDoneMinutes === null ? core : { ...core, spread: spreadOfMinutes(cooked) };

/** The same dice for every batch: a forecast read again is the same. */
const SEED = 1;

/** All parcels together, by a response surface and 100 000 draws; null where some never get there. */
function spreadOfMinutes(cooked: Cooked): MinutesSpread | null {
  const surface = fitResponse(([fuller, colder, cooler]) =>
    minutesUntilDone(planFor(cooked, [fuller, colder, cooler]), cooked.target, COARSE),
  );
  const [fine, coarse] = [undefined, COARSE].map((cells) => minutesUntilDone(planFor(cooked), cooked.target, cells));
  if (surface === null || !fine || !coarse) return null;
  const scale = fine / coarse;
  const minutes = drawMinutes(surface, DRAWS, SEED);
  return {
    allDoneMinutes: scale * allDone(minutes, cooked.batch.count),
    earlyMinutes: scale * quantile(minutes, 1 - SURE),
    lateMinutes: scale * quantile(minutes, SURE),
  };
}
