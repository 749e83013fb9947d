/** Heating in steps, from two faces, through a crust; a pot of oil beside its parcels; and how parcels differ. */
import { cook, cookInput, steppedPlan } from '@/core/heat/cook';
import { browningRate, crustSurface, throughCrust } from '@/core/heat/crust';
import { fry, fryInput } from '@/core/heat/fry';
import { layerOf, waterOf } from '@/core/heat/layer-input';
import { MOST_FALL_K, OIL_HEAT_CAPACITY, WATER_HEAT_CAPACITY } from '@/core/heat/liquids';
import { type LoadOfParcels, type Pot, runPot } from '@/core/heat/pot';
import { normal } from '@/core/random/generators';
import { allDone, drawMinutes, quantile } from '@/core/heat/draws';
import { differing, minutesUntil, spread, surfaceOf } from '@/core/heat/spread';
import { constantMaterial } from '@/core/heat/material';
import { type ParcelState } from '@/core/heat/parcel';
import { crossing, stateAt } from '@/core/heat/states';
import { heatInSteps } from '@/core/heat/stepped';
import { walled } from '@/core/heat/walled';
import { slab } from './analytic-series';

const k = 0.5;
const density = 1040;
const heatCapacity = 3500;
const diffusivity = k / density / heatCapacity;
const plain = (thicknessMm: number, conductivity = k) => ({ thicknessMm, k: conductivity, density, heatCapacity });
const around = (mediumC: number, h: number) => ({ mediumC, h });
const MEAT = { water: 0.66, protein: 0.17, fat: 0.1, carbohydrate: 0.05, fibre: 0.01, ash: 0.01 };
const DOUGH = { water: 0.38, protein: 0.08, fat: 0.01, carbohydrate: 0.5, fibre: 0.02, ash: 0.01 };
/** A half-moon of some 30 g, as a bar. */
const MOON = {
  dimension: 2,
  layers: [
    { thicknessMm: 9, composition: MEAT },
    { thicknessMm: 2.5, composition: DOUGH },
  ],
};
const target = { centreC: 74 };
const centre = (input: Parameters<typeof cook>[0]) => cook(input).samples[120].centreC;

describe('a slab with two faces', () => {
  it('as much above as below: its middle is that of the series; unlike media act by their mean', () => {
    for (const [minutes, below, above] of [
      [5, 100, 100],
      [5, 160, 40],
      [12, 160, 40],
    ]) {
      const h = 150;
      const exact = slab((h * 0.01) / k, (diffusivity * minutes * 60) / 0.01 ** 2).centre;
      const got = centre({
        dimension: 1,
        layers: [plain(20)],
        startC: 5,
        steps: [{ minutes, faces: { outer: around(above, h), inner: around(below, h) } }],
        target,
      });
      expect(Math.abs(got - (100 - 95 * exact))).toBeLessThan(0.3);
    }
  });
  it('with one face as good as insulated it is half of a slab of twice its thickness', () => {
    const h = 90;
    const exact = slab((h * 0.02) / k, (diffusivity * 900) / 0.02 ** 2);
    const { samples } = cook({
      dimension: 1,
      layers: [plain(20)],
      startC: 90,
      steps: [{ minutes: 15, faces: { outer: around(10, h), inner: around(10, 1e-6) } }],
      target,
    });
    expect(Math.abs(samples[120].surfaceC - (10 + 80 * exact.surface))).toBeLessThan(0.3);
    expect(Math.abs(samples[120].meanC - (10 + 80 * exact.mean))).toBeLessThan(0.3);
  });
  it('a coating of layers comes to rest on the straight lines of its resistances', () => {
    const [h1, h2, k1, k2] = [150, 20, 0.2, 0.6];
    const flux = (180 - 20) / (1 / h1 + 0.004 / k1 + 0.016 / k2 + 1 / h2);
    const { samples } = cook({
      dimension: 1,
      layers: [plain(4, k1), plain(16, k2)],
      startC: 20,
      steps: [{ minutes: 600, faces: { inner: around(180, h1), outer: around(20, h2) } }],
      target,
    });
    expect(samples[120].surfaceC).toBeCloseTo(20 + flux / h2, 1);
  });
  it('turned over is the same as its surroundings changed over', () => {
    const [pan, air] = [around(190, 150), around(60, 10)];
    const turned = { minutes: 5, faces: { inner: pan, outer: air }, turn: true };
    const first = { minutes: 5, faces: { inner: pan, outer: air } };
    const plan = { dimension: 1, layers: [plain(15)], startC: 5, target };
    const swapped = { minutes: 5, faces: { inner: air, outer: pan } };
    expect(centre({ ...plan, steps: [first, turned] })).toBeCloseTo(centre({ ...plan, steps: [first, swapped] }), 6);
    // Turned twice it lies as it lay.
    expect(centre({ ...plan, steps: [first, turned, turned] })).toBeCloseTo(
      centre({ ...plan, steps: [first, swapped, first] }),
      6,
    );
  });
});

