import { beginDay } from '@/core/stored/day';
import { applyToDay } from '@/core/stored/day-operations';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { applyToKitchen } from '@/core/stored/kitchen-operations';
import { apply } from '@/core/stored/operations';
import { dayEvents, dueNow } from '@/core/day/day-events';
import { minuteOf, timeOf } from '@/core/day/moments';
import { candidates, tried } from '@/core/day/remedies';
import { type DayInput, type Remembered, workOutDay } from '@/core/day/work-out';
import { brokenBy } from '@/core/schedule/broken';
import { lanternSupper } from '@/data/demo';
import { planned, runDay } from './simulated-day';

const AT = '2026-12-04T07:00:00.000Z';
const SERVE = '2026-12-04T18:00:00.000Z';
const MADE = ['demo-turkey-purses', 'demo-duck-pockets', 'demo-haddock-pan-pie'];
const oven = DEFAULT_KITCHEN.appliances.filter((a) => a.kind === 'oven')[0];
const twoTrays = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepAppliance', appliance: { ...oven, tiers: 2 } });

/** What has been worked out of batches, for the whole file: by what a batch is, never by when. */
const remembered: Remembered = new Map();

function input(kitchen = twoTrays, made: readonly string[] = MADE): DayInput {
  const day = made.reduce(
    (d, batchId) => applyToDay(d, { do: 'putBatch', batchId, serve: 'carried-warm' }),
    beginDay({ id: 'd', title: 'Supper', serveAt: SERVE, from: AT, at: AT }),
  );
  return { day, batches: lanternSupper(AT), kitchen, now: { minute: minuteOf(AT), zone: 'Europe/Berlin' } };
}

describe('the lantern supper', () => {
  it('collides at the oven with one tray, and a second tray mends it', () => {
    const worked = workOutDay(input(DEFAULT_KITCHEN), remembered);
    const { plan } = planned(worked, remembered);
    expect(plan.isFeasible).toBe(false);
    expect(plan.conflicts[0].byMinutes).toBeGreaterThan(30);
    const remedies = candidates(worked, plan, (n) => `h${n}`)
      .filter(({ id }) => id === 'tray oven' || id === 'helper 1')
      .map((candidate) => tried(worked, plan, candidate, remembered, () => (steps) => steps > 15));
    // A helper bakes nothing. The tray mends all of it, and says when it would begin then.
    expect(remedies[0]).toMatchObject({ id: 'tray oven', mends: 'all', leftMinutes: 0 });
    expect(remedies[0]?.startMinute).toBeGreaterThan(minuteOf(AT));
    expect(remedies[1]?.mends).not.toBe('all');
  });

  it('is served on time when every step takes as long as planned, and nothing collides on the way', () => {
    const ran = runDay(input(), remembered);
    expect(ran.log.filter(({ conflicts }) => conflicts.length > 0)).toEqual([]);
    expect(ran.minute).toBe(minuteOf(SERVE));
    // The stations' clocks were the steps, and what was taken is with the batch.
    const duck = ran.input.batches.filter((b) => b.id === 'demo-duck-pockets')[0];
    expect(duck.cool.earlierRuns).toHaveLength(1);
    expect(duck.wrap.earlierBoards).toHaveLength(1);
    expect(duck.cook.earlierRuns).toHaveLength(2);
    expect(duck.taken.map(({ what }) => what)).toEqual(expect.arrayContaining(['cut', 'fry', 'wrap']));
  });

  it('moves what can move when steps take longer, and says what cannot', () => {
    // Work takes a tenth more than it is thought to: that is spare. One step takes a quarter of an hour more.
    const { log, minute } = runDay(input(), remembered, (task, minutes) =>
      task.id === 'demo-turkey-purses cut' ? minutes + 15 : minutes,
    );
    const late = log.filter(({ conflicts }) => conflicts.length > 0);
    expect(minute - minuteOf(SERVE)).toBeLessThanOrEqual(15);
    // It is said as soon as it is known, not at the end.
    if (minute > minuteOf(SERVE)) expect(late[0].minute).toBeLessThan(minuteOf(SERVE) - 120);
  });

  it('keeps what really was taken with each batch, for the next plan and not for this one', () => {
    const slow = runDay(input(), remembered, (task, minutes) => (task.kind === 'cut' ? minutes * 2 : minutes));
    const duck = slow.input.batches.filter((b) => b.id === 'demo-duck-pockets')[0];
    const cut = duck.taken.filter((t) => t.what === 'cut')[0];
    expect(cut.minutes).toBeGreaterThan(1.5 * cut.planned);
    const next = input();
    const minutesOf = (batches: DayInput['batches']) =>
      workOutDay({ ...next, batches }, remembered).tasks.filter((t) => t.id === 'demo-duck-pockets cut')[0].minutes;
    expect(minutesOf(slow.input.batches)).toBeGreaterThan(1.5 * minutesOf(next.batches));
  });

  it('a clock that is started at a station is the step here', () => {
    const { input: begun } = planned(input(), remembered);
    const at = timeOf(minuteOf(AT) + 30);
    const batches = begun.batches.map((b) => (b.id === 'demo-duck-pockets' ? apply(b, { do: 'startCooling', at }) : b));
    const stateOf = (of: DayInput) => workOutDay(of, remembered).of.running.get('demo-duck-pockets cool')?.start;
    expect(stateOf(begun)).toBeUndefined();
    expect(stateOf({ ...begun, batches })).toBe(minuteOf(at));
  });
});

