/** Water leaving a wet surface, and boiling at an altitude. Surface coefficients stand with methods, places and bases. */

/** Share of the surface that evaporates like open water, and relative humidity of the air: house estimates. */
const SURFACE_WETNESS = 0.7;
const ROOM_HUMIDITY = 0.5;

/** Latent heat of evaporation between 20 and 90 °C, J/kg. */
const LATENT_VAPOUR = 2.35e6;
/** Air at about 40 °C: density × heat capacity, J/m³·K. */
const AIR_RHO_CP = 1.13 * 1007;
/** Lewis number of water vapour in air. */
const LEWIS = 0.85;
/** Gas constant of water vapour, J/kg·K. */
const VAPOUR_GAS = 461.5;
const KELVIN = 273.15;

const MAGNUS_A = 17.62;
const MAGNUS_B = 243.12;
const { max } = Math;

/** Saturation pressure of water, Pa (Magnus formula, WMO coefficients; good to 1 % from 0 to 100 °C). */
export const saturationPressure = (c: number): number => 611.2 * Math.exp((MAGNUS_A * c) / (MAGNUS_B + c));

/** Vapour leaving a wet surface, kg/m²·s (Lewis relation); never below nothing: condensation is left out. */
export function evaporation(surfaceC: number, airC: number, h: number): number {
  const mass = h / (AIR_RHO_CP * LEWIS ** (2 / 3));
  const film = KELVIN + (surfaceC + airC) / 2;
  const pressure = saturationPressure(surfaceC) - ROOM_HUMIDITY * saturationPressure(airC);
  return Math.max(0, (SURFACE_WETNESS * mass * pressure) / (VAPOUR_GAS * film));
}

/** A wet, uncovered face: convection and evaporation, made linear about the surface temperature. */
export function wetFace(h: number, airC: number): (surfaceC: number) => { h: number; mediumC: number; vapour: number } {
  const mass = (SURFACE_WETNESS * h) / (AIR_RHO_CP * LEWIS ** (2 / 3)) / VAPOUR_GAS;
  const airPressure = ROOM_HUMIDITY * saturationPressure(airC);
  return (surfaceC) => {
    // `evaporation` and its slope together, from one exponential: this is asked several times in every step.
    const film = KELVIN + (surfaceC + airC) / 2;
    const saturated = saturationPressure(surfaceC);
    const pressure = saturated - airPressure;
    const vapour = pressure > 0 ? (mass * pressure) / film : 0;
    const rise = (MAGNUS_A * MAGNUS_B * saturated) / (MAGNUS_B + surfaceC) ** 2;
    const slope = pressure > 0 ? (mass * (rise - pressure / (2 * film))) / film : 0;
    const total = h + max(0, slope * LATENT_VAPOUR);
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
