/** Will filling and dough run out together? */

export interface Balance {
  /** Parcels the filling makes at this portion. */
  fromFilling: number;
  /** Parcels the dough makes at this skin; null where the dough is not weighed. */
  fromDough: number | null;
  /** Whole parcels that come of it, of those planned. */
  makes: number;
  /** What is left when the first of the two runs out, or when all parcels planned are made. */
  left: { of: 'filling' | 'dough' | 'nothing'; grams: number };
  /** g of filling per parcel that uses the filling up exactly over the parcels planned. */
  evenPortionG: number;
  /** g of dough for all parcels planned, without trimmings. */
  doughNeededG: number;
}

/** Sums that come out whole are whole. */
const GRACE = 1e-9;

/**
 * Balances filling against dough.
 * @param count parcels planned
 */
export function balance(input: {
  fillingG: number;
  portionG: number;
  count: number;
  doughG: number | null;
  skinG: number;
}): Balance {
  const { fillingG, portionG, count, doughG, skinG } = input;
  const fromFilling = portionG > 0 ? fillingG / portionG : 0;
  const fromDough = doughG === null ? null : skinG > 0 ? doughG / skinG : 0;
  const makes = Math.min(count, Math.floor(fromFilling + GRACE), Math.floor((fromDough ?? count) + GRACE));
  const fillingLeft = fillingG - makes * portionG;
  const doughLeft = doughG === null ? 0 : doughG - makes * skinG;
  return {
    fromFilling,
    fromDough,
    makes,
    left: whatIsLeft(fillingLeft / portionG, fillingLeft, doughLeft / skinG, doughLeft),
    evenPortionG: fillingG / count,
    doughNeededG: count * skinG,
  };
}

/** What is worth naming: more than half a parcel's worth, of whichever would have made more parcels. */
function whatIsLeft(fillingParcels: number, fillingG: number, doughParcels: number, doughG: number): Balance['left'] {
  if (!(Math.max(fillingParcels, doughParcels) > 0.5)) return { of: 'nothing', grams: 0 };
  return fillingParcels >= doughParcels ? { of: 'filling', grams: fillingG } : { of: 'dough', grams: doughG };
}
