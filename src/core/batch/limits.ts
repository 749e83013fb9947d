/** How large anything in a document may be: said once, for the schema, for fixes and for the fields on screen. */
import { type Batch } from './schema';

export interface Span {
  least: number;
  most: number;
}
const span = (least: number, most: number): Span => ({ least, most });

/** Numbers, in the document's units. */
export const LIMITS = {
  /** Above 0; in whatever unit the line is written. */
  amount: span(Number.MIN_VALUE, 50_000),
  count: span(1, 500),
  /** Water lost, drained or planned, and the empty pan, g. */
  water: span(0, 20_000),
  panWithFillingG: span(0, 40_000),
  panMm: span(80, 600),
  boilingMinutes: span(0, 600),
  tastedPercent: span(0, 20),
  startC: span(20, 105),
  depthMm: span(2, 250),
  areaCm2: span(20, 20_000),
  share: span(0.05, 1),
  airC: span(-40, 45),
  stirEveryMinutes: span(1, 120),
  legMinutes: span(1, 24 * 60),
  doughSaltPercent: span(0, 5),
  diameterMm: span(30, 400),
  rimMm: span(0, 60),
  thicknessMm: span(0.3, 20),
  panDepthMm: span(10, 120),
  portionG: span(1, 5000),
  doughG: span(0, 20_000),
  mediumC: span(60, 300),
  cookStartC: span(-25, 60),
  cookMinutes: span(0.5, 240),
  coolReadingC: span(-30, 110),
  coreReadingC: span(-30, 130),
  /** Surface coefficients as a multiple of the usual ones. */
  coolingFactor: span(0.2, 5),
} as const;

/** How many there may be of a thing. */
export const MOST = {
  title: 120,
  note: 500,
  words: 5000,
  lines: 200,
  ownInBatch: 100,
  ownInKitchen: 500,
  weighIns: 100,
  tastings: 50,
  legs: 6,
  pastLegs: 24,
  earlierRuns: 20,
  coolReadings: 300,
  readings: 500,
  vessels: 40,
  vesselName: 60,
  coolingFits: 200,
} as const;

const within = (value: number | null, { least, most }: Span): boolean =>
  value === null || (value >= least && value <= most);

/**
 * Whether what fixes can change is within its limits. The validator says the same and more; this needs none of it, so that
 * nothing is offered that would be refused.
 */
export function isWithinLimits({ lines, ingredients, count, water, cool, wrap, cook }: Batch): boolean {
  const { estimate } = water;
  const boiledOff =
    estimate.by === 'grams' ? within(estimate.grams, LIMITS.water) : within(estimate.minutes, LIMITS.boilingMinutes);
  return (
    lines.length <= MOST.lines &&
    lines.every((l) => l.amount > 0 && within(l.amount, LIMITS.amount) && l.note.length <= MOST.note) &&
    ingredients.length <= MOST.ownInBatch &&
    within(count, LIMITS.count) &&
    boiledOff &&
    within(water.plannedG, LIMITS.water) &&
    within(water.drainedG, LIMITS.water) &&
    within(cool.depthMm, LIMITS.depthMm) &&
    within(cool.vessel.areaCm2, LIMITS.areaCm2) &&
    within(cool.share, LIMITS.share) &&
    cool.legs.length <= MOST.legs &&
    [...cool.legs, ...(cool.run?.past ?? [])].every(
      (leg) => within(leg.minutes, LIMITS.legMinutes) && within(leg.depthMm, LIMITS.depthMm),
    ) &&
    (cool.run?.past.length ?? 0) <= MOST.pastLegs &&
    within(wrap.portionG, LIMITS.portionG) &&
    within(wrap.diameterMm, LIMITS.diameterMm) &&
    within(wrap.depthMm, LIMITS.panDepthMm) &&
    wrap.rimMm < wrap.diameterMm / 2 &&
    within(cook.minutes, LIMITS.cookMinutes)
  );
}
