import { beginDay } from '@/core/stored/day';
import { applyToDay, type DayOperation } from '@/core/stored/day-operations';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { applyToKitchen } from '@/core/stored/kitchen-operations';
import { conflictSentences } from '@/core/day/conflict-words';
import { minuteOf, timeOf } from '@/core/day/moments';
import { candidates, isWorthIt, pairs, type Remedy, tried, withChange } from '@/core/day/remedies';
import { dayNow } from '@/core/day/run';
import { type DayInput, type Remembered, workOutDay } from '@/core/day/work-out';
import { type Batch } from '@/core/stored/schema';
import { batchInWords } from '@/core/recipe/to-batch';
import { lanternSupper } from '@/data/demo';
import { calendarOf } from '@/core/day/calendar';
import { sheetRows } from '@/core/print/sheet';
import { beginOf } from '@/core/day/steps';
import { apply } from '@/core/stored/operations';
import { planned } from './simulated-day';

/** Friday, ten in the morning in the kitchen. */
const AT = '2026-12-04T09:00:00.000Z';
const remembered: Remembered = new Map();

const made = (
  id: string,
  title: string,
  form: 'half-moon' | 'triangle',
  count: number,
  lines: string[],
  mediumC?: number,
): Batch =>
  batchInWords({ title, form, school: 'cooked', count, lines, cook: { method: 'bake', mediumC } }, { id, at: AT })
    .batch;
const apples = made('apples', 'Apple turnovers', 'triangle', 8, [
  '600 g apples, diced',
  '60 g sugar',
  '20 g butter',
  '10 g cornflour',
]);
const beef = made('beef', 'Beef turnovers', 'half-moon', 16, ['500 g minced beef', '2 onions, fried', '1 tsp salt']);

interface Told {
  serveAt: string;
  from?: string;
  kitchen?: Kitchen;
  operations?: DayOperation[];
}

function input(
  batches: readonly Batch[],
  { serveAt, from = AT, kitchen = DEFAULT_KITCHEN, operations = [] }: Told,
): DayInput {
  const day = [
    ...batches.map((b): DayOperation => ({ do: 'putBatch', batchId: b.id, serve: 'now' })),
    ...operations,
  ].reduce(applyToDay, beginDay({ id: 'd', title: 'Day', serveAt, from, at: AT }));
  return { day, batches, kitchen, now: { minute: minuteOf(AT), zone: 'Europe/Berlin' } };
}

/** Everything that was tried on a day, as the worker does it. */
function mended(of: DayInput) {
  const worked = workOutDay(of, remembered);
  const { plan } = planned(worked, remembered, 60);
  const tryOut = (list: ReturnType<typeof candidates>): Remedy[] =>
    list.flatMap((c) => tried(worked, plan, c, remembered, () => (steps) => steps > 12) ?? []);
  const all = candidates(worked, plan, (n) => `h${n}`);
  const single = tryOut(all);
  return { worked, plan, single, together: () => tryOut(pairs(all, single)) };
}

describe('breakfast at eight', () => {
  const { worked, plan, single } = mended(input([apples], { serveAt: '2026-12-05T07:00:00.000Z' }));

  it('has no time in the morning, and it is said why', () => {
    expect(plan.isFeasible).toBe(false);
    expect(conflictSentences(plan).join(' ')).toMatch(/doesn’t fit .*at night hands rest/);
  });

  it('is mended by getting up before seven: the day so changed begins then, and fits', () => {
    const early = single.filter(({ id }) => id === 'nights')[0];
    expect(early).toMatchObject({ label: 'Begin before seven in the morning', mends: 'all' });
    const { plan: then } = planned(withChange(worked, early.change), remembered, 60);
    expect(then.isFeasible).toBe(true);
    expect(then.startMinute).toBeGreaterThan(minuteOf('2026-12-05T04:00:00.000Z'));
    expect(then.startMinute).toBeLessThan(minuteOf('2026-12-05T06:00:00.000Z'));
  });
});

