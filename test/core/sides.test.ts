/** A pot against the finite cylinder: the product of the series for a slab and a long cylinder. */
import { coolingCurve } from '@/core/cooling/curve';
import { panArea } from '@/core/cooling/vessels';
import { Sides } from '@/core/cooling/sides';
import { bessel, rootOf } from '@/core/heat/cylinder';
import { normalise } from '@/core/food/composition';
import { thermalProperties } from '@/core/food/thermal';
import { BASES } from '@/core/vocabulary/bases';
import { PLACES } from '@/core/vocabulary/places';

const FILLING = normalise({ water: 0.72, protein: 0.12, fat: 0.08, carbohydrate: 0.06, fibre: 0.01, ash: 0.012 });
const PROPERTIES = thermalProperties(FILLING, 50);
const DIFFUSIVITY = PROPERTIES.k / (PROPERTIES.density * PROPERTIES.heatCapacity);

/** Bisection for the n-th root of an increasing difference. */
function root(low: number, high: number, f: (x: number) => number): number {
  let [a, b] = [low, high];
  for (let i = 0; i < 50; i++) {
    const middle = (a + b) / 2;
    if (f(a) * f(middle) <= 0) b = middle;
    else a = middle;
  }
  return (a + b) / 2;
}

/** J₀ and J₁ by their integrals, another way than the core's series: also for large arguments. */
function besselIntegral(order: number, x: number): number {
  const steps = 100;
  let sum = 0;
  for (let i = 0; i < steps; i++) {
    const t = ((i + 0.5) * Math.PI) / steps;
    sum += Math.cos(order * t - x * Math.sin(t));
  }
  return sum / steps;
}

const ZEROS = [0, 3.8317, 7.0156, 10.1735, 13.3237, 16.4706, 19.6159];

/** The terms of a long cylinder's series at a Biot number: found once. */
const TERMS = new Map<number, { zeta: number; c: number }[]>();
function terms(biot: number): { zeta: number; c: number }[] {
  const known = TERMS.get(biot);
  if (known) return known;
  const found = ZEROS.slice(0, -1).map((from, i) => {
    const zeta = root(from + 1e-9, ZEROS[i + 1] - 1e-9, (z) => z * besselIntegral(1, z) - biot * besselIntegral(0, z));
    const [j0, j1] = [besselIntegral(0, zeta), besselIntegral(1, zeta)];
    return { zeta, c: (2 * j1) / (zeta * (j0 * j0 + j1 * j1)) };
  });
  TERMS.set(biot, found);
  return found;
}

/** Axis of a long cylinder above the air, as a share of the start; six terms. */
const cylinderAxis = (seconds: number, radius: number, h: number): number =>
  terms((h * radius) / PROPERTIES.k).reduce(
    (sum, { zeta, c }) => sum + c * Math.exp((-zeta * zeta * DIFFUSIVITY * seconds) / radius ** 2),
    0,
  );

/** Middle of a slab with both faces alike, as a share of the start. */
function slabMiddle(seconds: number, half: number, h: number): number {
  const biot = (h * half) / PROPERTIES.k;
  return Array.from({ length: 10 }, (_, n) => n).reduce((sum, n) => {
    const zeta = root(
      n * Math.PI + 1e-9,
      n * Math.PI + Math.PI / 2 - 1e-9,
      (z) => z * Math.sin(z) - biot * Math.cos(z),
    );
    const c = (4 * Math.sin(zeta)) / (2 * zeta + Math.sin(2 * zeta));
    return sum + c * Math.exp((-zeta * zeta * DIFFUSIVITY * seconds) / half ** 2);
  }, 0);
}

it('the axis and the mean of a long cylinder come out near its series', () => {
  const radius = 0.12;
  for (const h of [4, 9, 25]) {
    const sides = new Sides(radius, PROPERTIES.k, PROPERTIES.density * PROPERTIES.heatCapacity);
    let mean = 1;
    for (let minute = 1; minute <= 600; minute++) {
      mean *= sides.pass(60, h);
      const axis = sides.atAxis(mean, 0);
      if (minute % 60 !== 0) continue;
      const off = axis - cylinderAxis(minute * 60, radius, h);
      expect(Math.abs(off)).toBeLessThan(0.005);
    }
  }
});

