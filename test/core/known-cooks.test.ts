/** Ordinary cookings are left alone; spoilt ones are named, and mended as one who makes them would. */
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { batchInWords } from '@/core/recipe/to-batch';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { step } from '@/core/vocabulary/media/step';
import { type Cooking, ORDINARY, SPOILT } from '../known-cooks/hands';

const made = ({ words, glaze = 'none', cook }: Cooking): Batch => {
  const { batch } = batchInWords({ title: 'Known', ...words }, { id: 'known', at: '2026-12-05T15:00:00Z' });
  return apply(apply(batch, { do: 'setWrap', to: { glaze } }), { do: 'setCook', to: cook });
};
const judged = (batch: Batch) => {
  const heat = forecastHeat(batch, DEFAULT_KITCHEN, 'first');
  return { core: assess(batch, DEFAULT_KITCHEN, heat).checks.core, heat };
};

it.each(ORDINARY.map((cooking) => [cooking.name, cooking] as const))(
  '%s: nothing is wrong with it',
  (_name, cooking) => {
    const { core, heat } = judged(made(cooking));
    expect(core.state).not.toBe('fix');
    expect(core.headline).not.toMatch(/brown|pale|dry|too long/);
    if (cooking.minutes) {
      expect(heat.core?.minutes).toBeGreaterThanOrEqual(cooking.minutes[0]);
      expect(heat.core?.minutes).toBeLessThanOrEqual(cooking.minutes[1]);
    }
  },
);

it('of ordinary cookings nine in ten want nothing but the thermometer', () => {
  const others = ORDINARY.filter(
    (cooking) => !/^Core: (long enough, then measure|cooked through)$/.test(judged(made(cooking)).core.headline),
  );
  expect(others.length).toBeLessThanOrEqual(ORDINARY.length / 9);
});

it.each(SPOILT.map((cooking) => [cooking.name, cooking] as const))('%s: named, and mended', (_name, cooking) => {
  const batch = made(cooking);
  const { core } = judged(batch);
  const { headline, first, isFix } = cooking.spoilt ?? { headline: /./, first: /./, isFix: false };
  expect(core.headline).toMatch(headline);
  expect(core.state).toBe(isFix ? 'fix' : 'watch');
  expect(core.fixes[0]?.label).toMatch(first);
  // It does what it says.
  const then = judged(core.fixes[0].change.reduce(apply, batch)).core;
  expect(then.headline).not.toBe(core.headline);
});

it('dough that is a little short of cooked through is a word, not a fault; far short it is one', () => {
  const pockets = (minutes: number): Cooking => ({
    name: 'large bread pockets in a hot oven',
    words: {
      form: 'pocket',
      school: 'cooked',
      count: 4,
      lines: ['700 g potato, boiled and mashed', '200 g onion, sweated', '9 g salt'],
      dough: 'bread',
      wrap: { portionG: 200, skin: { shape: 'round', diameterMm: 230 }, thicknessMm: 4 },
    },
    glaze: 'egg',
    cook: { method: 'bake', startC: 18, steps: [step('oven', 230, minutes)] },
  });
  expect(judged(made(pockets(20))).core).toMatchObject({ state: 'watch', headline: 'Core: a little short' });
  expect(judged(made(pockets(12))).core).toMatchObject({ state: 'fix', headline: 'Core: time too short' });
});
