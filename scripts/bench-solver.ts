/**
 * The solver beside two loops that everybody can judge: a bare tridiagonal one, and a general library for differential
 * equations. `bench-solver.ts constant` or `food` prints how often slower than the one, and faster than the other.
 */
import { createRequire } from 'node:module';
import { normalise } from '@/core/food/composition';
import { Body } from '@/core/heat/conduction';
import { makeGrid } from '@/core/heat/grid';
import { constantMaterial, foodMaterial, type Material } from '@/core/heat/material';
import { convective } from '@/core/heat/problem';

type Derivatives = (x: number, y: number[]) => number[];
type Output = (n: number, xOld: number, x: number, y: number[]) => boolean | undefined;
interface Extrapolation {
  relativeTolerance: number;
  absoluteTolerance: number;
  denseOutput: boolean;
  maxSteps: number;
  solve(f: Derivatives, x: number, y: number[], xEnd: number, output: Output): void;
}
// Its types are its sources, which do not pass this project's compiler.
const { Solver } = createRequire(import.meta.url)('odex') as {
  Solver: new (equations: number) => Extrapolation;
};

const RADIUS = 0.028;
const START_C = 5;
const MEDIUM_C = 100;
const H = 300;
const UNTIL_C = 74;

const FOOD = foodMaterial(
  normalise({ water: 0.72, protein: 0.12, fat: 0.08, carbohydrate: 0.06, fibre: 0.01, ash: 0.012 }),
);
const CONSTANT = constantMaterial(0.5, 1040, 3500);

/** A ball heated until its middle is hot enough. @returns seconds, and the steps it took */
function solve(material: Material, refinement = 1): { seconds: number; steps: number } {
  const body = new Body({
    dimension: 3,
    layers: [{ thickness: RADIUS, material }],
    startC: START_C,
    outer: convective(H, MEDIUM_C),
    refinement,
  });
  let before = body.state();
  for (let steps = 1; ; steps++) {
    const now = body.advance(Infinity);
    if (now.centreC >= UNTIL_C) {
      const part = (UNTIL_C - before.centreC) / (now.centreC - before.centreC);
      return { seconds: before.seconds + part * (now.seconds - before.seconds), steps };
    }
    before = now;
  }
}

const CELLS = makeGrid(3, [RADIUS]).volume.length;
const [lower, diagonal, upper, rhs, t] = Array.from({ length: 5 }, () => new Float64Array(CELLS));

/** The same cells and steps with one tridiagonal system of constant coefficients a step, and nothing else. */
function bare(steps: number): void {
  t.fill(START_C);
  for (let step = 0; step < steps; step++) {
    for (let i = 0; i < CELLS; i++) {
      lower[i] = -0.4;
      upper[i] = -0.4;
      diagonal[i] = 1.8;
      rhs[i] = t[i];
    }
    rhs[CELLS - 1] += 0.4 * MEDIUM_C;
    for (let i = 1; i < CELLS; i++) {
      const factor = lower[i] / diagonal[i - 1];
      diagonal[i] -= factor * upper[i - 1];
      rhs[i] -= factor * rhs[i - 1];
    }
    t[CELLS - 1] = rhs[CELLS - 1] / diagonal[CELLS - 1];
    for (let i = CELLS - 2; i >= 0; i--) t[i] = (rhs[i] - upper[i] * t[i + 1]) / diagonal[i];
  }
}

/** The same grid and properties, handed to the library. @returns seconds until the middle is hot enough */
function byLibrary(material: Material, relative: number): number {
  const { volume, width, outerArea } = makeGrid(3, [RADIUS]);
  const flow = new Float64Array(CELLS);
  const derivatives = (_s: number, y: number[]): number[] => {
    const rate = new Array<number>(CELLS);
    let k = material.k(y[0]);
    for (let i = 0; i < CELLS - 1; i++) {
      const next = material.k(y[i + 1]);
      flow[i] = (outerArea[i] * (y[i] - y[i + 1])) / (width[i] / 2 / k + width[i + 1] / 2 / next);
      k = next;
    }
    const last = CELLS - 1;
    const toFace = (2 * k) / width[last];
    flow[last] = outerArea[last] * ((toFace * H) / (toFace + H)) * (y[last] - MEDIUM_C);
    for (let i = 0; i < CELLS; i++)
      rate[i] = ((i === 0 ? 0 : flow[i - 1]) - flow[i]) / volume[i] / material.slope(y[i]);
    return rate;
  };
  const solver = new Solver(CELLS);
  solver.relativeTolerance = relative;
  solver.absoluteTolerance = relative;
  solver.denseOutput = false;
  solver.maxSteps = 1_000_000;
  const centre = (y: number[]): number => y[0] + (y[0] - y[1]) / 8;
  let reached = Infinity;
  let before = { seconds: 0, c: START_C };
  solver.solve(derivatives, 0, new Array<number>(CELLS).fill(START_C), 7200, (_n, _old, seconds, y) => {
    const c = centre(y);
    if (c >= UNTIL_C && reached === Infinity) {
      reached = before.seconds + ((seconds - before.seconds) * (UNTIL_C - before.c)) / (c - before.c);
      return false;
    }
    before = { seconds, c };
    return undefined;
  });
  return reached;
}

/** Best of several: what else the machine does only ever makes it slower. */
function best(run: () => void, times = 25, each = 3): number {
  for (let i = 0; i < 20; i++) run();
  let least = Infinity;
  for (let i = 0; i < times; i++) {
    const start = performance.now();
    for (let k = 0; k < each; k++) run();
    least = Math.min(least, (performance.now() - start) / each);
  }
  return least;
}

/**
 * How many times as long one takes as the other: measured in turns, so that what else the machine does falls on both, and
 * the median of the pairs.
 * @param often how often the second runs in its turn, to last about as long
 */
function inTurns(first: () => void, second: () => void, often: number, pairs = 101): number {
  const time = (run: () => void, times: number): number => {
    const start = performance.now();
    for (let k = 0; k < times; k++) run();
    return (performance.now() - start) / times;
  };
  time(first, 20);
  time(second, 20 * often);
  const ratios = Array.from({ length: pairs }, () => time(first, 1) / time(second, often));
  return ratios.sort((a, b) => a - b)[Math.floor(pairs / 2)];
}

/** Equal accuracy: the loosest tolerance at which the library is as near to a fine solution on the same cells as we are. */
function besideLibrary(material: Material): { ratio: number; how: string } {
  const exact = byLibrary(material, 1e-9);
  const ours = Math.abs(solve(material).seconds - exact);
  const tolerance =
    [1e-2, 3e-3, 1e-3, 3e-4, 1e-4, 3e-5, 1e-5].find((r) => Math.abs(byLibrary(material, r) - exact) <= ours) ?? 1e-6;
  return {
    ratio: best(() => byLibrary(material, tolerance), 5, 1) / best(() => solve(material)),
    how: `both within ${ours.toFixed(1)} s of ${exact.toFixed(0)}`,
  };
}

/** Each in a process of its own: what was compiled for other numbers would slow the one or the other. */
const material = { constant: CONSTANT, food: FOOD }[process.argv[2] ?? ''];
if (material === undefined) throw new Error('constant or food?');
const { steps } = solve(material);
const bareRatio = inTurns(
  () => solve(material),
  () => bare(steps),
  8,
);
console.log(JSON.stringify({ cells: CELLS, steps, bare: bareRatio, library: besideLibrary(material) }));