describe('tasks of a day', () => {
  const { tasks } = workOutDay(input(twoTrays, [...MADE, 'demo-venison-half-moons']), remembered);

  it('follow one another, and nothing follows what is not there', () => {
    const ids = new Set(tasks.map((t) => t.id));
    expect(ids.size).toBe(tasks.length);
    expect(tasks.flatMap((t) => t.after.map(({ id }) => id)).filter((id) => !ids.has(id))).toEqual([]);
  });

  it('cut once for all what more than one batch needs', () => {
    const onion = tasks.filter((t) => t.id === 'all cut onion')[0];
    expect(onion.batchIds).toEqual(['demo-duck-pockets', 'demo-venison-half-moons']);
    const own = tasks.filter((t) => t.id === 'demo-duck-pockets cut')[0];
    expect(own.how).not.toMatch(/onion/);
    // What is fried follows both its own cutting and what is cut for all.
    const fry = tasks.filter((t) => t.id === 'demo-duck-pockets fry')[0];
    expect(fry.after.map(({ id }) => id)).toEqual(expect.arrayContaining(['all cut onion', 'demo-duck-pockets cut']));
  });

  it('are changed, added and left out by the cook', () => {
    const begun = input();
    const day = [
      { do: 'changeTask' as const, taskId: 'demo-duck-pockets cut', to: { minutes: 40 } },
      { do: 'changeTask' as const, taskId: 'demo-duck-pockets fry', to: { isLeftOut: true } },
      { do: 'addTask' as const, task: { id: 'x', title: 'Lay the table', minutes: 15, hasHands: true, before: null } },
    ].reduce(applyToDay, begun.day);
    const changed = workOutDay({ ...begun, day }, remembered).tasks;
    const by = new Map(changed.map((t) => [t.id, t]));
    expect(by.get('demo-duck-pockets cut')?.minutes).toBe(40);
    expect(by.has('demo-duck-pockets fry')).toBe(false);
    expect(by.get('own x')?.title).toBe('Lay the table');
    // What followed it follows what it followed.
    expect(by.get('demo-duck-pockets cool')?.after.map(({ id }) => id)).toContain('demo-duck-pockets cut');
  });

  it('wrap and freeze the day before what is frozen ahead, and cook it from frozen for longer', () => {
    const begun = { ...input(), now: { minute: minuteOf(AT) - 24 * 60, zone: 'Europe/Berlin' } };
    const earlier = { ...begun.day, from: timeOf(begun.now.minute) };
    const day = applyToDay(earlier, { do: 'setServing', batchId: 'demo-duck-pockets', to: { serve: 'frozen-ahead' } });
    const minutesOf = (of: typeof day) =>
      workOutDay({ ...begun, day: of }, remembered).tasks.filter((t) => t.id === 'demo-duck-pockets load 1')[0].minutes;
    expect(minutesOf(day)).toBeGreaterThan(minutesOf(earlier) * 1.1);
    const { plan } = planned({ ...begun, day }, remembered);
    const at = (id: string) => plan.tasks.filter((t) => t.id === id)[0];
    expect(at('demo-duck-pockets freeze').end).toBeLessThanOrEqual(at('demo-duck-pockets load-in 1').start);
  });

  it('are planned without a double booking or a broken wait, whatever is made', () => {
    const all = lanternSupper(AT).map((b) => b.id);
    // The curd drains overnight: begun the evening before.
    const from = timeOf(minuteOf(SERVE) - 26 * 60);
    for (const made of [all.slice(0, 2), [all[0], all[2]], [all[1], all[4]], [all[3]], [all[5]]]) {
      const begun = input(twoTrays, made);
      const worked = workOutDay({ ...begun, day: { ...begun.day, from } }, remembered);
      const { plan } = planned(worked, remembered);
      const scheduled = plan.tasks.map(({ id, start, end }) => ({ id, start, end }));
      if (plan.isFeasible) expect(brokenBy(worked.of.problem, scheduled)).toEqual([]);
      expect(plan.isFeasible).toBe(true);
    }
  });

  it('a pin is kept, and the rest planned around it', () => {
    const begun = input();
    const at = timeOf(minuteOf(SERVE) - 6 * 60);
    const day = applyToDay(begun.day, { do: 'pin', taskId: 'demo-turkey-purses cut', at });
    const { plan } = planned({ ...begun, day }, remembered);
    expect(plan.tasks.filter((t) => t.id === 'demo-turkey-purses cut')[0]).toMatchObject({
      start: minuteOf(at),
      isPinned: true,
    });
    expect(plan.isFeasible).toBe(true);
  });
});

describe('alarms of a day', () => {
  const { input: kept } = planned(input(), remembered);
  const first = kept.day.plan?.starts[0];
  if (!first) throw new Error('there is a plan');
  const running = applyToDay(kept.day, { do: 'startTask', taskId: first.taskId, at: first.at });
  const end = Date.parse(first.at) + first.minutes * 60_000;

  it('nothing is told of a day that has not begun', () => expect(dayEvents(kept.day)).toEqual([]));
  it('what goes on is asked about when its time is over, five minutes more and again', () => {
    expect(dueNow(running, end - 1000).map((e) => e.text)).toEqual([]);
    expect(dueNow(running, end).map((e) => e.text)).toContain(`${first.title}: is it done?`);
    const more = applyToDay(running, { do: 'moreTime', taskId: first.taskId, minutes: 5 });
    expect(dueNow(more, end).map((e) => e.text)).not.toContain(`${first.title}: is it done?`);
    expect(dueNow(more, end + 5 * 60_000).map((e) => e.text)).toContain(`${first.title}: is it done?`);
  });
  it('what is done is not told of any more, nor what was due long ago', () => {
    const done = applyToDay(running, { do: 'endTask', taskId: first.taskId, at: timeOf(end / 60_000) });
    expect(dayEvents(done).some((e) => e.text.startsWith(first.title))).toBe(false);
    expect(dueNow(running, end + 3 * 3_600_000).some((e) => e.text.startsWith(first.title))).toBe(false);
  });
});
