/** What the larder says of an ingredient. */
import { type Allergen, type Family, type Hazard } from '../vocabulary/foods';
import { type Moist } from '../vocabulary/moist';
import { type Release } from '../vocabulary/releases';
import type { Composition } from './composition';

export interface Ingredient {
  id: string;
  name: string;
  family: Family;
  /** Mass fractions; the table's sum is kept within 0.97 to 1.03. */
  composition: Composition;
  /** g salt (sodium × 2.54) in 100 g. */
  salt: number;
  /** Grams in a millilitre, as it is usually measured. */
  gPerMl: number;
  hazard: Hazard;
  allergens: readonly Allergen[];
  /** Grams in one of what it is counted in: `piece`, `clove`, `bunch`, `tin` (drained) … House estimates. */
  counts: Readonly<Record<string, number>>;
  /** Which table of preparations and releases it follows. */
  release: Release;
  /** A liquid gives all its water to the filling. */
  liquid: boolean;
  /** Set where the ingredient holds liquid; a key of the binder table. */
  binder?: string;
  /** How dry or moist it is, where its family, table and binder do not say. */
  moist?: Moist;
  /** It loses its scent in the heat. */
  isTender: boolean;
  /** A spice so strong that some cooks scale it less than in proportion. */
  isStrong: boolean;
  /** It makes dough or filling rise: too little does nothing, too much is tasted as soap. */
  isLeavener: boolean;
  /** It belongs to sweet fillings: there the savoury dose says nothing. */
  isSweet: boolean;
  /** g of sugar in 100 g, of what makes a filling sweet; 0 of vegetables, whose sweetness nobody counts. */
  sugar: number;
  /** A cup of it is measured grated, not chopped. */
  isGrated: boolean;
  /** A cup of it can be pressed down. */
  packs: boolean;
  /** Usual amount of what seasons or leavens, g in a kg of finished filling; null where there is none. House estimate. */
  dose: readonly [low: number, high: number] | null;
  /** The id of the same thing with less salt. */
  lessSalt: string | null;
}

/** The larder's salt: what is added when a filling is bland. */
export const SALT_ID = 'salt';

/** Whether it is salt itself, of which a spoon weighs what the kitchen's own salt does. */
export const isSalt = ({ id }: Pick<Ingredient, 'id'>): boolean => id === SALT_ID;

/** Used by so little, g in a kg of filling at most, it is a spice: a pinch is meant, and a jar is bought. House estimate. */
const SPICE_MOST = 12;
export const isSpice = ({ dose }: Pick<Ingredient, 'dose'>): boolean => dose !== null && dose[1] <= SPICE_MOST;
