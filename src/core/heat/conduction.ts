/**
 * Conduction in one dimension of shape E (1 slab, 2 long cylinder, 3 sphere, fractional in between):
 *
 *   ∂H/∂t = r^(1−E) ∂/∂r ( r^(E−1) k ∂T/∂r )
 *
 * Finite volumes; TR-BDF2 in time (Bank et al. 1985: second order, L-stable, so that very large surface coefficients do
 * not ring); enthalpy H is the conserved quantity, found by Newton's method in each stage. Units are SI and °C.
 *
 * This is the innermost loop of every forecast: rows of numbers that are allocated once, filled in one pass, and no object
 * made on the way.
 */
import { type FaceState, faceState, isStraight, meet } from './face-state';
import { type Grid, makeGrid } from './grid';
import { type Material } from './material';
import { type Layer, type Problem, type State } from './problem';

/** Looked up once for the innermost loops. */
const { abs, floor, max, min } = Math;

const GAMMA = 2 - Math.SQRT2;
/** The implicit weight shared by both stages: γ/2 = (1 − γ)/(2 − γ). */
const WEIGHT = GAMMA / 2;
const STAR = 1 / (GAMMA * (2 - GAMMA));
const START = ((1 - GAMMA) * (1 - GAMMA)) / (GAMMA * (2 - GAMMA));
/** Weights of the three flux evaluations in one step; they sum to 1. */
const FLUX_EARLY = 1 / (2 * (2 - GAMMA));
const NEWTON_LIMIT = 12;
const NEWTON_TOLERANCE_C = 2e-3;
/** A correction is the last one where the next would be smaller than this share of the tolerance. */
const SAFELY_WITHIN = 0.25;
/** How much smaller each correction is than the one before is measured at least every so many stages; never taken for less. */
const MEASURED_EVERY = 8;
const LEAST_CONTRACTION = 0.02;
/** Above this no food has ice, °C. */
const ICE_C = 1;
/** Steps are as long as this allows, °C: short enough for 0.1 °C against the analytic series. */
const LARGEST_CHANGE_C = 2;
/** A step in which no cell moves by more than this, °C, says nothing against a longer one, however thin the body. */
const QUIET_C = 0.05;
/** After a stir or a move the first step may be so much longer than at the very start, where the body meets its surroundings. */
const RESTART = 400;

/** A body being heated or cooled; `advance` moves it on by one step of its own choosing. */
export class Body {
  private readonly grid: Grid;
  private readonly cells: number;
  /** Which cells a material fills. */
  private readonly layers: { material: Material; from: number; to: number }[];
  private readonly linear: boolean;
  private readonly temperature: Float64Array;
  /** Properties at some temperatures: conductivity, enthalpy and its slope. */
  private readonly k: Float64Array;
  private readonly h: Float64Array;
  private readonly c: Float64Array;
  /** Conductance between a cell and the next, W/K. */
  private readonly between: Float64Array;
  private readonly halfWidth: Float64Array;
  /** At the start of a step: temperatures, and heat content with the heat that flows in by the trapezoid's half. */
  private readonly before: Float64Array;
  private readonly heat0: Float64Array;
  private readonly target: Float64Array;
  private readonly star: Float64Array;
  private readonly end: Float64Array;
  private readonly inverse: Float64Array;
  private readonly correction: Float64Array;
  private readonly outer: FaceState;
  private readonly inner: FaceState;
  /** Where each cell boils, °C; null where nothing does. */
  private readonly caps: Float64Array | null;
  /** Properties and faces are those of the present temperatures. */
  private isFresh = false;
  /** Properties that do not change have been looked up. */
  private isConstant = false;
  /** How much smaller a correction was than the one before, and how many stages ago that was measured. */
  private contraction = 1;
  private sinceMeasured = 0;
  private isIcy = false;
  /** How each cell was moving at the end of the last step, °C/s, and how that was changing, °C/s²: where the next one leads. */
  private readonly rate: Float64Array;
  private readonly bend: Float64Array;
  /** The step never outruns the slowest mode by much; seconds. */
  private readonly longestStep: number;
  private step: number;
  /** Steps may be so many times as coarse as they should. */
  private coarseness = 1;
  private readonly firstStep: number;
  private seconds = 0;
  private vapour = 0;
  private heatLost = 0;
  private boiledOuter = 0;
  private boiledInner = 0;

