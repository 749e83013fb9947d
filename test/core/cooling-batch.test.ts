import { TYPED } from '@/core/vocabulary/sources';
import { coolReading } from './readings';
import { cookOfVersion6, wrapOfVersion5 } from './older';
import { lanternSupper } from '@/data/demo';
import { assess } from '@/core/checks/assess';
import { type CoolingForecast } from '@/core/cooling/forecast';
import { coolingClock } from '@/core/cooling/clock';
import { historyOf } from '@/core/cooling/plan';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { kitchenSchema } from '@/core/stored/kitchen-schema';
import { apply, type Operation } from '@/core/stored/operations';
import { type CoolingPlanFields } from '@/core/stored/runs';
import { outline } from '@/core/forecast/outline';
import { readBatch, readKitchen } from '@/core/stored/read';
import { type Batch, batchSchema } from '@/core/stored/schema';
import { bestTrays } from '@/core/cooling/own-trays';
import { areaFor, depthOn } from '@/core/cooling/vessels';
import { fridgeRise, iceFor } from '@/core/cooling/fridge';
import { LINE } from './make-lines';

const AT = '2026-12-05T15:00:00.000Z';
const [turkey, pumpkin, duck] = lanternSupper(AT);
const changed = (batch: Batch, ...changes: Operation[]) => changes.reduce(apply, batch);
const setCool = (to: Partial<CoolingPlanFields>): Operation => ({ do: 'setCool', to });
const START: Operation = { do: 'startCooling', at: AT };
/** What is worked out first; the alternatives, ten forecasts more, only where they are asked for. */
const cooling = (batch: Batch, kitchen: Kitchen = DEFAULT_KITCHEN, how: 'first' | 'all' = 'first'): CoolingForecast => {
  const forecast = forecastHeat(batch, kitchen, how).cooling;
  if (!forecast) throw new Error('nothing cools');
  return forecast;
};
const withWays = (batch: Batch, kitchen?: Kitchen): CoolingForecast => cooling(batch, kitchen, 'all');
const later = (minutes: number): string => new Date(Date.parse(AT) + minutes * 60_000).toISOString();

describe('vessels', () => {
  it('the depth follows from mass, density and floor; a said depth needs an area', () => {
    expect(depthOn(1020, 1.02, 500)).toBeCloseTo(20, 9);
    expect(areaFor(1020, 1.02, 20)).toBeCloseTo(500, 9);
    const inTray = cooling(changed(duck, setCool({ vessel: { kind: 'tray', areaCm2: 1200 } })));
    expect(inTray.depthMm).toBeGreaterThan(10);
    expect(inTray.depthMm).toBeLessThan(16);
    const more = changed(duck, setCool({ vessel: { kind: 'tray', areaCm2: 1200 } }), { do: 'scaleFilling', factor: 2 });
    expect(cooling(more).depthMm / inTray.depthMm).toBeCloseTo(2, 1);
    expect(cooling(duck).depthMm).toBe(85);
  });

  it('half now lies half as deep in the same vessel and is quicker; the steam is counted for all', () => {
    const inDish = changed(duck, setCool({ vessel: { kind: 'dish', areaCm2: 600 }, covered: false, ambientC: null }));
    const [whole, half] = [cooling(inDish), cooling(changed(inDish, setCool({ share: 0.5 })))];
    expect(half.depthMm).toBeCloseTo(whole.depthMm / 2, 6);
    expect(half.minutes ?? Infinity).toBeLessThan(whole.minutes ?? Infinity);
    expect(half.evaporatedG).toBeGreaterThan(0.4 * whole.evaporatedG);
  });
});

