/** The salts of a kitchen: a spoon of one weighs twice a spoon of another. */
import { idsOf, recordsOf } from './records';

interface SaltKindRecord {
  label: string;
  /** g in a level 5 ml spoon. House estimates from weighing. */
  gPerTsp: number;
}

export const SALT_KINDS = recordsOf<SaltKindRecord>()({
  fine: { label: 'fine', gPerTsp: 6 },
  'sea-fine': { label: 'fine sea', gPerTsp: 5.5 },
  coarse: { label: 'coarse, dense', gPerTsp: 4.8 },
  flake: { label: 'light flake', gPerTsp: 2.8 },
});
export const SALT_KIND_IDS = idsOf(SALT_KINDS);
