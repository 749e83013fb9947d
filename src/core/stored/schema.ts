/**
 * THE document. A batch is plain JSON; this schema is its definition, its validation, its types and, through Zod's JSON
 * Schema, its documentation (docs/format.md). Screens edit it through operations; `assess` derives everything else.
 */
import { z } from '../zod';
import { FLAME_IDS } from '../vocabulary/flames';
import { MEDIUM_IDS } from '../vocabulary/media';
import { METHOD_IDS } from '../vocabulary/methods';
import { LINE_UNITS } from '../vocabulary/line-units';
import { DOUGH_IDS } from '../vocabulary/doughs';
import { FORM_IDS, FORMS } from '../forms';
import { EDGE_IDS, GLAZE_IDS, VENT_IDS } from '../vocabulary/edges';
import { acrossOf, SHAPE_IDS } from '../forms/skins';
import { MISSED_IDS } from '../vocabulary/missed';
import { BOARD_END_IDS, RUN_END_IDS } from '../vocabulary/where-to';
import { WEIGHED } from '../vocabulary/weighed';
import { ownDoughSchema } from './own-dough-schema';
import { ownIngredientSchema } from './own-ingredient-schema';
import { BATCH_FORMAT, BATCH_VERSION } from '../vocabulary/formats';
import { CUTS } from '../vocabulary/cuts';
import { PAN_HEAT_IDS } from '../vocabulary/pan-heats';
import { SCHOOL_IDS } from '../vocabulary/schools';
import { STAGE_IDS } from '../vocabulary/stages';
import { TASK_KIND_IDS } from '../vocabulary/task-kinds';
import { TASTE_IDS } from '../vocabulary/tastes';
import { VESSEL_IDS } from '../vocabulary/vessels';
import { editsSchema } from './edits-schema';
import { id } from './id';
import { sourceSchema } from './source-schema';
import { surroundings } from './surroundings';
import { lineageSchema, noteSchema } from './note-schema';
import { LIMITS, MOST, type Span } from '../vocabulary/limits';

/** A number within its limits, in a unit. */
const within = ({ least, most }: Span, unit: string, what = `a number of ${unit}`) =>
  z
    .number({ error: `must be ${what}` })
    .min(least, (least === 0 ? `must be 0 ${unit} or more` : `must be at least ${least} ${unit}`).trim())
    .max(most, `must be at most ${most} ${unit}`.trim());
const grams = (limit: Span) => within(limit, 'g', 'a number of grams');
const celsius = (limit: Span) => within(limit, '°C', 'a temperature in °C');
const millimetres = (limit: Span) => within(limit, 'mm', 'a length in mm');
const most = (limit: number, what: string) => [limit, `takes at most ${limit} ${what}`] as const;
const text = (limit: number) => z.string().max(limit, `must be at most ${limit} characters`);
const moment = z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' });

export const lineSchema = z
  .strictObject({
    id: id.describe('Unique within the batch.'),
    ingredientId: id.describe('Id in the larder.'),
    amount: z
      .number({ error: 'must be a number' })
      .positive('must be above 0')
      .max(LIMITS.amount.most, 'must be at most 50 000')
      .describe('How much, in `unit`.'),
    unit: z.enum(LINE_UNITS).describe('Unit the cook wrote it in.'),
    preparation: id.describe('Id of the preparation in the ingredient’s table; the first of the table where unknown.'),
    weighed: z
      .enum(['raw', 'ready'])
      .describe('Whether the amount is weighed before the preparation (raw) or as it goes in (ready).'),
    stage: z.enum(STAGE_IDS).describe('When it goes in.'),
    cut: z.enum(CUTS).nullable().describe('How it is cut, where a volume is measured; null as it usually is.'),
    ticked: z.boolean().describe('Whether it has gone in.'),
    note: text(MOST.note).describe('The cook’s own words.'),
  })
  .describe('One ingredient of the filling.');
export type Line = z.infer<typeof lineSchema>;