describe('what it must be cold enough for', () => {
  it('names every constraint, the coldest first', () => {
    const { coolConstraints } = outline(pumpkin, DEFAULT_KITCHEN);
    // Half of it is curd from the fridge: 35 °C of the mixture.
    expect(coolConstraints.map((c) => [Math.round(c.c), c.mixtureC])).toEqual([[50, 35]]);
    const more = changed(
      pumpkin,
      { do: 'addLine', line: LINE('brined-cheese', 80, 'raw', 'when-cool') },
      { do: 'addLine', line: LINE('dill', 10, 'raw', 'when-cool') },
      { do: 'addLine', line: LINE('egg', 50, 'raw', 'when-cool') },
    );
    const named = outline(more, DEFAULT_KITCHEN).coolConstraints;
    expect(named.map((c) => Math.round(c.c))).toEqual([35, 45, 45, 58]);
    expect(named[0].because).toContain('stay in pieces');
    expect(
      named
        .slice(1, 3)
        .map((c) => c.because)
        .join(),
    ).toMatch(/scent.*Egg|Egg.*scent/);
    expect(cooling(more)).toMatchObject({ targetC: 35, because: named[0].because });
  });
});

describe('the alternatives', () => {
  const duckWays = withWays(duck);
  const { alternatives, minutes } = duckWays;

  it('are at least six, ranked by minutes, each with room and a curve', () => {
    expect(alternatives.length).toBeGreaterThanOrEqual(8);
    const ranked = alternatives.map((a) => a.minutes ?? Infinity);
    expect([...ranked].sort((a, b) => a - b)).toEqual(ranked);
    for (const way of alternatives) {
      expect(way.needs).toMatch(/cm²/);
      expect(way.samples[0].c).toBeCloseTo(92, 0);
      expect(way.samples.at(-1)?.c).toBeLessThan(92);
    }
    expect(ranked[0]).toBeLessThan((minutes ?? Infinity) / 5);
  });

  it('say how much ice, and when there is too little of it', () => {
    const ice = alternatives.find((a) => a.id === 'tray-ice');
    expect(ice?.needs).toMatch(/\d\.\d kg of ice; you have 1/);
    const rich = withWays(duck, { ...DEFAULT_KITCHEN, iceKg: 20 }).alternatives.find((a) => a.id === 'tray-ice');
    expect(rich?.needs).not.toContain('you have');
  });

  it('taking one gives the minutes it promised', () => {
    for (const way of alternatives) {
      expect(cooling(changed(duck, ...way.change)).minutes).toBeCloseTo(way.minutes ?? NaN, 4);
      expect(batchSchema.safeParse(changed(duck, ...way.change)).success).toBe(true);
    }
  });

  it('let the steam off before the fridge', () => {
    const way = alternatives.find((a) => a.id === 'tray-fridge');
    const taken = changed(duck, ...(way?.change ?? []));
    const [leg] = taken.cool.legs;
    expect(leg.place).toBe('counter');
    const then = cooling(taken);
    const at = then.samples.find((s) => s.minute >= leg.minutes);
    expect(at?.centreC).toBeLessThanOrEqual(60.5);
  });

  it('the first forecast leaves them out and is otherwise the same', () => {
    const first = forecastHeat(duck, DEFAULT_KITCHEN, 'first').cooling;
    const all = duckWays;
    expect(first).toEqual({ ...all, alternatives: [], steps: first?.steps });
    expect(first?.steps ?? Infinity).toBeLessThan(all.steps);
  });
});

describe('the trays of the kitchen', () => {
  const tray = (id: string, areaCm2 = 1200, deepMm = 22) => ({
    id,
    name: 'baking tray',
    kind: 'tray' as const,
    areaCm2,
    deepMm,
  });

  it('one is enough for little, two for much, and none where it would run over', () => {
    expect(bestTrays(900, 1, [tray('a'), tray('b')])).toMatchObject({ names: 'baking tray', areaCm2: 1200 });
    expect(bestTrays(2400, 1, [tray('a'), tray('b')])).toMatchObject({ names: '2 baking trays', depthMm: 10 });
    expect(bestTrays(9000, 1, [tray('a'), tray('b')])).toBeNull();
    expect(bestTrays(900, 1, [])).toBeNull();
    // Pots are deep: nothing is spread in them.
    expect(bestTrays(900, 1, [{ ...tray('p'), kind: 'pot', deepMm: 160 }])).toBeNull();
  });

  it('is no thinner than sensible for its own sake', () => {
    const spread = bestTrays(1200, 1, [tray('a'), tray('b'), tray('c')]);
    expect(spread?.vessels).toHaveLength(1);
  });
});