describe('the patience with one remedy', () => {
  it('is its own, and begins after the day is worked out: what the forecasts took is none of it', () => {
    const { worked, plan } = mended(input([apples], { serveAt: '2026-12-05T07:00:00.000Z' }));
    const order: string[] = [];
    const slow = new Map(remembered);
    jest.spyOn(slow, 'get').mockImplementation((key) => (order.push('forecasts'), remembered.get(key)));
    const begins = jest.fn(() => (order.push('patience'), (steps: number) => steps > 12));
    const all = candidates(worked, plan, (n) => `h${n}`).slice(0, 2);
    for (const candidate of all) tried(worked, plan, candidate, slow, begins);
    expect(begins).toHaveBeenCalledTimes(all.length);
    expect(order.indexOf('patience')).toBeGreaterThan(0);
    expect(order.lastIndexOf('patience')).toBeGreaterThan(order.lastIndexOf('forecasts'));
  });
});

describe('a red check', () => {
  const duck = lanternSupper(AT).filter((b) => b.id === 'demo-duck-pockets');
  const tomorrow = '2026-12-05T18:00:00.000Z';

  it('is not planned over: what cools for hours in its pot is cooled as the rule has it, and the plan says so', () => {
    const { worked, plan } = mended(input(duck, { serveAt: tomorrow }));
    const cools = plan.tasks.find(({ kind }) => kind === 'cool');
    expect(cools?.mended?.label).toMatch(/^Spread to/);
    expect(cools?.how).toMatch(/the way you planned breaks the rule/);
    expect((cools?.end ?? 0) - (cools?.start ?? 0)).toBeLessThan(120);
    expect(worked.facts[0].warnings.cool).toBeUndefined();
    // Begun, it is the batch's own way.
    if (!cools) throw new Error('nothing cools');
    const begun = beginOf(cools, duck[0], AT).reduce(apply, duck[0]);
    expect(begun.cool.vessel.kind).toBe('tray');
    expect(begun.cool.run).not.toBeNull();
  });

  it('of what has happened is said by the day’s own clock, at all that is still to be done with it', () => {
    const begun = { ...duck[0], cool: { ...duck[0].cool, run: { offHeatAt: AT, past: [], readings: [], missed: [] } } };
    const late = input([begun], { serveAt: tomorrow });
    const warned = workOutDay({ ...late, now: { ...late.now, minute: minuteOf(AT) + 150 } }, remembered).facts[0]
      .warnings;
    expect(warned.cool).toMatch(/^Cooling: limit missed\. 30 min past the limit/);
    expect(warned.wrap).toContain('Throw away');
    // Two hours before nothing is missed yet: it is only too slow, and that is said where it cools.
    expect(workOutDay(late, remembered).facts[0].warnings.wrap ?? '').not.toContain('limit missed');
  });

  it('of a raw filling that stands out for hours is said where it is wrapped: it has no step of cooling', () => {
    const [turkey] = lanternSupper(AT);
    const out = apply(turkey, { do: 'startBoard', at: AT });
    const day = input([out], { serveAt: tomorrow });
    const warned = (minutes: number) =>
      workOutDay({ ...day, now: { ...day.now, minute: minuteOf(AT) + minutes } }, remembered).facts[0].warnings.wrap;
    expect(warned(30) ?? '').not.toContain('out for too long');
    expect(warned(5 * 60)).toMatch(/^Cooling: out for too long\. 5 h out of the cold .*Throw it away\./);
  });

  it('that nothing mends stands at its step, on the sheet and in the calendar', () => {
    // Nowhere to spread it, and the pot is begun: no other way is left.
    const stuck = { ...duck[0], cool: { ...duck[0].cool, run: { offHeatAt: AT, past: [], readings: [], missed: [] } } };
    const { plan } = mended(input([stuck], { serveAt: tomorrow }));
    const cools = plan.tasks.find(({ kind }) => kind === 'cool');
    expect(cools?.mended).toBeUndefined();
    expect(cools?.warning).toMatch(/^Cooling: too slow\./);
    const rows = sheetRows(plan.tasks, minuteOf(tomorrow), 'Europe/Berlin');
    expect(rows.map(({ warning }) => warning).join(' ')).toContain('Cooling: too slow.');
    const file = calendarOf(plan, { dayId: 'd', title: 'Day', madeAt: AT }).replace(/\r\n /g, '');
    expect(file).toContain('Look here: Cooling: too slow.');
  });

  it('of salt or moisture stands at the mixing, or in the pan', () => {
    const haddock = lanternSupper(AT).filter((b) => b.id === 'demo-haddock-pan-pie');
    const { plan } = mended(input(haddock, { serveAt: tomorrow }));
    expect(plan.tasks.flatMap(({ kind, warning }) => (warning === null ? [] : [kind]))).toContain('fry');
  });
});

