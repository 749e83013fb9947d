/** Ordinary bakes come out brown when bakers' ovens make them brown. */
import { type CoreForecast, forecastHeat } from '@/core/forecast/heat';
import { type FormId } from '@/core/forms';
import { glazeInWords } from '@/core/recipe/plan/glaze-in-words';
import { batchInWords, type FillingInWords } from '@/core/recipe/to-batch';
import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { type DoughId } from '@/core/vocabulary/doughs';
import { type Glaze } from '@/core/vocabulary/edges';
import { step } from '@/core/vocabulary/media/step';

const baked = (form: FormId, dough: DoughId, portionG: number, glaze: Glaze, cook: Partial<Batch['cook']>): Batch => {
  const words: FillingInWords = {
    title: 'Baked',
    form,
    school: 'raw',
    count: form === 'pan-pie' ? 1 : 12,
    lines: ['400 g beef mince', '300 g potato, boiled', '150 g onion, sweated', '8 g salt'],
    dough,
    wrap: { portionG },
  };
  const { batch } = batchInWords(words, { id: 'known', at: '2026-12-05T15:00:00Z' });
  const glazed = apply(batch, { do: 'setWrap', to: { glaze } });
  return apply(glazed, { do: 'setCook', to: { method: 'bake', startC: 12, ...cook } });
};

function crust(...of: Parameters<typeof baked>): CoreForecast {
  const { core } = forecastHeat(baked(...of), DEFAULT_KITCHEN, 'first');
  if (core === null) throw new Error('nothing is cooked');
  return core;
}
const oven = (mediumC: number) => ({ steps: [step('oven', mediumC, 70)] });

describe('golden, brushed with egg', () => {
  it.each<[FormId, DoughId, number, number, number, number]>([
    ['half-moon', 'short', 30, 180, 32, 42],
    ['half-moon', 'short', 30, 200, 22, 28],
    ['half-moon', 'short', 30, 220, 15, 20],
    ['double-round', 'short', 40, 180, 32, 42],
    ['double-round', 'short', 40, 200, 22, 28],
    ['pocket', 'short', 110, 180, 32, 42],
    ['purse', 'enriched', 45, 190, 16, 22],
    ['half-moon', 'enriched', 45, 190, 16, 22],
    ['roll', 'rough-laminated', 38, 200, 22, 30],
    ['pocket', 'rough-laminated', 80, 200, 22, 30],
    ['half-moon', 'rough-laminated', 30, 200, 22, 30],
  ])('a %s of %s dough, %s g, at %s °C after %s to %s min', (form, dough, portionG, mediumC, from, to) => {
    const { brownAt } = crust(form, dough, portionG, 'egg', oven(mediumC)).above;
    expect(Math.round(brownAt ?? Infinity)).toBeGreaterThanOrEqual(from);
    expect(Math.round(brownAt ?? Infinity)).toBeLessThanOrEqual(to);
  });
});

it('brushed with milk a fifth later, bare two fifths', () => {
  const [egg, milk, bare] = (['egg', 'milk', 'none'] as const).map(
    (glaze) => crust('half-moon', 'short', 30, glaze, oven(200)).above.brownAt ?? Infinity,
  );
  expect(milk / egg).toBeGreaterThan(1.1);
  expect(milk / egg).toBeLessThan(1.3);
  expect(bare / egg).toBeGreaterThan(1.3);
  expect(bare / egg).toBeLessThan(1.5);
});

it('on a stone at 230 °C brown below after nine to thirteen minutes, and not burnt before sixteen', () => {
  for (const portionG of [150, 250]) {
    const { below } = crust('flat-round', 'bread', portionG, 'none', { steps: [step('stone', 230, 40)] });
    expect(Math.round(below.brownAt ?? Infinity)).toBeGreaterThanOrEqual(9);
    expect(Math.round(below.brownAt ?? Infinity)).toBeLessThanOrEqual(13);
    expect(Math.round(below.burntAt ?? Infinity)).toBeGreaterThanOrEqual(16);
  }
});

it('what is brushed on browns above, not below', () => {
  const [egg, bare] = (['egg', 'none'] as const).map((glaze) => crust('pan-pie', 'short', 900, glaze, oven(200)));
  expect(egg.above.brownAt).toBeLessThan(bare.above.brownAt ?? 0);
  expect(egg.below.brownAt).toBe(bare.below.brownAt);
});

describe('what a recipe brushes on', () => {
  it.each<[string[], Glaze | null]>([
    [['1 egg, beaten, to glaze'], 'egg'],
    [['Brush with the beaten yolk and bake.'], 'egg'],
    [['Egg wash, then the oven.'], 'egg'],
    [['Brush the tops with milk.'], 'milk'],
    [['Brush the edges with egg and fold over.'], null],
    [['1 egg, beaten', 'milk to loosen'], null],
    [['Brush each sheet with butter.'], null],
  ])('%j: %s', (lines, glaze) => {
    expect(glazeInWords(lines)?.glaze ?? null).toBe(glaze);
  });
});

it('what would be golden only after twice its time is brushed, or baked hotter; a little longer is said first', () => {
  const first = (glaze: Glaze, share: number): string => {
    const golden = crust('half-moon', 'short', 20, glaze, oven(185)).above.brownAt ?? 0;
    const steps = [step('oven', 185, Math.round(golden * share))];
    const pie = baked('half-moon', 'short', 20, glaze, { steps });
    const { core } = assess(pie, DEFAULT_KITCHEN, forecastHeat(pie, DEFAULT_KITCHEN, 'first')).checks;
    expect(core.headline).toMatch(/still pale/);
    return core.fixes[0].label;
  };
  expect(first('none', 0.45)).toMatch(/^(?:Brush it with egg|205 °C instead of 185)/);
  expect(first('egg', 0.65)).toMatch(/^Until it is golden/);
});
