import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { readKitchen } from '@/core/stored/read';
import { applyToKitchen } from '@/core/stored/kitchen-operations';
import { saltAim } from '@/core/learning/learned';
import { rightPercent } from '@/core/stored/tastings';
import { holdBack, tastedNow, toAddAfter, tastingLesson } from '@/core/filling/season';
import { lanternSupper } from '@/data/demo';
import { uniform } from '@/core/random/generators';
import { LINE, resolved } from './make-lines';
import { randomRuns } from '../random-runs';

const AT = '2026-12-05T15:00:00Z';
const [turkey] = lanternSupper(AT);
const tasting = (verdict: 'under' | 'right' | 'over', saltPercent: number) => ({ at: AT, verdict, saltPercent });

describe('holding back a third', () => {
  const { holdBack: back, salt } = assess(turkey, DEFAULT_KITCHEN, null);

  it('says what goes in first and what waits, and how salty the teaspoonful is', () => {
    expect(back).toMatchObject({ addedG: 4, backG: 1.3 });
    expect(back?.nowG).toBeCloseTo(2.7, 9);
    expect(back?.tastedPercent).toBeLessThan(salt.fillingPercent);
    expect(tastedNow(salt, back, false)).toBe(salt.fillingPercent);
    expect(tastedNow(salt, back, true)).toBe(back?.tastedPercent);
  });

  it('is about salt that is added as salt: soy sauce alone is not held back', () => {
    expect(holdBack(resolved([LINE('turkey-thigh-mince', 400), LINE('soy-sauce', 20)]), 420)).toBeNull();
    expect(holdBack([], 0)).toBeNull();
  });
});

describe('a tasting', () => {
  it('leads to grams that make it right', () => {
    const grams = toAddAfter(tasting('under', 0.9), 6.3, 700);
    expect((100 * (6.3 + grams)) / (700 + grams)).toBeCloseTo(1.05, 9);
    expect(toAddAfter(tasting('right', 0.9), 6.3, 700)).toBeCloseTo(0, 9);
    expect(toAddAfter(tasting('over', 1.5), 10.5, 700)).toBeLessThan(0);
    expect(rightPercent(tasting('over', 1.5))).toBeCloseTo(1.35, 9);
  });

  it('moves the kitchen’s aim a little, towards what was right, against what was aimed for in that filling', () => {
    const said = (t: ReturnType<typeof tasting>, target = 1.1) => tastingLesson(t, target, DEFAULT_KITCHEN);
    expect(said(tasting('right', 1.1))).toMatchObject({ what: 'salt', of: 'all', estimate: 1.1, x: 1.1 });
    expect(said(tasting('under', 1.1)).x).toBeCloseTo(1.25, 9);
    expect(said(tasting('over', 1.1)).because).toBe('Tasted at *1.10 %*: too salty.');
    // In a saltless wrapper more was aimed for: right there is right as it was.
    expect(said(tasting('right', 1.4), 1.4).x).toBeCloseTo(1.1, 9);
    const moved = applyToKitchen(DEFAULT_KITCHEN, {
      do: 'learn',
      lesson: said(tasting('under', 1.1)),
      batchId: 'b1',
      at: '2026-12-05T10:00:00.000Z',
    });
    expect(saltAim(moved)).toBeCloseTo(1.1 + 0.15 / 4, 9);
    // Set by hand, what was learned before says no more.
    const byHand = applyToKitchen(moved, { do: 'setKitchen', to: { saltTargetPercent: 1.3 } });
    expect(saltAim(byHand)).toBe(1.3);
    expect(byHand.learned).toEqual([]);
  });
});

describe('a tasting that is undone', () => {
  it('takes its lesson back, and no other', () => {
    const learn = (batchId: string, at: string) =>
      ({ do: 'learn', lesson: tastingLesson(tasting('under', 1.1), 1.1, DEFAULT_KITCHEN), batchId, at }) as const;
    const one = applyToKitchen(DEFAULT_KITCHEN, learn('a', AT));
    const two = applyToKitchen(one, learn('b', '2026-12-06T15:00:00Z'));
    expect(saltAim(two)).toBeGreaterThan(saltAim(one));
    const undone = applyToKitchen(two, { do: 'unlearn', batchId: 'b', at: '2026-12-06T15:00:00Z' });
    expect(saltAim(undone)).toBeCloseTo(saltAim(one), 12);
    // Of another time nothing is taken back; with the last lesson the figure is the house's again.
    expect(applyToKitchen(one, { do: 'unlearn', batchId: 'a', at: '2026-12-07T15:00:00Z' })).toEqual(one);
    expect(applyToKitchen(one, { do: 'unlearn', batchId: 'a', at: AT }).learned).toEqual([]);
  });
});

describe('cooks who like 1.4 %', () => {
  const COOKS = randomRuns(200);
  const LIKED = 1.4;
  /** Nobody tastes a smaller difference, percentage points; and nobody tastes the same twice. */
  const [NOTICED, UNSURE] = [0.1, 0.06];

  /** Salts to the aim, in whatever wrapper, tastes, and lets the kitchen learn: so many batches. */
  function cooked(from: number, seed: number, batches: number): number {
    const random = uniform(seed);
    let kitchen = { ...DEFAULT_KITCHEN, saltTargetPercent: from };
    for (let i = 0; i < batches; i++) {
      // A wrapper without salt asks for more in the filling.
      const more = random() < 0.3 ? 0.3 : 0;
      const target = saltAim(kitchen) + more;
      const off = target - more - LIKED + UNSURE * (random() + random() + random() - 1.5);
      const verdict = off < -NOTICED ? 'under' : off > NOTICED ? 'over' : 'right';
      const lesson = tastingLesson(tasting(verdict, target), target, kitchen);
      kitchen = applyToKitchen(kitchen, { do: 'learn', lesson, batchId: `b${i}`, at: AT });
    }
    return saltAim(kitchen);
  }

  it.each([1.0, 1.1, 1.7, 1.9])('arrive near it from %d %%, and stay', (from) => {
    const ends = Array.from({ length: COOKS }, (_, seed) => [cooked(from, seed + 1, 15), cooked(from, seed + 1, 60)]);
    const off = ends.map(([, late]) => Math.abs(late - LIKED)).sort((a, b) => a - b);
    expect(off[Math.floor(COOKS / 2)]).toBeLessThan(0.13);
    expect(off[Math.floor(0.95 * COOKS)]).toBeLessThan(0.2);
    // Most of the way within fifteen batches.
    for (const [soon] of ends) expect(Math.abs(soon - LIKED)).toBeLessThan(Math.max(0.2, 0.6 * Math.abs(from - LIKED)));
  });
});

describe('the kitchen', () => {
  it('of version 1 reads on, with nothing learned and nothing of its own', () => {
    const {
      ingredients: _own,
      porchC: _porch,
      freezerC: _freezer,
      fridgeLitres: _litres,
      iceKg: _ice,
      vessels: _vessels,
      cooling: _cooling,
      ...old
    } = DEFAULT_KITCHEN;
    expect(readKitchen({ ...old, version: 1 })).toEqual({ ok: true, value: DEFAULT_KITCHEN });
    expect(readKitchen({ ...old, version: 3 }).ok).toBe(false);
  });
});
