/** Loads: how many lie where, how many the oil bears, what waits; the pot, and what a hob gives. */
import * as fc from 'fast-check';
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { crowdWords, loadsWords, potWords, waitWords } from '@/core/checks/load-words';
import { applianceFor, heatOf } from '@/core/cooking/appliance';
import { areaOfFootprint, type Footprint, footprintOf } from '@/core/cooking/footprint';
import { type Floor, layOut, type Place } from '@/core/cooking/lay-out';
import { type LoadsToCook, loadsToCook } from '@/core/cooking/loads-to-cook';
import { pathOf, surfaceOf } from '@/core/cooking/pot-of';
import { highIn, lossOf, usualLiquidG } from '@/core/cooking/pot-size';
import { fitPower } from '@/core/cooking/power';
import { lasting } from '@/core/stored/cooking';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { applyToKitchen } from '@/core/stored/kitchen-operations';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { FORM_IDS, FORMS } from '@/core/forms';
import { OIL_HEAT_CAPACITY } from '@/core/heat/liquids';
import { lanternSupper } from '@/data/demo';
import { randomRuns } from '../random-runs';

const [turkey, pumpkin, duck, haddock, venison, flat] = lanternSupper('2026-12-05T15:00:00Z');
const set = (batch: Batch, to: Partial<Batch['cook']>): Batch => apply(batch, { do: 'setCook', to });
const full = (batch: Batch, kitchen = DEFAULT_KITCHEN) => assess(batch, kitchen, forecastHeat(batch, kitchen, 'first'));
const planOf = (batch: Batch, kitchen: Kitchen = DEFAULT_KITCHEN): LoadsToCook => {
  const { dough, fit, heat } = full(batch, kitchen);
  const plan = loadsToCook(batch, kitchen, { dough, fit, bears: heat?.core?.pot?.bears ?? null });
  if (plan === null) throw new Error('cooked in nothing');
  return plan;
};
const pot = DEFAULT_KITCHEN.appliances.find((a) => a.kind === 'pot') ?? DEFAULT_KITCHEN.appliances[0];

/** The corners of what lies there, or points of its circle, mm from the middle of the floor. */
const pointsOf = ({ outline, longMm, wideMm }: Footprint, { x, y, turned }: Place): [number, number][] => {
  if (outline === 'round')
    return Array.from({ length: 24 }, (_, i) => [
      x + (longMm / 2) * Math.cos((i * Math.PI) / 12),
      y + (longMm / 2) * Math.sin((i * Math.PI) / 12),
    ]);
  const [w, h] = turned === 90 ? [wideMm, longMm] : [longMm, wideMm];
  return [-1, 1].flatMap((i) => [-1, 1].map((j): [number, number] => [x + (i * w) / 2, y + (j * h) / 2]));
};
const isWithin = (floor: Floor, [x, y]: [number, number]): boolean =>
  floor.isRound
    ? Math.hypot(x, y) <= floor.longMm / 2 + 0.01
    : Math.abs(x) <= floor.longMm / 2 + 0.01 && Math.abs(y) <= floor.wideMm / 2 + 0.01;

