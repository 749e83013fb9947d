/**
 * THE document. A batch is plain JSON; this schema is its definition, its validation, its types and, through Zod's JSON
 * Schema, its documentation (docs/format.md). Screens edit it through operations; `assess` derives everything else.
 */
import { z } from '../zod';
import { METHODS } from '../heat/cooking';
import { BASES, PLACES } from '../heat/surfaces';
import { LINE_UNITS } from '../units/units';
import { DOUGH_IDS } from '../wrapper/doughs';
import { FORM_IDS } from '../wrapper/forms';
import { ownIngredientSchema } from '../food/own-ingredient-schema';
import {
  BATCH_FORMAT,
  BATCH_VERSION,
  CUTS,
  OUTCOMES,
  PAN_HEATS,
  SCHOOLS,
  STAGES,
  TASTES,
  VESSEL_KINDS,
} from './vocabulary';

const grams = (most: number) =>
  z.number({ error: 'must be a number of grams' }).min(0, 'must be 0 g or more').max(most, `must be at most ${most} g`);
const celsius = (least: number, most: number) =>
  z
    .number({ error: 'must be a temperature in °C' })
    .min(least, `must be at least ${least} °C`)
    .max(most, `must be at most ${most} °C`);
const millimetres = (least: number, most: number) =>
  z
    .number({ error: 'must be a length in mm' })
    .min(least, `must be at least ${least} mm`)
    .max(most, `must be at most ${most} mm`);
const id = z.string().min(1, 'must not be empty').max(64, 'must be at most 64 characters');
const moment = z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' });

export const lineSchema = z
  .strictObject({
    id: id.describe('Unique within the batch.'),
    ingredientId: id.describe('Id in the larder.'),
    amount: z
      .number({ error: 'must be a number' })
      .positive('must be above 0')
      .max(50_000, 'must be at most 50 000')
      .describe('How much, in `unit`.'),
    unit: z.enum(LINE_UNITS).describe('Unit the cook wrote it in.'),
    preparation: id.describe('Id of the preparation in the ingredient’s table; the first of the table where unknown.'),
    weighed: z
      .enum(['raw', 'ready'])
      .describe('Whether the amount is weighed before the preparation (raw) or as it goes in (ready).'),
    stage: z.enum(STAGES).describe('When it goes in.'),
    cut: z.enum(CUTS).nullable().describe('How it is cut, where a volume is measured; null as it usually is.'),
    ticked: z.boolean().describe('Whether it has gone in.'),
    note: z.string().max(500, 'must be at most 500 characters').describe('The cook’s own words.'),
  })
  .describe('One ingredient of the filling.');
export type Line = z.infer<typeof lineSchema>;

const estimateSchema = z
  .discriminatedUnion('by', [
    z.strictObject({
      by: z.literal('grams'),
      grams: grams(20_000).describe('Water thought to have boiled off, g.'),
    }),
    z.strictObject({
      by: z.literal('minutes'),
      panMm: millimetres(80, 600).describe('Diameter of the pan, mm.'),
      heat: z.enum(PAN_HEATS).describe('Flame under it.'),
      minutes: z
        .number()
        .min(0, 'must be 0 minutes or more')
        .max(600, 'must be at most 600 minutes')
        .describe('Boiling with the lid off.'),
    }),
  ])
  .describe('Water boiled off in the pan, as long as it has not been weighed.');

const weighInSchema = z.strictObject({
  at: moment.describe('When the pan was weighed.'),
  grams: grams(40_000).describe('Pan with its filling, g.'),
});

const waterSchema = z.strictObject({
  panG: grams(20_000).nullable().describe('The empty pan, g; weigh-ins count only where it is known.'),
  estimate: estimateSchema,
  weighIns: z
    .array(weighInSchema)
    .max(100, 'takes at most 100 weigh-ins')
    .describe('The pan with its filling, in the order of weighing; the last overrides the estimate.'),
  plannedG: grams(20_000).describe('Water still to be boiled off after the last weigh-in, g.'),
  drainedG: grams(20_000).describe('Liquid drained and weighed, beyond what the preparations say, g.'),
});

const tastingSchema = z.strictObject({
  at: moment.describe('When it was tasted.'),
  verdict: z.enum(TASTES).describe('What a cooked teaspoonful tasted like.'),
  saltPercent: z
    .number()
    .min(0, 'must be 0 % or more')
    .max(20, 'must be at most 20 %')
    .describe('Salt in what was tasted, %.'),
});

const seasonSchema = z.strictObject({
  heldBack: z.boolean().describe('A third of the added salt is held back until a teaspoonful has been tasted.'),
  tastings: z.array(tastingSchema).max(50, 'takes at most 50 tastings').describe('Teaspoonfuls cooked and tasted.'),
});

const every = z
  .number()
  .min(1, 'must be at least every minute')
  .max(120, 'must be at most every 120 minutes')
  .nullable()
  .describe('Stirred every so many minutes; null where it is not.');

const surroundings = {
  base: z.enum(BASES).describe('What the vessel stands on.'),
  place: z.enum(PLACES).describe('Where it stands.'),
  ambientC: celsius(-40, 45).nullable().describe('Air temperature there, °C, where it differs from the kitchen’s.'),
  covered: z.boolean().describe('Covered: no steam leaves.'),
  stirred: z.boolean().describe('Stirred all the time, or thin enough to mix itself.'),
  stirEveryMinutes: every,
};

const legSchema = z
  .strictObject({
    minutes: z
      .number()
      .min(1, 'must be at least 1 minute')
      .max(24 * 60, 'must be at most a day')
      .describe('How long.'),
    depthMm: millimetres(2, 250)
      .nullable()
      .describe('Depth in this leg, mm, where it was spread afterwards; null as later.'),
    ...surroundings,
  })
  .describe('Where it stands first, before the place of the plan.');

