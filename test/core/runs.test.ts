import { problemWords } from '@/core/stored/problem';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { coolReading } from './readings';
import { type CoolingForecast } from '@/core/cooling/forecast';
import { clockEvents } from '@/core/cooling/clock-events';
import { coolingClock, type CoolingClock } from '@/core/cooling/clock';
import { duplicateBatch } from '@/core/filling/duplicate';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { readBatch, readKitchen } from '@/core/stored/read';
import { type Batch, batchSchema } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';

const AT = '2026-12-05T15:00:00.000Z';
const [, , duck] = lanternSupper(AT);
const later = (minutes: number): string => new Date(Date.parse(AT) + minutes * 60_000).toISOString();
const changed = (batch: Batch, ...changes: Operation[]) => changes.reduce(apply, batch);
const cooling = (batch: Batch, kitchen = DEFAULT_KITCHEN): CoolingForecast => {
  const forecast = forecastHeat(batch, kitchen, 'first').cooling;
  if (!forecast) throw new Error('nothing cools');
  return forecast;
};
const clockOf = (batch: Batch, now: string, latest = now, kitchen = DEFAULT_KITCHEN): CoolingClock => {
  const clock = coolingClock(batch, cooling(batch, kitchen), now, latest);
  if (!clock) throw new Error('no clock');
  return clock;
};
const start = (minute = 0): Operation => ({ do: 'startCooling', at: later(minute) });
const read = (minute: number, c: number): Operation => coolReading(later(minute), c);
const DAY = 24 * 60;

describe('a run', () => {
  it('begins with nothing measured: yesterday’s reading does not make today’s filling cold', () => {
    const again = changed(duck, start(), read(100, 15), { do: 'stopCooling', at: later(130) }, start(DAY));
    const clock = clockOf(again, later(DAY + 150));
    expect(clock.readySince).toBeNull();
    expect(clock.missed.map((d) => d.rule)).toEqual(['home-2h']);
    expect(again.cool.earlierRuns).toEqual([
      {
        offHeatAt: AT,
        stoppedAt: later(130),
        to: 'board',
        past: [],
        readings: [{ at: later(100), c: 15, source: { by: 'typed' } }],
        missed: [],
      },
    ]);
    expect(batchSchema.safeParse(again).success).toBe(true);
  });

  it('started while one is under way, archives that one; of many the oldest go', () => {
    const twice = changed(duck, start(), read(10, 80), start(60));
    expect(twice.cool.run).toEqual({ offHeatAt: later(60), past: [], readings: [], missed: [] });
    const often = changed(duck, ...Array.from({ length: 30 }, (_, i) => start(i)));
    expect(often.cool.earlierRuns).toHaveLength(20);
    expect(often.cool.earlierRuns[0].offHeatAt).toBe(later(9));
    expect(batchSchema.safeParse(often).success).toBe(true);
  });

  it('a duplicate has none, and no leg of what has been', () => {
    const ways = forecastHeat(changed(duck, start()), DEFAULT_KITCHEN, 'all', 45).cooling?.alternatives ?? [];
    const taken = changed(duck, start(), ...(ways.find((w) => w.id === 'tray-ice')?.change ?? []), read(50, 60));
    expect(taken.cool.run?.past).toHaveLength(1);
    const copy = duplicateBatch(taken, { id: 'copy', title: 'Again', at: later(DAY) });
    expect(copy.cool).toMatchObject({ run: null, earlierRuns: [], legs: [], base: 'ice' });
  });

  it('a reading from before it came off the heat does not count; one later that is warmer takes a cold one back', () => {
    const early = changed(duck, start(), read(-20, 15));
    expect(clockOf(early, later(5))).toMatchObject({ readySince: null, elapsed: 5 });
    expect(clockOf(early, later(125)).missed).toHaveLength(1);
    const moved = changed(duck, start(), read(30, 15), { do: 'setOffHeat', at: later(60) });
    expect(clockOf(moved, later(70)).readySince).toBeNull();
    const slipped = changed(duck, start(), read(100, 19), read(110, 48));
    const clock = clockOf(slipped, later(125));
    expect(clock.readySince).toBeNull();
    expect(clock.deadlines[0].state).not.toBe('kept');
  });

  it('said to have come off earlier, it has stood so much longer where it stood first', () => {
    const leg = {
      depthMm: 85,
      base: 'board',
      place: 'counter',
      ambientC: null,
      covered: true,
      stirred: false,
      stirEveryMinutes: null,
    } as const;
    const past = [
      { ...leg, minutes: 20 },
      { ...leg, minutes: 30, place: 'fridge' as const },
    ];
    const run = changed(duck, start(), { do: 'setPastLegs', past });
    const minutes = (batch: Batch) => batch.cool.run?.past.map((l) => l.minutes);
    expect(minutes(changed(run, { do: 'setOffHeat', at: later(-15) }))).toEqual([35, 30]);
    expect(minutes(changed(run, { do: 'setOffHeat', at: later(25) }))).toEqual([25]);
  });

  it('without one, its operations change nothing', () => {
    expect(changed(duck, read(5, 80), { do: 'setOffHeat', at: AT }, { do: 'stopCooling', at: AT })).toEqual(duck);
  });
});

