/** The planning worker: better plans as they are found, an older question stopped by a newer one, remedies for what collides. */
import { minuteOf } from '@/core/day/moments';
import { startsOf } from '@/core/day/starts-of';
import { type DayInput } from '@/core/day/work-out';
import { beginDay } from '@/core/stored/day';
import { applyToDay } from '@/core/stored/day-operations';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { applyToKitchen } from '@/core/stored/kitchen-operations';
import { lanternSupper } from '@/data/demo';
import { type DaySeen, planDay, stopPlanning } from '@/workers/planner';

const AT = '2026-12-04T07:00:00.000Z';
const SERVE = '2026-12-04T18:00:00.000Z';
const oven = DEFAULT_KITCHEN.appliances.filter((a) => a.kind === 'oven')[0];
const twoTrays = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepAppliance', appliance: { ...oven, tiers: 2 } });
const IDS = ['h1', 'h2', 'h3', 'h4'];

const input = (kitchen: Kitchen, made: readonly string[]): DayInput => ({
  day: made.reduce(
    (d, batchId) => applyToDay(d, { do: 'putBatch', batchId, serve: 'carried-warm' }),
    beginDay({ id: 'd', title: 'Supper', serveAt: SERVE, from: AT, at: AT }),
  ),
  batches: lanternSupper(AT),
  kitchen,
  now: { minute: minuteOf(AT), zone: 'Europe/Berlin' },
});
const small = input(twoTrays, ['demo-turkey-purses']);
const CUT = 'demo-turkey-purses cut';
let turn = 0;

it('a day that fits comes back done, served in time, with nothing to mend', async () => {
  const seen = await planDay(++turn, 'a', small, IDS, () => undefined);
  expect(seen).toMatchObject({ stage: 'done', remedies: [], plan: { isFeasible: true, conflicts: [] } });
  const last = Math.max(...(seen?.plan.tasks ?? []).map(({ end }) => end));
  expect(last).toBeLessThanOrEqual(minuteOf(SERVE));
});

it('a newer question stops the older one, and is answered', async () => {
  const older = planDay(++turn, 'a', small, IDS, () => undefined);
  const newer = planDay(++turn, 'b', small, IDS, () => undefined);
  expect(await older).toBeNull();
  expect(await newer).toMatchObject({ stage: 'done' });
});

it('is stopped on request, and a question older than that is not even begun', async () => {
  const going = planDay(++turn, 'a', small, IDS, () => undefined);
  stopPlanning(turn + 1);
  expect(await going).toBeNull();
  expect(await planDay(turn, 'a', small, IDS, () => undefined)).toBeNull();
  turn += 1;
});

it('a plan that was kept for the same day is not worked out again, and for another it is', async () => {
  const first = await planDay(++turn, 'same', small, IDS, () => undefined);
  if (first === null) throw new Error('stopped');
  const plan = { of: 'same', starts: startsOf(first.plan, small.day) };
  const keeps: DayInput = { ...small, day: applyToDay(small.day, { do: 'keepPlan', plan }) };
  const startsIn = (seen: DaySeen | null) => seen?.plan.tasks.map(({ id, start }) => [id, start]);
  expect(startsIn(await planDay(++turn, 'same', keeps, IDS, () => undefined))).toEqual(startsIn(first));
  // Cut three minutes sooner than it was planned to be: kept so only under the same key.
  const sooner = plan.starts.map((s) =>
    s.taskId === CUT ? { ...s, at: new Date(Date.parse(s.at) - 180_000).toISOString() } : s,
  );
  const other: DayInput = {
    ...small,
    day: applyToDay(small.day, { do: 'keepPlan', plan: { ...plan, starts: sooner } }),
  };
  const cutIn = (seen: DaySeen | null) => seen?.plan.tasks.find(({ id }) => id === CUT)?.start ?? NaN;
  expect(cutIn(await planDay(++turn, 'same', other, IDS, () => undefined))).toBe(cutIn(first) - 3);
  expect(cutIn(await planDay(++turn, 'another', other, IDS, () => undefined))).toBe(cutIn(first));
});

it('what collides is told at once, then what would mend it, each tried, best first', async () => {
  const stages: DaySeen[] = [];
  const late = '2026-12-04T17:00:00.000Z';
  const tight: DayInput = {
    ...small,
    day: { ...small.day, from: late },
    now: { minute: minuteOf(late), zone: 'Europe/Berlin' },
  };
  const seen = await planDay(++turn, 'c', tight, IDS, (better) => void stages.push(better));
  expect(seen?.plan.isFeasible).toBe(false);
  expect(seen?.stage).toBe('done');
  expect(seen?.remedies.length).toBeGreaterThan(0);
  const left = (seen?.remedies ?? []).map(({ leftMinutes }) => leftMinutes);
  expect(left).toEqual([...left].sort((a, b) => a - b));
  expect(seen?.remedies[0].mends).toBe('all');
  expect(stages.some(({ stage }) => stage === 'mending')).toBe(true);
}, 30_000);
