import { conduct, conductInput } from '@/core/heat/conduct';
import { cylinder, slab, sphere, type Series } from './analytic-series';

const k = 0.5;
const density = 1040;
const heatCapacity = 3500;
const radiusM = 0.02;
const diffusivity = k / density / heatCapacity;
const layers = [{ thicknessMm: radiusM * 1000, k, density, heatCapacity }];
const minutesOf = (fourier: number) => (fourier * radiusM ** 2) / diffusivity / 60;

const SHAPES: [string, 1 | 2 | 3, Series][] = [
  ['slab', 1, slab],
  ['cylinder', 2, cylinder],
  ['sphere', 3, sphere],
];
const BIOT = [0.1, 0.5, 1, 5, 20, 1e5];
const FOURIER = [0.05, 0.1, 0.2, 0.5, 1, 2];

describe.each(SHAPES)('%s against its analytic series', (_name, dimension, series) => {
  it.each(BIOT)('Biot %d: within 0.3 °C at every Fourier number', (biot) => {
    for (const fourier of FOURIER) {
      const exact = series(biot, fourier);
      const got = conduct({
        dimension,
        layers,
        startC: 95,
        surface: { mediumC: 5, h: (biot * k) / radiusM },
        until: { minutes: minutesOf(fourier) },
      });
      expect(Math.abs(got.centreC - (5 + 90 * exact.centre))).toBeLessThan(0.3);
      expect(Math.abs(got.surfaceC - (5 + 90 * exact.surface))).toBeLessThan(0.3);
      expect(Math.abs(got.meanC - (5 + 90 * exact.mean))).toBeLessThan(0.3);
    }
  });

  it('reaches a target within 1 % of the exact time', () => {
    const biot = 4;
    for (const fourier of [0.2, 0.6, 1.2]) {
      const target = 100 - 95 * series(biot, fourier).centre;
      const got = conduct({
        dimension,
        layers,
        startC: 5,
        surface: { mediumC: 100, h: (biot * k) / radiusM },
        until: { centreC: target },
      });
      expect((got.minutes ?? 0) / minutesOf(fourier)).toBeCloseTo(1, 2);
    }
  });
});

describe('layers, shapes in between, and edges', () => {
  const bun = {
    layers: [
      { thicknessMm: 18, k: 0.48, density: 1040, heatCapacity: 3500 },
      { thicknessMm: 9, k: 0.4, density: 550, heatCapacity: 2800 },
    ],
    startC: 5,
    surface: { mediumC: 100, h: 300 },
    until: { centreC: 74 },
  };

  it('two layers of one stuff are one layer', () => {
    const whole = conduct({ ...bun, dimension: 2, layers: [{ ...layers[0], thicknessMm: 20 }] });
    const split = conduct({
      ...bun,
      dimension: 2,
      layers: [
        { ...layers[0], thicknessMm: 13 },
        { ...layers[0], thicknessMm: 7 },
      ],
    });
    expect((split.minutes ?? 0) / (whole.minutes ?? 1)).toBeCloseTo(1, 2);
  });

  it('is quicker the rounder the body', () => {
    const times = [1, 1.4, 2, 2.5, 3].map((dimension) => conduct({ ...bun, dimension }).minutes ?? Infinity);
    expect([...times].sort((a, b) => b - a)).toEqual(times);
  });

  it('never reaches what the medium does not offer', () => {
    expect(conduct({ ...bun, dimension: 3, until: { centreC: 101 } }).minutes).toBeNull();
    expect(conduct({ ...bun, dimension: 3, until: { centreC: 100 } }).minutes).toBeNull();
    expect(conduct({ ...bun, dimension: 3, until: { centreC: 2 } }).minutes).toBeNull();
    expect(conduct({ ...bun, dimension: 3, until: { centreC: 5 } }).minutes).toBe(0);
  });

  it('samples at the minutes asked for, first and last included', () => {
    const got = conduct({ ...bun, dimension: 3, until: { minutes: 10 }, sampleEveryMinutes: 2.5 });
    expect(got.samples.map((s) => s.minute).map((m) => Math.round(m * 1e6) / 1e6)).toEqual([0, 2.5, 5, 7.5, 10]);
    expect(got.samples[0]).toMatchObject({ centreC: 5, meanC: 5 });
    expect(got.samples[4].centreC).toBeCloseTo(got.centreC, 9);
    expect(() => conduct({ ...bun, dimension: 3, until: { minutes: 100 }, sampleEveryMinutes: 0.001 })).toThrow(
      RangeError,
    );
  });

  it.each([
    [{ dimension: 4 }, 'dimension'],
    [{ dimension: 2, layers: [] }, 'layers'],
    [{ dimension: 2, layers: [{ thicknessMm: -1, k: 1, density: 1, heatCapacity: 1 }] }, 'thicknessMm'],
    [{ dimension: 2, surface: { mediumC: 20, h: 0 } }, 'h'],
    [{ dimension: 2, until: {} }, 'until'],
    [{ dimension: 2, colour: 'red' }, 'colour'],
  ])('refuses %j', (wrong, field) => {
    const result = conductInput.safeParse({ ...bun, ...wrong });
    expect(result.success).toBe(false);
    expect(JSON.stringify(result.error?.issues)).toContain(field);
  });
});
