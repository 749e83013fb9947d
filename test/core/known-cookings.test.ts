/** Cookings as households do them, and spoilt ones: what an experienced cook would say of each, and do first. */
import { afterWords } from '@/core/checks/after-words';
import { assess } from '@/core/checks/assess';
import { crustWords } from '@/core/checks/crust-words';
import { forecastHeat } from '@/core/forecast/heat';
import { coldestAt, isothermsAt } from '@/core/forecast/isotherms';
import { laceWords, panWaterWords } from '@/core/checks/pan-water-words';
import { bandOf } from '@/core/checks/spread-band';
import { goneAfter, panWater, waterFor } from '@/core/cooking/pan-water';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { stepsOf } from '@/core/stored/ways-to-cook';
import { type Batch } from '@/core/stored/schema';
import { step } from '@/core/vocabulary/media/step';
import { WAY_TO_COOK_IDS, type WayToCook, WAYS_TO_COOK } from '@/core/vocabulary/ways-to-cook';
import { batchInWords, type FillingInWords } from '@/core/recipe/to-batch';
import { lanternSupper } from '@/data/demo';

type Words = Omit<FillingInWords, 'title'>;
const cookedBy = (words: Words, cook: Partial<Batch['cook']>, plan?: WayToCook): Batch => {
  const { batch } = batchInWords({ title: 'Known', ...words }, { id: 'known', at: '2026-12-05T15:00:00Z' });
  const planned = plan
    ? apply(batch, { do: 'setCook', to: { method: WAYS_TO_COOK[plan].method, steps: stepsOf(plan, batch.wrap.form) } })
    : batch;
  return apply(planned, { do: 'setCook', to: cook });
};
const judged = (batch: Batch) => assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'));

const PORK = [
  '500 g pork mince',
  '200 g chinese cabbage, salted and squeezed',
  '2 spring onions',
  '1 tbsp soy sauce',
  '4 g salt',
];
const BUNS = ['400 g pork mince', '150 g leek, sweated', '1 tbsp soy sauce', '4 g salt'];
const ENOUGH = 'Core: long enough, then measure';

const ORDINARY: [
  name: string,
  words: Words,
  cook: Partial<Batch['cook']>,
  plan: WayToCook | undefined,
  headline: string,
][] = [
  [
    'beef half-moons boiled for seven minutes',
    {
      form: 'half-moon',
      school: 'raw',
      count: 30,
      lines: ['400 g beef mince', '150 g onion, finely diced', '6 g salt'],
      dough: 'noodle',
      wrap: { portionG: 14 },
    },
    { startC: 6, method: 'boil', steps: [step('water', null, 7)] },
    undefined,
    ENOUGH,
  ],
  [
    'forty seared and steamed',
    { form: 'half-moon', school: 'raw', count: 40, lines: PORK, dough: 'hot-water', wrap: { portionG: 16 } },
    { startC: 6 },
    'sear-steam',
    ENOUGH,
  ],
  [
    'a greens pie, fifty minutes at 180',
    {
      form: 'pan-pie',
      school: 'cooked',
      count: 1,
      lines: ['1 kg spinach, wilted and squeezed', '400 g feta', '4 eggs', '1 onion, sweated'],
      wrap: { portionG: 1100 },
    },
    { startC: 15, method: 'bake', steps: [step('oven', 180, 50)] },
    undefined,
    ENOUGH,
  ],
  [
    'apple turnovers',
    {
      form: 'triangle',
      school: 'cooked',
      count: 12,
      lines: ['700 g apple, stewed', '60 g sugar', '1 tsp cinnamon'],
      dough: 'rough-laminated',
      wrap: { portionG: 30 },
    },
    { startC: 10, method: 'bake', steps: [step('oven', 200, 25)] },
    undefined,
    'Core: cooked through',
  ],
  [
    'lentil rounds on the griddle',
    {
      form: 'flat-round',
      school: 'cooked',
      count: 8,
      lines: ['400 g lentils, cooked', '1 onion, sweated', '5 g salt'],
      dough: 'griddle',
      wrap: { portionG: 60 },
    },
    { startC: 18 },
    'griddle',
    'Core: cooked through',
  ],
  [
    'sausage rolls',
    {
      form: 'roll',
      school: 'raw',
      count: 16,
      lines: ['600 g pork mince', '1 onion, sweated', '50 g breadcrumbs', '9 g salt'],
      dough: 'rough-laminated',
      wrap: { portionG: 38 },
    },
    { startC: 6, method: 'bake', steps: [step('oven', 200, 25)] },
    undefined,
    ENOUGH,
  ],
  [
    'frozen dumplings, boiled for ten',
    { form: 'half-moon', school: 'raw', count: 30, lines: PORK, dough: 'noodle', wrap: { portionG: 14 } },
    { startC: -18, method: 'boil', steps: [step('water', null, 10)] },
    undefined,
    ENOUGH,
  ],
  [
    'shallow-fried, turned',
    {
      form: 'half-moon',
      school: 'cooked',
      count: 12,
      lines: ['300 g potato, boiled', '100 g cheddar', '1 onion, sweated'],
      dough: 'oil-egg',
      wrap: { portionG: 18 },
    },
    { startC: 8 },
    'fry-shallow',
    ENOUGH,
  ],
  [
    'cooked buns steamed again',
    {
      form: 'purse',
      school: 'cooked',
      count: 12,
      lines: ['400 g pork mince, browned', '150 g leek, sweated'],
      dough: 'steamed-bun',
      wrap: { portionG: 30 },
    },
    { startC: 4 },
    'steam-again',
    ENOUGH,
  ],
];

