/**
 * Conduction in one dimension of shape E (1 slab, 2 long cylinder, 3 sphere, fractional in between):
 *
 *   ∂H/∂t = r^(1−E) ∂/∂r ( r^(E−1) k ∂T/∂r )
 *
 * Finite volumes; TR-BDF2 in time (Bank et al. 1985: second order, L-stable, so that very large surface coefficients do
 * not ring); enthalpy H is the conserved quantity, found by Newton's method in each stage. Units are SI and °C.
 */
import { type Grid, makeGrid } from './grid';
import { type Material } from './material';
import { solveTridiagonal } from './tridiagonal';

/** A face's exchange, made linear about a surface temperature: flux out = h (T_surface − mediumC), W/m². */
export interface Exchange {
  h: number;
  mediumC: number;
  /** Water leaving as vapour, kg/m²·s. */
  vapour?: number;
}
export type Face = (surfaceC: number, seconds: number) => Exchange;

export interface Problem {
  /** 1 to 3 */
  dimension: number;
  /** From the centre outward. */
  layers: readonly { thickness: number; material: Material }[];
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
  /** Where the outermost layer begins: the inner face of a wrapper. */
  wrapperC: number;
  /** Vapour lost since the start through both faces, kg per m² of face (slabs). */
  vapour: number;
  /** Heat lost since the start through both faces and by boiling, and the enthalpy still in the body: J per unit shape. */
  heatLost: number;
  heatLeft: number;
}

/** Looked up once for the innermost loops. */
const { abs, max, min } = Math;

const GAMMA = 2 - Math.SQRT2;
/** The implicit weight shared by both stages: γ/2 = (1 − γ)/(2 − γ). */
const WEIGHT = GAMMA / 2;
const STAR = 1 / (GAMMA * (2 - GAMMA));
const START = ((1 - GAMMA) * (1 - GAMMA)) / (GAMMA * (2 - GAMMA));
/** Weights of the three flux evaluations in one step; they sum to 1. */
const FLUX_EARLY = 1 / (2 * (2 - GAMMA));
const NEWTON_LIMIT = 12;
const NEWTON_TOLERANCE_C = 2e-3;
/** Steps are as long as this allows, °C: short enough for 0.1 °C against the analytic series. */
const LARGEST_CHANGE_C = 2;
/** A step in which no cell moves by more than this, °C, says nothing against a longer one, however thin the body. */
const QUIET_C = 0.05;
/** After a stir or a move the first step may be so much longer than at the very start, where the body meets its surroundings. */
const RESTART = 400;

/** Heat flows in the body at one moment: conductances W/K and heat W, per unit of the shape factor. */
interface Flux {
  between: Float64Array;
  net: Float64Array;
  outer: number;
  inner: number;
  out: number;
  vapour: number;
}

const emptyFlux = (cells: number): Flux => ({
  between: new Float64Array(cells),
  net: new Float64Array(cells),
  outer: 0,
  inner: 0,
  out: 0,
  vapour: 0,
});

/** A body being heated or cooled; `advance` moves it on by one step of its own choosing. */
export class Body {
  private readonly grid: Grid;
  private readonly materials: Material[];
  private readonly temperature: Float64Array;
  private readonly linear: boolean;
  /** The step never outruns the slowest mode by much; seconds. */
  private readonly longestStep: number;
  private step: number;
  /** Steps may be so many times as coarse as they should. */
  private coarseness = 1;
  private readonly firstStep: number;
  private seconds = 0;
  private vapour = 0;
  private heatLost = 0;
  /** Working space, allocated once: a forecast takes hundreds of steps. */
  private readonly flux: { stage: Flux; first: Flux; second: Flux; third: Flux };
  private readonly matrix: {
    lower: Float64Array;
    diagonal: Float64Array;
    upper: Float64Array;
    correction: Float64Array;
  };

  constructor(private readonly problem: Problem) {
    const refinement = problem.refinement ?? 1;
    const thicknesses = problem.layers.map((layer) => layer.thickness);
    this.grid = makeGrid(problem.dimension, thicknesses, refinement, problem.cells);
    this.materials = problem.layers.map((layer) => layer.material);
    this.temperature = new Float64Array(this.grid.volume.length).fill(problem.startC);
    this.linear = this.materials.every((m) => m.constant);
    const n = this.temperature.length;
    this.flux = { stage: emptyFlux(n), first: emptyFlux(n), second: emptyFlux(n), third: emptyFlux(n) };
    const row = () => new Float64Array(n);
    this.matrix = { lower: row(), diagonal: row(), upper: row(), correction: row() };
    const radius = thicknesses.reduce((sum, t) => sum + t, 0);
    const slowest = Math.min(...this.materials.map((m) => m.k(problem.startC) / m.slope(Math.max(problem.startC, 5))));
    // Low Biot numbers relax more slowly than the body conducts.
    const faces = problem.outer(problem.startC, 0).h + (problem.inner?.(problem.startC, 0).h ?? 0);
    const biot = (faces * radius) / this.materials[this.materials.length - 1].k(problem.startC);
    const time = ((radius * radius) / slowest) * (1 + 1 / biot);
    this.longestStep = (0.1 * time) / problem.dimension / refinement;
    this.firstStep = (1e-6 * time) / refinement;
    this.step = this.firstStep;
  }