describe('remedies', () => {
  it('come in pairs where none is enough alone: a second tray, and served later', () => {
    const duck = lanternSupper(AT).filter((b) => b.id === 'demo-duck-pockets');
    const { plan, single, together } = mended(input(duck, { serveAt: '2026-12-04T12:20:00.000Z' }));
    expect(single.filter(({ mends }) => mends === 'all')).toEqual([]);
    const all = together().filter(({ mends }) => mends === 'all');
    expect(all.map(({ id }) => id)).toContain('tray oven + serve-later');
    expect(all.every((remedy) => isWorthIt(remedy, plan))).toBe(true);
  });

  it('offer a tray where batches of one load each meet in the oven', () => {
    const four = [beef, ...['2', '3', '4'].map((n) => ({ ...beef, id: `beef-${n}`, title: `Beef turnovers ${n}` }))];
    const worked = workOutDay(input(four, { serveAt: '2026-12-04T17:30:00.000Z' }), remembered);
    expect(worked.facts.map(({ loads }) => loads?.loads)).toEqual([1, 1, 1, 1]);
    const { plan } = planned(worked, remembered, 60);
    expect(candidates(worked, plan, (n) => `h${n}`).map(({ id }) => id)).toContain('tray oven');
    const alone = workOutDay(input([beef], { serveAt: '2026-12-04T17:30:00.000Z' }), remembered);
    expect(candidates(alone, planned(alone, remembered, 60).plan, (n) => `h${n}`).map(({ id }) => id)).not.toContain(
      'tray oven',
    );
  });

  it('take back in the kitchen what they changed there', () => {
    const { worked, single } = mended(
      input(
        lanternSupper(AT).filter((b) => /duck|haddock/.test(b.id)),
        { serveAt: '2026-12-05T18:00:00.000Z' },
      ),
    );
    const tray = single.filter(({ id }) => id === 'tray oven')[0];
    const { kitchen } = withChange(worked, tray.change);
    expect(kitchen.appliances).not.toEqual(worked.kitchen.appliances);
    expect(tray.change.kitchenBack.reduce(applyToKitchen, kitchen).appliances).toEqual(worked.kitchen.appliances);
  });
});

describe('an oven', () => {
  const hotter = made('hotter', 'Hot turnovers', 'triangle', 8, ['600 g apples, diced', '60 g sugar'], 230);
  const two = input([hotter, beef], { serveAt: '2026-12-05T18:00:00.000Z' });
  const hot = (of: DayInput) => {
    const { plan } = planned(workOutDay(of, remembered), remembered, 60);
    return plan.tasks.filter((t) => t.needs.oven !== undefined || t.ways?.oven !== undefined);
  };

  it('is not heated for one batch while another bakes at another temperature', () => {
    const tasks = hot(two);
    const ways = new Set(tasks.map((t) => t.ways?.oven));
    expect(ways.size).toBe(2);
    for (const heat of tasks.filter((t) => t.kind === 'heat'))
      for (const load of tasks.filter((t) => t.kind === 'load' && t.ways?.oven !== heat.ways?.oven))
        expect(load.end <= heat.start || heat.end <= load.start).toBe(true);
  });

  it('that is hot for another batch is left on', () => {
    const both = hot(
      input([beef, { ...beef, id: 'beef-2', title: 'More beef turnovers' }], { serveAt: '2026-12-05T18:00:00.000Z' }),
    );
    const heats = both.filter((t) => t.kind === 'heat').sort((a, b) => a.start - b.start);
    expect(heats).toHaveLength(2);
    expect(heats[0].how).not.toMatch(/leave it on/);
    expect(heats[1].how).toMatch(/leave it on/);
  });
});

