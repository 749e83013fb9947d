/** How large anything in a document may be: said once, for the schema, for fixes and for the fields on screen. */
import { type LineUnit } from './vocabulary/line-units';

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
  airC: span(-40, 50),
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
  gPerMl: span(0.05, 2),
  /** Usual amount of a seasoning, g in a kg of filling. */
  dosePerKg: span(0.001, 200),
  roomC: span(5, 45),
  fridgeC: span(0, 12),
  porchC: span(-30, 20),
  freezerC: span(-40, 0),
  fridgeLitres: span(30, 1000),
  iceKg: span(0, 50),
  altitudeM: span(-400, 5000),
  saltTargetPercent: span(0.3, 2.5),
  vesselCm2: span(20, 20_000),
  vesselDeepMm: span(5, 300),
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

/** How much of a line a field takes, by its unit: more is a slip of the finger. House estimates. */
export const MOST_AMOUNT: Readonly<Record<LineUnit, number>> = {
  g: 20_000,
  kg: 20,
  oz: 700,
  lb: 44,
  ml: 20_000,
  l: 20,
  tsp: 500,
  tbsp: 200,
  cup: 80,
  piece: 500,
};