describe('pieces side by side', () => {
  const floors = fc.record({
    isRound: fc.boolean(),
    longMm: fc.integer({ min: 100, max: 500 }),
    wideMm: fc.integer({ min: 100, max: 500 }),
  });
  const prints = fc.record({
    outline: fc.constantFrom('round' as const, 'rectangle' as const, 'half' as const),
    longMm: fc.integer({ min: 30, max: 200 }),
    wideMm: fc.integer({ min: 20, max: 120 }),
  });

  it('none lies over the edge, none over another, with the gap between', () => {
    fc.assert(
      fc.property(floors, prints, fc.integer({ min: 0, max: 25 }), (floor, said, gap) => {
        const print = said.outline === 'round' ? { ...said, wideMm: said.longMm } : said;
        const places = layOut(floor, print, gap);
        const isOver = places.some((place) => !pointsOf(print, place).every((point) => isWithin(floor, point)));
        const isApart = (a: Place, b: Place): boolean => {
          const [dx, dy] = [Math.abs(a.x - b.x) + 0.01, Math.abs(a.y - b.y) + 0.01];
          const [w, h] = a.turned === 90 ? [print.wideMm, print.longMm] : [print.longMm, print.wideMm];
          return print.outline === 'round' ? Math.hypot(dx, dy) >= w + gap : dx >= w + gap || dy >= h + gap;
        };
        const touches = places.some((a, i) => places.slice(0, i).some((b) => !isApart(a, b)));
        expect([isOver, touches]).toEqual([false, false]);
      }),
      { numRuns: randomRuns(150), seed: 12 },
    );
  });

  it('on a tray never fewer than a plain grid has, whichever way the tray lies', () => {
    const along = (room: number, each: number, gap: number): number => Math.floor((room + gap + 1e-9) / (each + gap));
    fc.assert(
      fc.property(floors, prints, fc.integer({ min: 0, max: 25 }), ({ longMm, wideMm }, print, gap) => {
        const { longMm: l, wideMm: w } = print.outline === 'round' ? { ...print, wideMm: print.longMm } : print;
        const grid = Math.max(
          along(longMm, l, gap) * along(wideMm, w, gap),
          along(longMm, w, gap) * along(wideMm, l, gap),
        );
        const places = layOut({ isRound: false, longMm, wideMm }, { ...print, longMm: l, wideMm: w }, gap);
        expect(places.length).toBeGreaterThanOrEqual(grid);
      }),
      { numRuns: randomRuns(150), seed: 21 },
    );
  });

  it('rounds on a round: one, two, three, seven, as a hand lays them; on a tray as rows do at least', () => {
    const round = (across: number): Floor => ({ isRound: true, longMm: across, wideMm: across });
    const of = (mm: number): Footprint => ({ outline: 'round', longMm: mm, wideMm: mm });
    expect(layOut(round(100), of(100), 0)).toHaveLength(1);
    expect(layOut(round(201), of(100), 0)).toHaveLength(2);
    expect(layOut(round(216), of(100), 0)).toHaveLength(3);
    expect(layOut(round(301), of(100), 0)).toHaveLength(7);
    expect(layOut(round(90), of(100), 0)).toHaveLength(0);
    expect(layOut({ isRound: false, longMm: 400, wideMm: 300 }, of(100), 0).length).toBeGreaterThanOrEqual(12);
  });

  it('every form covers some of a tray, a risen one more than a flat one, and a standing one less than a lying one', () => {
    for (const form of FORM_IDS) {
      const laid = FORMS[form].usual;
      const body = FORMS[form].body(laid, 20, 30);
      const print = footprintOf(form, laid, body);
      expect(areaOfFootprint(print)).toBeGreaterThan(200);
      expect(print.longMm).toBeGreaterThanOrEqual(print.wideMm - 0.01);
      const risen = footprintOf(form, laid, { ...body, wrapperMm: body.wrapperMm + 4 });
      if (form !== 'pan-pie') expect(areaOfFootprint(risen)).toBeGreaterThan(areaOfFootprint(print));
    }
    const laid = FORMS['half-moon'].usual;
    const body = FORMS['half-moon'].body(laid, 14, 12);
    expect(footprintOf('half-moon', laid, body, true).wideMm).toBeLessThan(footprintOf('half-moon', laid, body).wideMm);
  });
});

describe('in loads', () => {
  it('a batch is shared out evenly, and its last ones wait', () => {
    const plan = planOf(turkey);
    expect(plan.appliance.kind).toBe('steamer');
    expect(plan.fits).toBe(plan.places.length * 2);
    expect(plan.loads * plan.atOnce).toBeGreaterThanOrEqual(turkey.count);
    expect((plan.loads - 1) * plan.atOnce).toBeLessThan(turkey.count);
    expect(plan.allMinutes).toBe(plan.loads * plan.eachMinutes + 2 * (plan.loads - 1));
    expect(loadsWords(plan, turkey.count)).toMatch(/^\*12\* at once, on 2 tiers, 2 loads of 28\smin/);
    expect(waitWords(plan, true)).toContain('in the fridge until then');
    expect(waitWords(plan, false)).toContain('under a cloth');
    expect(waitWords({ ...plan, lastWaits: 5 }, true)).toBeNull();
  });

  it('the cook’s own number counts, and more than fit is said, each appliance in its own words', () => {
    const own = planOf(set(duck, { load: 14 }));
    expect(own).toMatchObject({ atOnce: 14, isOwn: true, loads: 2 });
    expect(crowdWords(own)).toMatch(/^Only \d+ lie side by side: .*pale/);
    expect(crowdWords(planOf(duck))).toBeNull();
    expect(loadsWords(planOf(set(duck, { load: 20 })), 20)).toMatch(/^All \*20\* at once/);
  });

  it('two pies take two turns in one oven, or one on two trays; a large round fills a pan', () => {
    expect(planOf(haddock)).toMatchObject({ fits: 1, loads: 2 });
    const oven = DEFAULT_KITCHEN.appliances[0];
    const two = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepAppliance', appliance: { ...oven, tiers: 2 } });
    expect(planOf(haddock, two)).toMatchObject({ fits: 2, loads: 1 });
    expect(planOf(flat)).toMatchObject({ fits: 1, loads: 8 });
  });

  it('a larger pot takes more; what is named is taken, what is not there is the first of its kind', () => {
    const wide = { ...pot, id: 'wide', name: 'jam pan', longMm: 360, wideMm: 360 };
    const kitchen = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepAppliance', appliance: wide });
    expect(planOf(set(pumpkin, { applianceId: 'wide' }), kitchen).fits).toBeGreaterThan(2 * planOf(pumpkin).fits);
    expect(applianceFor(set(pumpkin, { applianceId: 'gone' }).cook, kitchen)?.id).toBe(pot.id);
    expect(applianceFor(set(pumpkin, { applianceId: 'oven-1' }).cook, kitchen)?.id).toBe(pot.id);
    expect(applianceFor(pumpkin.cook, { appliances: [] })?.name).toContain('usual');
  });
});