  constructor(private readonly problem: Problem) {
    const refinement = problem.refinement ?? 1;
    const thicknesses = problem.layers.map((layer) => layer.thickness);
    this.grid = makeGrid(problem.dimension, thicknesses, refinement, problem.cells);
    const n = this.grid.volume.length;
    this.cells = n;
    this.layers = problem.layers.map(({ material }, layer) => ({
      material,
      from: this.grid.layerOf.indexOf(layer),
      to: this.grid.layerOf.lastIndexOf(layer) + 1,
    }));
    const materials = problem.layers.map((layer) => layer.material);
    this.linear =
      materials.every((m) => m.constant) && [problem.outer, problem.inner].every(isStraight(problem.startC));
    const row = () => new Float64Array(n);
    [this.k, this.h, this.c, this.between, this.before, this.heat0] = [row(), row(), row(), row(), row(), row()];
    [this.target, this.star, this.end, this.inverse, this.correction] = [row(), row(), row(), row(), row()];
    this.rate = row();
    this.bend = row();
    this.halfWidth = this.grid.width.map((width) => width / 2);
    this.temperature = row().fill(problem.startC);
    const capOf = ({ capC }: Layer): number => capC ?? problem.capC ?? Infinity;
    this.caps = problem.layers.every((layer) => capOf(layer) === Infinity)
      ? null
      : row().map((_, i) => capOf(problem.layers[this.grid.layerOf[i]]));
    this.outer = faceState(problem.outer, n - 1, this.grid.outerArea[n - 1], problem.startC);
    this.inner = faceState(problem.inner, 0, this.grid.innerArea, problem.startC);
    const radius = thicknesses.reduce((sum, t) => sum + t, 0);
    const slowest = Math.min(...materials.map((m) => m.k(problem.startC) / m.slope(Math.max(problem.startC, 5))));
    // Low Biot numbers relax more slowly than the body conducts.
    const faces = problem.outer(problem.startC, 0).h + (problem.inner?.(problem.startC, 0).h ?? 0);
    const biot = (faces * radius) / materials[materials.length - 1].k(problem.startC);
    const time = ((radius * radius) / slowest) * (1 + 1 / biot);
    this.longestStep = (0.1 * time) / problem.dimension / refinement;
    this.firstStep = (1e-6 * time) / refinement;
    this.step = this.firstStep;
  }

  /** Moves on by one step, at most `limit` seconds. Steps grow and shrink so that no cell moves by much more than `LARGEST_CHANGE_C`. */
  advance(limit: number): State {
    const dt = min(this.step, limit);
    this.refresh();
    const { cells, temperature, before, heat0, target, star, end, h, between, rate, bend, outer, inner } = this;
    const { volume } = this.grid;
    const w = WEIGHT * dt;
    // Where ice forms what comes next is not like what was: there the search begins where it is.
    const ahead = this.isIcy ? 0 : GAMMA * dt;
    const further = this.isIcy ? 1 : 1 / GAMMA;
    const bent = this.isIcy ? 0 : ((1 - GAMMA) * dt * dt) / 2;
    // Stage 1: trapezoid to γ dt.
    let flowIn = -inner.out;
    for (let i = 0; i < cells; i++) {
      const t = temperature[i];
      const flowOut = i === cells - 1 ? outer.out : between[i] * (t - temperature[i + 1]);
      const content = h[i] * volume[i];
      before[i] = t;
      heat0[i] = content;
      target[i] = content + w * (flowIn - flowOut);
      star[i] = t + ahead * (rate[i] + (ahead / 2) * bend[i]);
      flowIn = flowOut;
    }
    const out0 = outer.out + inner.out;
    const vapour0 = outer.vapour + inner.vapour;
    if (this.linear) this.solveLinear(star, w, true);
    else this.solveStage(star, w, this.seconds + GAMMA * dt);
    // Stage 2: second-order backward difference to dt.
    // What the last correction left of the enthalpies is its own slope's; at ice, where they bend, they are looked up again.
    if (this.linear || this.isIcy) this.properties(star);
    this.meetFaces(star, this.seconds + GAMMA * dt);
    for (let i = 0; i < cells; i++) {
      target[i] = STAR * h[i] * volume[i] - START * heat0[i];
      end[i] = before[i] + (star[i] - before[i]) * further + bent * bend[i];
    }
    const out1 = outer.out + inner.out;
    const vapour1 = outer.vapour + inner.vapour;
    if (this.linear) this.solveLinear(end, w, false);
    else this.solveStage(end, w, this.seconds + dt);
    this.meetFaces(end, this.seconds + dt);
    this.vapour += dt * (FLUX_EARLY * (vapour0 + vapour1) + WEIGHT * (outer.vapour + inner.vapour));
    this.heatLost += dt * (FLUX_EARLY * (out0 + out1) + WEIGHT * (outer.out + inner.out));
    this.seconds += dt;
    this.arrive(dt);
    return this.state();
  }

