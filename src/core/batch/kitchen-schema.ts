/** The kitchen's definition and validation. */
import { z } from '../zod';
import { ownIngredientSchema } from '../food/own-ingredient-schema';
import { PACK_IDS } from '../safety/packs';
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
  })
  .describe('Settings of one kitchen, its own ingredients, and what it has learned.');
export type Kitchen = z.infer<typeof kitchenSchema>;