describe('the pot', () => {
  const calm = set(venison, { load: null, flame: 'turned-up' });

  it('of itself takes no more than fit and than the oil bears: nothing to mend', () => {
    const { core } = full(calm).checks;
    const { pot: it } = core;
    expect(core.state).toBe('watch');
    expect(core.headline).toBe('Core: long enough, then measure');
    expect(it?.count).toBeLessThanOrEqual(it?.fits ?? 0);
    expect((it?.setC ?? 0) - (it?.lowestC ?? 0)).toBeLessThanOrEqual(15);
    expect(it?.residual).toBeLessThan(0.005);
  });

  it('the demo’s load is too large: turned up with fewer it fries, and each promise is what is found', () => {
    const { core } = full(venison).checks;
    expect(core).toMatchObject({ state: 'fix', headline: 'Core: the oil falls too far' });
    expect(core.sentence).toMatch(/From 170\s°C to \*\d+\s°C\* with 12 at once and the flame as it is/);
    expect(core.fixes.map(({ id }) => id)).toEqual(['flame-up-fewer', 'fewer-at-once']);
    for (const fix of core.fixes) {
      const then = full(fix.change.reduce(apply, venison)).checks.core;
      expect(then.headline).not.toBe('Core: the oil falls too far');
      expect(fix.effect).toContain(`${then.pot?.count} at once`);
    }
  });

  it('more at once, colder, less oil or a weaker hob: it falls further; the pieces then take longer', () => {
    const fallOf = (batch: Batch, kitchen?: Kitchen): number => {
      const it = full(batch, kitchen).checks.core.pot;
      return (it?.setC ?? 0) - (it?.lowestC ?? 0);
    };
    const eight = set(calm, { load: 8 });
    const base = fallOf(eight);
    expect(fallOf(set(calm, { load: 4 }))).toBeLessThan(base);
    expect(fallOf(set(eight, { startC: -18 }))).toBeGreaterThan(base);
    expect(fallOf(set(eight, { liquidG: 800 }))).toBeGreaterThan(base);
    const weak = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepAppliance', appliance: { ...pot, powerW: 600 } });
    expect(fallOf(eight, weak)).toBeGreaterThan(base);
    const minutes = (batch: Batch) => forecastHeat(batch, DEFAULT_KITCHEN, 'first').core?.minutes ?? 0;
    expect(minutes(set(calm, { load: 20, flame: 'left' }))).toBeGreaterThan(minutes(set(calm, { load: 2 })));
  });

  it('more than half full is a fix before anything else; half is not', () => {
    const over = full(set(calm, { liquidG: 2600 })).checks.core;
    expect(over).toMatchObject({ state: 'fix', headline: 'Core: the pot is too full of oil' });
    expect(over.fixes.map(({ id }) => id)).toEqual(['less-oil']);
    expect(full(over.fixes[0].change.reduce(apply, calm)).checks.core.headline).not.toContain('too full');
  });

  it('a few dumplings bring plenty of water down a little, and it is soon back at the boil: no finding', () => {
    const { core } = full(pumpkin).checks;
    expect(core.state).not.toBe('fix');
    expect(core.pot).toMatchObject({ medium: 'water', fits: 16 });
    expect(core.pot?.lowestC).toBeLessThan(100);
    expect(core.pot?.backAtMinute).toBeLessThan(3);
    expect(core.pot === undefined ? '' : potWords(core.pot, 'C')).toMatch(
      /^The water falls from 100\s°C to \*\d+\s°C\* with 13 at once/,
    );
    const frozen = full(set(pumpkin, { startC: -18, load: 50, liquidG: 800, steps: lasting(pumpkin.cook.steps, 20) }));
    expect(frozen.checks.core).toMatchObject({ state: 'watch', headline: 'Core: the water stops boiling' });
  });

  it('its sizes: usual oil stands at 38 % of the depth, a larger pot loses more', () => {
    expect(highIn(pot, 'oil', usualLiquidG(pot, 'oil'))).toBeCloseTo(0.38, 3);
    expect(lossOf({ longMm: 240, deepMm: 130 }, 0.4)).toBeGreaterThan(0.8);
    expect(lossOf({ longMm: 240, deepMm: 130 }, 0.4)).toBeLessThan(2);
    expect(lossOf({ longMm: 300, deepMm: 130 }, 0.4)).toBeGreaterThan(lossOf({ longMm: 200, deepMm: 130 }, 0.4));
  });

  it('surfaces of slab, bar and ball are exact', () => {
    // 20 mm ball, 10 mm bar 100 mm long, 100 × 100 × 10 mm slab.
    expect(surfaceOf(3, (4 / 3) * Math.PI * 8, 20)).toBeCloseTo(4 * Math.PI * 0.02 ** 2, 6);
    expect(surfaceOf(2, Math.PI * 10, 10)).toBeCloseTo(2 * Math.PI * 0.01 * 0.1, 6);
    expect(surfaceOf(1, 100, 5)).toBeCloseTo(2 * 0.01, 6);
  });

  it('between its samples the path is straight, and stays where it ended', () => {
    const path = pathOf([
      { minute: 0, potC: 170 },
      { minute: 1, potC: 160 },
      { minute: 3, potC: 168 },
    ]);
    expect([0, 30, 60, 120, 180, 900, 15].map(path)).toEqual([170, 165, 160, 164, 168, 168, 167.5]);
  });

  it('two timed readings say what the hob gives; readings that cannot be say why', () => {
    const heating = { medium: 'oil' as const, liquidG: 1500, fromC: 60, toC: 120, minutes: 3, roomC: 21 };
    const fitted = fitPower(pot, heating, 'C');
    const stored = (1.5 * OIL_HEAT_CAPACITY * 60) / 180;
    expect(fitted.ok && fitted.powerW).toBeGreaterThan(stored);
    expect(fitted.ok && fitted.powerW).toBeLessThan(stored * 1.12);
    expect(fitPower(pot, { ...heating, toC: 62 }, 'C')).toMatchObject({ ok: false });
    expect(fitPower(pot, { ...heating, minutes: 0.1 }, 'C')).toMatchObject({ ok: false });
    expect(fitPower(pot, { ...heating, medium: 'water', toC: 99 }, 'C')).toMatchObject({ ok: false });
    expect(fitPower(pot, { ...heating, liquidG: 20_000, minutes: 0.5, toC: 200 }, 'C')).toMatchObject({ ok: false });
  });
});

