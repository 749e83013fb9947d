import { normalise } from '@/core/food/composition';
import { type CoolingPlan } from '@/core/heat/cooling';
import { judgeSignal, type Signal } from '@/core/heat/signal';
import { hash01, simulateThermometer } from '@/core/heat/thermometer';

const PLAN: CoolingPlan = {
  massG: 1600,
  composition: normalise({ water: 0.72, protein: 0.12, fat: 0.08, carbohydrate: 0.06, fibre: 0.01, ash: 0.012 }),
  startC: 88,
  depthMm: 40,
  base: 'rack',
  place: 'counter',
  ambientC: 21,
  covered: false,
  stirred: false,
};

describe('signals', () => {
  const good: Signal = { minute: 10, c: 70 };
  it.each([
    [{ minute: 11, c: 69 }, 'good'],
    [{ minute: 11, c: null }, 'lost'],
    [{ minute: 11, c: NaN }, 'lost'],
    [{ minute: 11, c: 450 }, 'nonsense'],
    [{ minute: 11, c: 24 }, 'nonsense'],
    [{ minute: 11, c: 82 }, 'nonsense'],
    [{ minute: 25, c: 24 }, 'good'],
  ] as const)('%j is %s', (signal, state) => {
    const judged = judgeSignal(signal, good);
    expect(judged.state).toBe(state);
    expect(judged.why === null).toBe(state === 'good');
  });

  it('the first one is taken as it is, unless it cannot be', () => {
    expect(judgeSignal({ minute: 0, c: 20 }, null).state).toBe('good');
    expect(judgeSignal({ minute: 0, c: -60 }, null).state).toBe('nonsense');
  });
});

describe('the simulated thermometer', () => {
  const seeds = Array.from({ length: 12 }, (_, i) => i + 1);

  it('shows the same at every asking, wherever it runs', () => {
    const [a, b] = [simulateThermometer(PLAN, 7), simulateThermometer(PLAN, 7)];
    for (const minute of [0, 3.3, 12.1, 60]) expect(a.at(minute)).toEqual(b.at(minute));
  });

  it('has coefficients of its own', () => {
    const factors = seeds.map((seed) => simulateThermometer(PLAN, seed).truth.factor);
    expect(Math.min(...factors)).toBeLessThan(0.95);
    expect(Math.max(...factors)).toBeGreaterThan(1.15);
  });

  it('drops out and slips now and then; what is good is near the truth', () => {
    const states = { good: 0, lost: 0, nonsense: 0 };
    const simulated = simulateThermometer(PLAN, 3);
    let before: Signal | null = null;
    let worst = 0;
    let last = Infinity;
    for (let minute = 0; minute < 60; minute += 0.5) {
      const judged = judgeSignal(simulated.at(minute), before);
      states[judged.state] += 1;
      if (judged.state !== 'good' || judged.c === null) continue;
      before = judged;
      worst = Math.max(worst, judged.c - last);
      last = judged.c;
    }
    expect(states.lost).toBeGreaterThan(2);
    expect(states.nonsense).toBeGreaterThan(2);
    expect(states.good).toBeGreaterThan(90);
    // A cooling filling does not warm by more than the noise.
    expect(worst).toBeLessThan(2.5);
  });

  it('hashes evenly', () => {
    const mean = Array.from({ length: 2000 }, (_, i) => hash01(42, i)).reduce((a, b) => a + b, 0) / 2000;
    expect(Math.abs(mean - 0.5)).toBeLessThan(0.03);
  });
});