const SPOILT: [name: string, words: Words, cook: Partial<Batch['cook']>, headline: string, first: RegExp][] = [
  [
    'frozen chicken, three minutes at 190',
    {
      form: 'half-moon',
      school: 'raw',
      count: 24,
      lines: ['400 g chicken mince', '5 g salt'],
      dough: 'noodle',
      wrap: { portionG: 16 },
    },
    { startC: -18, method: 'fry', steps: [step('oil', 190, 3)] },
    'Core: too brown before it is hot',
    /^Thaw them/,
  ],
  [
    'twenty in the pot, the flame as it is',
    { form: 'half-moon', school: 'raw', count: 40, lines: PORK, dough: 'oil-egg', wrap: { portionG: 16 } },
    { startC: 5, load: 20, flame: 'left', method: 'fry', steps: [step('oil', 175, 6)] },
    'Core: the oil falls too far',
    /^Turn up the flame/,
  ],
  [
    'pork rolls, ten minutes',
    {
      form: 'roll',
      school: 'raw',
      count: 16,
      lines: ['600 g pork mince', '9 g salt'],
      dough: 'rough-laminated',
      wrap: { portionG: 38 },
    },
    { startC: 6, method: 'bake', steps: [step('oven', 230, 10)] },
    'Core: time too short',
    /^Bake (18|19|2\d) min instead of 10/,
  ],
  [
    'buns steamed for six',
    { form: 'purse', school: 'raw', count: 16, lines: BUNS, dough: 'steamed-bun', wrap: { portionG: 30 } },
    { startC: 4, method: 'steam', steps: [step('steam', null, 6)] },
    'Core: time too short',
    /^Steam 1\d min/,
  ],
  [
    'chicken boiled for two',
    {
      form: 'half-moon',
      school: 'raw',
      count: 30,
      lines: ['400 g chicken mince', '5 g salt'],
      dough: 'noodle',
      wrap: { portionG: 14 },
    },
    { startC: 4, method: 'boil', steps: [step('water', null, 2)] },
    'Core: time too short',
    /^Boil [5-7] min/,
  ],
  [
    'a raw mince pie at 150',
    {
      form: 'pan-pie',
      school: 'raw',
      count: 1,
      lines: ['1 kg beef mince', '10 g salt'],
      dough: 'short',
      wrap: { portionG: 1050, thicknessMm: 3 },
    },
    { startC: 6, method: 'bake', steps: [step('oven', 150, 30)] },
    'Core: time too short',
    /^Bake 4\d min/,
  ],
  [
    'two and a half kilos of oil',
    {
      form: 'half-moon',
      school: 'cooked',
      count: 24,
      lines: ['400 g potato, boiled', '100 g cheddar'],
      dough: 'oil-egg',
      wrap: { portionG: 18 },
    },
    { startC: 8, liquidG: 2500, method: 'fry', steps: [step('oil', 175, 6)] },
    'Core: the pot is too full of oil',
    /half the pot/,
  ],
  [
    'forty frozen in a litre of water',
    { form: 'half-moon', school: 'raw', count: 40, lines: PORK, dough: 'noodle', wrap: { portionG: 14 } },
    { startC: -18, load: 40, liquidG: 1000, method: 'boil', steps: [step('water', null, 8)] },
    'Core: the water stops boiling',
    /at once instead of 40/,
  ],
  [
    'browned by the grill alone',
    {
      form: 'pan-pie',
      school: 'cooked',
      count: 1,
      lines: ['1 kg spinach, wilted and squeezed', '400 g feta', '4 eggs'],
      wrap: { portionG: 1100 },
    },
    { startC: 10, method: 'bake', steps: [step('oven', 165, 46), step('grill', 220, 4)] },
    'Core: pale underneath',
    /^On the lower shelf/,
  ],
];

