/** Minutes of work that nothing else says. All are house estimates, to be overruled by what a kitchen really takes. */
import { type Family } from '../vocabulary/foods';

/** Washing, peeling and cutting, minutes for 100 g; nothing of what is poured or sprinkled. */
export const CUT_PER_100: Partial<Record<Family, number>> = {
  vegetable: 1,
  root: 1.3,
  leaf: 1.2,
  allium: 1.4,
  mushroom: 1.2,
  fruit: 1,
  nut: 0.5,
};
/** Leaves and herbs by the handful take as long as larger things. */
export const CUT_LEAST = 1;
/** Board, knife and bowl, minutes, once. */
export const SET_UP = 2;

/** Work at the stove is said for about half a kilo; more takes longer, but not in proportion: by the square root. */
export const STOVE_G = 500;
/** Stages follow one another in one pan: so much of the sum of their minutes. */
export const STOVE_TOGETHER = 0.7;
export const STOVE_LEAST = 5;
/** Spreading it on its tray. */
export const ONTO_TRAY = 3;
/** A pan's usual size and flame, for what has to boil off, mm. */
export const PAN_MM = 280;

/** Mixing: so long, and so much longer for each thing that goes in. */
export const MIX = 3;
export const MIX_EACH = 0.5;

/** Steps of a dough are said for so many skins; rolling many takes longer. */
export const SKINS = 24;

/** Loads: in, and measured and out. */
export const LOAD_IN = 3;
export const LOAD_OUT = 3;
/** Heating up. */
export const OVEN_UP = 12;
export const WATER_UP = 12;
/** Between two temperatures an oven takes so long. */
export const OVEN_CHANGE = 10;
export const PACK = 6;
export const SERVE = 5;

/** Litres of fridge for a litre of filling on its tray, with the air over it; and the share of a fridge that is free. */
export const SHELF_MM = 60;
export const FRIDGE_FREE = 0.25;

/** Longest waits, minutes, each for a reason that is said. */
export const MAY_WAIT = {
  /** Cut vegetables, covered and cold. */
  cut: 24 * 60,
  /** Cooked filling in the fridge: within US federal guidance of three to four days, a day is plenty. */
  cooked: 24 * 60,
  /** Raw filling in the fridge. */
  raw: 12 * 60,
  /** Prawns turn tough in salt. */
  prawns: 45,
  /** Fish weeps in salt. */
  fish: 3 * 60,
  /** Skins under a damp cloth. */
  skins: 45,
  /** Skins of butter dough, in the fridge. */
  butterSkins: 4 * 60,
  /** Closed parcels with a raw or wet filling soak their skins; in the fridge. */
  parcels: 60,
  butterParcels: 3 * 60,
  /** Steamed buns under a cloth. */
  buns: 45,
  /** Between two lots that are wrapped; the rest in the fridge. */
  between: 40,
  /** What is done comes out. */
  out: 5,
  /** Oil or water between two loads. */
  pot: 20,
  /** Out of the heat until it is packed. */
  pack: 15,
  /** Everything is there until it is eaten. */
  table: 10,
  /** An oven is hot. */
  hot: 20,
} as const;
