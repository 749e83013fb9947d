/** The kitchen's definition and validation. */
import { z } from '../zod';
import { ownDoughSchema } from './own-dough-schema';
import { ownIngredientSchema } from './own-ingredient-schema';
import { PACK_IDS } from '../vocabulary/rule-packs';
import { BASE_IDS } from '../vocabulary/bases';
import { PLACE_IDS } from '../vocabulary/places';
import { APPLIANCE_KINDS } from '../vocabulary/appliances';
import { MEDIUM_IDS } from '../vocabulary/media';
import { VESSEL_IDS } from '../vocabulary/vessels';
import { editsSchema } from './edits-schema';
import { id } from './id';
import { LIMITS, MOST } from '../vocabulary/limits';
import { between } from './span';
import { learnedSchema } from './learned-schema';
import { KITCHEN_FORMAT, KITCHEN_VERSION } from '../vocabulary/formats';
import { SALT_KIND_IDS } from '../vocabulary/salt-kinds';

const whole = (span: typeof LIMITS.tiers) => between(span, '').int('must be a whole number');

const applianceSchema = z.strictObject({
  id,
  name: z
    .string()
    .trim()
    .min(1, 'must not be empty')
    .max(MOST.applianceName, `must be at most ${MOST.applianceName} characters`),
  kind: z.enum(APPLIANCE_KINDS),
  isRound: z.boolean(),
  longMm: between(LIMITS.applianceMm, 'mm').describe('Its floor inside, along; across where it is round, mm.'),
  wideMm: between(LIMITS.applianceMm, 'mm').describe('Its floor inside, across, mm.'),
  deepMm: between(LIMITS.vesselDeepMm, 'mm').describe('Depth inside, mm.'),
  tiers: whole(LIMITS.tiers).describe('Floors, or trays at once.'),
  powerW: between(LIMITS.powerW, 'W').nullable().describe('What the hob gives to it at full flame, W; null as usual.'),
  heats: z
    .array(
      z.strictObject({
        medium: z.enum(MEDIUM_IDS),
        factor: between(LIMITS.heatFactor, '').describe('Surface coefficients, as a multiple of the usual ones.'),
        biasK: between(LIMITS.heatBiasK, '°C').describe('How much hotter it is than it is set to, K.'),
        readings: z.number().int().min(1).describe('Readings it was fitted to.'),
        at: z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' }).describe('When that was.'),
      }),
    )
    .max(MOST.heats, `takes at most ${MOST.heats} fits`)
    .describe('How it really heats, by what is cooked in it, fitted from readings.'),
});