describe('as households cook', () => {
  it.each(ORDINARY)('%s: nothing to mend', (_name, words, cook, plan, headline) => {
    const { core } = judged(cookedBy(words, cook, plan)).checks;
    expect(core.headline).toBe(headline);
    expect(core.fixes).toEqual([]);
  });

  it.each(SPOILT)(
    '%s: what is wrong is said, and what a cook would do comes first',
    (_name, words, cook, headline, first) => {
      const batch = cookedBy(words, cook);
      const { core } = judged(batch).checks;
      expect(core.headline).toBe(headline);
      expect(core.fixes[0]?.label).toMatch(first);
      // It does what it says.
      const then = judged(core.fixes[0].change.reduce(apply, batch)).checks.core;
      expect(then.headline).not.toBe(headline);
    },
  );

  it('a heat that never gets there is not mended by time', () => {
    const words: Words = {
      form: 'pocket',
      school: 'raw',
      count: 6,
      lines: ['500 g pork mince', '5 g salt'],
      dough: 'bread',
      wrap: { portionG: 80 },
    };
    const { core } = judged(cookedBy(words, { startC: 8, method: 'bake', steps: [step('oven', 75, 60)] })).checks;
    expect(core).toMatchObject({ state: 'fix', headline: 'Core: never gets hot enough' });
    expect(core.fixes.map(({ id }) => id)).toEqual(['hotter']);
    expect(core.fixes[0].label).toMatch(/^190\s°C instead of 75\s°C, for \d+ min/);
  });

  it('no ready-made plan is too brown, or pale below, of what it is made for', () => {
    const [, , duck, haddock] = lanternSupper('2026-12-05T15:00:00Z');
    for (const batch of [duck, haddock])
      for (const id of WAY_TO_COOK_IDS.filter((plan) => WAYS_TO_COOK[plan].method === 'bake')) {
        const planned = apply(batch, { do: 'setCook', to: { method: 'bake', steps: stepsOf(id, batch.wrap.form) } });
        expect(judged(planned).checks.core.headline).not.toMatch(/brown|pale/);
      }
  });

  it('a bun that is filled afterwards is cooked alone; its filling is measured in its pan', () => {
    const words: Words = {
      form: 'folded-bun',
      school: 'cooked',
      count: 12,
      lines: BUNS,
      dough: 'steamed-bun',
      wrap: { portionG: 40 },
    };
    const batch = cookedBy(words, { startC: 24 }, 'steam-empty');
    const { core } = judged(batch).checks;
    expect(core.headline).toBe('Core: long enough; measure the filling');
    expect(core.sentence).toMatch(/^Dough cooked through \(90\s°C\) after about/);
    expect(core.sentence).toMatch(/7\d\s°C measured in its pan/);
    // However much will go in, the bun takes its time.
    const more = judged(apply(batch, { do: 'setWrap', to: { portionG: 60 } })).heat?.core?.minutes ?? 0;
    expect(more / (judged(batch).heat?.core?.minutes ?? 1)).toBeCloseTo(1, 1);
  });

  it('of what is round in a pan the side that browns is not guessed', () => {
    const [frozen] = lanternSupper('2026-12-05T15:00:00Z');
    const seared = apply(frozen, { do: 'setCook', to: { method: 'sear', steps: stepsOf('sear-steam', 'half-moon') } });
    const { core } = forecastHeat(seared, DEFAULT_KITCHEN, 'first');
    expect(core && crustWords(seared, core)).toBeNull();
    expect(
      judged(seared)
        .checks.core.why.map(({ text }) => text)
        .join(),
    ).toContain('Round: one surface coefficient');
  });
});

