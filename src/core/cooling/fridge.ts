/** What hot food does to a fridge, and how much ice takes its heat. House estimates on plain heat balances. */

/** Heat that shelves, air and what is in it take up, kJ/K per litre of fridge. House estimate. */
const CAPACITY_PER_LITRE = 0.25;
/** What a compressor carries away beyond its usual duty, W. House estimate. */
const COMPRESSOR_W = 60;
/** Over how long the food gives off most of its heat, min: beyond it the compressor keeps up. */
const LONGEST_SURGE = 90;
/** Melting ice, kJ/kg. */
const MELTING = 334;
/** Ice also cools bowl, water and air: so much more of it. House estimate. */
const ICE_LOSS = 1.4;

/**
 * By how much the air of a fridge rises for a while, K.
 * @param heatKj heat the food gives off in it
 * @param minutes over which it does so
 * @param litres size of the fridge
 */
export function fridgeRise(heatKj: number, minutes: number, litres: number): number {
  const carried = (COMPRESSOR_W * Math.min(minutes, LONGEST_SURGE) * 60) / 1000;
  return Math.max(0, (heatKj - carried) / (CAPACITY_PER_LITRE * litres));
}

/** A rise from which other food in there suffers, K. House estimate. */
export const RISE_THAT_MATTERS = 2;

/** kg of ice that takes up so much heat, losses included. */
export const iceFor = (heatKj: number): number => (ICE_LOSS * heatKj) / MELTING;
