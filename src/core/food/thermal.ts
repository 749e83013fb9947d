/**
 * Thermal properties of food from its composition: Choi & Okos (1986), as tabulated in the ASHRAE Refrigeration Handbook,
 * chapter on thermal properties of foods. Valid −40 to 150 °C.
 */
import { COMPONENTS, type Component, type Composition, normalise } from './composition';

type Polynomial = readonly [constant: number, linear: number, quadratic: number];
interface Properties {
  /** W/m·K */
  k: Polynomial;
  /** kg/m³ */
  density: Polynomial;
  /** kJ/kg·K */
  heatCapacity: Polynomial;
}

const TABLE: Record<Component | 'ice', Properties> = {
  water: {
    k: [0.57109, 1.7625e-3, -6.7036e-6],
    density: [997.18, 3.1439e-3, -3.7574e-3],
    heatCapacity: [4.1762, -9.0864e-5, 5.4731e-6],
  },
  ice: {
    k: [2.2196, -6.2489e-3, 1.0154e-4],
    density: [916.89, -0.13071, 0],
    heatCapacity: [2.0623, 6.0769e-3, 0],
  },
  protein: {
    k: [0.17881, 1.1958e-3, -2.7178e-6],
    density: [1329.9, -0.5184, 0],
    heatCapacity: [2.0082, 1.2089e-3, -1.3129e-6],
  },
  fat: {
    k: [0.18071, -2.7604e-4, -1.7749e-7],
    density: [925.59, -0.41757, 0],
    heatCapacity: [1.9842, 1.4733e-3, -4.8008e-6],
  },
  carbohydrate: {
    k: [0.20141, 1.3874e-3, -4.3312e-6],
    density: [1599.1, -0.31046, 0],
    heatCapacity: [1.5488, 1.9625e-3, -5.9399e-6],
  },
  fibre: {
    k: [0.18331, 1.2497e-3, -3.1683e-6],
    density: [1311.5, -0.36589, 0],
    heatCapacity: [1.8459, 1.8306e-3, -4.6509e-6],
  },
  ash: {
    k: [0.32962, 1.4011e-3, -2.9069e-6],
    density: [2423.8, -0.28063, 0],
    heatCapacity: [1.0926, 1.8896e-3, -3.6817e-6],
  },
};

const valueAt = (p: Polynomial, t: number): number => p[0] + p[1] * t + p[2] * t * t;

interface ThermalProperties {
  /** Conductivity, W/m·K (parallel model). */
  k: number;
  /** kg/m³ */
  density: number;
  /** Sensible heat capacity, J/kg·K; the latent heat of ice is not in it. */
  heatCapacity: number;
  /** Where ice begins to form, °C. */
  freezingPointC: number;
  /** Mass fraction that is ice at this temperature, 0 to 1. */
  iceFraction: number;
}

/** Molal freezing-point depression of water, K·kg/mol. */
const CRYOSCOPIC = 1.86;
/** g/mol: sodium chloride stands for the ash, which splits in two ions. */
const ASH_MOLAR = 58.44;
/** Share of carbohydrate that is dissolved sugar, and its molar mass, g/mol: house estimate for mixed fillings. */
const SUGAR_SHARE = 0.4;
const SUGAR_MOLAR = 180.16;
/** Share of protein mass that is small soluble compounds, and their molar mass, g/mol: house estimate. */
const SOLUBLE_NITROGEN_SHARE = 0.05;
const SOLUBLE_NITROGEN_MOLAR = 110;
/** Water bound to protein that never freezes, g per g protein (ASHRAE, after Schwartzberg). */
const BOUND_WATER = 0.4;

/**
 * Initial freezing point, °C, from the solutes in the water (Blagden's law; solute shares are a house estimate).
 * About −1 to −2 °C for fillings, lower with salt; 0 for pure water.
 */
export function freezingPoint(composition: Composition): number {
  const { water, ash, carbohydrate, protein } = composition;
  if (water <= 0) return 0;
  const moles =
    (2 * ash) / ASH_MOLAR +
    (SUGAR_SHARE * carbohydrate) / SUGAR_MOLAR +
    (SOLUBLE_NITROGEN_SHARE * protein) / SOLUBLE_NITROGEN_MOLAR;
  const depression = (CRYOSCOPIC * 1000 * moles) / water;
  return depression === 0 ? 0 : -depression;
}

/** Mass fraction of ice at a temperature (ASHRAE: x_ice = (x_w − x_b)(1 − T_f/T) below T_f). */
export function iceFraction(composition: Composition, atC: number): number {
  const freezing = freezingPoint(composition);
  if (atC >= freezing || atC >= 0) return 0;
  const free = Math.max(0, composition.water - BOUND_WATER * composition.protein);
  return free * (1 - freezing / atC);
}

/**
 * Thermal properties of a food at a temperature.
 * @param composition mass fractions; normalised to sum to 1
 * @param atC −40 to 150 °C
 */
export function thermalProperties(composition: Composition, atC: number): ThermalProperties {
  const c = normalise(composition);
  const ice = iceFraction(c, atC);
  const parts: [keyof typeof TABLE, number][] = COMPONENTS.map((name) => [
    name,
    name === 'water' ? c.water - ice : c[name],
  ]);
  parts.push(['ice', ice]);
  let volume = 0;
  let heatCapacity = 0;
  let conductivity = 0;
  for (const [name, fraction] of parts) {
    const share = fraction / valueAt(TABLE[name].density, atC);
    volume += share;
    conductivity += share * valueAt(TABLE[name].k, atC);
    heatCapacity += fraction * valueAt(TABLE[name].heatCapacity, atC);
  }
  return {
    k: conductivity / volume,
    density: 1 / volume,
    heatCapacity: heatCapacity * 1000,
    freezingPointC: freezingPoint(c),
    iceFraction: ice,
  };
}
