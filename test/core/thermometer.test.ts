import { normalise } from '@/core/food/composition';
import { type CoolingPlan } from '@/core/cooling/stretches';
import { judgeSignal, type JudgedSignal, NOTHING_HEARD, type Signal } from '@/core/probes/signal';
import * as fc from 'fast-check';
import { simulateThermometer } from '@/core/probes/thermometer';
import { hash01 } from '@/core/random/hash';
import { randomRuns } from '../random-runs';

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

/** Judges signals one after another. */
function judgeAll(signals: readonly Signal[]): JudgedSignal[] {
  let heard = NOTHING_HEARD;
  return signals.map((signal) => {
    const next = judgeSignal(signal, heard);
    heard = next.heard;
    return next.judged;
  });
}
const last = (signals: readonly Signal[]) => judgeAll(signals)[signals.length - 1];

describe('signals', () => {
  const good: Signal = { minute: 10, c: 70 };
  it.each([
    [{ minute: 11, c: 69 }, 'good'],
    [{ minute: 11, c: null }, 'lost'],
    [{ minute: 11, c: NaN }, 'lost'],
    [{ minute: 11, c: 450 }, 'nonsense'],
    [{ minute: 11, c: 24 }, 'nonsense'],
    [{ minute: 11, c: 82 }, 'nonsense'],
    [{ minute: 30, c: 24 }, 'good'],
  ] as const)('%j is %s', (signal, state) => {
    const judged = last([good, signal]);
    expect(judged.state).toBe(state);
    expect(judged.why === null).toBe(state === 'good');
  });

  it('the first one is taken as it is, unless it cannot be', () => {
    expect(last([{ minute: 0, c: 20 }]).state).toBe('good');
    expect(last([{ minute: 0, c: -60 }]).state).toBe('nonsense');
  });

  it('many small falls within two seconds are one fall: 34 posts do not lead from 78 to 14 °C', () => {
    const posts = Array.from({ length: 34 }, (_, i) => ({ minute: i / 1000, c: 78 - (i * 64) / 33 }));
    const judged = judgeAll(posts);
    const lowest = Math.min(...judged.filter((j) => j.state === 'good').map((j) => j.c ?? Infinity));
    expect(lowest).toBeGreaterThan(75);
    expect(judged[33]).toMatchObject({ state: 'nonsense', why: expect.stringContaining('It fell all at once') });
  });

  it('however a fall is spread, it is no faster than food can cool', () => {
    const wait = fc.double({ min: 0.001, max: 2, noNaN: true });
    const fall = fc.double({ min: 0, max: 30, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(wait, fall), { minLength: 2, maxLength: 60 }), (steps) => {
        let [minute, c] = [0, 95];
        const signals = steps.map(([later, colder]) => ({ minute: (minute += later), c: (c -= colder) }));
        const goods = judgeAll(signals).filter((j) => j.state === 'good');
        goods.forEach((b, i) => {
          for (const a of goods.slice(0, i))
            expect((a.c ?? 0) - (b.c ?? 0)).toBeLessThanOrEqual(2.5 + 6 * (b.minute - a.minute) + 1e-9);
        });
      }),
      { numRuns: randomRuns(300), seed: 8 },
    );
  });

  it('a probe that slips out for minutes is not believed; one that is put in is, after a steady minute', () => {
    const out = Array.from({ length: 40 }, (_, i) => ({ minute: 20 + i / 10, c: 24 }));
    expect(judgeAll([{ minute: 19.9, c: 72 }, ...out]).filter((j) => j.state === 'good')).toHaveLength(1);
    const put = Array.from({ length: 12 }, (_, i) => ({ minute: 1 + i / 6, c: 88 - i * 0.1 }));
    const states = judgeAll([{ minute: 0.9, c: 21 }, ...put]).map((j) => j.state);
    expect(states.slice(1, 6)).toEqual(['nonsense', 'nonsense', 'nonsense', 'nonsense', 'nonsense']);
    expect(states[12]).toBe('good');
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
    let worst = 0;
    let coldest = Infinity;
    const shown = Array.from({ length: 120 }, (_, i) => simulated.at(i / 2));
    for (const { state, c } of judgeAll(shown)) {
      states[state] += 1;
      if (state !== 'good' || c === null) continue;
      worst = Math.max(worst, c - coldest);
      coldest = c;
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