describe('steps', () => {
  it('a change of surroundings is the sum of what each would do by itself', () => {
    const h = 200;
    const [biot, fo] = [(h * 0.01) / k, (minutes: number) => (diffusivity * minutes * 60) / 0.01 ** 2];
    const rise = (minutes: number) => 1 - slab(biot, fo(minutes)).centre;
    const got = centre({
      dimension: 1,
      layers: [plain(10)],
      startC: 5,
      steps: [
        { minutes: 4, faces: { outer: around(120, h) } },
        { minutes: 6, faces: { outer: around(60, h) } },
      ],
      target,
    });
    expect(Math.abs(got - (5 + 115 * rise(10) - 60 * rise(6)))).toBeLessThan(0.3);
  });
  it('the target is met in whichever step it falls, or not at all', () => {
    const steam = { minutes: 3, faces: { outer: around(100, 300) } };
    const off = { minutes: 6, faces: { outer: around(30, 10) } };
    const plan = { ...MOON, startC: 5, target };
    const all = cook({ ...plan, steps: [{ ...steam, minutes: 12 }] }).minutes ?? 0;
    expect(all).toBeGreaterThan(4);
    expect(cook({ ...plan, steps: [steam, { ...steam, minutes: 9 }] }).minutes).toBeCloseTo(all, 1);
    expect(cook({ ...plan, steps: [steam] }).minutes).toBeNull();
    // Off the heat the outside still warms the middle.
    const carried = cook({ ...plan, steps: [steam, off] });
    expect(Math.max(...carried.samples.map((s) => s.centreC))).toBeGreaterThan(
      cook({ ...plan, steps: [steam] }).samples[120].centreC + 10,
    );
  });
  it('from frozen it takes much longer, and its middle stands still while the ice melts', () => {
    const plan = { ...MOON, target, steps: [{ minutes: 20, faces: { outer: around(100, 300) } }] };
    const [fresh, frozen] = [cook({ ...plan, startC: 5 }), cook({ ...plan, startC: -18 })];
    expect((frozen.minutes ?? 0) / (fresh.minutes ?? 1)).toBeGreaterThan(1.4);
    const melting = frozen.samples.filter((s) => s.centreC > -4 && s.centreC < 1).length;
    expect(melting * (20 / 120)).toBeGreaterThan(0.8);
    expect(frozen.energyBalance).toBeLessThan(0.005);
  });
  it('closed energy stays closed: in oil, turned in a pan, through a crust', () => {
    const oil = cook({ ...MOON, startC: 5, target, steps: [{ minutes: 6, faces: { outer: around(175, 350) } }] });
    const pan = { minutes: 4, faces: { inner: around(200, 150), outer: around(90, 20) } };
    const bread = cook({
      dimension: 1,
      layers: [
        { thicknessMm: 4, composition: DOUGH },
        { thicknessMm: 8, composition: MEAT },
        { thicknessMm: 4, composition: DOUGH },
      ],
      startC: 20,
      target,
      steps: [pan, { ...pan, turn: true }, { ...pan, turn: true }],
    });
    for (const { energyBalance } of [oil, bread]) expect(energyBalance).toBeLessThan(0.005);
  });
  it('food boils where water boils, its crust gets hotter; what is given by its properties only conducts', () => {
    const steps = [{ minutes: 8, faces: { outer: around(175, 350) } }];
    const [moon, high] = [0, 3000].map((altitudeM) => cook({ ...MOON, startC: 5, target, steps, altitudeM }));
    expect(moon.samples[120].surfaceC).toBeGreaterThan(150);
    expect(moon.samples[120].surfaceC).toBeLessThan(175);
    expect(moon.samples[120].meanC).toBeLessThan(100);
    expect(high.samples[120].meanC).toBeLessThan(90.5);
    const bare = cook({
      dimension: 2,
      layers: [plain(11.5)],
      startC: 5,
      target,
      steps: [{ ...steps[0], minutes: 60 }],
    });
    expect(bare.samples[120].centreC).toBeGreaterThan(174);
  });
  it('a slab alone has a face below and can be turned', () => {
    const faces = { outer: around(100, 9), inner: around(190, 150) };
    const of = (dimension: number, turn?: boolean) =>
      cookInput.safeParse({ dimension, layers: [plain(10)], startC: 5, steps: [{ minutes: 5, faces, turn }], target })
        .success;
    expect([of(1), of(1, true), of(2)]).toEqual([true, true, false]);
  });
});

