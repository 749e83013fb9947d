/** The words a batch document is written in, apart from the schema so that screens and worker need not load the validator. */

export const BATCH_FORMAT = 'involucrum/batch';
export const BATCH_VERSION = 4;

export const SCHOOLS = ['raw', 'cooked', 'part-cooked'] as const;
export type School = (typeof SCHOOLS)[number];

/** When a line goes in, in working order. */
export const STAGES = ['cook-first', 'simmer', 'off-heat', 'when-cool', 'raw-mix'] as const;
export type Stage = (typeof STAGES)[number];

/** Stages that happen in the pan: what is weighed, and what is hot when it comes off. */
export const PAN_STAGES: readonly Stage[] = ['cook-first', 'simmer'];
export const HOT_STAGES: readonly Stage[] = ['cook-first', 'simmer', 'off-heat'];

/** How a thing measured by volume is cut: a cup of grated cheese weighs less than a cup of dice. */
export const CUTS = ['whole', 'chopped', 'grated', 'packed'] as const;
export type Cut = (typeof CUTS)[number];

/** Flame under the pan, for the estimate of what boils off. */
export const PAN_HEATS = ['low', 'medium', 'high'] as const;
export type PanHeat = (typeof PAN_HEATS)[number];

/** What a cooked teaspoonful tasted like. */
export const TASTES = ['under', 'right', 'over'] as const;
export type Taste = (typeof TASTES)[number];

/** What a filling cools in. */
export const VESSEL_KINDS = ['tray', 'dish', 'bowl', 'pot', 'bag', 'own'] as const;
export type VesselKind = (typeof VESSEL_KINDS)[number];

export const OUTCOMES = [
  'just-right',
  'soggy',
  'burst',
  'leaked',
  'dry',
  'loose-filling',
  'bland',
  'salty',
  'pale',
  'cold-centre',
  'dough-left',
  'filling-left',
] as const;
export type Outcome = (typeof OUTCOMES)[number];
