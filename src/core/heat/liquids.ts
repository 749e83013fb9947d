/** What a pot is filled with. */

/** J/kg·K: vegetable oil near 170 °C, water (heat-transfer tables). */
export const OIL_HEAT_CAPACITY = 2140;
export const WATER_HEAT_CAPACITY = 4190;
/** Oil that falls by more no longer fries: it soaks. House estimate, as cooks have it. */
export const MOST_FALL_K = 15;