const estimateSchema = z
  .discriminatedUnion('by', [
    z.strictObject({
      by: z.literal('grams'),
      grams: grams(LIMITS.water).describe('Water thought to have boiled off, g.'),
    }),
    z.strictObject({
      by: z.literal('minutes'),
      panMm: millimetres(LIMITS.panMm).describe('Diameter of the pan, mm.'),
      heat: z.enum(PAN_HEAT_IDS).describe('Flame under it.'),
      minutes: within(LIMITS.boilingMinutes, 'minutes').describe('Boiling with the lid off.'),
    }),
  ])
  .describe('Water boiled off in the pan, as long as it has not been weighed.');

const weighInSchema = z.strictObject({
  at: moment.describe('When the pan was weighed.'),
  grams: grams(LIMITS.panWithFillingG).describe('Pan with its filling, g.'),
});

const waterSchema = z.strictObject({
  panG: grams(LIMITS.water).nullable().describe('The empty pan, g; weigh-ins count only where it is known.'),
  estimate: estimateSchema,
  weighIns: z
    .array(weighInSchema)
    .max(...most(MOST.weighIns, 'weigh-ins'))
    .describe('The pan with its filling, in the order of weighing; the last overrides the estimate.'),
  plannedG: grams(LIMITS.water).describe('Water still to be boiled off after the last weigh-in, g.'),
  drainedG: grams(LIMITS.water).describe('Liquid drained and weighed, beyond what the preparations say, g.'),
});

const tastingSchema = z.strictObject({
  at: moment.describe('When it was tasted.'),
  verdict: z.enum(TASTE_IDS).describe('What a cooked teaspoonful tasted like.'),
  saltPercent: within(LIMITS.tastedPercent, '%').describe('Salt in what was tasted, %.'),
});

const seasonSchema = z.strictObject({
  heldBack: z.boolean().describe('A third of the added salt is held back until a teaspoonful has been tasted.'),
  tastings: z
    .array(tastingSchema)
    .max(...most(MOST.tastings, 'tastings'))
    .describe('Teaspoonfuls cooked and tasted.'),
});

const around = {
  ...surroundings,
  ambientC: surroundings.ambientC
    .nullable()
    .describe('Air temperature there, °C, where it differs from the kitchen’s.'),
  stirEveryMinutes: surroundings.stirEveryMinutes
    .nullable()
    .describe('Stirred every so many minutes; null where it is not.'),
};

const legSchema = z
  .strictObject({
    minutes: within(LIMITS.legMinutes, 'minutes').describe('How long.'),
    depthMm: millimetres(LIMITS.depthMm)
      .nullable()
      .describe('Depth in this leg, mm, where it was spread afterwards; null as later.'),
    ...around,
  })
  .describe('Where it stands for a while.');

const vesselSchema = z.strictObject({
  kind: z.enum(VESSEL_IDS).describe('What it is.'),
  areaCm2: within(LIMITS.areaCm2, 'cm²')
    .nullable()
    .describe('Its floor, cm²: the depth then follows from the filling’s mass. Null where the depth is said.'),
});

const coolReadingSchema = z.strictObject({
  at: moment.describe('When it was read.'),
  c: celsius(LIMITS.coolReadingC).describe('Warmest place, °C.'),
  source: sourceSchema,
});

const missedSchema = z.strictObject({
  rule: id.describe('The rule whose limit was missed.'),
  did: z.enum(MISSED_IDS).describe('What was done then, as far as the cook has said.'),
  at: moment.describe('When that was said.'),
});
export type Missed = z.infer<typeof missedSchema>;

const runSchema = z
  .strictObject({
    offHeatAt: moment.describe('When it came off the heat: the clock runs from here.'),
    past: z
      .array(legSchema)
      .max(...most(MOST.pastLegs, 'past legs'))
      .describe('Where it has stood since, in order, as far as the plan was changed on the way; the plan follows.'),
    readings: z
      .array(coolReadingSchema)
      .max(...most(MOST.coolReadings, 'readings'))
      .describe('Temperatures measured while it cooled, in the order of time.'),
    missed: z
      .array(missedSchema)
      .max(...most(MOST.missed, 'missed limits'))
      .describe('Limits that it missed, and what was done.'),
  })
  .describe('One cooling that really happens: its clock, and all that was measured in it.');
export type CoolingRun = z.infer<typeof runSchema>;