  /** Moves on by one step, at most `limit` seconds. Steps grow and shrink so that no cell moves by much more than `LARGEST_CHANGE_C`. */
  advance(limit: number): State {
    const dt = Math.min(this.step, limit);
    const before = this.temperature.slice();
    const first = this.fluxes(before, this.seconds, this.flux.first);
    const enthalpy0 = this.enthalpies(before);
    // Stage 1: trapezoid to γ dt.
    const target = enthalpy0.map((h, i) => h + (WEIGHT * dt * first.net[i]) / this.grid.volume[i]);
    const star = this.solveStage(before, target, dt, this.seconds + GAMMA * dt);
    const second = this.fluxes(star, this.seconds + GAMMA * dt, this.flux.second);
    // Stage 2: second-order backward difference to dt.
    const enthalpyStar = this.enthalpies(star);
    const target2 = enthalpyStar.map((h, i) => STAR * h - START * enthalpy0[i]);
    const end = this.solveStage(star, target2, dt, this.seconds + dt);
    const third = this.fluxes(end, this.seconds + dt, this.flux.third);
    this.vapour += dt * (FLUX_EARLY * (first.vapour + second.vapour) + WEIGHT * third.vapour);
    this.heatLost += dt * (FLUX_EARLY * (first.out + second.out) + WEIGHT * third.out);
    const cap = this.problem.capC ?? Infinity;
    let change = 0;
    for (let i = 0; i < end.length; i++) {
      const capped = end[i] > cap ? cap : end[i];
      if (capped < end[i]) {
        const material = this.materials[this.grid.layerOf[i]];
        this.heatLost += (material.enthalpy(end[i]) - material.enthalpy(capped)) * this.grid.volume[i];
      }
      change = max(change, abs(capped - before[i]));
      this.temperature[i] = capped;
    }
    this.seconds += dt;
    const wanted =
      dt *
      Math.min(
        1.5,
        Math.max(0.4, (this.coarseness * LARGEST_CHANGE_C) / ((this.problem.refinement ?? 1) * Math.max(change, 1e-9))),
      );
    // A step cut short by `limit` says nothing against the longer one that was planned.
    const next = dt < this.step ? Math.max(this.step, wanted) : wanted;
    this.step = change < this.coarseness * QUIET_C ? next : Math.min(this.coarseness * this.longestStep, next);
    return this.state();
  }

  /** From now on steps are twice as coarse: for what would take too long otherwise. */
  coarsen(): void {
    this.coarseness *= 2;
  }

  /** The next step begins small again: what surrounds the body has changed at once. */
  restart(): void {
    this.step = Math.min(this.step, this.coarseness * RESTART * this.firstStep);
  }

  /** Stirs: one temperature throughout, no heat lost or gained. */
  mix(): void {
    const { volume, layerOf } = this.grid;
    const total = volume.reduce((sum, v) => sum + v, 0);
    const heat = this.temperature.reduce((sum, t, i) => sum + this.materials[layerOf[i]].enthalpy(t) * volume[i], 0);
    // One material: the temperature whose enthalpy is the mean one, by Newton's method from the hottest side.
    const material = this.materials[0];
    const hottest = this.temperature.reduce((a, b) => max(a, b), -Infinity);
    const coldest = this.temperature.reduce((a, b) => min(a, b), Infinity);
    let t = hottest;
    for (let i = 0; i < NEWTON_LIMIT; i++) {
      const step = (material.enthalpy(t) - heat / total) / material.slope(t);
      t -= step;
      if (abs(step) < 1e-9) break;
    }
    this.temperature.fill(t);
    // Where it was one temperature already, nothing begins anew.
    if (hottest - coldest > this.coarseness * QUIET_C) this.restart();
  }

  /** What can be seen of the body now. */
  state(): State {
    const t = this.temperature;
    const n = t.length;
    const outer = this.exchange('outer', t, this.seconds);
    let heat = 0;
    let weight = 0;
    let weighted = 0;
    let warmest = outer.surfaceC;
    let warmestAt = 1;
    for (let i = 0; i < n; i++) {
      const material = this.materials[this.grid.layerOf[i]];
      const capacity = material.slope(t[i]) * this.grid.volume[i];
      heat += material.enthalpy(t[i]) * this.grid.volume[i];
      weight += capacity;
      weighted += capacity * t[i];
      if (t[i] > warmest) {
        warmest = t[i];
        warmestAt = (i + 0.5) / n;
      }
    }
    // With a face at r = 0 the middle of the slab is meant; else T ≈ a + b r² about the plane or point of symmetry.
    const half = Math.floor(n / 2);
    const middle = n % 2 === 1 ? t[half] : (t[half - 1] + t[half]) / 2;
    return {
      seconds: this.seconds,
      centreC: this.problem.inner ? middle : t[0] + (t[0] - t[1]) / 8,
      surfaceC: outer.surfaceC,
      meanC: weighted / weight,
      warmestC: warmest,
      warmestAt,
      wrapperC: t[this.grid.layerOf.indexOf(this.materials.length - 1)],
      vapour: this.vapour,
      heatLost: this.heatLost,
      heatLeft: heat,
    };
  }

