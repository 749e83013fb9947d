/**
 * The crust: what water has left under a hot face. A front at the boiling point moves inwards as the water goes; outside it lies
 * a dry layer that conducts badly and may get as hot as its surroundings. Taken as steady: the heat that warms the crust itself
 * is left out. Good for when a crust is brown, not for how crisp it is.
 */

/** Heat that boils water off, J/kg. */
export const BOILING_HEAT = 2.257e6;
/** A dried crust, W/m·K: 0.1 to 0.2 for bread crust and fried batter; the low end, as pastry is. House estimate. */
const CRUST_K = 0.1;
/** It browns twice as fast for so many degrees more, and at this temperature counts minute for minute. House estimates. */
const DOUBLES_C = 8;
const BROWNING_C = 150;

/** A face is brown after so many minutes at that temperature, and too brown after so many. */
export interface Dose {
  brown: number;
  burnt: number;
}

/** In fat, or pressed against a hot pan, whatever the dough is. House estimates. */
export const IN_FAT: Dose = { brown: 3, burnt: 15 };

/** How deep a face has dried, m. @param boiled heat that its water took, J/m² @param water in the moist layer, kg/m³ */
export const crustDepth = (boiled: number, water: number): number => (water > 0 ? boiled / (BOILING_HEAT * water) : 0);

/** Coefficient through the air or oil and the crust, W/m²·K. @param depth m */
export const throughCrust = (h: number, depth: number): number => h / (1 + (h * depth) / CRUST_K);

/** The face itself, °C, between its surroundings and the front where water boils. */
export const crustSurface = (mediumC: number, frontC: number, h: number, depth: number): number =>
  mediumC - (mediumC - frontC) / (1 + (h * depth) / CRUST_K);

/** How fast a face browns, minutes at 150 °C for a minute: 2^((T − 150)/8), an estimate. */
export const browningRate = (surfaceC: number): number => 2 ** ((surfaceC - BROWNING_C) / DOUBLES_C);
