/**
 * Surface coefficients, W/m²·K. All are house estimates to start from, within the ranges that heat-transfer texts give
 * for natural and forced convection, condensing steam and boiling; a kitchen fits its own from its probe readings.
 */

/** Cooking surroundings. */
export const COOKING_H = {
  boilingWater: 1000,
  homeSteamer: 300,
  /** Still oven, radiation and the drag of evaporation included. */
  stillOven: 14,
  fanOven: 22,
  /** A heavy tray or stone, on the face that lies on it. */
  heavyTray: 60,
} as const;

export const PLACES = ['counter', 'fridge', 'freezer', 'fan', 'porch'] as const;
export type Place = (typeof PLACES)[number];

export const BASES = ['rack', 'board', 'metal', 'ice'] as const;
export type Base = (typeof BASES)[number];

/** Air over a cooling filling: usual temperature, °C, and coefficient. House estimates. */
export const AIR: Record<Place, { ambientC: number; h: number }> = {
  counter: { ambientC: 21, h: 9 },
  fridge: { ambientC: 4, h: 9 },
  freezer: { ambientC: -18, h: 12 },
  fan: { ambientC: 21, h: 25 },
  // Outdoors and in the cold: a little wind.
  porch: { ambientC: 6, h: 12 },
};

/** What the vessel stands on: coefficient, and the temperature where it is not the room's. House estimates. */
export const UNDERNEATH: Record<Base, { h: number; mediumC?: number }> = {
  rack: { h: 7 },
  board: { h: 3 },
  // A metal shelf spreads the heat and gives it to the air below.
  metal: { h: 14 },
  ice: { h: 150, mediumC: 0 },
};

/** Share of the surface that evaporates like open water, and relative humidity of the air: house estimates. */
export const SURFACE_WETNESS = 0.7;
export const ROOM_HUMIDITY = 0.5;

/** Latent heat of evaporation between 20 and 90 °C, J/kg. */
const LATENT_VAPOUR = 2.35e6;
/** Air at about 40 °C: density × heat capacity, J/m³·K. */
const AIR_RHO_CP = 1.13 * 1007;
/** Lewis number of water vapour in air. */
const LEWIS = 0.85;
/** Gas constant of water vapour, J/kg·K. */
const VAPOUR_GAS = 461.5;
const KELVIN = 273.15;

/** Saturation pressure of water, Pa (Magnus formula, WMO coefficients; good to 1 % from 0 to 100 °C). */
export const saturationPressure = (c: number): number => 611.2 * Math.exp((17.62 * c) / (243.12 + c));

/** Vapour leaving a wet surface, kg/m²·s (Lewis relation); never below nothing: condensation is left out. */
export function evaporation(surfaceC: number, airC: number, h: number): number {
  const mass = h / (AIR_RHO_CP * LEWIS ** (2 / 3));
  const film = KELVIN + (surfaceC + airC) / 2;
  const pressure = saturationPressure(surfaceC) - ROOM_HUMIDITY * saturationPressure(airC);
  return Math.max(0, (SURFACE_WETNESS * mass * pressure) / (VAPOUR_GAS * film));
}

/** A wet, uncovered face: convection and evaporation, made linear about the surface temperature. */
export function wetFace(h: number, airC: number): (surfaceC: number) => { h: number; mediumC: number; vapour: number } {
  return (surfaceC) => {
    const vapour = evaporation(surfaceC, airC, h);
    const slope = (evaporation(surfaceC + 0.5, airC, h) - evaporation(surfaceC - 0.5, airC, h)) * LATENT_VAPOUR;
    const total = h + Math.max(0, slope);
    const flux = h * (surfaceC - airC) + vapour * LATENT_VAPOUR;
    return { h: total, mediumC: surfaceC - flux / total, vapour };
  };
}

/**
 * Boiling point of water at an altitude, °C: barometric formula (ICAO standard atmosphere) and Antoine's equation.
 * @param altitudeM −400 to 5000 m
 */
export function boilingPoint(altitudeM: number): number {
  const mmHg = 760 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
  return 1730.63 / (8.07131 - Math.log10(mmHg)) - 233.426;
}
