/** Doughs as formulas: every family sums, hydrates and rises as it should, and what is wanted of it can be weighed. */
import * as fc from 'fast-check';
import { BATCH_VERSION } from '@/core/vocabulary/formats';
import { COMPACT } from '@/core/vocabulary/doughs/dough';
import { DOUGH_IDS, DOUGHS, type DoughId } from '@/core/vocabulary/doughs';
import { type OwnDough } from '@/core/stored/own-dough-schema';
import { ingredientById } from '@/core/food/catalogue';
import { doughAmounts, doughFor, HELD_BACK } from '@/core/wrapper/amounts';
import { dough } from '@/core/wrapper/dough';
import { doughWater } from '@/core/wrapper/dough-water';
import { formulaTotals, percentOf } from '@/core/wrapper/formula';
import { riseMinutes, yeastRate } from '@/core/wrapper/rise';
import { timedSteps } from '@/core/wrapper/steps';
import { weighable } from '@/core/wrapper/weighable';

const MADE = DOUGH_IDS.filter((id) => DOUGHS[id].parts.length > 0);
const own = (formula: Record<string, number>, like: DoughId = 'noodle'): OwnDough => ({
  id: 'own-one',
  name: 'Mine',
  like,
  parts: [
    {
      name: '',
      share: 1,
      formula: Object.entries(formula).map(([ingredientId, percent]) => ({ ingredientId, percent })),
    },
  ],
});

it('there are twelve families, and bought skins and sheets', () => {
  expect(MADE).toHaveLength(12);
  expect(DOUGH_IDS).toEqual(expect.arrayContaining(['bought-skin', 'bought-sheets']));
  expect(BATCH_VERSION).toBeGreaterThanOrEqual(6);
});