const coolSchema = z.strictObject({
  startC: celsius(LIMITS.startC).describe('Temperature when it comes off the heat, °C.'),
  vessel: vesselSchema.describe('What it cools in.'),
  depthMm: millimetres(LIMITS.depthMm).describe('Depth of the filling, mm, where the vessel’s area is not said.'),
  share: within(LIMITS.share, '', 'a share').describe('Share of the filling that is cooled now; the rest comes later.'),
  legs: z
    .array(legSchema)
    .max(...most(MOST.legs, 'legs'))
    .describe('Where it is to stand first, in order, before the place below.'),
  ...around,
  run: runSchema.nullable().describe('The cooling that is under way; null while no clock runs.'),
  earlierRuns: z
    .array(
      runSchema.extend({
        stoppedAt: moment.describe('When its clock was stopped.'),
        to: z.enum(RUN_END_IDS).describe('Where it went then: onto the board, or into the cold.'),
      }),
    )
    .max(...most(MOST.earlierRuns, 'earlier runs'))
    .describe('Coolings that are over, the oldest first. They count for nothing in the next one.'),
});

const size = millimetres(LIMITS.skinMm);
const lined = {
  depthMm: millimetres(LIMITS.panDepthMm).describe('Depth of the pan, mm.'),
  sheetsBelow: within(LIMITS.sheets, '', 'a number')
    .int('must be a whole number')
    .describe('Sheets below the filling.'),
  sheetsAbove: within(LIMITS.sheets, '', 'a number').int('must be a whole number').describe('Sheets above it.'),
};
const skinSchema = z
  .discriminatedUnion(
    'shape',
    [
      z.strictObject({ shape: z.literal('round'), diameterMm: size }),
      z.strictObject({ shape: z.literal('oval'), lengthMm: size, widthMm: size }),
      z.strictObject({ shape: z.literal('square'), sideMm: size }),
      z.strictObject({ shape: z.literal('strip'), lengthMm: size, widthMm: size }),
      z.strictObject({ shape: z.literal('pan'), diameterMm: size, ...lined }),
      z.strictObject({ shape: z.literal('tin'), lengthMm: size, widthMm: size, ...lined }),
    ],
    { error: `shape would be ${SHAPE_IDS.join(', ')}` },
  )
  .describe('The skin, or the pan that is lined with sheets; sizes in mm. Of a strip, the length of one piece.');

const sheetSchema = z.strictObject({
  lengthMm: millimetres(LIMITS.sheetMm),
  widthMm: millimetres(LIMITS.sheetMm),
});

const weighedSchema = z.strictObject({
  at: moment.describe('When it was weighed.'),
  what: z.enum(WEIGHED).describe('A closed piece, its filling alone, or its skin alone.'),
  grams: grams(LIMITS.portionG),
});
export type Weighed = z.infer<typeof weighedSchema>;

const boardSchema = z.strictObject({
  stretches: z
    .array(
      z.strictObject({
        outAt: moment.describe('Taken out of the fridge, or mixed.'),
        inAt: moment.nullable().describe('Back in the cold, or in the heat; null while it stands out.'),
      }),
    )
    .min(1, 'needs at least one')
    .max(...most(MOST.stretches, 'stretches'))
    .describe('When the filling stood on the bench, in order.'),
  taps: z
    .array(
      z.strictObject({
        at: moment.describe('When they were closed.'),
        parcels: within(LIMITS.tapParcels, '', 'a number').int('must be a whole number'),
      }),
    )
    .max(...most(MOST.taps, 'taps'))
    .describe('Pieces closed, one by one or tray by tray.'),
});
export type BoardRun = z.infer<typeof boardSchema>;

