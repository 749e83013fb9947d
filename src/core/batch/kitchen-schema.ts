/** The kitchen's definition and validation. */
import { z } from '../zod';
import { ownIngredientSchema } from '../food/own-ingredient-schema';
import { PACK_IDS } from '../safety/packs';
import { BASES, PLACES } from '../heat/surfaces';
import { VESSEL_KINDS } from './vocabulary';
import { id } from './id';
import { LIMITS, MOST } from './limits';
import { KITCHEN_FORMAT, KITCHEN_VERSION, SALT_KIND_IDS } from './kitchen';

export const kitchenSchema = z
  .strictObject({
    format: z.literal(KITCHEN_FORMAT),
    version: z.literal(KITCHEN_VERSION),
    revision: z.number().int().min(0),
    writer: z.string().max(64).describe('Who stored this revision: a tab of a browser; empty where nobody has yet.'),
    temperature: z.enum(['C', 'F']).describe('Scale shown.'),
    saltKind: z.enum(SALT_KIND_IDS).describe('Salt used, for spoons.'),
    saltTargetPercent: z
      .number()
      .min(0.3, 'must be 0.3 to 2.5 %')
      .max(2.5, 'must be 0.3 to 2.5 %')
      .describe('Salt aimed at in a filling, %.'),
    cupMl: z.union([z.literal(240), z.literal(250)]).describe('Size of the cup, ml.'),
    altitudeM: z.number().min(-400, 'must be −400 to 5000 m').max(5000, 'must be −400 to 5000 m'),
    roomC: z.number().min(5, 'must be 5 to 45 °C').max(45, 'must be 5 to 45 °C'),
    fridgeC: z.number().min(0, 'must be 0 to 12 °C').max(12, 'must be 0 to 12 °C'),
    fanOven: z.boolean(),
    rulePack: z.enum(['auto', ...PACK_IDS]).describe('Safety rules followed; auto follows the school of the filling.'),
    theme: z.enum(['system', 'light', 'dark']),
    tastings: z.number().int().min(0).describe('Tastings that have moved the salt target.'),
    ingredients: z
      .array(ownIngredientSchema)
      .max(MOST.ownInKitchen, `takes at most ${MOST.ownInKitchen} own ingredients`)
      .refine((own) => new Set(own.map((i) => i.id)).size === own.length, 'two own ingredients have the same id')
      .describe('Ingredients of the cook’s own.'),
    porchC: z.number().min(-30, 'must be −30 to 20 °C').max(20, 'must be −30 to 20 °C').describe('The cold porch, °C.'),
    freezerC: z.number().min(-40, 'must be −40 to 0 °C').max(0, 'must be −40 to 0 °C').describe('Freezer, °C.'),
    fridgeLitres: z
      .number()
      .min(30, 'must be 30 to 1 000 litres')
      .max(1000, 'must be 30 to 1 000 litres')
      .describe('Size of the fridge, for how much hot food warms it.'),
    iceKg: z.number().min(0, 'must be 0 to 50 kg').max(50, 'must be 0 to 50 kg').describe('Ice there usually is, kg.'),
    vessels: z
      .array(
        z.strictObject({
          id,
          name: z
            .string()
            .trim()
            .min(1, 'must not be empty')
            .max(MOST.vesselName, `must be at most ${MOST.vesselName} characters`),
          kind: z.enum(VESSEL_KINDS),
          areaCm2: z.number().min(20, 'must be 20 to 20 000 cm²').max(20_000, 'must be 20 to 20 000 cm²'),
          deepMm: z.number().min(5, 'must be 5 to 300 mm').max(300, 'must be 5 to 300 mm'),
        }),
      )
      .max(MOST.vessels, `takes at most ${MOST.vessels} vessels`)
      .refine((owned) => new Set(owned.map((v) => v.id)).size === owned.length, 'two vessels have the same id')
      .describe('Trays, dishes, bowls and pots of the kitchen, by their floor and depth.'),
    cooling: z
      .array(
        z.strictObject({
          vessel: z.enum(VESSEL_KINDS),
          place: z.enum(PLACES),
          base: z.enum(BASES),
          covered: z.boolean(),
          factor: z
            .number()
            .min(LIMITS.coolingFactor.least, 'must be 0.2 to 5')
            .max(LIMITS.coolingFactor.most, 'must be 0.2 to 5')
            .describe('Surface coefficients, as a multiple of the usual ones.'),
          readings: z.number().int().min(1).describe('Readings it was fitted to.'),
        }),
      )
      .max(MOST.coolingFits, `takes at most ${MOST.coolingFits} fits`)
      .describe('How quickly things really cool here, fitted from readings.'),
  })
  .describe('Settings of one kitchen, its own ingredients, and what it has learned.');
export type Kitchen = z.infer<typeof kitchenSchema>;