describe.each(DOUGH_IDS)('%s', (id) => {
  const made = dough(id);
  it('is whole: its composition sums, every ingredient is in the larder, and it has its reason for being wrap-ready', () => {
    expect(Object.values(made.composition).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    expect(made.unknown).toEqual([]);
    expect(made.wrapReadyC).toBeGreaterThanOrEqual(15);
    expect(made.wrapReadyC).toBeLessThanOrEqual(35);
    expect(made.wrapReadyWhy.length).toBeGreaterThan(10);
    expect(made.allergens).toContain('gluten');
    expect(made.density).toBeGreaterThan(950);
    expect(made.density).toBeLessThan(1250);
    expect(made.cookedDensity).toBeLessThanOrEqual(1180);
  });
  it('has steps, each with its waiting from less to more', () => {
    for (const { handsOnMinutes, waitMinutes, what } of timedSteps(made, 22)) {
      expect(what.length).toBeGreaterThan(5);
      expect(handsOnMinutes).toBeGreaterThanOrEqual(0);
      expect(waitMinutes[0]).toBeLessThanOrEqual(waitMinutes[1]);
    }
  });
});

describe.each(MADE)('%s, made', (id) => {
  const { parts } = DOUGHS[id];
  it('doughs’ shares sum to one and each has its flour at a hundred', () => {
    expect(parts.reduce((sum, p) => sum + p.share, 0)).toBeCloseTo(1, 9);
    for (const { formula } of parts) expect(formula.find((l) => l.ingredientId === 'wheat-flour')?.percent).toBe(100);
    expect(formulaTotals(parts).reduce((sum, t) => sum + t.share, 0)).toBeCloseTo(1, 9);
  });
  it('what is weighed sums to what was wanted, for any size', () => {
    fc.assert(
      fc.property(fc.integer({ min: 120, max: 9000 }), (totalG) => {
        const amounts = doughAmounts(parts, { totalG });
        const sum = amounts.ingredients.reduce((all, i) => all + i.grams, 0);
        expect(sum).toBeCloseTo(amounts.totalG, 6);
        // Rounded to what can be weighed: within half a step for each.
        expect(Math.abs(sum - totalG)).toBeLessThan(0.5 * amounts.ingredients.length * parts.length + 0.01);
        const back = doughAmounts(parts, { flourG: amounts.flourG });
        expect(Math.abs(back.totalG - amounts.totalG)).toBeLessThan(0.01 * amounts.totalG + 4);
      }),
    );
  });
});

/** Water in the dough, g in 100 g: from bakers’ tables for such doughs. */
it.each<[DoughId, number, number]>([
  ['short', 25, 30],
  ['rough-laminated', 28, 34],
  ['spiral', 25, 31],
  ['enriched', 33, 40],
  ['oil-egg', 28, 34],
  ['noodle', 38, 42],
  ['hot-water', 42, 46],
  ['thin-sheets', 38, 43],
  ['bread', 41, 46],
  ['steamed-bun', 36, 41],
  ['raised', 35, 42],
  ['griddle', 42, 47],
])('%s hydrates as its family should: %d to %d %% water', (id, low, high) => {
  const water = 100 * dough(id).composition.water;
  expect(water).toBeGreaterThan(low);
  expect(water).toBeLessThan(high);
});

describe('what follows from a formula', () => {
  it('water is Σ share × water of each; salt is what was put in', () => {
    const { composition, saltPercent } = dough('short');
    const [flour, butter] = ['wheat-flour', 'butter'].map((i) => ingredientById(i)?.composition.water ?? NaN);
    const total = 100 + 50 + 30 + 1.2;
    expect(composition.water).toBeCloseTo((100 * flour + 50 * butter + 30) / total, 2);
    expect(saltPercent).toBeCloseTo((100 * 1.2) / total, 1);
    // Baking powder's sodium is not tasted as salt.
    expect(dough('steamed-bun').saltPercent).toBeCloseTo(40 / 164.9, 1);
  });
  it('a lean dough weighs 1 180 kg/m³, a fat one less', () => {
    expect(dough('noodle').density).toBeCloseTo(COMPACT, 6);
    expect(dough('short').density).toBeLessThan(dough('oil-egg').density + 50);
    expect(dough('rough-laminated').density).toBeLessThan(dough('noodle').density - 60);
  });
  it('wrap-ready by what is in it', () => {
    expect(Object.fromEntries(DOUGH_IDS.map((id) => [id, dough(id).wrapReadyC]))).toEqual({
      'steamed-bun': 32,
      bread: 32,
      enriched: 32,
      raised: 35,
      noodle: 35,
      'hot-water': 35,
      griddle: 35,
      short: 25,
      'oil-egg': 35,
      'rough-laminated': 20,
      spiral: 20,
      'thin-sheets': 30,
      'bought-skin': 30,
      'bought-sheets': 30,
    });
    // Butter worked into a noodle dough of one's own makes it one that softens.
    expect(dough('noodle', own({ 'wheat-flour': 100, water: 35, butter: 40 })).wrapReadyC).toBe(25);
    expect(dough('short', own({ 'wheat-flour': 100, 'sunflower-oil': 40, water: 30 }, 'short')).wrapReadyC).toBe(35);
  });
  it('a formula of one’s own brings its own allergens and salt, and is cooked like its family', () => {
    const mine = own({ 'wheat-flour': 100, egg: 55, salt: 2 });
    const made = dough('noodle', mine);
    expect(made).toMatchObject({ label: 'Mine', kind: 'noodle', allergens: ['egg', 'gluten'] });
    expect(made.saltPercent).toBeCloseTo(200 / 157 + (55 * 0.36) / 157, 2);
    // Worked out once.
    expect(dough('noodle', mine)).toBe(made);
    expect(dough('noodle', own({ 'wheat-flour': 100, moonwater: 40 })).unknown).toEqual(['moonwater']);
  });
  it('the alkali is a variant of the noodle dough', () => {
    const [variant] = DOUGHS.noodle.variants;
    expect(percentOf(formulaTotals(variant.parts), 'noodle-alkali')).toBeCloseTo(0.7, 9);
  });
  it('the spiral is two doughs, three to two by mass', () => {
    const { parts, ingredients, totalG } = doughAmounts(DOUGHS.spiral.parts, { totalG: 1000 });
    expect(parts.map((p) => p.name)).toEqual(['outer dough', 'inner dough']);
    expect(parts[0].grams / parts[1].grams).toBeCloseTo(1.5, 1);
    expect(parts[0].grams + parts[1].grams).toBeCloseTo(totalG, 6);
    expect(ingredients.filter((i) => i.ingredientId === 'wheat-flour')).toHaveLength(1);
  });
});

describe('scaled to what is needed', () => {
  it('count × piece and something to spare; five in a hundred of the water held back', () => {
    expect(doughFor(24, 34, 0.05)).toBeCloseTo(856.8, 9);
    const { heldBackG, heldBack, ingredients } = doughAmounts(DOUGHS.noodle.parts, { flourG: 400 });
    expect(ingredients).toEqual([
      { ingredientId: 'wheat-flour', percent: 100, grams: 400 },
      { ingredientId: 'water', percent: 47, grams: 188 },
      { ingredientId: 'salt', percent: 1, grams: 4 },
    ]);
    expect(heldBack).toBe('water');
    expect(heldBackG).toBeCloseTo(HELD_BACK * 188, 9);
    expect(doughAmounts(DOUGHS.enriched.parts, { flourG: 500 })).toMatchObject({ heldBack: 'milk', heldBackG: 12 });
  });
  it('is rounded to what a kitchen scale shows', () => {
    expect([551.9, 19.74, 4.96, 0.333].map(weighable)).toEqual([552, 19.5, 5, 0.35]);
  });
});

describe('rising', () => {
  const lean = DOUGHS.bread.parts;
  it('doubles in 70 minutes at 27 °C with 1 % of instant yeast, inversely with yeast', () => {
    expect(riseMinutes(lean, 27)).toBeCloseTo(70, 6);
    const double = own({ 'wheat-flour': 100, water: 60, 'yeast-dried': 2 }).parts;
    expect(riseMinutes(double, 27)).toBeCloseTo(35, 6);
    // Three times as much fresh yeast does the same.
    expect(riseMinutes(own({ 'wheat-flour': 100, water: 60, 'yeast-fresh': 3 }).parts, 27)).toBeCloseTo(70, 6);
  });
  it('2.3 times as fast for 10 °C, slower above 36, not at all at 46 or in the ice', () => {
    expect(yeastRate(22) / yeastRate(12)).toBeCloseTo(2.3, 9);
    expect(yeastRate(35)).toBe(yeastRate(30));
    expect(yeastRate(41)).toBeCloseTo(yeastRate(36) / 2, 9);
    expect(yeastRate(46)).toBe(0);
    expect(riseMinutes(lean, 50)).toBeNull();
    expect(riseMinutes(DOUGHS.noodle.parts, 27)).toBeNull();
    // Overnight in the fridge: seven to nine hours.
    expect(riseMinutes(lean, 4)).toBeGreaterThan(420);
    expect(riseMinutes(lean, 4)).toBeLessThan(540);
  });
  it('much sugar and much fat slow it', () => {
    const rich = own({ 'wheat-flour': 100, milk: 45, sugar: 15, butter: 25, 'yeast-dried': 1 }).parts;
    expect(riseMinutes(rich, 27)).toBeCloseTo(70 * 1.2 * 1.2, 6);
    const [low, high] = timedSteps(dough('bread'), 27)[1].waitMinutes;
    expect(low).toBeLessThan(70);
    expect(high).toBeGreaterThan(70);
    expect(timedSteps(dough('bread'), 18)[1].waitMinutes[0]).toBeGreaterThan(high);
  });
});

describe('water for a wanted dough temperature', () => {
  it('three times the dough, less room, flour and kneading', () => {
    expect(doughWater(26, 20, 20)).toMatchObject({ waterC: 35, iceShare: 0 });
    expect(doughWater(26, 20, 20, 'machine').waterC).toBe(26);
    expect(doughWater(35, 15, 12).isTooHot).toBe(true);
  });
  it('in a hot kitchen part of it is ice, by its heat balance', () => {
    const { waterC, iceShare } = doughWater(20, 32, 32);
    expect(waterC).toBe(0);
    // Melting, and warming to what the rule asks for, the ice takes what the rest gives up.
    const asked = 60 - 64 - 3;
    expect(iceShare * (334 + 4.18 * asked)).toBeCloseTo((1 - iceShare) * 4.18 * (32 - asked), 6);
  });
});
