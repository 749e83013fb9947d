/** What the core readings of a load say: how its appliance really heats, and how many more minutes it takes. For the worker. */
import { drawLedger } from '../filling/ledger';
import { minutesUntilDone } from '../heat/cooking';
import { applianceFor, heatOf } from '../cooking/appliance';
import { readingsInHeat } from '../cooking/load-evidence';
import { type CoreReading, fitCookingTo, minutesAs } from '../cooking/refit';
import { loadAtHand } from '../stored/cook-runs';
import { mainStep } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen';
import { LIMITS } from '../vocabulary/limits';
import { type Counted } from '../safety/evidence';
import { type Batch } from '../stored/schema';
import { type ApplianceKind } from '../vocabulary/appliances';
import { type MediumId } from '../vocabulary/media';
import { cook as cookedFrom, planFor } from './cooked';
import { outline } from './outline';

export interface CookFit {
  /** The appliance, and what it was used as. */
  applianceId: string;
  medium: MediumId;
  /** In all: of the usual coefficients, and from what it is set to. */
  factor: number;
  biasK: number;
  residualK: number;
  isSettled: boolean;
  readings: number;
  /** Minutes for the average parcel by the readings, and as was assumed; null where never. */
  minutes: number | null;
  assumedMinutes: number | null;
  /** From the latest reading on, until the lowest is there by its own curve; null where this heat never takes it there. */
  moreMinutes: number | null;
}

/** How far what is set is usually from what is, K (one standard deviation); water boils where it boils. House estimates. */
const BIAS_SD: Readonly<Record<ApplianceKind, number>> = { oven: 12, pan: 15, pot: 4, steamer: 0 };
/** The lowest parcel is fitted by itself: its medium is taken as it is. */
const NO_BIAS = 0;

/** @returns null without a reading since the load went in */
export function fitCook(batch: Batch, kitchen: Kitchen): CookFit | null {
  const readings = readingsInHeat(batch, loadAtHand(batch.cook)).filter(({ minute }) => minute > 0);
  const o = outline(batch, kitchen);
  const appliance = applianceFor(batch.cook, kitchen);
  if (readings.length === 0 || o.lines.length === 0 || appliance === null) return null;
  const cooked = cookedFrom(batch, kitchen, o, drawLedger(o.lines, batch.water, 0));
  const plan = planFor(cooked);
  const { target } = cooked;
  const { medium } = mainStep(batch.cook);
  const isSet = medium !== 'water' && medium !== 'pan-steam';
  const fit = fitCookingTo(plan, target, readings, isSet ? BIAS_SD[appliance.kind] : 0);
  const lowest = lowestOf(readings);
  const own = fitCookingTo(plan, target, [lowest], NO_BIAS);
  if (fit === null || own === null) return null;
  const before = heatOf(medium, batch.cook, kitchen);
  const until = minutesAs(plan, target, own);
  // A curve that is taken for likelier than its one reading may be there by the clock already: what was measured is not.
  const as = minutesAs(plan, { at: 'centre', c: lowest.c }, own);
  const fromLowest = (there: number): number => Math.max(0, there - lowest.minute, as === null ? 0 : there - as);
  return {
    applianceId: appliance.id,
    medium,
    factor: clamp((before?.factor ?? 1) * fit.factor, LIMITS.heatFactor),
    biasK: clamp((before?.biasK ?? 0) + fit.biasK, LIMITS.heatBiasK),
    residualK: fit.residualK,
    isSettled: fit.isSettled,
    readings: fit.readings,
    minutes: minutesAs(plan, target, fit),
    assumedMinutes: minutesUntilDone(plan, target),
    moreMinutes: until === null ? null : fromLowest(until) + o.limit.holdMinutes,
  };
}

const clamp = (value: number, { least, most }: { least: number; most: number }): number =>
  Math.min(most, Math.max(least, value));

/** The lowest of the latest round: of readings within some minutes of the last. */
function lowestOf(readings: readonly Counted<CoreReading>[]): Counted<CoreReading> {
  const last = Math.max(...readings.map(({ minute }) => minute));
  const latest = readings.filter(({ minute }) => last - minute <= ROUND_MINUTES);
  return latest.reduce((low, reading) => (reading.c < low.c ? reading : low));
}

/** Readings of one round are taken within so many minutes. House estimate. */
const ROUND_MINUTES = 2;
