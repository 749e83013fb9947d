/** The kitchen's definition and validation. */
import { z } from '../zod';
import { ownIngredientSchema } from '../food/own-ingredient-schema';
import { PACK_IDS } from '../safety/packs';
import { BASES, PLACES } from '../heat/surfaces';
import { VESSEL_KINDS } from './vocabulary';
import { KITCHEN_FORMAT, KITCHEN_VERSION, SALT_KIND_IDS } from './kitchen';

export const kitchenSchema = z
  .strictObject({
    format: z.literal(KITCHEN_FORMAT),
    version: z.literal(KITCHEN_VERSION),
    revision: z.number().int().min(0),
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
      .max(500, 'takes at most 500 own ingredients')
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
          id: z.string().min(1).max(64),
          name: z.string().trim().min(1, 'must not be empty').max(60, 'must be at most 60 characters'),
          kind: z.enum(VESSEL_KINDS),
          areaCm2: z.number().min(20, 'must be 20 to 20 000 cm²').max(20_000, 'must be 20 to 20 000 cm²'),
          deepMm: z.number().min(5, 'must be 5 to 300 mm').max(300, 'must be 5 to 300 mm'),
        }),
      )
      .max(40, 'takes at most 40 vessels')
      .describe('Trays, dishes, bowls and pots of the kitchen, by their floor and depth.'),
    cooling: z
      .array(
        z.strictObject({
          vessel: z.enum(VESSEL_KINDS),
          place: z.enum(PLACES),
          base: z.enum(BASES),
          covered: z.boolean(),
          factor: z.number().min(0.2).max(5).describe('Surface coefficients, as a multiple of the usual ones.'),
          readings: z.number().int().min(1).describe('Readings it was fitted to.'),
        }),
      )
      .max(200, 'takes at most 200 fits')
      .describe('How quickly things really cool here, fitted from readings.'),
  })
  .describe('Settings of one kitchen, its own ingredients, and what it has learned.');
export type Kitchen = z.infer<typeof kitchenSchema>;