  /** Takes over the temperatures at the end of a step, none above the cap, and plans the next step. */
  private arrive(dt: number): void {
    const { cells, temperature, before, end } = this;
    this.boil();
    let change = 0;
    for (let i = 0; i < cells; i++) {
      change = max(change, abs(end[i] - before[i]));
      temperature[i] = end[i];
    }
    if (!this.linear) this.foresee(dt);
    this.isFresh = false;
    const wanted =
      dt *
      min(1.5, max(0.4, (this.coarseness * LARGEST_CHANGE_C) / ((this.problem.refinement ?? 1) * max(change, 1e-9))));
    // A step cut short by `limit` says nothing against the longer one that was planned.
    const next = dt < this.step ? max(this.step, wanted) : wanted;
    this.step = change < this.coarseness * QUIET_C ? next : min(this.coarseness * this.longestStep, next);
  }

  /** What is hotter than its water boils gives the heat to the steam. */
  private boil(): void {
    const { cells, caps, end, problem } = this;
    if (caps === null) return;
    for (let i = 0; i < cells; i++) {
      if (end[i] <= caps[i]) continue;
      const heat = this.heatAbove(i, end[i], caps[i]);
      this.heatLost += heat;
      if (problem.inner && 2 * i < cells) this.boiledInner += heat;
      else this.boiledOuter += heat;
      end[i] = caps[i];
    }
  }

  /** How the cells move at the end of a step, and how that changes: where the search of the next step begins. */
  private foresee(dt: number): void {
    const { cells, temperature, before, star, rate, bend } = this;
    const [early, late] = [1 / (GAMMA * dt), 1 / ((1 - GAMMA) * dt)];
    for (let i = 0; i < cells; i++) {
      const then = (star[i] - before[i]) * early;
      const now = (temperature[i] - star[i]) * late;
      bend[i] = (2 * (now - then)) / dt;
      rate[i] = now + (1 - GAMMA) * (now - then);
    }
  }

  private heatAbove(cell: number, hotC: number, cappedC: number): number {
    const { material } = this.problem.layers[this.grid.layerOf[cell]];
    return (material.enthalpy(hotC) - material.enthalpy(cappedC)) * this.grid.volume[cell];
  }

  /** From now on steps are twice as coarse: for what would take too long otherwise. */
  coarsen(): void {
    this.coarseness *= 2;
  }

  /** The next step begins small again: what surrounds the body has changed at once. */
  restart(): void {
    this.step = min(this.step, this.coarseness * RESTART * this.firstStep);
    this.rate.fill(0);
    this.bend.fill(0);
    this.isFresh = false;
  }

  /** Stirs: one temperature throughout, no heat lost or gained. */
  mix(): void {
    const { volume } = this.grid;
    this.refresh();
    const total = volume.reduce((sum, v) => sum + v, 0);
    const heat = this.h.reduce((sum, h, i) => sum + h * volume[i], 0);
    // One material: the temperature whose enthalpy is the mean one, by Newton's method from the hottest side.
    const { material } = this.problem.layers[0];
    const hottest = this.temperature.reduce((a, b) => max(a, b), -Infinity);
    const coldest = this.temperature.reduce((a, b) => min(a, b), Infinity);
    let t = hottest;
    for (let i = 0; i < NEWTON_LIMIT; i++) {
      const step = (material.enthalpy(t) - heat / total) / material.slope(t);
      t -= step;
      if (abs(step) < 1e-9) break;
    }
    this.temperature.fill(t);
    this.rate.fill(0);
    this.bend.fill(0);
    this.isFresh = false;
    // Where it was one temperature already, nothing begins anew.
    if (hottest - coldest > this.coarseness * QUIET_C) this.restart();
  }