describe('the fridge and the ice', () => {
  it('hot food warms a small fridge more than a large one, and cold food not at all', () => {
    expect(fridgeRise(500, 60, 100)).toBeGreaterThan(fridgeRise(500, 60, 300));
    expect(fridgeRise(50, 60, 150)).toBe(0);
    // Melting alone takes 334 kJ/kg.
    expect(iceFor(334)).toBeCloseTo(1.4, 9);
    const hot = withWays(changed(duck, setCool({ place: 'fridge', ambientC: null })));
    expect(hot.fridgeRiseK).toBeGreaterThan(2);
    const steamed = cooling(changed(duck, ...(hot.alternatives.find((a) => a.id === 'tray-fridge')?.change ?? [])));
    expect(steamed.fridgeRiseK).toBeLessThan(hot.fridgeRiseK);
    expect(cooling(duck).fridgeRiseK).toBe(0);
  });
});

describe('readings', () => {
  const running = changed(
    duck,
    setCool({ vessel: { kind: 'tray', areaCm2: 1200 }, ambientC: null, covered: false }),
    START,
  );
  const read = (batch: Batch, pairs: [minute: number, c: number][]) =>
    changed(batch, ...pairs.map(([m, c]) => coolReading(later(m), c)));

  it('refit the curve, and say what was assumed before', () => {
    const assumed = cooling(running);
    expect(assumed).toMatchObject({ factor: 1, fit: null, assumedMinutes: assumed.minutes });
    const slow = cooling(
      read(running, [
        [10, 84],
        [20, 76],
        [30, 69],
      ]),
    );
    expect(slow.fit?.readings).toBe(3);
    expect(slow.factor).toBeLessThan(0.8);
    expect(slow.minutes ?? 0).toBeGreaterThan((assumed.minutes ?? 0) * 1.2);
    expect(slow.assumedMinutes).toBeCloseTo(assumed.minutes ?? NaN, 6);
  });

  it('stand in the order of time, whatever order they are typed in, and only count against a clock', () => {
    const mixed = read(running, [
      [30, 60],
      [10, 80],
    ]);
    expect(mixed.cool.run?.readings.map((r) => r.c)).toEqual([80, 60]);
    const less = changed(mixed, { do: 'removeCoolReading', reading: { at: later(10), c: 80, source: TYPED } });
    expect(less.cool.run?.readings.map((r) => r.c)).toEqual([60]);
    expect(cooling(changed(mixed, { do: 'stopCooling', at: later(40) })).fit).toBeNull();
  });

  it('what the kitchen has learned of this vessel and place is used the next time', () => {
    const learned: Kitchen = {
      ...DEFAULT_KITCHEN,
      cooling: [{ vessel: 'tray', place: 'counter', base: 'board', covered: false, factor: 1.5, readings: 3 }],
    };
    expect(kitchenSchema.safeParse(learned).success).toBe(true);
    expect(cooling(running, learned).factor).toBe(1.5);
    expect(cooling(running, learned).minutes ?? 0).toBeLessThan(cooling(running).minutes ?? 0);
    expect(cooling(changed(running, setCool({ covered: true })), learned).factor).toBe(1);
  });
});