const wrapSchema = z.strictObject({
  form: z.enum(FORM_IDS).describe('Form of the piece.'),
  dough: z.enum(DOUGH_IDS).describe('Wrapper dough or bought skin; of a dough of one’s own the family it is like.'),
  ownDough: ownDoughSchema.nullable().describe('The formula, where it is the cook’s own; null as the family is made.'),
  doughSaltPercent: within(LIMITS.doughSaltPercent, '%')
    .nullable()
    .describe('Salt of the dough, % of its mass, where it differs from what its formula says.'),
  skin: skinSchema,
  rimMm: millimetres(LIMITS.rimMm).describe('Rim kept free of filling, mm; of a roll, what overlaps.'),
  thicknessMm: millimetres(LIMITS.thicknessMm).describe('Thickness of the skin, or of one sheet, mm.'),
  portionG: grams(LIMITS.portionG).describe('Filling in one piece, g.'),
  doughG: grams(LIMITS.doughG).nullable().describe('Dough at hand, g; null where as much as is needed is made.'),
  spareShare: within(LIMITS.spareShare, '', 'a share').describe('Dough made beyond what the skins weigh, as a share.'),
  sheet: sheetSchema.nullable().describe('The rolled sheet that skins are cut from, or a sheet of the packet, mm.'),
  packet: z
    .strictObject({
      count: within(LIMITS.packetCount, '', 'a number')
        .int('must be a whole number')
        .describe('Skins or sheets in it.'),
      grams: grams(LIMITS.packetG).describe('What it weighs, g.'),
    })
    .nullable()
    .describe('What the packet says, where skins or sheets are bought.'),
  isThawed: z.boolean().describe('What is bought lies in the fridge, thawed or never frozen: it need not thaw.'),
  doughC: celsius(LIMITS.doughC).nullable().describe('The dough as it comes from mixing, °C; null as usual for it.'),
  riseC: celsius(LIMITS.doughC).nullable().describe('Where it rises, °C; null in the kitchen’s air.'),
  edge: z.enum(EDGE_IDS).describe('How its edge is closed.'),
  vent: z.enum(VENT_IDS).describe('What lets steam out.'),
  glaze: z.enum(GLAZE_IDS).describe('What is brushed on.'),
  weighed: z
    .array(weighedSchema)
    .max(...most(MOST.weighed, 'weighings'))
    .describe('The first pieces, fillings or skins, weighed as they were made.'),
  board: boardSchema.nullable().describe('The bench clock that runs; null while none does.'),
  earlierBoards: z
    .array(
      boardSchema.extend({
        stoppedAt: moment,
        to: z
          .enum(BOARD_END_IDS)
          .describe('Where they went then: into the heat one load after the other, or into the cold.'),
      }),
    )
    .max(...most(MOST.earlierBoards, 'earlier bench clocks'))
    .describe('Bench clocks that are over, the oldest first. Their filling is in the pieces.'),
});

const loadNumber = z
  .number()
  .int('must be a whole number')
  .min(1, 'must be 1 or more')
  .max(LIMITS.load.most, `must be at most ${LIMITS.load.most}`);

const readingSchema = z.strictObject({
  round: z
    .number()
    .int()
    .min(1, 'must be 1 or more')
    .max(50, 'must be at most 50')
    .describe('Readings taken together.'),
  c: celsius(LIMITS.coreReadingC).describe('In the filling, not touching metal, °C.'),
  at: moment.describe('When it was read.'),
  load: loadNumber.describe('Of which load.'),
  parcel: within(LIMITS.load, '', 'a number')
    .int('must be a whole number')
    .describe('Of which piece of its round; one piece counts once.'),
  source: sourceSchema,
});

const stepSchema = z.strictObject({
  medium: z.enum(MEDIUM_IDS).describe('What it is cooked in, on or under.'),
  mediumC: celsius(LIMITS.mediumC).nullable().describe('How hot that is, °C; null where it is not the cook’s to set.'),
  minutes: within(LIMITS.cookMinutes, 'minutes').describe('So long.'),
  turn: z.boolean().describe('The pieces are turned over as the step begins.'),
  waterG: grams(LIMITS.panWaterG)
    .nullable()
    .describe('Water poured in where a pan steams, g; null: as much as is gone when the step ends.'),
  starchG: grams(LIMITS.panStarchG).describe('Starch stirred into that water, g.'),
});

const cookRunSchema = z.strictObject({
  inAt: moment.describe('When it went into the heat: the clock runs from here.'),
  load: loadNumber.describe('Which load; the same again where it was put back into the heat.'),
  parcels: within(LIMITS.load, '', 'a number')
    .int('must be a whole number')
    .nullable()
    .describe('Pieces in it; null: as many as were planned.'),
});

