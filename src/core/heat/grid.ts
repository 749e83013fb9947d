/** The finite-volume grid: shells from the centre outward in a body of dimension 1 (slab) to 3 (sphere). */

export interface Grid {
  /** 1 slab, 2 long cylinder, 3 sphere; fractional for shapes in between. */
  dimension: number;
  /** Which layer a cell belongs to. */
  layerOf: Uint8Array;
  /** Cell thickness, m. */
  width: Float64Array;
  /** Volume of a cell per unit of the shape factor, m^E. */
  volume: Float64Array;
  /** Area of a cell's outer face per unit of the shape factor, m^(E−1). */
  outerArea: Float64Array;
  /** Area of the innermost face: 1 for a slab, 0 otherwise. */
  innerArea: number;
}

/** Cells in the whole body; enough for 0.1 °C against the analytic series. */
const CELLS = 48;
/** A thin layer still gets this many. */
const LEAST_CELLS = 6;

/**
 * Divides layers into cells.
 * @param thicknesses of the layers from the centre outward, m
 * @param refinement multiplies the number of cells, for convergence checks
 * @param cells in the whole body, before refinement
 */
export function makeGrid(dimension: number, thicknesses: readonly number[], refinement = 1, cells = CELLS): Grid {
  const total = thicknesses.reduce((sum, t) => sum + t, 0);
  const counts = thicknesses.map((t) => Math.max(LEAST_CELLS, Math.round((cells * t) / total)) * refinement);
  const n = counts.reduce((sum, c) => sum + c, 0);
  const grid: Grid = {
    dimension,
    layerOf: new Uint8Array(n),
    width: new Float64Array(n),
    volume: new Float64Array(n),
    outerArea: new Float64Array(n),
    innerArea: dimension === 1 ? 1 : 0,
  };
  let cell = 0;
  let inside = 0;
  thicknesses.forEach((thickness, layer) => {
    const start = inside;
    for (let j = 1; j <= counts[layer]; j++) {
      const radius = start + (thickness * j) / counts[layer];
      grid.layerOf[cell] = layer;
      grid.width[cell] = thickness / counts[layer];
      grid.volume[cell] = (radius ** dimension - inside ** dimension) / dimension;
      grid.outerArea[cell] = radius ** (dimension - 1);
      inside = radius;
      cell += 1;
    }
  });
  return grid;
}