describe('water in a pan', () => {
  const pan = { kind: 'pan' as const, powerW: null };
  it('sixty grams with 700 W are gone in under four minutes; what is poured in lasts as long as the step', () => {
    expect(goneAfter(pan, 60, 100)).toBeGreaterThan(3);
    expect(goneAfter(pan, 60, 100)).toBeLessThan(4);
    for (const minutes of [3, 7, 12]) expect(goneAfter(pan, waterFor(pan, minutes, 100), 100)).toBeCloseTo(minutes, 6);
    expect(waterFor({ ...pan, powerW: 1400 }, 7, 100)).toBeCloseTo(2 * waterFor(pan, 7, 100), 6);
  });
  it('is said with its sound; too little or too much for the step, a thin lace or a crust, are said', () => {
    const usual = panWater(pan, { waterG: null, starchG: 0, minutes: 7 }, 100);
    expect(panWaterWords(usual, 7)).toMatch(
      /^\*\d+ g\* of water, \d+(\.5)? tablespoons: gone after about \*7\smin\*\. Then the bubbling turns to a sizzle/,
    );
    expect(laceWords(usual)).toBeNull();
    expect(panWaterWords(panWater(pan, { waterG: 40, starchG: 0, minutes: 7 }, 100), 7)).toContain(
      'That’s before the step ends',
    );
    expect(panWaterWords(panWater(pan, { waterG: 300, starchG: 0, minutes: 7 }, 100), 7)).toContain(
      'Later than the step ends',
    );
    expect(laceWords(panWater(pan, { waterG: 100, starchG: 4, minutes: 7 }, 100))).toContain('a lace is left');
    expect(laceWords(panWater(pan, { waterG: 100, starchG: 12, minutes: 7 }, 100))).toContain('a thick crust');
    expect(laceWords(panWater(pan, { waterG: 300, starchG: 2, minutes: 7 }, 100))).toContain('hardly a lace');
  });
});

describe('after the heat', () => {
  const [turkey, , duck, haddock] = lanternSupper('2026-12-05T15:00:00Z');
  const said = (batch: Batch): string => {
    const { fit } = judged(batch);
    return afterWords(batch, forecastHeat(batch, DEFAULT_KITCHEN, 'first'), {
      roomC: 21,
      temperature: 'C',
      halfMm: fit.halfThicknessMm,
      dimension: fit.dimension,
    }).join(' ');
  };
  it('the lid stays shut over risen buns, a pie stands, a hot filling waits for the bite', () => {
    expect(said(turkey)).toMatch(/leave the lid shut for \*4 min\*/);
    expect(said(apply(turkey, { do: 'setCook', to: { steps: stepsOf('steam-shut', 'purse') } }))).not.toContain(
      'lid shut',
    );
    expect(said(haddock)).toMatch(/stand for \*20 min\*/);
    expect(said(haddock)).not.toContain('before a bite');
    expect(said(duck)).toMatch(/wait some \*\d+\smin\* before a bite/);
    expect(said(duck)).not.toMatch(/lid|stand/);
  });
});

describe('inside, as the minutes pass', () => {
  const [turkey, , duck, haddock] = lanternSupper('2026-12-05T15:00:00Z');
  it.each([
    ['purses', turkey, false],
    ['pockets', duck, false],
    ['a pie', haddock, true],
  ])(
    '%s: lines grow inwards, the hotter outside the colder, and are gone when the coldest is there',
    (_name, batch, isSlab) => {
      const core = forecastHeat(batch, DEFAULT_KITCHEN, 'first').core;
      if (core === null) throw new Error('no forecast');
      let before = Infinity;
      const end = core.samples[core.samples.length - 1].minute;
      for (let i = 0; i <= 20; i++) {
        const minute = (end * i) / 20;
        const lines = isothermsAt(core, isSlab, [40, 60, 74], minute);
        for (const [j, line] of lines.entries()) {
          expect(line.above).toBeLessThanOrEqual(1);
          expect(line.below).toBeGreaterThanOrEqual(-1);
          if (j > 0) expect(line.above).toBeGreaterThanOrEqual(lines[j - 1].above - 1e-9);
        }
        const cold = lines.find(({ c }) => c === 74);
        const width = cold ? cold.above - cold.below : 0;
        expect(width).toBeLessThanOrEqual(before + 1e-6);
        before = width;
        expect(lines.some(({ c }) => c === 74)).toBe(coldestAt(core, minute) < 74);
      }
      expect(coldestAt(core, core.minutes ?? 0)).toBeGreaterThan(71);
      expect(coldestAt(core, core.minutes ?? 0)).toBeLessThan(78);
    },
  );
  it('the band holds the average, and the least-done below it', () => {
    const { core } = forecastHeat(duck, DEFAULT_KITCHEN);
    if (core === null) throw new Error('no forecast');
    const { samples } = bandOf(core, 1);
    // Over a turn no curve is stretched: above the average there is nothing.
    expect(bandOf(core, 2).samples.every(({ highC }, i) => highC === core.samples[i].centreC)).toBe(true);
    for (const [i, { lowC, highC }] of samples.entries()) {
      expect(lowC).toBeLessThanOrEqual(core.samples[i].centreC + 1e-9);
      expect(highC).toBeGreaterThanOrEqual(core.samples[i].centreC - 1e-9);
    }
    expect(Math.max(...samples.map(({ lowC, highC }) => highC - lowC))).toBeGreaterThan(5);
  });
});
