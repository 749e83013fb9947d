/** The second document: the kitchen, its settings and what it has learned. */
import type { Kitchen } from './kitchen-schema';
import { FIRST_VESSELS } from './vessels';

export type { Kitchen };

export const KITCHEN_FORMAT = 'involucrum/kitchen';
export const KITCHEN_VERSION = 4;

/** g of salt in a level 5 ml spoon. House estimates from weighing. */
export const SALT_KINDS = {
  fine: { label: 'fine', gPerTsp: 6 },
  'sea-fine': { label: 'fine sea', gPerTsp: 5.5 },
  coarse: { label: 'coarse, dense', gPerTsp: 4.8 },
  flake: { label: 'light flake', gPerTsp: 2.8 },
} as const;
export type SaltKind = keyof typeof SALT_KINDS;
export const SALT_KIND_IDS = Object.keys(SALT_KINDS) as [SaltKind, ...SaltKind[]];

export const DEFAULT_KITCHEN: Kitchen = {
  format: KITCHEN_FORMAT,
  version: KITCHEN_VERSION,
  revision: 0,
  writer: '',
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
  tastings: 0,
  ingredients: [],
  porchC: 6,
  freezerC: -18,
  fridgeLitres: 150,
  iceKg: 1,
  vessels: FIRST_VESSELS,
  cooling: [],
};

/** The target a kitchen begins with, %. House estimate. */
export const USUAL_SALT_TARGET = DEFAULT_KITCHEN.saltTargetPercent;
