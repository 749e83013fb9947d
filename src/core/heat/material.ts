/** Materials as the solver sees them: conductivity and volumetric enthalpy against temperature. */
import { type Composition, COMPONENTS } from '../food/composition';
import { thermalProperties } from '../food/thermal';

type Row = Float64Array;

export interface Material {
  /** W/m·K at a temperature, °C */
  k(c: number): number;
  /** J/m³ above 0 °C unfrozen; rises with temperature, latent heat of ice included */
  enthalpy(c: number): number;
  /** J/m³·K, the slope of the enthalpy */
  slope(c: number): number;
  /** All three for a row of cells, `from` to before `to`, in one pass. */
  fill(t: Row, from: number, to: number, k: Row, enthalpy: Row, slope: Row): void;
  /** True where nothing depends on temperature: one linear solve per stage is exact. */
  constant: boolean;
}

/** A material whose properties do not change with temperature. */
export function constantMaterial(k: number, density: number, heatCapacity: number): Material {
  const c = density * heatCapacity;
  return {
    k: () => k,
    enthalpy: (t) => c * t,
    slope: () => c,
    fill: (t, from, to, ks, enthalpies, slopes) => {
      for (let i = from; i < to; i++) {
        ks[i] = k;
        enthalpies[i] = c * t[i];
        slopes[i] = c;
      }
    },
    constant: true,
  };
}

/** Looked up once: this is the innermost loop of every forecast. */
const { floor } = Math;
const clamp = (value: number, low: number, high: number): number => (value < low ? low : value > high ? high : value);

/** Latent heat of melting ice, J/kg. */
const LATENT_ICE = 334_000;
const LOWEST = -40;
const HIGHEST = 160;
const STEP = 0.5;
const PER_DEGREE = 1 / STEP;
/** Figures in a row of the table that passes use. */
const WIDE = 4;
const POINTS = Math.round((HIGHEST - LOWEST) / STEP) + 1;

interface FoodOptions {
  /** kg/m³ where it differs from the compact food's, as in a risen crumb; conductivity is then given too. */
  density?: number;
  /** Multiplies the conductivity. */
  conductivityFactor?: number;
}

/**
 * Tables take about a millisecond to make, one filling is cooled in a dozen ways, and the dough of a batch stays the same from
 * forecast to forecast: those made last are kept, by what goes into them.
 */
const MADE = new Map<string, Material>();
const MOST_MADE = 64;

/** The material of a food: the same composition, taken the same way, gives the same tables. */
export function foodMaterialOf(composition: Composition, options: FoodOptions = {}): Material {
  const parts = COMPONENTS.map((part) => composition[part]);
  const key = [...parts, options.density, options.conductivityFactor].join();
  const remembered = MADE.get(key);
  if (remembered) return remembered;
  const material = foodMaterial(composition, options);
  const [oldest] = MADE.keys();
  if (MADE.size >= MOST_MADE) MADE.delete(oldest);
  MADE.set(key, material);
  return material;
}

/** A food by its composition (Choi–Okos), tabulated every half degree from −40 to 160 °C; held constant outside. */
export function foodMaterial(composition: Composition, options: FoodOptions = {}): Material {
  const conductivity = new Float64Array(POINTS);
  const enthalpy = new Float64Array(POINTS);
  // Mass does not change with temperature, so one density serves throughout.
  const density = options.density ?? thermalProperties(composition, 20).density;
  let sensible = 0;
  let previousCp = 0;
  let offset = 0;
  for (let i = 0; i < POINTS; i++) {
    const t = LOWEST + i * STEP;
    const p = thermalProperties(composition, t);
    if (i > 0) sensible += ((previousCp + p.heatCapacity) / 2) * STEP;
    previousCp = p.heatCapacity;
    conductivity[i] = p.k * (options.conductivityFactor ?? 1);
    enthalpy[i] = density * (sensible - LATENT_ICE * p.iceFraction);
    if (t === 0) offset = enthalpy[i];
  }
  for (let i = 0; i < POINTS; i++) enthalpy[i] -= offset;
  // The same once more, side by side as a pass over many cells needs them: k and its rise, enthalpy and its slope.
  const table = new Float64Array(WIDE * POINTS);
  for (let i = 0; i < POINTS - 1; i++) {
    const row = [
      conductivity[i],
      conductivity[i + 1] - conductivity[i],
      enthalpy[i],
      (enthalpy[i + 1] - enthalpy[i]) * PER_DEGREE,
    ];
    table.set(row, WIDE * i);
  }
  const cell = (c: number): number => clamp(floor((c - LOWEST) / STEP), 0, POINTS - 2);
  const between = (table: Float64Array, c: number): number => {
    const i = cell(c);
    return table[i] + ((table[i + 1] - table[i]) * (c - LOWEST - i * STEP)) / STEP;
  };
  return {
    k: (c) => between(conductivity, clamp(c, LOWEST, HIGHEST)),
    enthalpy: (c) => between(enthalpy, c),
    slope: (c) => {
      const i = cell(c);
      return (enthalpy[i + 1] - enthalpy[i]) / STEP;
    },
    fill: (t, from, to, ks, enthalpies, slopes) => {
      for (let j = from; j < to; j++) {
        const x = (t[j] - LOWEST) * PER_DEGREE;
        const i = x < 0 ? 0 : x > POINTS - 2 ? POINTS - 2 : x | 0;
        const part = x - i;
        const held = part < 0 ? 0 : part > 1 ? 1 : part;
        const start = i * WIDE;
        const slope = table[start + 3];
        ks[j] = table[start] + table[start + 1] * held;
        enthalpies[j] = table[start + 2] + slope * STEP * part;
        slopes[j] = slope;
      }
    },
    constant: false,
  };
}

/** The same stuff stirred until no gradient is left. @param k W/m·K, large */
export const wellMixed = (material: Material, k: number): Material => ({
  ...material,
  k: () => k,
  fill: (t, from, to, ks, enthalpies, slopes) => {
    material.fill(t, from, to, ks, enthalpies, slopes);
    ks.fill(k, from, to);
  },
});