  /**
   * Heat that leaves sideways, which one dimension knows nothing of: every cell comes nearer to what is around it. Not
   * where it freezes.
   * @param left share of the distance that is left
   */
  loseAside(mediumC: number, left: number): void {
    const { cells, temperature } = this;
    for (let i = 0; i < cells; i++) {
      const t = temperature[i];
      const to = mediumC + (t - mediumC) * left;
      if (min(t, to) < ICE_C) continue;
      this.heatLost += this.heatAbove(i, t, to);
      temperature[i] = to;
    }
    this.isFresh = false;
  }

  /** Seconds since the start. */
  get elapsed(): number {
    return this.seconds;
  }

  /** Temperatures at depths, each a share of the whole from the centre (or the inner face) to the outer face, °C. */
  profile(shares: readonly number[]): number[] {
    const { width } = this.grid;
    const whole = width.reduce((sum, w) => sum + w, 0);
    return shares.map((share) => {
      let from = 0;
      for (let i = 0; i < this.cells; i++) {
        const middle = from + width[i] / 2;
        if (share * whole <= middle || i === this.cells - 1) {
          if (i === 0) return this.temperature[0];
          const before = from - width[i - 1] / 2;
          const part = Math.min(1, (share * whole - before) / (middle - before));
          return this.temperature[i - 1] + part * (this.temperature[i] - this.temperature[i - 1]);
        }
        from += width[i];
      }
      return this.temperature[0];
    });
  }

  /** What can be seen of the body now. */
  state(): State {
    this.refresh();
    const { cells, temperature: t, h, c, outer } = this;
    const { volume } = this.grid;
    let heat = 0;
    let weight = 0;
    let weighted = 0;
    let warmest = outer.surfaceC;
    let warmestAt = 1;
    for (let i = 0; i < cells; i++) {
      const capacity = c[i] * volume[i];
      heat += h[i] * volume[i];
      weight += capacity;
      weighted += capacity * t[i];
      if (t[i] > warmest) {
        warmest = t[i];
        warmestAt = (i + 0.5) / cells;
      }
    }
    const { layers, problem } = this;
    const last = layers[layers.length - 1];
    const wrapped = problem.inner && layers.length > 2 ? [layers[0].to, last.from] : [0, layers[0].to];
    let coldestC = Infinity;
    for (let i = wrapped[0]; i < wrapped[1]; i++) coldestC = min(coldestC, t[i]);
    // With a face at r = 0 the middle of the slab is meant; else T ≈ a + b r² about the plane or point of symmetry.
    const half = floor(cells / 2);
    const middle = cells % 2 === 1 ? t[half] : (t[half - 1] + t[half]) / 2;
    const centreC = problem.inner ? middle : t[0] + (t[0] - t[1]) / 8;
    return {
      seconds: this.seconds,
      centreC,
      surfaceC: outer.surfaceC,
      meanC: weighted / weight,
      warmestC: warmest,
      warmestAt,
      wrapperC: problem.inner && layers.length > 2 ? min(t[layers[0].to - 1], t[last.from]) : t[last.from],
      coldestC: problem.inner ? coldestC : min(coldestC, centreC),
      vapour: this.vapour,
      innerC: problem.inner ? this.inner.surfaceC : centreC,
      heatLost: this.heatLost,
      heatLeft: heat,
      boiledOuter: this.boiledOuter,
      boiledInner: this.boiledInner,
    };
  }

  /** Properties, conductances and faces for the present temperatures. */
  private refresh(): void {
    if (this.isFresh) return;
    this.properties(this.temperature);
    if (!this.isConstant) this.conductances();
    this.isConstant = this.linear;
    this.meetFaces(this.temperature, this.seconds);
    this.isFresh = true;
  }

  private properties(t: Float64Array): void {
    if (this.isConstant) {
      const { cells, h, c } = this;
      for (let i = 0; i < cells; i++) h[i] = c[i] * t[i];
      return;
    }
    for (const { material, from, to } of this.layers) material.fill(t, from, to, this.k, this.h, this.c);
  }

  /** Two half cells in a row: the harmonic mean of their conductivities. */
  private conductances(): void {
    const { cells, k, between, halfWidth } = this;
    const { outerArea } = this.grid;
    for (let i = 0; i < cells - 1; i++) {
      const [a, b] = [k[i], k[i + 1]];
      between[i] = (outerArea[i] * a * b) / (halfWidth[i] * b + halfWidth[i + 1] * a);
    }
  }

  private meetFaces(t: Float64Array, seconds: number): void {
    this.meetFace(this.outer, t, seconds);
    this.meetFace(this.inner, t, seconds);
  }

