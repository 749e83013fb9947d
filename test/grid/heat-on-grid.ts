/**
 * Heat in a solid and the wrapper round it, on a plain grid in three dimensions: finite volumes, explicit in time, a quarter of
 * the solid (most are alike on both sides of x = 0 and y = 0), or a half of it (where they are so across y = 0 only). What the forms' own bodies are measured against; nothing of the
 * core is used here.
 */
import { type Shape } from './solid';

export interface Stuff {
  /** W/m·K */
  k: number;
  /** kg/m³ */
  density: number;
  /** J/kg·K */
  heatCapacity: number;
}

export interface Heated {
  shape: Shape;
  wrapperMm: number;
  filling: Stuff;
  wrapper: Stuff;
  startC: number;
  mediumC: number;
  /** W/m²·K */
  h: number;
  targetC: number;
}

/** Cells over half the height of what is smallest. */
const FINE = 10;
/** A surface is taken to lie at least so far from the middle of the cell before it, as a share of the cell. */
const NEAREST = 0.3;
/** The longest a cell is, as a multiple of its height. */
const LONGEST = 3;

/** Minutes until the coldest of the filling is as hot as the target. @param fine cells over half the height */
export function minutesOnGrid(of: Heated, fine = FINE): number {
  const filled = of.shape(0);
  const whole = of.shape(of.wrapperMm);
  const half = (whole.top - whole.foot) / 2;
  // What is long changes little along it: longer cells.
  const long = (reach: number): number => Math.min(LONGEST, Math.max(1, reach / half / 1.5));
  const d = [long(whole.x), long(whole.y), 1].map((times) => (times * half) / fine);
  const back = whole.back ?? 0;
  const [nx, ny, nz] = [(whole.x + back) / d[0], whole.y / d[1], (2 * half) / d[2]].map((n) => Math.ceil(n - 1e-9));
  const at = (i: number, j: number, k: number) => (k * ny + j) * nx + i;
  const middle = (i: number, j: number, k: number): [number, number, number] => [
    (i + 0.5) * d[0] - back,
    (j + 0.5) * d[1],
    whole.foot + (k + 0.5) * d[2],
  ];
  const n = nx * ny * nz;
  // 0 outside, 1 wrapper, 2 filling
  const kind = new Uint8Array(n);
  for (let k = 0; k < nz; k++)
    for (let j = 0; j < ny; j++)
      for (let i = 0; i < nx; i++) {
        const p = middle(i, j, k);
        if (whole.inside(...p) > 0) kind[at(i, j, k)] = filled.inside(...p) > 0 ? 2 : 1;
      }
  const stuffOf = (cell: number): Stuff => (kind[cell] === 2 ? of.filling : of.wrapper);
  /** Of a face across each axis, m², and from middle to middle, m. */
  const length = d.map((mm) => mm / 1000);
  const volume = length[0] * length[1] * length[2];
  const area = length.map((along) => volume / along);

  const steps = [
    [1, 0, 0],
    [-1, 0, 0],
    [0, 1, 0],
    [0, -1, 0],
    [0, 0, 1],
    [0, 0, -1],
  ] as const;
  /** To the medium through the faces of a cell, W/K. */
  const out = new Float64Array(n);
  const across = [new Float64Array(n), new Float64Array(n), new Float64Array(n)];
  let longest = Infinity;
  const capacity = new Float64Array(n);
  for (let k = 0; k < nz; k++)
    for (let j = 0; j < ny; j++)
      for (let i = 0; i < nx; i++) {
        const cell = at(i, j, k);
        if (kind[cell] === 0) continue;
        const { k: own, density, heatCapacity } = stuffOf(cell);
        capacity[cell] = density * heatCapacity * volume;
        let sum = 0;
        steps.forEach(([di, dj, dk], which) => {
          const axis = Math.floor(which / 2);
          const [a, b, c] = [i + di, j + dj, k + dk];
          // Alike on both sides: nothing goes through the middle.
          if ((a < 0 && back === 0) || b < 0) return;
          const isIn = a >= 0 && a < nx && b < ny && c >= 0 && c < nz && kind[at(a, b, c)] > 0;
          if (isIn) {
            const { k: other } = stuffOf(at(a, b, c));
            const g = (2 * own * other * area[axis]) / (own + other) / length[axis];
            if (which % 2 === 0) across[axis][cell] = g;
            sum += g;
            return;
          }
          // The surface lies between this middle and the next: where, and how it is turned.
          const [x, y, z] = middle(i, j, k);
          let [near, far] = [0, d[axis]];
          for (let n = 0; n < 20; n++) {
            const by = (near + far) / 2;
            if (whole.inside(x + di * by, y + dj * by, z + dk * by) > 0) near = by;
            else far = by;
          }
          const s = Math.max(NEAREST * d[axis], near);
          const p = [x + di * near, y + dj * near, z + dk * near];
          const slope = [0, 1, 2].map((along) => {
            const [plus, minus] = [1, -1].map((sign) =>
              whole.inside(
                ...(p.map((v, q) => (q === along ? v + sign * d[2] * 0.05 : v)) as [number, number, number]),
              ),
            );
            return plus - minus;
          });
          const size = Math.hypot(...slope) || 1;
          const turned = Math.max(0.05, Math.abs(slope[axis]) / size);
          // So that the faces' shares make up the true surface: seen flat or aslant, it takes in the same.
          const g = (turned * area[axis]) / (1 / of.h + (s * turned) / 1000 / own);
          out[cell] += g;
          sum += g;
        });
        longest = Math.min(longest, capacity[cell] / sum);
      }
  const dt = 0.8 * longest;
  let now = new Float64Array(n).fill(of.startC);
  let next = new Float64Array(n).fill(of.startC);
  const strides = [1, nx, nx * ny];
  const cells = [...kind.keys()].filter((cell) => kind[cell] > 0);
  const fillings = cells.filter((cell) => kind[cell] === 2);
  for (let seconds = 0; seconds < 4 * 3600; seconds += dt) {
    for (const cell of cells) {
      const c = now[cell];
      let flow = out[cell] * (of.mediumC - c);
      for (let axis = 0; axis < 3; axis++) {
        const stride = strides[axis];
        const g = across[axis][cell];
        if (g > 0) flow += g * (now[cell + stride] - c);
        const before = cell >= stride ? across[axis][cell - stride] : 0;
        if (before > 0) flow += before * (now[cell - stride] - c);
      }
      next[cell] = c + (flow * dt) / capacity[cell];
    }
    const coldest = Math.min(...[Infinity], coldestOf(next, fillings));
    if (coldest >= of.targetC) {
      const was = coldestOf(now, fillings);
      return (seconds + (dt * (of.targetC - was)) / (coldest - was)) / 60;
    }
    [now, next] = [next, now];
  }
  return Infinity;
}

function coldestOf(values: Float64Array, cells: readonly number[]): number {
  let least = Infinity;
  for (const cell of cells) if (values[cell] < least) least = values[cell];
  return least;
}