describe('a clock that was set back', () => {
  const running = changed(duck, start());

  it('gives no time back, and is told', () => {
    const clock = clockOf(running, later(30), later(130));
    expect(clock.elapsed).toBe(130);
    expect(clock.missed).toHaveLength(1);
    expect(clock.setBackMinutes).toBe(100);
    expect(clockOf(running, later(30), later(30.5)).setBackMinutes).toBe(0);
  });

  it('before it came off at all, and after a reading, too', () => {
    expect(clockOf(running, later(-60), later(20))).toMatchObject({ elapsed: 20, setBackMinutes: 80 });
    expect(clockOf(changed(running, read(90, 60)), later(10)).elapsed).toBeCloseTo(90, 9);
  });
});

describe('what is due', () => {
  const slow = changed(duck, start());
  const open = changed(
    duck,
    { do: 'setCool', to: { vessel: { kind: 'tray', areaCm2: 1200 }, covered: false, base: 'rack', ambientC: null } },
    start(),
  );
  const textsIn = (kitchen: Kitchen, batch: Batch, ...minutes: number[]) => {
    const at = (minute: number) => clockOf(batch, later(minute), undefined, kitchen);
    return minutes.slice(1).map((minute, i) => clockEvents(at(minutes[i]), at(minute)).map((e) => e.kind));
  };
  const texts = (batch: Batch, ...minutes: number[]) => textsIn(DEFAULT_KITCHEN, batch, ...minutes);

  it('a deadline near, and passed, once each', () => {
    expect(texts(slow, 108, 109.9, 110.1, 115, 119.9, 120.1, 125)).toEqual([[], ['near'], [], [], ['missed'], []]);
    const [missed] = clockEvents(clockOf(slow, later(119)), clockOf(slow, later(121)));
    expect(missed.text).toMatch(/^limit missed, .*Throw away/);
  });

  it('passed with the forecast in time, but nobody measured: that is said, too, and is no safety', () => {
    const kitchen: Kitchen = { ...DEFAULT_KITCHEN, rulePack: 'stuffed' };
    const inFridge = changed(open, { do: 'setCool', to: { place: 'fridge' } });
    const { minutes, deadlines } = cooling(inFridge, kitchen);
    const ready = minutes ?? NaN;
    // Two hours from 57 °C, not from the hob.
    const [{ atMinute }] = deadlines;
    expect(atMinute).toBeGreaterThan(125);
    expect(textsIn(kitchen, inFridge, ready - 1, ready + 1, atMinute - 11, atMinute - 9, atMinute + 1)).toEqual([
      ['ready'],
      [],
      ['near'],
      ['over'],
    ]);
    const measured = changed(inFridge, read(ready + 10, 17));
    expect(textsIn(kitchen, measured, ready + 12, atMinute - 9, atMinute + 1).flat()).toEqual([]);
    // Wrap-ready is no 21 °C: at 34 °C by the forecast it is missed, not "cold enough".
    const warm = changed(duck, { do: 'setWrap', to: { dough: 'noodle' } }, start());
    const due = cooling(warm, kitchen).deadlines[0].atMinute;
    const late = clockOf(warm, later(due + 1), undefined, kitchen);
    expect(late.nowC).toBeGreaterThan(22);
    expect(late.nowC).toBeLessThan(40);
    expect(late.missed.map((d) => d.rule)).toContain('stuffed-57-21');
  });

  it('at the first look only what was missed while nobody was looking', () => {
    expect(clockEvents(null, clockOf(slow, later(119)))).toEqual([]);
    expect(clockEvents(null, clockOf(slow, later(300))).map((e) => e.kind)).toEqual(['missed']);
    expect(clockEvents(null, clockOf(open, later(119)))).toEqual([]);
    // Spread on a tray, too, two hours on the counter are two hours: it is not in the fridge.
    expect(clockEvents(null, clockOf(open, later(300))).map((e) => e.kind)).toEqual(['missed']);
  });

  it('the move to the next place', () => {
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
    const moving = changed(open, { do: 'setCool', to: { legs: [leg], place: 'fridge' } });
    expect(texts(moving, 15, 19.9, 20.1, 21)).toEqual([[], ['move'], []]);
  });
});