  private meetFace(state: FaceState, t: Float64Array, seconds: number): void {
    const { cell } = state;
    meet(state, t[cell], this.k[cell] / this.halfWidth[cell], seconds);
  }

  /** Solves H(T) V − w f(T) = target for T by Newton's method, starting from a guess, which it replaces. */
  private solveStage(t: Float64Array, w: number, seconds: number): void {
    const isMeasured = this.sinceMeasured >= MEASURED_EVERY;
    let last = Infinity;
    for (let iteration = 0; iteration < NEWTON_LIMIT; iteration++) {
      this.properties(t);
      this.meetFaces(t, seconds);
      const largest = this.correct(t, w);
      if (iteration > 0 && last > NEWTON_TOLERANCE_C) {
        this.contraction = max(LEAST_CONTRACTION, largest / last);
        this.sinceMeasured = 0;
      }
      if (largest < NEWTON_TOLERANCE_C) break;
      // Where ice forms the enthalpy bends sharply: there nothing is foretold.
      const willBe = largest * (iteration === 0 && isMeasured ? 1 : this.contraction);
      if (!this.isIcy && willBe < SAFELY_WITHIN * NEWTON_TOLERANCE_C) break;
      last = largest;
    }
    this.sinceMeasured += 1;
  }

  /**
   * Where nothing depends on temperature a stage is one linear system, C V T − w f(T) = target, and both stages of a step
   * have the same matrix.
   * @param isNew whether the matrix is put together and eliminated, or is that of the stage before
   */
  private solveLinear(t: Float64Array, w: number, isNew: boolean): void {
    const { cells, c, between, target, inverse, correction, outer, inner } = this;
    const { volume } = this.grid;
    if (isNew) {
      let inside = w * inner.conductance;
      let pulled = 0;
      for (let i = 0; i < cells; i++) {
        const outside = w * (i === cells - 1 ? outer.conductance : between[i]);
        const inv = 1 / (c[i] * volume[i] + inside + outside - pulled);
        inverse[i] = inv;
        pulled = outside * outside * inv;
        inside = outside;
      }
    }
    let carried = w * inner.conductance * inner.mediumC;
    for (let i = 0; i < cells - 1; i++) {
      const rest = (target[i] + carried) * inverse[i];
      correction[i] = rest;
      carried = w * between[i] * rest;
    }
    const last = cells - 1;
    let x = (target[last] + carried + w * outer.conductance * outer.mediumC) * inverse[last];
    t[last] = x;
    for (let i = last - 1; i >= 0; i--) {
      x = correction[i] + w * between[i] * inverse[i] * x;
      t[i] = x;
    }
  }

  /**
   * One correction by the Thomas algorithm: the matrix is symmetric, tridiagonal and diagonally dominant, so that no
   * pivoting is needed; it is put together in the pass that eliminates.
   * @returns the largest correction, °C
   */
  private correct(t: Float64Array, w: number): number {
    const { cells, k, h, c, halfWidth, target, inverse, correction, outer, inner } = this;
    const { volume, outerArea } = this.grid;
    let flowIn = -inner.out;
    let inside = w * inner.conductance;
    let pulled = 0;
    let carried = 0;
    let own = k[0];
    for (let i = 0; i < cells; i++) {
      let conductance = outer.conductance;
      let flowOut = outer.out;
      if (i < cells - 1) {
        const next = k[i + 1];
        conductance = (outerArea[i] * own * next) / (halfWidth[i] * next + halfWidth[i + 1] * own);
        flowOut = conductance * (t[i] - t[i + 1]);
        own = next;
      }
      const outside = w * conductance;
      const inv = 1 / (c[i] * volume[i] + inside + outside - pulled);
      const rest = (target[i] - h[i] * volume[i] + w * (flowIn - flowOut) + carried) * inv;
      inverse[i] = outside * inv;
      correction[i] = rest;
      pulled = outside * outside * inv;
      carried = outside * rest;
      inside = outside;
      flowIn = flowOut;
    }
    let x = 0;
    let largest = 0;
    let coldest = Infinity;
    for (let i = cells - 1; i >= 0; i--) {
      x = correction[i] + (i === cells - 1 ? 0 : inverse[i] * x);
      t[i] += x;
      h[i] += c[i] * x;
      const size = x < 0 ? -x : x;
      if (size > largest) largest = size;
      if (t[i] < coldest) coldest = t[i];
    }
    this.isIcy = coldest < ICE_C;
    return largest;
  }
}
