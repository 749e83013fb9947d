/** The definition of an ingredient of the cook's own, as it is kept in the kitchen and in the batches that use it. */
import { z } from '../zod';
import { ALLERGENS, FAMILIES, HAZARD_IDS } from '../vocabulary/foods';
import { RELEASE_IDS } from '../vocabulary/releases';
import { LIMITS } from '../vocabulary/limits';

const share = z.number({ error: 'must be a number' }).min(0, 'must be 0 g or more').max(100, 'must be at most 100 g');

const dose = z
  .number()
  .positive('must be above 0 g')
  .max(LIMITS.dosePerKg.most, `must be at most ${LIMITS.dosePerKg.most} g`);

export const ownIngredientSchema = z
  .strictObject({
    id: z
      .string()
      .regex(/^own-[a-z0-9-]+$/, 'must begin with own-')
      .max(64, 'must be at most 64 characters'),
    name: z.string().trim().min(1, 'must not be empty').max(80, 'must be at most 80 characters'),
    family: z.enum(FAMILIES).describe('Decides its hatch in the drawing.'),
    per100g: z
      .strictObject({ water: share, protein: share, fat: share, carbohydrate: share, fibre: share, ash: share })
      .refine(
        (c) => Math.abs(Object.values(c).reduce((sum, part) => sum + part, 0) - 100) <= 3,
        'must sum to 100 ± 3 g',
      )
      .describe('g in 100 g; carbohydrate without fibre, ash with the salt in it.'),
    salt: share.describe('Salt (sodium × 2.54), g in 100 g.'),
    gPerMl: z
      .number()
      .min(LIMITS.gPerMl.least, 'must be 0.05 to 2 g/ml')
      .max(LIMITS.gPerMl.most, 'must be 0.05 to 2 g/ml')
      .describe('Grams in a millilitre, as it is measured.'),
    pieceG: z
      .number()
      .positive('must be above 0 g')
      .max(5000, 'must be at most 5 000 g')
      .nullable()
      .describe('One piece, g.'),
    hazard: z.enum(HAZARD_IDS).describe('What makes it unsafe until it is hot enough.'),
    allergens: z.array(z.enum(ALLERGENS)),
    release: z.enum(RELEASE_IDS).describe('Which table of preparations it follows.'),
    liquid: z.boolean().describe('A liquid gives all its water to the filling.'),
    isTender: z.boolean().describe('It loses its scent in the heat.'),
    isStrong: z.boolean().describe('A spice that some cooks scale less than in proportion.'),
    isLeavener: z.boolean().describe('It makes dough or filling rise.'),
    dose: z
      .tuple([dose, dose])
      .refine(([low, high]) => low < high, 'must be from less to more')
      .nullable()
      .describe('Usual amount, from and to, g in a kg of filling; null where it has none.'),
  })
  .describe('An ingredient of the cook’s own, from the figures on its packet.');
export type OwnIngredient = z.infer<typeof ownIngredientSchema>;