describe('what has been learned of an appliance', () => {
  it('is where the next forecast begins, in its own medium only, until it is forgotten', () => {
    const heat = { medium: 'oven' as const, factor: 0.7, biasK: -10, readings: 6, at: '2026-12-01T12:00:00Z' };
    const learned = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepHeat', id: 'oven-1', heat });
    const minutes = (batch: Batch, kitchen: Kitchen) => forecastHeat(batch, kitchen, 'first').core?.minutes ?? 0;
    expect(minutes(duck, learned)).toBeGreaterThan(1.15 * minutes(duck, DEFAULT_KITCHEN));
    expect(minutes(turkey, learned)).toBe(minutes(turkey, DEFAULT_KITCHEN));
    expect(heatOf('oven', duck.cook, learned)).toEqual(heat);
    expect(heatOf('lower-shelf', duck.cook, learned)).toBeNull();
    const again = applyToKitchen(learned, { do: 'keepHeat', id: 'oven-1', heat: { ...heat, factor: 0.9 } });
    expect(again.appliances[0].heats).toHaveLength(1);
    const gone = applyToKitchen(again, { do: 'forgetHeat', id: 'oven-1', medium: 'oven' });
    expect(minutes(duck, gone)).toBe(minutes(duck, DEFAULT_KITCHEN));
    expect(applyToKitchen(again, { do: 'dropAppliance', id: 'oven-1' }).appliances).toHaveLength(3);
  });
});