export const kitchenSchema = z
  .strictObject({
    format: z.literal(KITCHEN_FORMAT),
    version: z.literal(KITCHEN_VERSION),
    revision: z.number().int().min(0),
    writer: z.string().max(64).describe('Who stored this revision: a tab of a browser; empty where nobody has yet.'),
    edits: editsSchema,
    temperature: z.enum(['C', 'F']).describe('Scale shown.'),
    lengths: z.enum(['mm', 'in']).describe('Lengths shown: millimetres or inches.'),
    amounts: z
      .enum(['written', 'grams', 'spoons', 'both'])
      .describe('Amounts shown: as they were written, in grams, in cups and spoons, or in both.'),
    hours: z.union([z.literal(24), z.literal(12)]).describe('Times of day shown, of 24 or of 12 hours.'),
    alwaysAtHome: z
      .array(z.string().max(MOST.note, `must be at most ${MOST.note} characters`))
      .max(MOST.alwaysAtHome, `takes at most ${MOST.alwaysAtHome} things`)
      .describe('Ingredients that are always in the house: no shopping list asks for them.'),
    saltKind: z.enum(SALT_KIND_IDS).describe('Salt used, for spoons.'),
    saltTargetPercent: between(LIMITS.saltTargetPercent, '%').describe('Salt aimed at in a filling, %.'),
    cupMl: z.union([z.literal(240), z.literal(250)]).describe('Size of the cup, ml.'),
    altitudeM: between(LIMITS.altitudeM, 'm'),
    roomC: between(LIMITS.roomC, '°C'),
    fridgeC: between(LIMITS.fridgeC, '°C'),
    fanOven: z.boolean(),
    rulePack: z.enum(['auto', ...PACK_IDS]).describe('Safety rules followed; auto follows the school of the filling.'),
    theme: z.enum(['system', 'light', 'dark']),
    ingredients: z
      .array(ownIngredientSchema)
      .max(MOST.ownInKitchen, `takes at most ${MOST.ownInKitchen} own ingredients`)
      .refine((own) => new Set(own.map((i) => i.id)).size === own.length, 'two own ingredients have the same id')
      .describe('Ingredients of the cook’s own.'),
    porchC: between(LIMITS.porchC, '°C').describe('The cold porch, °C.'),
    freezerC: between(LIMITS.freezerC, '°C').describe('Freezer, °C.'),
    fridgeLitres: between(LIMITS.fridgeLitres, 'litres').describe(
      'Size of the fridge, for how much hot food warms it.',
    ),
    iceKg: between(LIMITS.iceKg, 'kg').describe('Ice there usually is, kg.'),
    vessels: z
      .array(
        z.strictObject({
          id,
          name: z
            .string()
            .trim()
            .min(1, 'must not be empty')
            .max(MOST.vesselName, `must be at most ${MOST.vesselName} characters`),
          kind: z.enum(VESSEL_IDS),
          areaCm2: between(LIMITS.vesselCm2, 'cm²'),
          deepMm: between(LIMITS.vesselDeepMm, 'mm'),
        }),
      )
      .max(MOST.vessels, `takes at most ${MOST.vessels} vessels`)
      .refine((owned) => new Set(owned.map((v) => v.id)).size === owned.length, 'two vessels have the same id')
      .describe('Trays, dishes, bowls and pots of the kitchen, by their floor and depth.'),
    cooling: z
      .array(
        z.strictObject({
          vessel: z.enum(VESSEL_IDS),
          place: z.enum(PLACE_IDS),
          base: z.enum(BASE_IDS),
          covered: z.boolean(),
          factor: between(LIMITS.coolingFactor, '').describe('Surface coefficients, as a multiple of the usual ones.'),
          readings: z.number().int().min(1).describe('Readings it was fitted to.'),
        }),
      )
      .max(MOST.coolingFits, `takes at most ${MOST.coolingFits} fits`)
      .describe('How quickly things really cool here, fitted from readings.'),
    doughs: z
      .array(ownDoughSchema)
      .max(MOST.ownDoughs, `takes at most ${MOST.ownDoughs} doughs`)
      .refine((own) => new Set(own.map((d) => d.id)).size === own.length, 'two doughs have the same id')
      .describe('Doughs of the cook’s own.'),
    cuttersMm: z
      .array(between(LIMITS.skinMm, 'mm'))
      .max(MOST.cutters, `takes at most ${MOST.cutters} cutters`)
      .describe('Round cutters, and rims of glasses and bowls used as such, mm across.'),
    scoopsMl: z
      .array(between(LIMITS.scoopMl, 'ml'))
      .max(MOST.scoops, `takes at most ${MOST.scoops} scoops`)
      .describe('Scoops and spoons beyond the usual measuring spoons, level, ml.'),
    appliances: z
      .array(applianceSchema)
      .max(MOST.appliances, `takes at most ${MOST.appliances} things to cook in`)
      .refine((owned) => new Set(owned.map((a) => a.id)).size === owned.length, 'two of them have the same id')
      .describe('What is cooked in: trays, pans, pots and steamers, and how they really heat.'),
    thermometer: z
      .strictObject({
        offsetK: between(LIMITS.offsetK, '°C').describe(
          'What it shows in ice water, °C: so much is taken off every reading.',
        ),
        at: z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' }).describe('When that was tried.'),
      })
      .nullable()
      .describe('The kitchen’s thermometer in ice water; null where nobody has tried.'),
    learned: z
      .array(learnedSchema)
      .max(MOST.learned, `takes at most ${MOST.learned} figures`)
      .refine((all) => new Set(all.map((l) => `${l.what} ${l.of}`)).size === all.length, 'a figure is there twice')
      .describe('Figures learned from what was noted of batches.'),
    putAside: z
      .array(
        z.strictObject({
          what: z.enum(['wet-edge', 'dry-edge']),
          of: z
            .string()
            .max(MOST.note, `must be at most ${MOST.note} characters`)
            .describe('Method, dough and filling.'),
          value: z.number({ error: 'must be a number' }).describe('As it had been learned, g per 100 g.'),
          batches: z.number({ error: 'must be a number' }).int().min(0).describe('How many batches had taught it.'),
        }),
      )
      .max(MOST.learned, `takes at most ${MOST.learned} figures`)
      .describe('Learned figures that mean nothing any more since moisture is judged otherwise; shown once.'),
    frozen: z
      .array(z.string().max(MOST.note, `must be at most ${MOST.note} characters`))
      .max(MOST.learned, `takes at most ${MOST.learned} figures`)
      .describe('Fits of cooling and of appliances that stay as they are, whatever is read.'),
  })
  .describe('Settings of one kitchen, its own ingredients, and what it has learned.');
export type Kitchen = z.infer<typeof kitchenSchema>;
export type Appliance = Kitchen['appliances'][number];
export type ApplianceHeat = Appliance['heats'][number];
