/** Steps of cooking: ready-made plans, how they are changed, and what each medium gives. */
import { lasting, mainStep, plannedMinutes, stepsSaid } from '@/core/stored/cooking';
import { addStep, changeStep, removeStep } from '@/core/stored/edit-steps';
import { methodOf } from '@/core/stored/method-of';
import { wayOf, stepsOf } from '@/core/stored/ways-to-cook';
import { MOST } from '@/core/vocabulary/limits';
import { apply, type Operation } from '@/core/stored/operations';
import { batchSchema } from '@/core/stored/schema';
import { FORM_IDS, FORMS } from '@/core/forms';
import { MEDIA, MEDIUM_IDS } from '@/core/vocabulary/media';
import { METHOD_IDS } from '@/core/vocabulary/methods';
import { type CookStep } from '@/core/vocabulary/media/step';
import { WAY_TO_COOK_IDS, WAYS_TO_COOK } from '@/core/vocabulary/ways-to-cook';
import { forecastHeat } from '@/core/forecast/heat';
import { assess } from '@/core/checks/assess';
import { crustWords } from '@/core/checks/crust-words';
import { spreadWords } from '@/core/checks/spread-words';
import { stepWords } from '@/core/checks/step-words';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { normalQuantile } from '@/core/random/normal';
import { averaged, cookingCurve } from '@/core/heat/cooking';
import { lanternSupper } from '@/data/demo';
import { kitchenOfSpread } from './kitchen-of-spread';

const [frozen, , duck, haddock, crowded, flat] = lanternSupper('2026-12-05T15:00:00Z');
/** As many in the oil as it bears; and from the fridge, not frozen. */
const venison = apply(crowded, { do: 'setCook', to: { load: null, flame: 'turned-up' } });
const turkey = apply(frozen, { do: 'setCook', to: { startC: 12, steps: lasting(frozen.cook.steps, 18) } });
const step = (medium: CookStep['medium'], minutes: number, more: Partial<CookStep> = {}): CookStep => ({
  medium,
  mediumC: MEDIA[medium].isSet ? MEDIA[medium].usualC : null,
  minutes,
  turn: false,
  waterG: null,
  starchG: 0,
  ...more,
});
const cooked = (batch: typeof duck, steps: CookStep[], startC = batch.cook.startC) => {
  const core = forecastHeat(apply(batch, { do: 'setCook', to: { steps, startC } }), DEFAULT_KITCHEN, 'first').core;
  if (!core) throw new Error('no forecast');
  return core;
};

describe('ready-made plans', () => {
  it.each(WAY_TO_COOK_IDS)('%s can be taken for every form, and is known again', (id) => {
    for (const form of FORM_IDS) {
      const steps = stepsOf(id, form);
      const cook = { ...turkey.cook, method: WAYS_TO_COOK[id].method, steps };
      expect(batchSchema.safeParse({ ...turkey, cook }).success).toBe(true);
      const again = wayOf(cook, form);
      // Two plans may be made of the same media: then the first of them is meant.
      expect(
        again === id ||
          JSON.stringify(WAYS_TO_COOK[again ?? id].steps(FORMS[form].size).map((s) => s.medium)) ===
            JSON.stringify(steps.map((s) => s.medium)),
      ).toBe(true);
    }
  });
  it('every method has a plan', () => {
    for (const method of METHOD_IDS)
      expect(WAY_TO_COOK_IDS.some((id) => WAYS_TO_COOK[id].method === method)).toBe(true);
  });
  it('as commands say it: so hot, so long', () => {
    expect(stepsSaid('bake', 'pocket', { mediumC: 200, minutes: 30 })).toEqual([step('oven', 30, { mediumC: 200 })]);
    expect(stepsSaid('steam', 'purse', { mediumC: 200, minutes: 14 })).toEqual([step('steam', 14)]);
    const turned = stepsSaid('griddle', 'flat-round', { minutes: 12 });
    expect(turned.map(({ minutes, turn }) => [minutes, turn])).toEqual([
      [6, false],
      [6, true],
    ]);
  });
});

