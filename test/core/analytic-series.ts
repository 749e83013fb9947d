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

interface Term {
  centre: number;
  surface: number;
  mean: number;
  decay: number;
}

/** A series whose terms are found once for a Biot number: finding their roots is nearly all of the work. */
function series(termsOf: (biot: number) => Term[]): Series {
  const known = new Map<number, Term[]>();
  return (biot, fourier) => {
    const terms = known.get(biot) ?? termsOf(biot);
    known.set(biot, terms);
    const total = { centre: 0, surface: 0, mean: 0 };
    for (const { centre, surface, mean, decay } of terms) {
      const e = Math.exp(-decay * decay * fourier);
      total.centre += centre * e;
      total.surface += surface * e;
      total.mean += mean * e;
    }
    return total;
  };
}

const firstTerms = (term: (n: number) => Term): Term[] => Array.from({ length: TERMS }, (_, n) => term(n));

export const slab = series((biot) =>
  firstTerms((n) => {
    const z = root((x) => x * Math.sin(x) - biot * Math.cos(x), n * Math.PI + 1e-12, (n + 0.5) * Math.PI);
    const c = (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z));
    return { centre: c, surface: c * Math.cos(z), mean: (c * Math.sin(z)) / z, decay: z };
  }),
);

export const sphere = series((biot) =>
  firstTerms((n) => {
    const z = root((x) => (1 - biot) * Math.sin(x) - x * Math.cos(x), n * Math.PI + 1e-12, (n + 1) * Math.PI - 1e-12);
    const c = (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z));
    return {
      centre: c,
      surface: (c * Math.sin(z)) / z,
      mean: (3 * c * (Math.sin(z) - z * Math.cos(z))) / z ** 3,
      decay: z,
    };
  }),
);

/** Bessel functions by their integral, ∫ cos(nτ − x sin τ) dτ / π: the midpoint rule is exact enough for a periodic function. */
function bessel(order: 0 | 1, x: number): number {
  const steps = 120;
  let total = 0;
  for (let i = 0; i < steps; i++) {
    const t = ((i + 0.5) * Math.PI) / steps;
    total += Math.cos(order * t - x * Math.sin(t));
  }
  return total / steps;
}

export const cylinder = series((biot) =>
  cylinderRoots(biot).map((z) => {
    const [j0, j1] = [bessel(0, z), bessel(1, z)];
    const c = (2 * j1) / (z * (j0 * j0 + j1 * j1));
    return { centre: c, surface: c * j0, mean: (2 * c * j1) / z, decay: z };
  }),
);

/** The first 24 roots of x J1(x) = Bi J0(x), found by walking: they lie about π apart. */
function cylinderRoots(biot: number): number[] {
  const f = (x: number) => x * bessel(1, x) - biot * bessel(0, x);
  const zeros: number[] = [];
  let previous = 1e-9;
  let before = f(previous);
  for (let x = 0.5; zeros.length < 24; x += 0.5) {
    const now = f(x);
    if (before < 0 !== now < 0) zeros.push(root(f, previous, x));
    previous = x;
    before = now;
  }
  return zeros;
}