describe('the crust', () => {
  it('the deeper it has dried, the less goes through and the nearer its face is to the heat', () => {
    expect(throughCrust(350, 0)).toBe(350);
    expect(throughCrust(350, 0.001)).toBeCloseTo(1 / (1 / 350 + 0.001 / 0.1), 6);
    expect(crustSurface(175, 100, 350, 0)).toBe(100);
    expect(crustSurface(175, 100, 350, 0.002)).toBeGreaterThan(crustSurface(175, 100, 350, 0.001));
    // The same heat through both.
    const [h, depth] = [350, 0.0015];
    const face = crustSurface(175, 100, h, depth);
    expect(h * (175 - face)).toBeCloseTo((0.1 * (face - 100)) / depth, 6);
  });
  it('browns twice as fast for eight degrees', () => {
    expect(browningRate(150)).toBe(1);
    expect(browningRate(168) / browningRate(160)).toBeCloseTo(2, 9);
  });
});

const moons = (count: number): LoadOfParcels => ({
  count,
  parcel: {
    dimension: 2,
    layers: MOON.layers.map((l) => layerOf(l, 100)),
    startC: 8,
    crustWater: waterOf(MOON.layers[1]),
  },
  h: 350,
  area: 55e-4,
});
const oil = (more: Partial<Pot> = {}): Pot => ({
  heatCapacity: 1.4 * OIL_HEAT_CAPACITY,
  setC: 175,
  powerW: 2000,
  control: 'turned-up',
  lossWPerK: 1.5,
  roomC: 21,
  boilingC: null,
  ...more,
});