describe('steps changed', () => {
  const two = [step('oven', 10, { mediumC: 215 }), step('oven', 30, { mediumC: 170 }), step('rest', 8)];
  it('all together, the one that is meant, and a longer time', () => {
    expect(plannedMinutes({ steps: two })).toBe(48);
    expect(mainStep({ steps: two })).toBe(two[1]);
    expect(mainStep({ steps: [step('oil', 3), step('rest', 10)] }).medium).toBe('oil');
    // What heats last is what goes on; a rest is no longer than it was.
    expect(lasting(two, 60).map((s) => s.minutes)).toEqual([10, 42, 8]);
    expect(lasting([step('griddle', 4), step('griddle', 4, { turn: true })], 12).map((s) => s.minutes)).toEqual([6, 6]);
  });
  it('another medium comes with its usual heat, the same one keeps it', () => {
    expect(changeStep(two, 0, { medium: 'steam' })[0]).toMatchObject({ medium: 'steam', mediumC: null });
    expect(changeStep(two, 0, { medium: 'oil' })[0]).toMatchObject({ mediumC: 175 });
    expect(changeStep(two, 0, { minutes: 12 })[0]).toEqual({ ...two[0], minutes: 12 });
  });
  it('steps of one’s own are called and judged by what they are cooked in', () => {
    expect(methodOf([step('oil', 5), step('rest', 10)], 'bake')).toBe('fry');
    expect(methodOf([step('griddle', 2), step('pan-steam', 6)], 'griddle')).toBe('sear');
    expect(methodOf([step('rest', 5)], 'boil')).toBe('boil');
    for (const id of WAY_TO_COOK_IDS) expect(methodOf(stepsOf(id, 'half-moon'), 'boil')).toBe(WAYS_TO_COOK[id].method);
  });
  it('one more, one less, never none and never too many', () => {
    expect(addStep(two)).toHaveLength(4);
    expect(removeStep(two, 0)).toEqual(two.slice(1));
    expect(removeStep([two[0]], 0)).toHaveLength(1);
    const full = Array.from({ length: MOST.cookSteps }, () => two[0]);
    expect(addStep(full)).toHaveLength(MOST.cookSteps);
  });
  it('in words', () => {
    expect(stepWords(two[0], 'C')).toMatch(/^oven, on a tray, 215\s°C, 10\smin$/);
    expect(stepWords(step('griddle', 4, { turn: true }), 'F')).toMatch(/^turned, pan or griddle, 374\s°F, 4\smin$/);
  });
});

describe('media', () => {
  it.each(MEDIUM_IDS)('%s gives each face what a text would', (id) => {
    const { faces, usualC, isSet, heats, browns } = MEDIA[id];
    const at = { setC: usualC, boilingC: 95, roomC: 21, fanOven: false };
    const { above, below } = faces(at);
    for (const { h, hDry = h, mediumC } of [above, below]) {
      expect(h).toBeGreaterThan(0);
      expect(h).toBeLessThanOrEqual(1000);
      expect(hDry).toBeGreaterThanOrEqual(h);
      // Water and its steam are never hotter than water boils here.
      if (!isSet) expect(mediumC).toBeLessThanOrEqual(95);
    }
    if (browns) expect(heats && isSet).toBe(true);
    expect(faces({ ...at, fanOven: true }).above.h).toBeGreaterThanOrEqual(above.h);
  });
  it('what is round has one coefficient, its faces by their share, each with its medium', () => {
    const [above, below] = [
      { mediumC: 60, h: 10 },
      { mediumC: 190, h: 150 },
    ];
    const { h, mediumC } = averaged(above, below);
    expect(h).toBeCloseTo(0.7 * 10 + 0.3 * 150, 9);
    // No heat goes either way at the temperature that both together would bring it to.
    expect(0.7 * 10 * (mediumC - 60)).toBeCloseTo(0.3 * 150 * (190 - mediumC), 9);
    expect(averaged(above, above).h).toBeCloseTo(above.h, 9);
  });
});

