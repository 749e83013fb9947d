/** Will filling and dough run out together? */

export interface Balance {
  /** Parcels the filling makes at this portion. */
  fromFilling: number;
  /** Parcels the dough makes at this skin; null where the dough is not weighed. */
  fromDough: number | null;
  /** What is left when the first of the two runs out, or when all parcels planned are made. */
  left: { of: 'filling' | 'dough' | 'nothing'; grams: number };
  /** g of filling per parcel that uses the filling up exactly over the parcels planned. */
  evenPortionG: number;
}

/**
 * Balances filling against dough.
 * @param count parcels planned
 */
export function balance(input: {
  fillingG: number;
  portionG: number;
  count: number;
  doughG: number | null;
  wrapperG: number;
}): Balance {
  const { fillingG, portionG, count, doughG, wrapperG } = input;
  const fromFilling = portionG > 0 ? fillingG / portionG : 0;
  const fromDough = doughG === null ? null : wrapperG > 0 ? doughG / wrapperG : 0;
  const made = Math.min(Math.floor(fromFilling + 1e-9), fromDough === null ? count : Math.floor(fromDough + 1e-9));
  const fillingLeft = fillingG - made * portionG;
  const doughLeft = doughG === null ? 0 : doughG - made * wrapperG;
  return {
    fromFilling,
    fromDough,
    left: whatIsLeft(fillingLeft / portionG, fillingLeft, doughLeft / wrapperG, doughLeft),
    evenPortionG: fillingG / count,
  };
}

/** What is worth naming: more than half a parcel's worth, of whichever would have made more parcels. */
function whatIsLeft(fillingParcels: number, fillingG: number, doughParcels: number, doughG: number): Balance['left'] {
  if (Math.max(fillingParcels, doughParcels) <= 0.5) return { of: 'nothing', grams: 0 };
  return fillingParcels >= doughParcels ? { of: 'filling', grams: fillingG } : { of: 'dough', grams: doughG };
}