describe('a pot of oil', () => {
  it('a 30 g half-moon takes about 14 kJ in four minutes; all the heat is accounted for', () => {
    const run = runPot(oil(), moons(8), 4);
    expect(run.eachTookJ / 1000).toBeGreaterThan(12);
    expect(run.eachTookJ / 1000).toBeLessThan(17);
    expect(run.residual).toBeLessThan(0.005);
  });
  it('eight at once take it down by some 8 K with the flame turned up in time, by 20 to 25 and more without', () => {
    const [turned, left] = [runPot(oil(), moons(8), 5), runPot(oil({ control: 'left' }), moons(8), 5)];
    expect(175 - turned.lowestC).toBeGreaterThan(4);
    expect(175 - turned.lowestC).toBeLessThan(11);
    expect(175 - left.lowestC).toBeGreaterThan(18);
    expect(turned.recoveredAtMinute).toBeGreaterThan(turned.lowestAtMinute);
    expect(left.recoveredAtMinute).toBeNull();
  });
  it('the more, and the colder they go in, the colder it gets, and the later their middles are hot', () => {
    const runs = [2, 6, 12].map((n) => runPot(oil({ powerW: 1200 }), moons(n), 5));
    expect(runs.map((r) => r.lowestC)).toEqual([...runs.map((r) => r.lowestC)].sort((a, b) => b - a));
    const last = (run: (typeof runs)[number]) => run.samples[run.samples.length - 1].centreC;
    expect(last(runs[2])).toBeLessThan(last(runs[0]));
    const frozen = runPot(oil({ powerW: 1200 }), { ...moons(6), parcel: { ...moons(6).parcel, startC: -18 } }, 5);
    expect(frozen.lowestC).toBeLessThan(runs[1].lowestC);
    expect(frozen.residual).toBeLessThan(0.005);
  });
  it('water never gets hotter than it boils, and comes back to the boil', () => {
    const water: Pot = { ...oil(), heatCapacity: 2 * WATER_HEAT_CAPACITY, setC: 100, boilingC: 100, lossWPerK: 3 };
    const run = runPot(water, { ...moons(30), h: 1000 }, 8);
    expect(Math.max(...run.samples.map((s) => s.potC))).toBeLessThanOrEqual(100);
    expect(run.lowestC).toBeLessThan(98);
    expect(run.recoveredAtMinute).toBeGreaterThan(0);
    expect(run.residual).toBeLessThan(0.005);
  });
  it('the largest load keeps it within 15 °C, and one more does not', () => {
    const input = fryInput.parse({
      oilG: 1400,
      setC: 175,
      powerW: 1500,
      parcels: 24,
      parcel: { ...MOON, areaCm2: 55, startC: 8 },
      minutes: 5,
    });
    const { lowestC, largestLoad, samples } = fry(input);
    expect(175 - lowestC).toBeGreaterThan(MOST_FALL_K);
    expect(largestLoad).toBeLessThan(24);
    expect(175 - fry({ ...input, parcels: largestLoad }).lowestC).toBeLessThanOrEqual(MOST_FALL_K);
    expect(175 - fry({ ...input, parcels: largestLoad + 1 }).lowestC).toBeGreaterThan(MOST_FALL_K);
    expect(samples[samples.length - 1]).toMatchObject({ minute: 5 });
    expect(fryInput.safeParse({ ...input, setC: 200 }).success).toBe(false);
  });
});

describe('pieces differ', () => {
  const input = {
    ...MOON,
    startC: 8,
    target,
    steps: [{ minutes: 4, faces: { outer: around(175, 350) } }],
    count: 24,
    portionSigma: 0.08,
    startSigmaC: 1.5,
    mediumSigmaC: 4,
    seed: 7,
  };
  const plan = steppedPlan(input);
  const sigma = { portion: 0.08, startC: 1.5, mediumC: 4 };

  it('thirty random pieces: the surface is within 2 % of their own solutions', () => {
    const surface = surfaceOf(plan, sigma, 74);
    const next = normal(11);
    for (let i = 0; i < 30; i++) {
      const [p, s, m] = [next(), next(), next()];
      const direct = minutesUntil(differing(plan, 1 + p * sigma.portion, s * sigma.startC, m * sigma.mediumC), 74) ?? 0;
      expect(Math.abs((surface?.minutes(p, s, m) ?? 0) / direct - 1)).toBeLessThan(0.02);
    }
  });
  it('all of many are there later than one, and later than the average', () => {
    const { averageMinutes, allDoneMinutes95, quantiles } = spread(input);
    const one = spread({ ...input, count: 1 }).allDoneMinutes95 ?? 0;
    expect(allDoneMinutes95).toBeGreaterThan(one);
    expect(one).toBeGreaterThan(averageMinutes ?? 0);
    expect(quantiles.find((q) => q.share === 0.95)?.minutes).toBeCloseTo(one, 9);
    expect(Math.abs((quantiles.find((q) => q.share === 0.5)?.minutes ?? 0) / (averageMinutes ?? 1) - 1)).toBeLessThan(
      0.01,
    );
    // The same seed, the same parcels.
    expect(spread(input)).toEqual(spread(input));
  });
  it('by the order statistics: of so many batches in which every piece is there, 95 in 100', () => {
    const surface = surfaceOf(plan, sigma, 74);
    if (!surface) throw new Error('no surface');
    const t95 = allDone(drawMinutes(surface, 100_000, 1), 24);
    const next = normal(99);
    const batches = Array.from({ length: 4000 }, () =>
      Math.max(...Array.from({ length: 24 }, () => surface.minutes(next(), next(), next()))),
    );
    expect(batches.filter((m) => m <= t95).length / 4000).toBeCloseTo(0.95, 1);
  });
  it('alike, they are there together; where some never are, no time is said', () => {
    const alike = spread({ ...input, portionSigma: 0, startSigmaC: 0, mediumSigmaC: 0 });
    expect(alike.allDoneMinutes95).toBeCloseTo(alike.averageMinutes ?? 0, 2);
    const cold = { ...input, steps: [{ minutes: 20, faces: { outer: around(80, 300) } }], mediumSigmaC: 5 };
    expect(spread(cold)).toMatchObject({ allDoneMinutes95: null, quantiles: [] });
    expect(spread({ ...cold, steps: [{ minutes: 20, faces: { outer: around(60, 300) } }] }).averageMinutes).toBeNull();
  });
  it('the dice are fair', () => {
    const next = normal(3);
    const drawn = Float64Array.from({ length: 20_000 }, next).sort();
    const mean = drawn.reduce((sum, x) => sum + x, 0) / drawn.length;
    const variance = drawn.reduce((sum, x) => sum + (x - mean) ** 2, 0) / drawn.length;
    expect(mean).toBeCloseTo(0, 1);
    expect(variance).toBeCloseTo(1, 1);
    expect(quantile(drawn, 0.975)).toBeCloseTo(1.96, 1);
  });
});

