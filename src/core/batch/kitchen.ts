/** The second document: the kitchen, its settings and what it has learned. */
import { z } from 'zod';
import { PACK_IDS } from '../safety/packs';

export const KITCHEN_FORMAT = 'involucrum/kitchen';
export const KITCHEN_VERSION = 1;

/** g of salt in a level 5 ml spoon. House estimates from weighing. */
export const SALT_KINDS = {
  fine: { label: 'fine', gPerTsp: 6 },
  'sea-fine': { label: 'fine sea', gPerTsp: 5.5 },
  coarse: { label: 'coarse, dense', gPerTsp: 4.8 },
  flake: { label: 'light flake', gPerTsp: 2.8 },
} as const;
export type SaltKind = keyof typeof SALT_KINDS;
export const SALT_KIND_IDS = Object.keys(SALT_KINDS) as [SaltKind, ...SaltKind[]];

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
  })
  .describe('Settings of one kitchen.');
export type Kitchen = z.infer<typeof kitchenSchema>;

export const DEFAULT_KITCHEN: Kitchen = {
  format: KITCHEN_FORMAT,
  version: KITCHEN_VERSION,
  revision: 0,
  temperature: 'C',
  saltKind: 'fine',
  saltTargetPercent: 1.1,
  cupMl: 240,
  altitudeM: 0,
  roomC: 21,
  fridgeC: 4,
  fanOven: false,
  rulePack: 'auto',
  theme: 'system',
};
