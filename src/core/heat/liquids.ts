/** What a pot is filled with. */

/** J/kg·K: vegetable oil near 170 °C, water (heat-transfer tables). */
export const OIL_HEAT_CAPACITY = 2140;
export const WATER_HEAT_CAPACITY = 4190;