it('the Bessel functions and the first root are what tables say', () => {
  expect(bessel(0, 1)).toBeCloseTo(0.7651976866, 9);
  expect(bessel(1, 1)).toBeCloseTo(0.4400505857, 9);
  expect(rootOf(1, 0)).toBeCloseTo(1.2558, 4);
  expect(rootOf(0.1, 0)).toBeCloseTo(0.4417, 4);
});

it('a covered 24 cm pot 120 mm deep is near the finite cylinder, and far from a slab', () => {
  const depthMm = 120;
  const radius = 0.12;
  const massG = Math.PI * radius ** 2 * depthMm * 1e-3 * PROPERTIES.density * 1000;
  const plan = {
    massG, composition: FILLING, startC: 90, depthMm, base: 'rack', place: 'counter', ambientC: 21, covered: true, stirred: false, legs: [],
  } as const; // prettier-ignore
  const pot = coolingCurve({ ...plan, isRound: true }, 30);
  const slab = coolingCurve(plan, 30);
  // The faces above and below differ a little: the series takes their mean.
  const faces = (PLACES.counter.h + BASES.rack.h) / 2;
  const finite = (minutes: number): number =>
    21 + 69 * cylinderAxis(minutes * 60, radius, PLACES.counter.h) * slabMiddle(minutes * 60, depthMm / 2000, faces);
  const minutesOf = (c: number): number => root(1, 2000, (minutes) => c - finite(minutes));
  for (const c of [70, 57, 45, 35]) {
    const [got, exact] = [pot.minutesTo(c) ?? NaN, minutesOf(c)];
    expect(Math.abs(got - exact) / exact).toBeLessThan(0.08);
    expect(slab.minutesTo(c) ?? Infinity).toBeGreaterThan(1.2 * exact);
  }
  expect(pot.energyBalance).toBeCloseTo(1, 2);
});

it('trays hardly change, a stirred pot is one temperature, and a deeper pot is always slower', () => {
  const thin = { massG: 1000, composition: FILLING, startC: 90, depthMm: 16, base: 'board', place: 'counter', covered: false, stirred: false } as const; // prettier-ignore
  const [tray, pan] = [coolingCurve(thin, 30), coolingCurve({ ...thin, isRound: true }, 30)];
  expect(Math.abs((tray.minutesTo(30) ?? 0) - (pan.minutesTo(30) ?? 0))).toBeLessThan(4);
  const stirred = coolingCurve({ ...thin, depthMm: 120, massG: 5600, isRound: true, stirred: true }, 40);
  expect(stirred.samples[40].centreC - stirred.samples[40].surfaceC).toBeLessThan(0.5);
  const deep = [40, 80, 120].map(
    (depthMm) => coolingCurve({ ...thin, depthMm, massG: 47 * depthMm, isRound: true }, 35).minutesTo(35) ?? Infinity,
  );
  expect(deep[0]).toBeLessThan(deep[1]);
  expect(deep[1]).toBeLessThan(deep[2]);
});

it('what it cools in follows from its mass: 300 g are ready within half an hour, a kilo within one and a half', () => {
  expect(panArea(500)).toBeCloseTo(452, 0);
  expect(panArea(1200)).toBeCloseTo(616, 0);
  expect(panArea(4000)).toBeCloseTo(452, 0);
  const ready = (massG: number): number => {
    const depthMm = (10 * massG) / 1.04 / panArea(massG);
    const plan = { massG, composition: FILLING, startC: 90, depthMm, base: 'board', place: 'counter', covered: false, stirred: false, isRound: true } as const; // prettier-ignore
    return coolingCurve(plan, 25).minutesTo(25) ?? Infinity;
  };
  expect(ready(300)).toBeLessThan(30);
  expect(ready(1000)).toBeLessThan(90);
  expect(ready(4000)).toBeGreaterThan(180);
});