describe('frozen ahead', () => {
  const serveAt = '2026-12-05T18:00:00.000Z';
  const freeze = (from: string): number => {
    const frozen = input([beef], {
      serveAt,
      from,
      operations: [{ do: 'setServing', batchId: 'beef', to: { serve: 'frozen-ahead' } }],
    });
    const { plan } = planned({ ...frozen, now: { ...frozen.now, minute: minuteOf(from) } }, remembered, 60);
    expect(plan.isFeasible).toBe(true);
    return plan.tasks.filter((t) => t.kind === 'freeze')[0].end;
  };

  it('is wrapped the day before where there is one; else as late as will do', () => {
    expect(freeze(AT)).toBeLessThan(minuteOf('2026-12-05T09:00:00.000Z'));
    expect(freeze('2026-12-05T08:00:00.000Z')).toBeGreaterThan(minuteOf('2026-12-05T12:00:00.000Z'));
  });
});

describe('a day that runs', () => {
  const before = planned(input([beef], { serveAt: '2026-12-04T17:00:00.000Z' }), remembered, 60);
  const [first] = before.plan.tasks.filter((t) => t.hasHands);
  const begun = applyToDay(before.input.day, { do: 'startTask', taskId: first.id, at: timeOf(first.start) });
  const at = (minute: number, day = begun) =>
    planned({ ...before.input, day, now: { ...before.input.now, minute } }, remembered, 60).plan;

  it('goes on to the next with the tap that ends a step, where nothing else is to be waited for', () => {
    const plan = at(first.end - 1);
    const { now, onTo } = dayNow(plan, first.end - 1);
    expect(now?.id).toBe(first.id);
    if (onTo === null) throw new Error('something follows');
    expect(onTo.hasHands).toBe(true);
    expect(onTo.start - first.end).toBeLessThanOrEqual(15);
  });

  it('does not offer what is hours off, or waits for what goes by itself', () => {
    const isWaiting = before.plan.tasks
      .filter((t) => t.state === 'planned' && t.hasHands)
      .some((t) => t.start > first.end + 15);
    expect(isWaiting).toBe(true);
    const plan = at(first.start + 1);
    const { onTo } = dayNow(
      { ...plan, tasks: plan.tasks.map((t) => (t.state === 'planned' ? { ...t, start: t.start + 60 } : t)) },
      first.start + 1,
    );
    expect(onTo).toBeNull();
  });

  it('what was begun earlier than was tapped is as old as it is', () => {
    const earlier = applyToDay(begun, { do: 'beganAt', taskId: first.id, at: timeOf(first.start - 7) });
    const running = at(first.start + 1, earlier).tasks.filter((t) => t.id === first.id)[0];
    expect(running).toMatchObject({ state: 'running', start: first.start - 7 });
    expect(running.due).toBe(first.end - 7);
    const over = applyToDay(begun, { do: 'endTask', taskId: first.id, at: timeOf(first.end) });
    expect(applyToDay(over, { do: 'beganAt', taskId: first.id, at: timeOf(first.start - 7) })).toEqual(over);
  });

  it('what is done too soon is said to have been early, not to have waited', () => {
    const out = before.plan.tasks.filter((t) => t.kind === 'load-out')[0];
    const early = timeOf(out.start - 120);
    const day = before.plan.tasks
      .filter((t) => t.start <= out.start && t.kind !== 'serve')
      .flatMap((t): DayOperation[] => [
        { do: 'startTask', taskId: t.id, at: timeOf(Math.min(t.start, out.start - 121)) },
        { do: 'endTask', taskId: t.id, at: early },
      ])
      .reduce(applyToDay, before.input.day);
    const plan = at(minuteOf(early) + 1, day);
    expect(conflictSentences(plan).join(' ')).toMatch(/was early: by “Serve” it will have waited/);
  });
});