describe('the wall of a pan', () => {
  const plain = constantMaterial(0.5, 1050, 3500);
  const around = { mediumC: 180, h: 14 };
  /** The middle of a slab 44 mm deep, of a long cylinder, and of the pan that is both. */
  const inAPan = (radius: number) => {
    const plane = heatInSteps({
      dimension: 1,
      layers: [{ thickness: 0.044, material: plain }],
      startC: 18,
      steps: [{ minutes: 60, outer: around, inner: around }],
    });
    const long = heatInSteps({
      dimension: 2,
      layers: [{ thickness: radius, material: plain }],
      startC: 18,
      steps: [{ minutes: 60, outer: around }],
    });
    const wall = { radius, material: plain, boilingC: 1000, steps: [{ minutes: 60, ...around, heats: true }] };
    return { plane, long, pan: walled(plane, wall) };
  };

  it('counts as the product of slab and cylinder: nothing in a wide pan, a fifth of the time in a small tin', () => {
    for (const radius of [0.05, 0.08, 0.14]) {
      const { plane, long, pan } = inAPan(radius);
      for (const minute of [15, 30, 45, 60]) {
        const left = (states: ParcelState[]) => (180 - stateAt(states, minute * 60).centreC) / 162;
        expect(Math.abs(left(pan) - left(plane) * left(long))).toBeLessThan(0.008);
      }
      const [with_, without] = [crossing(pan, 'centreC', 74, 'up') ?? 0, crossing(plane, 'centreC', 74, 'up') ?? 0];
      if (radius === 0.05) expect(with_ / without).toBeCloseTo(0.8, 1);
      if (radius === 0.14) expect(with_ / without).toBeGreaterThan(0.995);
    }
  });

  it('never boils it over, never cools it, and is left out where it is frozen', () => {
    const { plane } = inAPan(0.05);
    const wall = { radius: 0.05, material: plain, boilingC: 100, steps: [{ minutes: 60, ...around, heats: true }] };
    const pan = walled(plane, wall);
    expect(Math.max(...pan.map(({ centreC }) => centreC))).toBeLessThanOrEqual(100.01);
    expect(pan.every(({ centreC }, i) => centreC >= Math.min(100, plane[i].centreC) - 1e-9)).toBe(true);
    const frozen = plane.map((state) => ({ ...state, centreC: state.centreC - 40 }));
    expect(walled(frozen, wall)).toEqual(frozen);
  });
});
