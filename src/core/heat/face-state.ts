/** A face of a body: its own temperature, and the heat and vapour that leave through it. */
import { type Face } from './problem';

/** The surface temperature under evaporation is found to this, °C. */
const SURFACE_TOLERANCE_C = 1e-5;
const SURFACE_LIMIT = 4;

/** A face's exchange as the solver last found it. */
export interface FaceState {
  face: Face | undefined;
  cell: number;
  area: number;
  surfaceC: number;
  /** W out of the body, W/K to the medium, kg/m²·s of vapour; per unit of the shape factor. */
  out: number;
  conductance: number;
  mediumC: number;
  vapour: number;
}

/** Whether a face exchanges heat in proportion to its temperature, now and later: one that does not evaporate. */
export const isStraight =
  (startC: number) =>
  (face: Face | undefined): boolean =>
    face === undefined || face(startC, 0).vapour === undefined;

/**
 * A face before anything has happened.
 * @param area 0: there is none, as at a plane or point of symmetry
 */
export const faceState = (face: Face | undefined, cell: number, area: number, startC: number): FaceState => ({
  face: area > 0 ? face : undefined,
  cell,
  area,
  surfaceC: startC,
  out: 0,
  conductance: 0,
  mediumC: 0,
  vapour: 0,
});

/**
 * Heat leaving through a face, found together with the face's own temperature.
 * @param cellC the cell behind it, °C
 * @param toFace from the middle of that cell to the face, W/m²·K
 */
export function meet(state: FaceState, cellC: number, toFace: number, seconds: number): void {
  const { face, area } = state;
  if (!face) {
    state.surfaceC = cellC;
    return;
  }
  // Evaporation bends the exchange: the surface temperature is found from where it was last.
  let { surfaceC } = state;
  let exchange = face(surfaceC, seconds);
  for (let i = 0; i < SURFACE_LIMIT; i++) {
    const found = (toFace * cellC + exchange.h * exchange.mediumC) / (toFace + exchange.h);
    const isThere = Math.abs(found - surfaceC) < SURFACE_TOLERANCE_C;
    surfaceC = found;
    if (exchange.vapour === undefined || isThere) break;
    exchange = face(surfaceC, seconds);
  }
  const u = (toFace * exchange.h) / (toFace + exchange.h);
  state.surfaceC = surfaceC;
  state.out = area * u * (cellC - exchange.mediumC);
  state.conductance = area * u;
  state.mediumC = exchange.mediumC;
  state.vapour = exchange.vapour ?? 0;
}