describe('the clock', () => {
  const running = changed(duck, START);
  const forecast = cooling(running);

  it('is none until it is started, and then counts from the moment it came off', () => {
    expect(coolingClock(duck, forecast, AT)).toBeNull();
    const clock = coolingClock(running, forecast, later(30));
    expect(clock?.elapsed).toBeCloseTo(30, 9);
    expect(clock?.toWrapReady).toBeCloseTo((forecast.minutes ?? 0) - 30, 6);
    expect(clock?.next).toMatchObject({ rule: 'home-2h', inMinutes: 90 });
    expect(clock?.missed).toEqual([]);
    expect(clock?.nowC).toBeLessThan(92);
  });

  it('says plainly what the authority says when a deadline is missed', () => {
    const missed = coolingClock(running, forecast, later(125))?.missed ?? [];
    expect(missed).toHaveLength(1);
    expect(missed[0].advice).toMatch(/[Tt]hrow away/);
    expect(missed[0].authority).toContain('US federal');
    expect(missed[0].inMinutes).toBeCloseTo(-5, 6);
  });

  it('a reading in time keeps the deadline, and only a reading says that it is ready', () => {
    expect(coolingClock(running, forecast, later(5000))?.readySince).toBeNull();
    const open = changed(running, setCool({ vessel: { kind: 'tray', areaCm2: 1200 }, ambientC: null, covered: false }));
    const measured = changed(open, coolReading(later(60), 24));
    const clock = coolingClock(measured, cooling(measured), later(75));
    expect(clock).toMatchObject({ readySince: 15, missed: [] });
    // Two hours on the counter are over: it is not in the fridge, whatever was read before.
    const late = coolingClock(measured, cooling(measured), later(125));
    expect(late).toMatchObject({ readySince: null, missed: [{ rule: 'home-2h' }] });
    // A covered pot of 85 mm cannot have 19 °C after 100 minutes: that was something else.
    const impossible = changed(running, coolReading(later(100), 19));
    expect(coolingClock(impossible, cooling(impossible), later(101))?.readySince).toBeNull();
  });

  it('says when it moves on to the next place', () => {
    const leg = {
      minutes: 20,
      depthMm: null,
      base: 'rack',
      place: 'counter',
      ambientC: null,
      covered: false,
      stirred: false,
      stirEveryMinutes: null,
    } as const;
    const moving = changed(running, setCool({ legs: [leg], place: 'fridge', ambientC: null }));
    const f = cooling(moving);
    expect(coolingClock(moving, f, later(5))?.moves).toEqual([{ inMinutes: 15, place: 'fridge' }]);
    // Past, it is still known: that is when the alarm is raised.
    expect(coolingClock(moving, f, later(25))?.moves).toEqual([{ inMinutes: -5, place: 'fridge' }]);
  });
});

describe('while the clock runs', () => {
  it('what has been stays as it was: legs as they were, the running one cut off', () => {
    const leg = {
      minutes: 20,
      depthMm: null,
      base: 'rack',
      place: 'counter',
      ambientC: null,
      covered: false,
      stirred: false,
      stirEveryMinutes: null,
    } as const;
    const { cool } = changed(duck, setCool({ legs: [leg], place: 'fridge', ambientC: null }));
    expect(historyOf(cool, 12, 40).map((l) => [l.place, l.minutes, l.depthMm])).toEqual([['counter', 12, 40]]);
    expect(historyOf(cool, 50, 40).map((l) => [l.place, l.minutes])).toEqual([
      ['counter', 20],
      ['fridge', 30],
    ]);
    expect(historyOf(cool, 0, 40)).toEqual([]);
  });

  it('taking the lid off leaves what is still to come of the plan as it was', () => {
    const leg = {
      minutes: 20,
      depthMm: null,
      base: 'board',
      place: 'counter',
      ambientC: null,
      covered: true,
      stirred: false,
      stirEveryMinutes: null,
    } as const;
    const moving = changed(duck, START, setCool({ legs: [leg], place: 'fridge', ambientC: null }));
    const ways = forecastHeat(moving, DEFAULT_KITCHEN, 'all', 6).cooling?.alternatives ?? [];
    const { cool } = changed(moving, ...(ways.find((w) => w.id === 'uncover')?.change ?? []));
    expect(cool.run?.past.map((l) => [l.place, l.minutes])).toEqual([['counter', 6]]);
    expect(cool.legs.map((l) => [l.place, l.minutes])).toEqual([['counter', 14]]);
  });

  it('alternatives begin now, and keep what they promise', () => {
    const running = changed(duck, START);
    const forecast = forecastHeat(running, DEFAULT_KITCHEN, 'all', 45).cooling;
    // Said beside them: the screen offers none that begin at another time than now.
    expect(forecast?.elapsed).toBe(45);
    const now = forecast?.alternatives ?? [];
    const atOnce = withWays(running).alternatives;
    for (const way of now) {
      const taken = changed(running, ...way.change);
      expect(taken.cool.run?.past).toMatchObject([{ minutes: 45, depthMm: 85, covered: true }]);
      expect(batchSchema.safeParse(taken).success).toBe(true);
      expect(cooling(taken).minutes).toBeCloseTo(way.minutes ?? NaN, 4);
    }
    const minutes = (ways: typeof now, id: string) => ways.find((w) => w.id === id)?.minutes ?? NaN;
    expect(minutes(now, 'tray-ice')).toBeGreaterThan(45);
    expect(minutes(now, 'tray-ice')).toBeLessThan(45 + minutes(atOnce, 'tray-ice'));
  });
});