  private enthalpies(t: Float64Array): Float64Array {
    return t.map((value, i) => this.materials[this.grid.layerOf[i]].enthalpy(value));
  }

  /** Solves H(T) − weight·dt·f(T)/V = target for T by Newton's method, starting from a guess. */
  private solveStage(guess: Float64Array, target: Float64Array, dt: number, seconds: number): Float64Array {
    const n = guess.length;
    const t = guess.slice();
    const w = WEIGHT * dt;
    const { lower, diagonal, upper, correction } = this.matrix;
    for (let iteration = 0; iteration < NEWTON_LIMIT; iteration++) {
      const flux = this.fluxes(t, seconds, this.flux.stage);
      for (let i = 0; i < n; i++) {
        const material = this.materials[this.grid.layerOf[i]];
        const inside = i === 0 ? flux.inner : flux.between[i - 1];
        const outside = i === n - 1 ? flux.outer : flux.between[i];
        lower[i] = i === 0 ? 0 : -w * inside;
        upper[i] = i === n - 1 ? 0 : -w * outside;
        diagonal[i] = material.slope(t[i]) * this.grid.volume[i] + w * (inside + outside);
        correction[i] = (target[i] - material.enthalpy(t[i])) * this.grid.volume[i] + w * flux.net[i];
      }
      solveTridiagonal(lower, diagonal, upper, correction);
      let largest = 0;
      for (let i = 0; i < n; i++) {
        t[i] += correction[i];
        largest = max(largest, abs(correction[i]));
      }
      if (this.linear || largest < NEWTON_TOLERANCE_C) break;
    }
    return t;
  }

  /** Conductances between cells and to the faces, and the net heat into each cell. */
  private fluxes(t: Float64Array, seconds: number, into: Flux): Flux {
    const { grid } = this;
    const { between, net } = into;
    const n = t.length;
    net.fill(0);
    let kInside = this.conductivity(0, t[0]);
    for (let i = 0; i < n - 1; i++) {
      const kOutside = this.conductivity(i + 1, t[i + 1]);
      const resistance = grid.width[i] / (2 * kInside) + grid.width[i + 1] / (2 * kOutside);
      between[i] = grid.outerArea[i] / resistance;
      const flow = between[i] * (t[i] - t[i + 1]);
      net[i] -= flow;
      net[i + 1] += flow;
      kInside = kOutside;
    }
    const outer = this.exchange('outer', t, seconds);
    net[n - 1] -= outer.out;
    const inner = this.exchange('inner', t, seconds);
    net[0] -= inner.out;
    into.outer = outer.conductance;
    into.inner = inner.conductance;
    into.out = outer.out + inner.out;
    into.vapour = outer.vapour + inner.vapour;
    return into;
  }

  private conductivity(cell: number, c: number): number {
    return this.materials[this.grid.layerOf[cell]].k(c);
  }

  /** Heat leaving through a face, found together with the face's own temperature. */
  private exchange(side: 'inner' | 'outer', t: Float64Array, seconds: number) {
    const cell = side === 'outer' ? t.length - 1 : 0;
    const face = side === 'outer' ? this.problem.outer : this.problem.inner;
    const area = side === 'outer' ? this.grid.outerArea[cell] : this.grid.innerArea;
    if (!face || area === 0) return { out: 0, conductance: 0, vapour: 0, surfaceC: t[cell] };
    const toFace = (2 * this.conductivity(cell, t[cell])) / this.grid.width[cell];
    let surfaceC = t[cell];
    let exchange = face(surfaceC, seconds);
    // Evaporation bends the exchange, so the surface temperature is found by a few fixed-point steps.
    for (let i = 0; i < 3; i++) {
      surfaceC = (toFace * t[cell] + exchange.h * exchange.mediumC) / (toFace + exchange.h);
      if (exchange.vapour === undefined) break;
      exchange = face(surfaceC, seconds);
    }
    const u = (toFace * exchange.h) / (toFace + exchange.h);
    return {
      out: area * u * (t[cell] - exchange.mediumC),
      conductance: area * u,
      vapour: exchange.vapour ?? 0,
      surfaceC,
    };
  }
}

/** A face with one coefficient (W/m²·K) and one medium temperature. */
export const convective =
  (h: number, mediumC: number): Face =>
  () => ({ h, mediumC });
