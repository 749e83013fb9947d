/** Layers as commands say them: by their properties, or as food by its composition. */
import { z } from '../zod';
import { COMPONENTS, type Composition, normalise } from '../food/composition';
import { constantMaterial, foodMaterialOf } from './material';
import { type Layer } from './problem';
import { thermalProperties } from '../food/thermal';

const positive = (what: string) => z.number().positive(`${what} must be above 0`);
const fraction = z.number().min(0, 'must be 0 to 1').max(1, 'must be 0 to 1');

export const compositionInput = z
  .strictObject({
    water: fraction,
    protein: fraction,
    fat: fraction,
    carbohydrate: fraction,
    fibre: fraction,
    ash: fraction,
  })
  .refine(
    (c) => Math.abs(COMPONENTS.reduce((sum, name) => sum + c[name], 0) - 1) <= 0.03,
    'mass fractions must sum to 1 ± 0.03',
  );

const thicknessMm = positive('thickness').max(2000, 'must be at most 2000 mm');

/** By constant properties. */
export const plainLayerInput = z.strictObject({
  thicknessMm,
  k: positive('conductivity, W/m·K,').max(1000, 'must be at most 1000 W/m·K'),
  density: positive('density, kg/m³,').max(25_000, 'must be at most 25 000 kg/m³'),
  heatCapacity: positive('heat capacity, J/kg·K,').max(20_000, 'must be at most 20 000 J/kg·K'),
});

const foodLayerInput = z.strictObject({ thicknessMm, composition: compositionInput });

export const layersInput = z
  .array(
    z.union([plainLayerInput, foodLayerInput], {
      error: 'give { thicknessMm, k, density, heatCapacity } or { thicknessMm, composition }',
    }),
  )
  .min(1, 'needs at least one layer')
  .max(20, 'takes at most 20 layers');
type LayerInput = z.infer<typeof layersInput>[number];

export const dimensionInput = z
  .number()
  .min(1, 'must be 1 (slab) to 3 (sphere)')
  .max(3, 'must be 1 (slab) to 3 (sphere)');

export const surroundingsInput = z.strictObject({
  mediumC: z.number().min(-273.15, 'is below absolute zero').max(2000, 'must be at most 2000 °C'),
  h: positive('surface coefficient, W/m²·K,').max(1e6, 'must be at most 1 000 000 W/m²·K'),
});

/** One composition is one object, so that its tables are made once. */
const KNOWN = new Map<string, Composition>();
function canonical(composition: Composition): Composition {
  const key = JSON.stringify(composition);
  const found = KNOWN.get(key) ?? normalise(composition);
  KNOWN.set(key, found);
  return found;
}

/** A layer for the solver. Food boils at `boilingC`; what is given by its properties alone never does. */
export function layerOf(input: LayerInput, boilingC: number): Layer {
  const thickness = input.thicknessMm / 1000;
  if ('composition' in input)
    return { thickness, material: foodMaterialOf(canonical(input.composition)), capC: boilingC };
  return { thickness, material: constantMaterial(input.k, input.density, input.heatCapacity) };
}

/** kg/m³ of water in a layer; 0 of one that is given by its properties alone. */
export function waterOf(input: LayerInput): number {
  if (!('composition' in input)) return 0;
  const composition = canonical(input.composition);
  return thermalProperties(composition, 20).density * composition.water;
}
