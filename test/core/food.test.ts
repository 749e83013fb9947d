import * as fc from 'fast-check';
import { catalogue } from '@/core/food/catalogue';
import { COMPONENTS, mix, normalise, withoutWater, type Composition } from '@/core/food/composition';
import { findIngredient, searchIngredients } from '@/core/food/search';
import { binderById } from '@/core/filling/binders';
import { RELEASES } from '@/core/vocabulary/releases';
import { freezingPoint, iceFraction, thermalProperties } from '@/core/food/thermal';

const food: fc.Arbitrary<Composition> = fc
  .tuple(...COMPONENTS.map(() => fc.double({ min: 0.01, max: 1, noNaN: true })))
  .map((v) =>
    normalise({ water: v[0] * 4, protein: v[1], fat: v[2], carbohydrate: v[3], fibre: v[4] / 5, ash: v[5] / 20 }),
  );

describe('the catalogue, row by row', () => {
  it('holds seventy ingredients or more, no id twice', () => {
    expect(catalogue().length).toBeGreaterThanOrEqual(70);
    expect(new Set(catalogue().map((i) => i.id)).size).toBe(catalogue().length);
  });

  it.each(catalogue().map((i) => [i.id, i] as const))('%s', (_id, i) => {
    const sum = 100 * COMPONENTS.reduce((total, c) => total + i.composition[c], 0);
    expect(Math.abs(sum - 100)).toBeLessThanOrEqual(3);
    // Salt is part of the ash; only ash and a little rounding can hold it.
    expect(i.salt).toBeLessThanOrEqual(100 * i.composition.ash + 0.35);
    expect(i.gPerMl).toBeGreaterThan(0.05);
    expect(i.gPerMl).toBeLessThan(1.6);
    if (i.binder !== undefined) expect(binderById(i.binder)).toBeDefined();
    expect(findIngredient(i.name)?.id).toBe(i.id);
    for (const p of RELEASES[i.release]) {
      expect(p.yield).toBeGreaterThan(0);
      expect(p.yield).toBeLessThanOrEqual(5);
      // No preparation takes out more water than there is.
      expect(1 - p.yield).toBeLessThanOrEqual(i.composition.water + 1e-9);
      expect(p.losesTo === 'none').toBe(p.yield >= 1);
    }
  });

  it('names the hazard of what must be hot enough', () => {
    expect(findIngredient('turkey mince')?.hazard).toBe('poultry');
    expect(findIngredient('shrimp')?.hazard).toBe('shellfish');
    expect(findIngredient('eggs')?.hazard).toBe('egg');
    expect(findIngredient('braised duck')?.hazard).toBe('cooked-animal');
    expect(findIngredient('leek')?.hazard).toBe('none');
  });
});

describe('finding an ingredient', () => {
  it.each([
    ['celery root', 'celeriac'],
    ['ZUCCHINI', 'courgette'],
    ['tomatoes', 'tomato'],
    ['Anchovies', 'anchovy'],
    ['spring onions', 'spring-onion'],
    ['corn starch', 'cornflour'],
  ])('%s is %s', (text, id) => expect(findIngredient(text)?.id).toBe(id));

  it.each([
    ['seleriac', 'celeriac'],
    ['lek', 'leek'],
    ['onoin', 'onion'],
    ['cornflor', 'cornflour'],
    ['pumkin', 'pumpkin'],
    ['mushrom', 'mushroom'],
    ['parsly', 'parsley'],
    ['soy', 'soy-sauce'],
    ['reduced soy', 'soy-sauce-reduced'],
    ['minced pork', 'pork-mince'],
    ['lean pork', 'pork-mince-lean'],
  ])('“%s” finds %s first', (text, id) => expect(searchIngredients(text)[0]?.id).toBe(id));

  it('forgives spelling in a search, and offers nothing for nothing', () => {
    expect(searchIngredients('seleriac')[0]?.id).toBe('celeriac');
    expect(searchIngredients('')).toEqual([]);
    expect(findIngredient('seleriac')).toBeUndefined();
  });
});

describe('thermal properties (Choi & Okos)', () => {
  const water: Composition = { water: 1, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 };

  it('agrees with steam-table water within 1 %', () => {
    const at20 = thermalProperties(water, 20);
    expect(at20.k / 0.598).toBeCloseTo(1, 1);
    expect(at20.density).toBeCloseTo(995.7, 0);
    expect(at20.heatCapacity).toBeCloseTo(4176.6, 0);
    expect(freezingPoint(water)).toBe(0);
  });

  it('agrees with the handbook’s lean beef within 5 %: k 0.46–0.50, cp about 3.43 kJ/kg·K', () => {
    const beef = normalise({ water: 0.7083, protein: 0.2203, fat: 0.0598, carbohydrate: 0, fibre: 0, ash: 0.0107 });
    const p = thermalProperties(beef, 20);
    expect(p.heatCapacity).toBeGreaterThan(3400);
    expect(p.heatCapacity).toBeLessThan(3600);
    expect(p.k).toBeGreaterThan(0.45);
    expect(p.k).toBeLessThan(0.52);
    expect(p.freezingPointC).toBeLessThan(-1);
    expect(p.freezingPointC).toBeGreaterThan(-2);
    // Most of the water is ice at −20 °C, and frozen food conducts about three times better.
    const frozen = thermalProperties(beef, -20);
    expect(frozen.iceFraction).toBeGreaterThan(0.5);
    expect(frozen.k / p.k).toBeGreaterThan(2.2);
  });

  it('freezes lower with salt', () => {
    const plain = normalise({ water: 0.75, protein: 0.18, fat: 0.05, carbohydrate: 0.01, fibre: 0, ash: 0.01 });
    expect(freezingPoint({ ...plain, ash: 0.03 })).toBeLessThan(freezingPoint(plain));
  });

  it('stays physical for any food at any temperature', () => {
    fc.assert(
      fc.property(food, fc.double({ min: -40, max: 120, noNaN: true }), (composition, t) => {
        const p = thermalProperties(composition, t);
        expect(p.k).toBeGreaterThan(0.1);
        // Ice itself is at 2.63 W/m·K at −40 °C.
        expect(p.k).toBeLessThan(2.7);
        expect(p.density).toBeGreaterThan(850);
        expect(p.density).toBeLessThan(2500);
        expect(p.iceFraction).toBeGreaterThanOrEqual(0);
        expect(p.iceFraction).toBeLessThanOrEqual(composition.water);
        expect(iceFraction(composition, t - 5)).toBeGreaterThanOrEqual(p.iceFraction - 1e-12);
      }),
    );
  });
});

describe('mixing and drying', () => {
  it('keeps every component when foods are mixed, and takes only water when one is dried', () => {
    fc.assert(
      fc.property(food, food, fc.double({ min: 1, max: 900, noNaN: true }), (a, b, grams) => {
        const both = mix([
          { grams, composition: a },
          { grams: 500, composition: b },
        ]);
        for (const c of COMPONENTS) expect(both[c] * (grams + 500)).toBeCloseTo(a[c] * grams + b[c] * 500, 6);
        const dry = withoutWater(a, grams, 0.4 * a.water * grams);
        const left = grams - 0.4 * a.water * grams;
        expect(dry.protein * left).toBeCloseTo(a.protein * grams, 6);
        expect(dry.water * left).toBeCloseTo(0.6 * a.water * grams, 6);
      }),
    );
  });
});
