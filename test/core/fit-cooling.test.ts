import { counted } from './readings';
import { normalise } from '@/core/food/composition';
import { coolingCurve } from '@/core/cooling/curve';
import { type CoolingPlan } from '@/core/cooling/stretches';
import { fitCooling } from '@/core/cooling/refit';

const PLAN: CoolingPlan = {
  massG: 1600,
  composition: normalise({ water: 0.72, protein: 0.12, fat: 0.08, carbohydrate: 0.06, fibre: 0.01, ash: 0.012 }),
  startC: 88,
  depthMm: 35,
  base: 'rack',
  place: 'counter',
  covered: false,
  stirred: false,
};
const TARGET = 28;
/** Noise of ±0.5 °C, the same at every run. */
const NOISE = [0.5, -0.4, 0.3, -0.5, 0.1];

/** Readings of a cooling that goes otherwise than assumed. */
const simulate = (truth: Partial<CoolingPlan>, at: number[]) => {
  const curve = coolingCurve({ ...PLAN, ...truth }, TARGET - 5);
  return {
    minutes: curve.minutesTo(TARGET) ?? NaN,
    readings: at.map((minute, i) => ({ minute, c: curve.at(minute).centreC + NOISE[i] })),
  };
};

describe('three readings', () => {
  it.each([
    ['everything half as quick again', { factor: 1.5 }],
    ['everything at two thirds', { factor: 0.67 }],
    ['on a board after all', { base: 'board' as const }],
    ['a warmer kitchen and a breeze', { factor: 1.6, ambientC: 23 }],
    ['hotter than was thought', { startC: 91, factor: 0.85 }],
  ])('%s: the forecast of wrap-ready comes within 10 %%', (_what, truth) => {
    const { minutes, readings } = simulate(truth, [10, 25, 40]);
    const assumed = coolingCurve(PLAN, TARGET).minutesTo(TARGET) ?? NaN;
    const fit = fitCooling(PLAN, counted(readings));
    if (!fit) throw new Error('no fit');
    const forecast = coolingCurve({ ...PLAN, factor: fit.factor, startC: fit.startC }, TARGET).minutesTo(TARGET) ?? NaN;
    expect(Math.abs(forecast - minutes) / minutes).toBeLessThan(0.1);
    expect(Math.abs(forecast - minutes)).toBeLessThanOrEqual(Math.abs(assumed - minutes) + 1);
    expect(fit.residualK).toBeLessThan(1);
  });
});

describe('few or odd readings', () => {
  it('one reading moves it only as far as one reading may', () => {
    const { readings } = simulate({ factor: 2 }, [15]);
    const one = fitCooling(PLAN, counted(readings))?.factor ?? NaN;
    expect(one).toBeGreaterThan(1.05);
    expect(one).toBeLessThan(2);
  });

  it('readings that agree with the plan leave it alone', () => {
    const { readings } = simulate({}, [10, 25, 40]);
    expect(Math.abs((fitCooling(PLAN, counted(readings))?.factor ?? NaN) - 1)).toBeLessThan(0.06);
  });

  it('starts from what the kitchen has learned, and from nothing without readings', () => {
    const { readings } = simulate({ factor: 1.5 }, [10, 25, 40]);
    const known = fitCooling({ ...PLAN, factor: 1.5 }, counted(readings))?.factor ?? NaN;
    expect(Math.abs(known - 1.5)).toBeLessThan(0.1);
    expect(fitCooling(PLAN, [])).toBeNull();
    // From before it came off the heat it is no evidence.
    expect(fitCooling(PLAN, counted([{ minute: -5, c: 80 }]))).toBeNull();
  });
});