describe('stored by the version before', () => {
  const stored = (name: string): unknown =>
    JSON.parse(readFileSync(path.join(__dirname, `../stored/version-3/${name}.json`), 'utf8'));
  const opened = (name: string): Batch => {
    const read = readBatch(stored(name));
    if (!read.ok) throw new Error(read.problems.map(problemWords).join());
    return read.value;
  };

  it.each(['turkey', 'pumpkin', 'duck-cooling', 'haddock'])('%s opens with all that was in it', (name) => {
    const old = stored(name) as Record<string, unknown>;
    const now = opened(name) as Record<string, unknown>;
    for (const key of Object.keys(old).filter((k) => !['version', 'cool', 'wrap', 'cook', 'note'].includes(k)))
      expect(now[key]).toEqual(old[key]);
  });

  it('the kitchen, too', () => {
    expect(readKitchen(stored('kitchen'))).toMatchObject({
      ok: true,
      value: { altitudeM: 600, saltTargetPercent: 1.05, cooling: [{ factor: 1.3 }] },
    });
  });

  it('a clock that ran has its own readings, its past apart from what is still planned, and an older reading archived', () => {
    const { cool } = opened('duck-cooling');
    expect(cool.run).toMatchObject({ offHeatAt: '2026-11-20T16:00:00.000Z', readings: [{ c: 71 }] });
    expect(cool.run?.past.map((l) => l.minutes)).toEqual([45]);
    expect(cool.legs.map((l) => l.minutes)).toEqual([30]);
    expect(cool.earlierRuns.map((r) => r.readings.map((x) => x.c))).toEqual([[15]]);
  });

  it('readings without a clock are an earlier run, and count for nothing', () => {
    const pumpkin = opened('pumpkin');
    expect(pumpkin.cool.run).toBeNull();
    expect(pumpkin.cool.earlierRuns).toHaveLength(1);
    const today = apply(pumpkin, { do: 'startCooling', at: AT });
    expect(clockOf(today, later(10)).readySince).toBeNull();
  });

  it('ids of lines that lead elsewhere are made anew, each its own', () => {
    const old = stored('turkey') as { lines: { id: string }[] };
    const ids = ['a/b', 'a?b', 'line-1', '..'];
    const lines = old.lines.map((line, i) => ({ ...line, id: ids[i] ?? line.id }));
    const read = readBatch({ ...old, lines });
    if (!read.ok) throw new Error(read.problems.map(problemWords).join());
    expect(new Set(read.value.lines.map((l) => l.id)).size).toBe(lines.length);
    expect(read.value.lines[2].id).toBe('line-1');
  });
});
