import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/document/kitchen';
import { readKitchen } from '@/core/document/read';
import { learnTarget, rightPercent } from '@/core/document/tastings';
import { holdBack, tastedNow, toAddAfter } from '@/core/filling/season';
import { lanternSupper } from '@/data/demo';
import { LINE, resolved } from './make-lines';

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

  it('moves the target a little, towards what was right, and never out of bounds', () => {
    expect(learnTarget(1.1, tasting('right', 1.1))).toBe(1.1);
    expect(learnTarget(1.1, tasting('under', 1.1))).toBeGreaterThan(1.1);
    expect(learnTarget(1.1, tasting('under', 1.1))).toBeLessThan(1.15);
    expect(learnTarget(1.1, tasting('over', 1.1))).toBeLessThan(1.1);
    let target = 1.1;
    for (let i = 0; i < 100; i++) target = learnTarget(target, tasting('under', 3));
    expect(target).toBe(1.8);
    // Many tastings of one mind settle where that mind is.
    for (let i = 0; i < 60; i++) target = learnTarget(target, tasting('right', 0.9));
    expect(target).toBeCloseTo(0.9, 1);
  });
});

describe('the kitchen', () => {
  it('of version 1 reads on, with nothing learned and nothing of its own', () => {
    const {
      tastings: _tastings,
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
