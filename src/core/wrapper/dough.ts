/** A wrapper dough as its formula makes it: composition, salt, density, allergens, and how warm a filling it bears. */
import { type OwnDough } from '../stored/own-dough-schema';
import { type Allergen } from '../vocabulary/foods';
import { DOUGH_IDS, type DoughId, DOUGHS } from '../vocabulary/doughs';
import { COMPACT, type DoughPart, type DoughRecord } from '../vocabulary/doughs/dough';
import { ingredientById } from '../food/catalogue';
import { type Composition, mix, normalise } from '../food/composition';
import { type Ingredient } from '../food/ingredient';
import { thermalProperties } from '../food/thermal';
import { formulaTotals } from './formula';
import { wrapReady } from './wrap-ready';

export interface Dough extends Pick<
  DoughRecord,
  'conductivity' | 'kind' | 'usualThicknessMm' | 'steps' | 'isLayered' | 'water' | 'usualC' | 'gives' | 'isCut'
> {
  id: DoughId;
  label: string;
  /** Empty of what is bought. */
  parts: readonly DoughPart[];
  composition: Composition;
  /** kg/m³ rolled out, and as it cooks. */
  density: number;
  cookedDensity: number;
  /** Salt, % of its mass; the sodium of baking powder is no salt that one tastes. */
  saltPercent: number;
  /** The filling must be no warmer than this when it is wrapped, °C, and why. House estimates. */
  wrapReadyC: number;
  wrapReadyWhy: string;
  allergens: readonly Allergen[];
  /** Ids of the formula that the larder does not hold: they count nothing. */
  unknown: readonly string[];
}

const FAMILY = new Map<DoughId, Dough>();
const OWN = new WeakMap<OwnDough, Dough>();

/**
 * A dough by its id, as the family is made, or as a formula of one's own makes it.
 * @throws RangeError where no dough is called so
 */
export function dough(id: DoughId, own: OwnDough | null = null): Dough {
  const remembered = own === null ? FAMILY.get(id) : OWN.get(own);
  if (remembered) return remembered;
  if (!(DOUGH_IDS as readonly string[]).includes(id)) throw new RangeError(`no dough is called ${id}`);
  const made =
    own === null
      ? recordOf(id, DOUGHS[id], DOUGHS[id].parts)
      : recordOf(own.like, DOUGHS[own.like], own.parts, own.name);
  if (own === null) FAMILY.set(id, made);
  else OWN.set(own, made);
  return made;
}

/** Choi & Okos density of the lean dough that COMPACT is the mass of, kg/m³ at 20 °C: the noodle dough's formula. */
const lean = (): number => {
  LEAN ??= thermalProperties(compositionOf(DOUGHS.noodle.parts), 20).density;
  return LEAN;
};
let LEAN: number | null = null;

/** A dough of a record, of other parts where they are another's. */
function recordOf(id: DoughId, record: DoughRecord, parts: readonly DoughPart[], label: string = record.label): Dough {
  const { packet, conductivity, kind, gives, isCut, usualThicknessMm, steps, isLayered, water, usualC } = record;
  const totals = formulaTotals(parts);
  const ingredients = totals.flatMap(({ ingredientId, share }) => {
    const ingredient = ingredientById(ingredientId);
    return ingredient ? [{ ingredient, share }] : [];
  });
  const isMade = ingredients.length > 0;
  const composition = isMade || !packet ? compositionOf(parts) : fractions(packet.composition);
  const saltPercent = isMade || !packet ? saltOf(ingredients) : packet.saltPercent;
  return {
    id,
    label,
    parts,
    composition,
    density: (COMPACT * thermalProperties(composition, 20).density) / lean(),
    cookedDensity: record.cookedDensity,
    saltPercent,
    ...wrapReady({ isLayered, kind }, totals),
    allergens:
      isMade || !packet
        ? [...new Set(ingredients.flatMap(({ ingredient }) => ingredient.allergens))].sort()
        : packet.allergens,
    unknown: totals.map(({ ingredientId }) => ingredientId).filter((i) => ingredientById(i) === undefined),
    conductivity,
    kind,
    gives,
    isCut,
    usualThicknessMm,
    steps,
    isLayered,
    water,
    usualC,
  };
}

const fractions = (per100: Readonly<Composition>): Composition => normalise({ ...per100 });

/** Σ share × composition of each. */
const compositionOf = (parts: readonly DoughPart[]): Composition =>
  normalise(
    mix(
      formulaTotals(parts).flatMap(({ ingredientId, share }) => {
        const ingredient = ingredientById(ingredientId);
        return ingredient ? [{ grams: share, composition: ingredient.composition }] : [];
      }),
    ),
  );

const LEAVENERS: readonly string[] = ['baking-powder', 'bicarbonate', 'noodle-alkali'];

/** % of its mass. */
const saltOf = (ingredients: readonly { ingredient: Ingredient; share: number }[]): number =>
  ingredients.reduce(
    (sum, { ingredient, share }) => sum + (LEAVENERS.includes(ingredient.id) ? 0 : share * ingredient.salt),
    0,
  );