const vesselSchema = z.strictObject({
  kind: z.enum(VESSEL_KINDS).describe('What it is.'),
  areaCm2: z
    .number()
    .min(20, 'must be at least 20 cm²: less than a spoon')
    .max(20_000, 'must be at most 20 000 cm²')
    .nullable()
    .describe('Its floor, cm²: the depth then follows from the filling’s mass. Null where the depth is said.'),
});

const coolSchema = z.strictObject({
  startC: celsius(20, 105).describe('Temperature when it comes off the heat, °C.'),
  vessel: vesselSchema.describe('What it cools in.'),
  depthMm: millimetres(2, 250).describe('Depth of the filling, mm, where the vessel’s area is not said.'),
  share: z
    .number()
    .min(0.05, 'must be at least 0.05')
    .max(1, 'must be at most 1')
    .describe('Share of the filling that is cooled now; the rest comes later.'),
  legs: z.array(legSchema).max(6, 'takes at most 6 legs').describe('Where it stands before, in order.'),
  ...surroundings,
  offHeatAt: moment.nullable().describe('When it came off the heat: the clock runs from here.'),
  readings: z
    .array(
      z.strictObject({ at: moment.describe('When it was read.'), c: celsius(-30, 110).describe('Warmest place, °C.') }),
    )
    .max(300, 'takes at most 300 readings')
    .describe('Temperatures measured while it cools.'),
});

const wrapSchema = z.strictObject({
  form: z.enum(FORM_IDS).describe('Form of the parcel.'),
  dough: z.enum(DOUGH_IDS).describe('Wrapper dough or bought skin.'),
  doughSaltPercent: z
    .number()
    .min(0, 'must be 0 % or more')
    .max(5, 'must be at most 5 %')
    .nullable()
    .describe('Salt of the dough, % of its mass, where it differs from usual.'),
  diameterMm: millimetres(30, 400).describe('Diameter of the skin, mm.'),
  rimMm: millimetres(0, 60).describe('Rim kept free of filling, mm.'),
  thicknessMm: millimetres(0.3, 20).describe('Thickness of the skin, or of all sheets of one face together, mm.'),
  depthMm: millimetres(10, 120).nullable().describe('Depth of the pan, mm, for a pan pie; null for other forms.'),
  portionG: grams(5000)
    .refine((g) => g >= 1, 'must be at least 1 g')
    .describe('Filling in one parcel, g.'),
  doughG: grams(20_000).nullable().describe('Dough at hand, g; null where as much as is needed is made.'),
});

const readingSchema = z.strictObject({
  round: z
    .number()
    .int()
    .min(1, 'must be 1 or more')
    .max(50, 'must be at most 50')
    .describe('Readings taken together.'),
  c: celsius(-30, 130).describe('In the filling, not touching metal, °C.'),
  at: moment.describe('When it was read.'),
});

const cookSchema = z.strictObject({
  method: z.enum(METHODS).describe('How it is cooked.'),
  mediumC: celsius(60, 300).describe('Temperature of steam, water or oven, °C.'),
  startC: celsius(-25, 60).describe('Temperature of the parcel when it goes in, °C.'),
  minutes: z
    .number()
    .min(0.5, 'must be at least ½ minute')
    .max(240, 'must be at most 240 minutes')
    .describe('Planned time.'),
  readings: z.array(readingSchema).max(500, 'takes at most 500 readings').describe('Core temperatures measured.'),
});

const noteSchema = z.strictObject({
  outcomes: z.array(z.enum(OUTCOMES)).describe('What came out.'),
  words: z.string().max(5000, 'must be at most 5 000 characters').describe('Free words.'),
});

export const batchSchema = z
  .strictObject({
    format: z.literal(BATCH_FORMAT, `must be "${BATCH_FORMAT}"`),
    version: z.literal(BATCH_VERSION, `must be ${BATCH_VERSION}`),
    id,
    revision: z.number().int().min(0).describe('Goes up by one with every stored change.'),
    title: z.string().trim().min(1, 'must not be empty').max(120, 'must be at most 120 characters'),
    createdAt: moment,
    updatedAt: moment,
    school: z.enum(SCHOOLS).describe('Whether the filling goes in raw, cooked, or partly cooked.'),
    count: z.number().int('must be a whole number').min(1, 'must be at least 1').max(500, 'must be at most 500'),
    lines: z
      .array(lineSchema)
      .max(200, 'takes at most 200 lines')
      .refine((lines) => new Set(lines.map((l) => l.id)).size === lines.length, 'two lines have the same id'),
    ingredients: z
      .array(ownIngredientSchema)
      .max(100, 'takes at most 100 own ingredients')
      .refine((own) => new Set(own.map((i) => i.id)).size === own.length, 'two own ingredients have the same id')
      .describe('Ingredients of the cook’s own that lines use, so that the batch can be read anywhere.'),
    stagesDone: z.array(z.enum(STAGES)).describe('Stages that are over: what is not ticked by then was forgotten.'),
    water: waterSchema,
    season: seasonSchema,
    cool: coolSchema,
    wrap: wrapSchema.refine((w) => w.rimMm < w.diameterMm / 2, {
      path: ['rimMm'],
      error: 'must be less than half the diameter: nothing is left to fill',
    }),
    cook: cookSchema,
    note: noteSchema,
  })
  .describe('A batch of parcels: its filling, cooling, wrapping, cooking and what came of it.');
export type Batch = z.infer<typeof batchSchema>;
