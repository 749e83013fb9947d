/** How large anything in a document may be: said once, for the schema, for fixes and for the fields on screen. */
import { type LineUnit } from './line-units';

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
  /** A skin, a pan or a strip, across or along, mm. */
  skinMm: span(20, 600),
  rimMm: span(0, 60),
  /** A bought sheet may be a quarter of a millimetre. */
  thicknessMm: span(0.2, 20),
  panDepthMm: span(10, 120),
  sheets: span(0, 40),
  /** A dough rolled out, or a sheet from a packet, mm. */
  sheetMm: span(50, 1000),
  spareShare: span(0, 0.5),
  doughPercent: span(0, 300),
  doughC: span(0, 60),
  packetCount: span(1, 500),
  packetG: span(10, 10_000),
  scoopMl: span(1, 1000),
  tapParcels: span(1, 100),
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
  /** Something to cook in, across or along, mm; how many floors it has. */
  applianceMm: span(60, 1200),
  tiers: span(1, 10),
  /** What a hob gives, W. */
  powerW: span(100, 10_000),
  /** Surface coefficients of an appliance as a multiple of the usual ones, and how far it is from what it is set to, K. */
  heatFactor: span(0.3, 3),
  heatBiasK: span(-60, 60),
  /** How far a thermometer is from ice water, K. */
  offsetK: span(-10, 10),
  /** Parcels cooked at once. */
  load: span(1, 500),
  /** Oil or water in a pot, g. */
  liquidG: span(100, 20_000),
  /** Water and starch poured into a pan, g. */
  panWaterG: span(5, 3000),
  panStarchG: span(0, 200),
  /** Of a day: minutes of one task, of what is added to it, and on the way; work that is planned for beyond what it takes. */
  taskMinutes: span(1, 3 * 24 * 60),
  moreMinutes: span(0, 24 * 60),
  carryMinutes: span(0, 240),
  daySpare: span(0, 1),
  /** At the end: one parcel, what is left over, g; and how soon it was cut, minutes. */
  parcelG: span(1, 10_000),
  leftG: span(0, 20_000),
  cutAfterMinutes: span(0, 600),
  rings: span(1, 12),
  benches: span(1, 6),
} as const;

/** How many there may be of a thing. */
export const MOST = {
  alwaysAtHome: 200,
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
  missed: 20,
  /** Pages whose edits a document remembers, so that none is done twice. */
  edits: 20,
  readings: 500,
  cookSteps: 12,
  vessels: 40,
  vesselName: 60,
  /** Letters of the id and of the name of a dough of one's own. */
  ownIdLetters: 64,
  doughName: 80,
  coolingFits: 200,
  formulaLines: 20,
  ownDoughs: 100,
  weighed: 30,
  stretches: 60,
  taps: 600,
  earlierBoards: 20,
  cutters: 40,
  scoops: 40,
  appliances: 40,
  applianceName: 60,
  heats: 20,
  cookRuns: 60,
  /** What was really taken, in a batch. */
  taken: 100,
  /** Of a note, and of a line of versions. */
  outcomes: 60,
  /** Of what a kitchen has learned: figures, and batches that one was learned from. */
  learned: 300,
  evidence: 30,
  tasters: 30,
  /** Of a rehearsal: looks and tastes. */
  looks: 300,
  versions: 1000,
  changed: 40,
  batchesInDay: 20,
  helpers: 10,
  helperName: 60,
  away: 40,
  tasks: 400,
  taskId: 200,
  added: 60,
  shopping: 300,
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
