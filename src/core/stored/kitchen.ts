/** The second document: the kitchen, its settings and what it has learned. */
import type { Kitchen } from './kitchen-schema';
import { KITCHEN_FORMAT, KITCHEN_VERSION } from '../vocabulary/formats';
import { ALWAYS_AT_HOME } from '../vocabulary/always-at-home';
import { FIRST_APPLIANCES } from '../vocabulary/appliances';
import { FIRST_VESSELS } from '../vocabulary/vessels';

export type { Kitchen };
export type { Appliance, ApplianceHeat } from './kitchen-schema';

export const DEFAULT_KITCHEN: Kitchen = {
  format: KITCHEN_FORMAT,
  version: KITCHEN_VERSION,
  revision: 0,
  writer: '',
  edits: [],
  temperature: 'C',
  lengths: 'mm',
  amounts: 'written',
  hours: 24,
  alwaysAtHome: ALWAYS_AT_HOME,
  saltKind: 'fine',
  saltTargetPercent: 1.1,
  cupMl: 240,
  altitudeM: 0,
  roomC: 21,
  fridgeC: 4,
  fanOven: false,
  rulePack: 'auto',
  theme: 'system',
  ingredients: [],
  porchC: 6,
  freezerC: -18,
  fridgeLitres: 150,
  iceKg: 1,
  vessels: FIRST_VESSELS,
  cooling: [],
  doughs: [],
  cuttersMm: [],
  scoopsMl: [],
  appliances: FIRST_APPLIANCES,
  thermometer: null,
  learned: [],
  putAside: [],
  frozen: [],
};
