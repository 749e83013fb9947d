/** In how many loads a batch is cooked, how each lies, how long it all takes, and what waits meanwhile. */
import { mainStep, plannedMinutes } from '../stored/cooking';
import { type Appliance, type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { APPLIANCES } from '../vocabulary/appliances';
import { MEDIA, type MediumId } from '../vocabulary/media';
import { type Dough } from '../wrapper/dough';
import { type Fit } from '../wrapper/fit';
import { laidOf } from '../wrapper/laid';
import { applianceFor } from './appliance';
import { areaOfFootprint, type Footprint, footprintOf } from './footprint';
import { afloat, layOut, type Place } from './lay-out';

export interface LoadsToCook {
  appliance: Appliance;
  footprint: Footprint;
  gapMm: number;
  /** Where they lie on one floor, as many as go on it; of what swims, as many as are in it. */
  places: Place[];
  floors: number;
  /** So many fit at once, on all floors. */
  fits: number;
  /** So many are cooked at once: as the cook said, or as fit and as oil and water bear, shared out evenly. */
  atOnce: number;
  isOwn: boolean;
  loads: number;
  /** One load in the heat, and all of them with the changes between, minutes. */
  eachMinutes: number;
  allMinutes: number;
  /** The last load waits so long for the first to come out, minutes. */
  lastWaits: number;
}

/** Between two that lie side by side, mm: risen ones swell on, what fries must roll over, in a pan they may nearly touch. House estimates. */
const GAPS: Partial<Record<MediumId, number>> = {
  oil: 12,
  water: 6,
  steam: 12,
  griddle: 4,
  'pan-steam': 4,
  'shallow-oil': 8,
  'shallow-lid': 8,
};
const OVEN_GAP = 15;
/** Yeasted ones rise beyond what is drawn: so much more between them. */
const RISING = 10;
/** Out with one load, in with the next, minutes. House estimate. */
export const CHANGE_MINUTES = 2;
/** Parcels that wait so long for their turn go back into the fridge, minutes. House estimate, well within two hours. */
export const FRIDGE_AFTER = 20;

const gapFor = (medium: MediumId, { kind }: Pick<Dough, 'kind'>): number =>
  (GAPS[medium] ?? OVEN_GAP) + (kind === 'yeasted' && medium !== 'oil' && medium !== 'water' ? RISING : 0);

/** So much of the surface parcels that swim may cover, by area: in oil each must roll over, in water they lie over each other. House estimates. */
const COVERED = { oil: 0.75, water: 1.3 };

const isLiquid = (medium: MediumId): medium is keyof typeof COVERED => medium in COVERED;

const fitsAfloat = ({ longMm }: Appliance, footprint: Footprint, medium: keyof typeof COVERED): number =>
  Math.max(1, Math.floor((COVERED[medium] * Math.PI * longMm ** 2) / 4 / areaOfFootprint(footprint)));

function placesIn(
  { cook, wrap }: Pick<Batch, 'cook' | 'wrap'>,
  appliance: Appliance,
  footprint: Footprint,
  gapMm: number,
): Place[] {
  const { medium } = mainStep(cook);
  if (isLiquid(medium)) return afloat(appliance, footprint, fitsAfloat(appliance, footprint, medium));
  // A pan pie is its own pan: on a hob there is one.
  const isItsOwnPan = 'sheetsBelow' in wrap.skin && appliance.kind === 'pan';
  return isItsOwnPan ? [{ x: 0, y: 0, turned: 0 }] : layOut(appliance, footprint, gapMm);
}

/** Steps outside of what it is cooked in keep nothing waiting: it stands elsewhere. */
const minutesInIt = (steps: Batch['cook']['steps'], { kind }: Pick<Appliance, 'kind'>): number =>
  plannedMinutes({ steps: steps.filter(({ medium }) => MEDIA[medium].appliance === kind) });

/**
 * How a batch is cooked in loads.
 * @param bears the most at once that oil or water bears; null where nothing limits it, or it is not known yet
 * @returns null where it is cooked in nothing of the kitchen's
 */
export function loadsToCook(
  batch: Pick<Batch, 'cook' | 'wrap' | 'count'>,
  kitchen: Pick<Kitchen, 'appliances'>,
  { dough, fit, bears = null }: { dough: Dough; fit: Pick<Fit, 'body'>; bears?: number | null },
): LoadsToCook | null {
  const { cook, wrap, count } = batch;
  const appliance = applianceFor(cook, kitchen);
  if (appliance === null) return null;
  const isStanding = cook.method === 'steam' || cook.method === 'sear';
  const footprint = footprintOf(wrap.form, laidOf(wrap, dough), fit.body, isStanding);
  const gapMm = gapFor(mainStep(cook).medium, dough);
  const places = placesIn(batch, appliance, footprint, gapMm);
  const floors = APPLIANCES[appliance.kind].hasTiers ? appliance.tiers : 1;
  const fits = places.length * floors;
  const most = Math.max(1, Math.min(fits, bears ?? fits));
  const loads = Math.ceil(count / Math.min(count, cook.load ?? most));
  // Shared out evenly: eight and eight, not twelve and four.
  const atOnce = Math.min(count, cook.load ?? Math.ceil(count / loads));
  const eachMinutes = minutesInIt(cook.steps, appliance);
  return {
    appliance,
    footprint,
    gapMm,
    // What swims spreads out, however few there are.
    places: isLiquid(mainStep(cook).medium) ? afloat(appliance, footprint, atOnce) : places,
    floors,
    fits,
    atOnce,
    isOwn: cook.load !== null,
    loads,
    eachMinutes,
    allMinutes: loads * eachMinutes + (loads - 1) * CHANGE_MINUTES,
    lastWaits: (loads - 1) * (eachMinutes + CHANGE_MINUTES),
  };
}
