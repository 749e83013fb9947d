/** What is asked of the solver, and what it tells: a body in layers, its faces, and how it stands at a moment. */
import { type Material } from './material';

/** A face's exchange, made linear about a surface temperature: flux out = h (T_surface − mediumC), W/m². */
export interface Exchange {
  h: number;
  mediumC: number;
  /** Water leaving as vapour, kg/m²·s. */
  vapour?: number;
}
export type Face = (surfaceC: number, seconds: number) => Exchange;

/** From the centre, or the inner face, outward. */
export interface Layer {
  /** m */
  thickness: number;
  material: Material;
  /** Where water boils in it, °C, where that is not the whole body's. */
  capC?: number;
}

export interface Problem {
  /** 1 to 3 */
  dimension: number;
  /** From the centre outward. */
  layers: readonly Layer[];
  startC: number;
  outer: Face;
  /** The face at r = 0 of a slab; without it the centre is a plane or point of symmetry. */
  inner?: Face;
  /** No cell gets hotter than this: water boils there and takes the heat. */
  capC?: number;
  /** Cells in the whole body; without it enough for 0.1 °C. */
  cells?: number;
  /** Multiplies cells and divides steps, for convergence checks. */
  refinement?: number;
}

export interface State {
  seconds: number;
  centreC: number;
  surfaceC: number;
  /** Heat-capacity-weighted mean. */
  meanC: number;
  /** The hottest cell or face, and where it lies: 0 the centre or the inner face, 1 the outer. */
  warmestC: number;
  warmestAt: number;
  /** Where the outermost layer begins: the inner face of a wrapper; of a slab wrapped on both faces, the colder of the two. */
  wrapperC: number;
  /** The coldest of what is wrapped: of the innermost layer, or of a slab with two faces of all but its outer layers. */
  coldestC: number;
  /** Vapour lost since the start through both faces, kg per m² of face (slabs). */
  vapour: number;
  /** The face at r = 0 of a slab that has one, °C; else as the centre. */
  innerC: number;
  /** Heat lost since the start through both faces and by boiling, and the enthalpy still in the body: J per unit shape. */
  heatLost: number;
  heatLeft: number;
  /** Of the heat lost, what water took that boiled under the outer and under the inner face: J per unit shape. */
  boiledOuter: number;
  boiledInner: number;
}

/** A face with one coefficient (W/m²·K) and one medium temperature. */
export const convective = (h: number, mediumC: number): Face => {
  const exchange: Exchange = { h, mediumC };
  return () => exchange;
};