describe('brown against hot', () => {
  const judged = (batch: typeof duck, steps: CookStep[], startC: number) => {
    const changed = apply(batch, { do: 'setCook', to: { steps, startC } });
    return assess(changed, DEFAULT_KITCHEN, forecastHeat(changed, DEFAULT_KITCHEN, 'first')).checks.core;
  };
  it('frozen into hot oil they are dark before they are hot: less heat, or thawed, each with both times after it', () => {
    const core = judged(venison, [step('oil', 9, { mediumC: 185 })], -18);
    expect(core).toMatchObject({ state: 'fix', headline: 'Core: too brown before it is hot' });
    expect(core.sentence).toMatch(
      /^Too brown after about \*\d+\smin\* \(our estimate\); 74\s°C in the middle only after/,
    );
    expect(core.fixes.length).toBeGreaterThan(0);
    // Oil cooler than 160 °C would soak them.
    expect(core.fixes.map((f) => f.id)).toEqual(['thaw', 'lower-20', 'smaller']);
    for (const fix of core.fixes) {
      expect(fix.effect).toMatch(/^hot \d+ → \d+, too brown \d+ → (\d+|never) min$/);
      const then = judged(
        fix.change.reduce(apply, apply(venison, { do: 'setCook', to: { startC: -18 } })),
        [...fix.change.reduce(apply, venison).cook.steps],
        fix.id === 'thaw' ? DEFAULT_KITCHEN.fridgeC : -18,
      );
      expect(then.state).not.toBe('fix');
      expect(then.value).toBe(fix.promise);
    }
  });
  it('left in too long it is said, and the shorter time offered; an ordinary bake is left alone', () => {
    const late = judged(venison, [step('oil', 25, { mediumC: 180 })], 10);
    expect(late.headline).toBe('Core: too brown by then');
    expect(late.fixes[0]).toMatchObject({ id: 'shorter' });
    for (const [batch, steps] of [
      [duck, [step('oven', 34)]],
      [haddock, [step('oven', 60, { mediumC: 180 })]],
      [venison, [step('oil', 6, { mediumC: 170 })]],
      [flat, stepsOf('griddle', 'flat-round')],
    ] as const) {
      expect(judged(batch, [...steps], batch.cook.startC).headline).not.toMatch(/brown/);
    }
  });
  it('what the cook will see, in words; nothing of steam', () => {
    const words = (batch: typeof duck) => {
      const { core } = forecastHeat(batch, DEFAULT_KITCHEN, 'first');
      return core && crustWords(batch, core);
    };
    expect(words(duck)).toMatch(/^Crust: brown after about \d+\smin \(our estimate/);
    expect(words(apply(haddock, { do: 'setCook', to: { steps: [step('stone', 50)] } }))).toMatch(
      /above brown after .*, below brown after/,
    );
    expect(words(turkey)).toBeNull();
  });
});

describe('the forecast of a plan', () => {
  it('orders ways as they are: stone quicker than tray, frozen slower, off the heat it goes on', () => {
    const minutes = (steps: CookStep[], startC?: number) => cooked(duck, steps, startC).minutes ?? Infinity;
    const tray = minutes([step('oven', 34)]);
    expect(minutes([step('stone', 34)])).toBeLessThan(tray);
    expect(minutes([step('oven', 34, { mediumC: 160 })])).toBeGreaterThan(tray);
    expect(minutes([step('oven', 34)], -18)).toBeGreaterThan(1.5 * minutes([step('oven', 34)], 4));
    // Out of the oven just too early, the middle gets there while it rests.
    const early = cooked(duck, [step('oven', Math.floor(tray) - 1), step('rest', 12)]);
    expect(early.minutes).toBeGreaterThan(tray - 2);
    expect(early.minutes).toBeLessThan(tray + 8);
  });
  it('on a griddle, turned: hot in the middle within the minutes of recipes; one side alone takes longer', () => {
    const turned = cooked(flat, [step('griddle', 5), step('griddle', 5, { turn: true })]).minutes ?? Infinity;
    expect(turned).toBeGreaterThan(4);
    expect(turned).toBeLessThan(12);
    expect(cooked(flat, [step('griddle', 10)]).minutes ?? Infinity).toBeGreaterThan(turned);
  });
  it('browns as kitchens find: oil in minutes, an oven in half an hour, steam never; below on stone before above', () => {
    const oil = cooked(venison, [step('oil', 6, { mediumC: 170 })]);
    expect(oil.above.brownAt).toBeGreaterThan(2.5);
    expect(oil.above.brownAt).toBeLessThan(6);
    const oven = cooked(duck, [step('oven', 40)]);
    expect(oven.above.brownAt).toBeGreaterThan(22);
    expect(oven.above.brownAt).toBeLessThan(38);
    expect(oven.above.burntAt).toBeNull();
    expect(cooked(turkey, [step('steam', 18)]).above.brownAt).toBeNull();
    const pie = cooked(haddock, [step('stone', 60, { mediumC: 180 })]);
    expect(pie.below.brownAt ?? Infinity).toBeLessThan(pie.above.brownAt ?? Infinity);
  });
  it('a plan that never gets there says so; what goes on is the last step that heats', () => {
    expect(cooked(duck, [step('hold', 60)])).toMatchObject({ minutes: null, leastDoneMinutes: null });
    const short = cooked(duck, [step('oven', 5), step('rest', 2)]);
    expect(short.minutes).toBeGreaterThan(10);
  });
  it('closes its energy balance, whatever the plan', () => {
    const parcel = {
      dimension: 1,
      fillingMm: 8,
      wrapperMm: 3,
      filling: { water: 0.7, protein: 0.15, fat: 0.08, carbohydrate: 0.05, fibre: 0.01, ash: 0.01 },
      wrapper: { water: 0.3, protein: 0.08, fat: 0.15, carbohydrate: 0.45, fibre: 0.01, ash: 0.01 },
      wrapperDensity: 900,
      wrapperConductivity: 1,
    };
    const where = { boilingC: 100, roomC: 21, fanOven: true };
    for (const id of WAY_TO_COOK_IDS) {
      const [first, ...rest] = stepsOf(id, 'flat-round').map(({ medium, mediumC, minutes, turn }) => ({
        minutes,
        turn,
        heats: MEDIA[medium].heats,
        ...MEDIA[medium].faces({ ...where, setC: mediumC ?? 100 }),
      }));
      const plan = { parcel, startC: -18, boilingC: 100, steps: [first, ...rest] as const };
      expect(cookingCurve(plan, { at: 'centre', c: 74 }).residual).toBeLessThan(0.005);
    }
  });
});

describe('cautions', () => {
  const said = (batch: typeof duck, ...changes: Operation[]) =>
    assess(changes.reduce(apply, batch), DEFAULT_KITCHEN, null).checks.core.cautions.join(' | ');
  const frying: Operation = { do: 'setCook', to: { method: 'fry', steps: [step('oil', 6)] } };

  it('a filling too wet for hot oil is said before anything else; a dry one is not', () => {
    expect(said(haddock, frying)).toMatch(/^Too wet for hot oil: it spits and bursts/);
    expect(said(venison)).not.toContain('Too wet for hot oil');
    expect(said(haddock)).not.toContain('hot oil');
  });
  it('only what applies: steam of what is steamed, bones of fish, once reheated of what was cooked, frozen of what is frozen', () => {
    expect(said(turkey)).toContain('steam burns');
    expect(said(turkey)).not.toMatch(/bones|reheated|Frozen|Kept hot|Oil never/);
    expect(said(haddock)).toMatch(/Reheat a cooked filling once only, to 74\s°C all through \(home chart/);
    expect(said(haddock)).toContain('bones');
    expect(said(duck)).not.toContain('bones');
    expect(said(turkey, { do: 'setCook', to: { startC: -18 } })).toContain('From frozen, the skin looks done');
    const held = said(turkey, { do: 'setCook', to: { steps: [step('steam', 18), step('hold', 30, { mediumC: 60 })] } });
    expect(held).not.toContain('Kept hot means');
    expect(said(flat)).toContain('Raw flour');
    // Oil is oil, whatever the plan is called.
    const inOil = { steps: [step('oven', 20), step('oil', 3)] };
    expect(said(duck, { do: 'setCook', to: inOil })).toMatch(
      /Oil never above 190\s°C.*Tray and filling|Tray and filling.*Oil never above 190/,
    );
  });
});

describe('the slowest piece', () => {
  it('the likeliest of those that are there just then takes as long as 100 000 draws say', () => {
    for (const batch of [turkey, duck, haddock, venison, flat]) {
      const core = forecastHeat(batch, DEFAULT_KITCHEN, 'all').core;
      expect(Math.abs((core?.spread?.allDoneMinutes ?? 0) / (core?.leastDoneMinutes ?? 1) - 1)).toBeLessThan(0.05);
      expect(core?.spread?.earlyMinutes).toBeLessThan(core?.minutes ?? 0);
      expect(core?.spread?.lateMinutes).toBeGreaterThan(core?.minutes ?? 0);
    }
  });
  it('the more there are, and the more they differ, the later the last one is there', () => {
    const last = (count: number, percent: number) =>
      forecastHeat(apply(duck, { do: 'setBatch', to: { count } }), kitchenOfSpread(percent), 'first').core
        ?.leastDoneMinutes ?? Infinity;
    expect(last(4, 8)).toBeLessThan(last(20, 8));
    expect(last(20, 4)).toBeLessThan(last(20, 12));
  });
  it('in steam the fullest is the last; in an oven it also lies in the cool corner', () => {
    const [steamed, baked] = [turkey, duck].map((b) => forecastHeat(b, DEFAULT_KITCHEN, 'first').core);
    expect(steamed?.differs.fullerShare).toBeGreaterThan(0.1);
    expect(steamed?.differs.coolerK).toBeLessThan(3);
    expect(baked?.differs.coolerK).toBeGreaterThan(8);
  });
  it('in words: all of them, and which is the last; nothing while it is worked out', () => {
    const words = (depth: 'first' | 'all') => {
      const { core } = forecastHeat(duck, DEFAULT_KITCHEN, depth);
      return core && spreadWords(core, 20, 'C');
    };
    expect(words('first')).toBeNull();
    expect(words('all')).toMatch(
      /^All 20 are hot after \*\d+\smin\* in 95 of 100 batches, by the forecast; a single one takes \d+ to \d+\smin\. The slowest is a piece with \d+ % more filling, where it is \d+\s°C cooler/,
    );
  });
  it('the normal distribution, backwards', () => {
    for (const [share, z] of [
      [0.5, 0],
      [0.841344746, 1],
      [0.975, 1.959963985],
      [0.001, -3.090232306],
      [0.99787, 2.858],
    ])
      expect(normalQuantile(share)).toBeCloseTo(z, share === 0.99787 ? 2 : 6);
    expect(normalQuantile(1)).toBe(Infinity);
  });
});
