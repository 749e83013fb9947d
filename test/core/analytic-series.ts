/** The exact solutions for a body of one temperature put into a medium of another (Carslaw & Jaeger), as shares of the difference. */

export type Series = (biot: number, fourier: number) => { centre: number; surface: number; mean: number };

const TERMS = 80;

function root(f: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  const rising = f(a) < 0;
  for (let i = 0; i < 60; i++) {
    const x = (a + b) / 2;
    if (f(x) < 0 === rising) a = x;
    else b = x;
  }
  return (a + b) / 2;
}

function sum(term: (n: number) => { centre: number; surface: number; mean: number; decay: number }, fourier: number) {
  const total = { centre: 0, surface: 0, mean: 0 };
  for (let n = 0; n < TERMS; n++) {
    const { centre, surface, mean, decay } = term(n);
    const e = Math.exp(-decay * decay * fourier);
    total.centre += centre * e;
    total.surface += surface * e;
    total.mean += mean * e;
  }
  return total;
}

export const slab: Series = (biot, fourier) =>
  sum((n) => {
    const z = root((x) => x * Math.sin(x) - biot * Math.cos(x), n * Math.PI + 1e-12, (n + 0.5) * Math.PI);
    const c = (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z));
    return { centre: c, surface: c * Math.cos(z), mean: (c * Math.sin(z)) / z, decay: z };
  }, fourier);

export const sphere: Series = (biot, fourier) =>
  sum((n) => {
    const z = root((x) => (1 - biot) * Math.sin(x) - x * Math.cos(x), n * Math.PI + 1e-12, (n + 1) * Math.PI - 1e-12);
    const c = (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z));
    return {
      centre: c,
      surface: (c * Math.sin(z)) / z,
      mean: (3 * c * (Math.sin(z) - z * Math.cos(z))) / z ** 3,
      decay: z,
    };
  }, fourier);

/** Bessel functions by their integral, ∫ cos(nτ − x sin τ) dτ / π: the trapezoid rule is exact enough for a periodic function. */
function bessel(order: 0 | 1, x: number): number {
  const steps = 240;
  let total = 0;
  for (let i = 0; i < steps; i++) {
    const t = (2 * Math.PI * i) / steps;
    total += Math.cos(order * t - x * Math.sin(t));
  }
  return total / steps;
}

const rootsOf = new Map<number, number[]>();

export const cylinder: Series = (biot, fourier) => {
  const zeros = rootsOf.get(biot) ?? cylinderRoots(biot);
  rootsOf.set(biot, zeros);
  return sum((n) => {
    const z = zeros[n];
    if (z === undefined) return { centre: 0, surface: 0, mean: 0, decay: 1 };
    const [j0, j1] = [bessel(0, z), bessel(1, z)];
    const c = (2 * j1) / (z * (j0 * j0 + j1 * j1));
    return { centre: c, surface: c * j0, mean: (2 * c * j1) / z, decay: z };
  }, fourier);
};

/** The first 24 roots of x J1(x) = Bi J0(x), found by walking. */
function cylinderRoots(biot: number): number[] {
  const f = (x: number) => x * bessel(1, x) - biot * bessel(0, x);
  const zeros: number[] = [];
  let previous = 1e-9;
  let before = f(previous);
  for (let x = 0.1; zeros.length < 24; x += 0.1) {
    const now = f(x);
    if (before < 0 !== now < 0) zeros.push(root(f, previous, x));
    previous = x;
    before = now;
  }
  return zeros;
}