describe('older documents', () => {
  it('a kitchen and a batch of version 2 read on', () => {
    const { vessel: _v, share: _s, legs: _l, stirEveryMinutes: _e, run: _r, earlierRuns: _er, ...rest } = turkey.cool;
    const { writer: _w, ...old } = turkey;
    const wrap = wrapOfVersion5(turkey.wrap);
    expect(
      readBatch({ ...old, version: 2, wrap, cook: cookOfVersion6(turkey.cook), cool: { ...rest, offHeatAt: null } }),
    ).toEqual({
      ok: true,
      value: turkey,
    });
    const {
      porchC: _p,
      freezerC: _f,
      fridgeLitres: _li,
      iceKg: _i,
      vessels: _ve,
      cooling: _c,
      writer: _kw,
      ...kitchen
    } = DEFAULT_KITCHEN;
    expect(readKitchen({ ...kitchen, version: 2 })).toEqual({ ok: true, value: DEFAULT_KITCHEN });
  });
});

describe('what mixes itself, and what cannot be', () => {
  it('a filling that pours is one temperature', () => {
    const soup = changed(duck, { do: 'addLine', line: LINE('stock', 2500, 'raw', 'simmer') });
    expect(cooling(duck).isPourable).toBe(false);
    const forecast = cooling(soup);
    expect(forecast.isPourable).toBe(true);
    const middle = forecast.samples[40];
    expect(middle.centreC - middle.surfaceC).toBeLessThan(1);
  });

  it('a start below the air is said in words', () => {
    const cold = changed(duck, setCool({ startC: 27, ambientC: 30 }));
    const { cooling: check } = assess(cold, DEFAULT_KITCHEN, forecastHeat(cold, DEFAULT_KITCHEN)).checks;
    expect(check).toMatchObject({ state: 'watch', headline: 'Cooling: no warmer than the air' });
    expect(check.sentence).toContain('30 °C');
  });
});

describe('the check', () => {
  it('names all that asks for a temperature behind why?', () => {
    const more = changed(pumpkin, { do: 'addLine', line: LINE('egg', 50, 'raw', 'when-cool') });
    const { why } = assess(more, DEFAULT_KITCHEN, forecastHeat(more, DEFAULT_KITCHEN)).checks.cooling;
    expect(why.slice(0, 2).map((reason) => reason.figure)).toEqual(['45 °C', '53 °C']);
    expect(why[0].text).toMatch(/^What decides: Egg/);
  });

  it('the demo’s duck is too slow, and one fix mends it', () => {
    const full = (batch: Batch) => assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN)).checks.cooling;
    const check = full(duck);
    expect(check).toMatchObject({ state: 'fix', headline: 'Cooling: too slow' });
    for (const fix of check.fixes) expect(full(changed(duck, ...fix.change)).state).not.toBe('fix');
  });
});