const cookSchema = z.strictObject({
  method: z.enum(METHOD_IDS).describe('How it is cooked.'),
  steps: z
    .array(stepSchema)
    .min(1, 'needs at least one step')
    .max(...most(MOST.cookSteps, 'steps'))
    .describe('What is done, in order.'),
  startC: celsius(LIMITS.cookStartC).describe('Temperature of the piece when it goes in, °C.'),
  applianceId: id
    .nullable()
    .describe(
      'What of the kitchen’s it is cooked in; null, or one that is not there: the kitchen’s first of the kind.',
    ),
  load: within(LIMITS.load, '', 'a number')
    .int('must be a whole number')
    .nullable()
    .describe('Pieces cooked at once; null: as many as fit, and as oil or water bears.'),
  liquidG: grams(LIMITS.liquidG).nullable().describe('Oil or water in the pot, g; null as usual for the pot.'),
  flame: z.enum(FLAME_IDS).describe('What the cook does with the flame under oil as a load goes in.'),
  readings: z
    .array(readingSchema)
    .max(...most(MOST.readings, 'readings'))
    .describe('Core temperatures measured.'),
  run: cookRunSchema.nullable().describe('The load that is in the heat; null while none is.'),
  earlierRuns: z
    .array(cookRunSchema.extend({ outAt: moment.describe('When it was taken out.') }))
    .max(...most(MOST.cookRuns, 'earlier loads'))
    .describe('Loads that are done, the oldest first.'),
});

const takenSchema = z.strictObject({
  what: z.enum(TASK_KIND_IDS).describe('Which work.'),
  minutes: within(LIMITS.taskMinutes, 'minutes').describe('So long it really took.'),
  planned: within(LIMITS.taskMinutes, 'minutes').describe('So long it was planned to take.'),
  at: moment.describe('When it was done.'),
});
export type Taken = z.infer<typeof takenSchema>;

export const batchSchema = z
  .strictObject({
    format: z.literal(BATCH_FORMAT, `must be "${BATCH_FORMAT}"`),
    version: z.literal(BATCH_VERSION, `must be ${BATCH_VERSION}`),
    id,
    revision: z.number().int().min(0).describe('Goes up by one with every stored change.'),
    writer: text(64).describe('Who stored this revision: a tab of a browser; empty where nobody has yet.'),
    edits: editsSchema,
    title: text(MOST.title).trim().min(1, 'must not be empty'),
    createdAt: moment,
    updatedAt: moment,
    school: z.enum(SCHOOL_IDS).describe('Whether the filling goes in raw, cooked, or partly cooked.'),
    count: within(LIMITS.count, '', 'a number').int('must be a whole number'),
    lines: z
      .array(lineSchema)
      .max(...most(MOST.lines, 'lines'))
      .refine((lines) => new Set(lines.map((l) => l.id)).size === lines.length, 'two lines have the same id'),
    ingredients: z
      .array(ownIngredientSchema)
      .max(...most(MOST.ownInBatch, 'own ingredients'))
      .refine((own) => new Set(own.map((i) => i.id)).size === own.length, 'two own ingredients have the same id')
      .describe('Ingredients of the cook’s own that lines use, so that the batch can be read anywhere.'),
    stagesDone: z.array(z.enum(STAGE_IDS)).describe('Stages that are over: what is not ticked by then was forgotten.'),
    water: waterSchema,
    season: seasonSchema,
    cool: coolSchema,
    wrap: wrapSchema
      .refine((w) => w.rimMm < acrossOf(w.skin) / 2, {
        path: ['rimMm'],
        error: 'must be less than half the skin: nothing is left to fill',
      })
      .refine((w) => (FORMS[w.form].shapes as readonly string[]).includes(w.skin.shape), {
        path: ['skin'],
        error: 'is not of a shape that this form is made from',
      }),
    cook: cookSchema,
    taken: z
      .array(takenSchema)
      .max(...most(MOST.taken, 'times'))
      .describe('What work on it really took, the oldest first.'),
    note: noteSchema,
    lineage: lineageSchema,
    doneAt: moment.nullable().describe('When it was done and left the Bench; null while it is there.'),
  })
  .describe('A batch of pieces: its filling, cooling, wrapping, cooking and what came of it.');
export type Batch = z.infer<typeof batchSchema>;
