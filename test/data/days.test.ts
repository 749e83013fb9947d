/** Days as they are kept, changed, taken back and run: each step in the day, and in the batch that it is of. */
import { type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { minuteOf } from '@/core/day/moments';
import { workOutDay } from '@/core/day/work-out';
import { planned } from '../core/simulated-day';
import { beginDay, type Day } from '@/core/stored/day';
import { applyToDay } from '@/core/stored/day-operations';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';
import { listDays } from '@/data/day-store';
import { dayKey } from '@/data/keys';
import { beginTask, endTask, leaveOut, moreTime } from '@/data/day-run';
import { discardDay, editDay, keepDay, undoDay } from '@/data/days';
import { currentNotice, say } from '@/data/notices';
import * as batchStore from '@/data/batch-store';
import { forgetHeld } from '@/data/store';
import { MemoryStorage } from './memory-storage';

const mockStorage = new MemoryStorage();
jest.mock('@react-native-async-storage/async-storage', () => ({
  __esModule: true,
  get default() {
    return mockStorage;
  },
}));

const AT = '2026-12-04T07:00:00.000Z';
const SERVE = '2026-12-04T18:00:00.000Z';
const [duck] = lanternSupper(AT).filter(({ id }) => id === 'demo-duck-pockets');
const supper: Day = applyToDay(beginDay({ id: 'd', title: 'Supper', serveAt: SERVE, from: AT, at: AT }), {
  do: 'putBatch',
  batchId: duck.id,
  serve: 'carried-warm',
});

const stored = async (): Promise<Day> => {
  const { days } = await listDays();
  if (days.length !== 1) throw new Error(`${days.length} days`);
  return days[0];
};
/** What has been begun, and whether it is over. */
const did = async () => (await stored()).run?.did.map(({ taskId, endedAt }) => [taskId, endedAt !== null]);
const batch = async (): Promise<Batch> => {
  const there = await batchStore.loadBatch(duck.id);
  if (there === null || batchStore.isBroken(there)) throw new Error('not readable');
  return there;
};

beforeEach(async () => {
  forgetHeld();
  mockStorage.empty();
  say(null);
  await batchStore.createBatch(duck);
  expect(await keepDay(supper)).toBe(true);
});

describe('a day in storage', () => {
  it('edits at once are all kept, each with its own revision', async () => {
    const rings = [1, 2, 3, 4, 5, 6];
    await Promise.all(rings.map((n) => editDay('d', { do: 'setDay', to: { rings: n } })));
    const day = await stored();
    expect(rings).toContain(day.rings);
    expect(day.revision).toBe(supper.revision + rings.length);
  });

  it('what would not be valid is refused in words, and nothing is written', async () => {
    const before = mockStorage.texts.get(dayKey('d'));
    const refused = await editDay('d', { do: 'setDay', to: { rings: -3 } });
    expect(refused.ok).toBe(false);
    expect(mockStorage.texts.get(dayKey('d'))).toBe(before);
    expect(currentNotice()).toMatchObject({ kind: 'problem' });
  });

  it('one that is there is not overwritten by one of the same name', async () => {
    expect(await keepDay({ ...supper, title: 'Another' })).toBe(false);
    expect((await stored()).title).toBe('Supper');
    expect(currentNotice()?.text).toContain('already here');
  });

  it('one that cannot be read is set aside, not lost, and the others are there', async () => {
    mockStorage.texts.set(dayKey('x'), '{"format":"nobody’s"');
    const { days, broken } = await listDays();
    expect(days.map(({ id }) => id)).toEqual(['d']);
    expect(broken).toMatchObject([{ key: dayKey('x') }]);
    expect(mockStorage.texts.has(dayKey('x'))).toBe(true);
  });

  it('what was deleted, elsewhere perhaps, says so instead of coming back', async () => {
    mockStorage.texts.delete(dayKey('d'));
    const outcome = await editDay('d', { do: 'setDay', to: { rings: 2 } });
    expect(outcome.ok).toBe(false);
    expect(mockStorage.texts.has(dayKey('d'))).toBe(false);
  });
});

describe('a step back', () => {
  it('takes the last step back, and then the one before', async () => {
    await editDay('d', { do: 'setDay', to: { rings: 2 } });
    await editDay('d', { do: 'setDay', to: { benches: 3 } });
    expect(await undoDay('d')).toBe(true);
    expect(await stored()).toMatchObject({ rings: 2, benches: supper.benches });
    expect(await undoDay('d')).toBe(true);
    expect(await stored()).toMatchObject({ rings: supper.rings });
  });

  it('a plan that was worked out since is no step of the cook’s: the step before it is taken back', async () => {
    await editDay('d', { do: 'setDay', to: { rings: 2 } });
    await editDay('d', { do: 'keepPlan', plan: { of: 'x', starts: [] } }, { isStep: false });
    expect(await undoDay('d')).toBe(true);
    expect((await stored()).rings).toBe(supper.rings);
  });

  it('never takes back what another tab did', async () => {
    await editDay('d', { do: 'setDay', to: { rings: 2 } });
    const now = await stored();
    mockStorage.texts.set(
      dayKey('d'),
      JSON.stringify({ ...now, benches: 5, revision: now.revision + 1, writer: 'another-tab' }),
    );
    expect(await undoDay('d')).toBe(false);
    expect(await stored()).toMatchObject({ rings: 2, benches: 5 });
    expect(currentNotice()?.text).toContain('another tab');
  });

  it('a deleted day is brought back from its notice', async () => {
    await discardDay(await stored());
    expect((await listDays()).days).toEqual([]);
    const notice = currentNotice();
    expect(notice?.action?.label).toBe('Bring it back');
    expect(await notice?.action?.run()).toBe(true);
    expect((await stored()).title).toBe('Supper');
  });

  it('a delete that the store refuses does not say deleted', async () => {
    const day = await stored();
    mockStorage.isClosed = true;
    await discardDay(day);
    mockStorage.isClosed = false;
    expect(currentNotice()).toMatchObject({ kind: 'problem' });
    expect((await listDays()).days).toHaveLength(1);
  });
});

describe('a day that runs', () => {
  const zone = 'Europe/Berlin';
  const plan: DayPlan = planned(
    workOutDay(
      { day: supper, batches: [duck], kitchen: DEFAULT_KITCHEN, now: { minute: minuteOf(AT), zone } },
      new Map(),
    ),
    new Map(),
  ).plan;
  const task = (kind: PlannedTask['kind'], n = 0): PlannedTask => plan.tasks.filter((t) => t.kind === kind)[n];
  const act = async (kind: PlannedTask['kind'], n = 0) => ({
    day: await stored(),
    plan,
    task: task(kind, n),
    batches: [await batch()],
  });

  it('a step that is begun is begun in the day; cooling begins the batch’s own clock when its frying ends', async () => {
    await beginTask(await act('fry'));
    expect(await did()).toEqual([[task('fry').id, false]]);
    expect((await batch()).cool.run).toBeNull();
    await endTask(await act('fry'));
    expect(await did()).toEqual([
      [task('fry').id, true],
      [task('cool').id, false],
    ]);
    expect((await batch()).cool.run).not.toBeNull();
    // Begun and ended at one moment it has taken nothing that a next plan could learn from.
    expect((await batch()).taken).toEqual([]);
  });

  it('a load goes into the heat, and its clock with it; out again, it is over in both', async () => {
    await beginTask(await act('load-in'));
    await endTask(await act('load-in'));
    expect((await batch()).cook.run).toMatchObject({ load: 1 });
    await beginTask(await act('load-out'));
    await endTask(await act('load-out'));
    expect((await batch()).cook.run).toBeNull();
    expect((await batch()).cook.earlierRuns).toHaveLength(1);
  });

  it('ends one step and begins the next with the same tap, each noted once', async () => {
    await endTask(await act('cut'), task('wrap'));
    expect(await did()).toEqual([
      [task('cut').id, true],
      [task('wrap').id, false],
    ]);
  });

  it('where the day refuses, nothing is noted of the batch', async () => {
    const going = await act('fry');
    mockStorage.texts.delete(dayKey('d'));
    await endTask(going);
    expect((await batch()).cool.run).toBeNull();
    expect((await batch()).taken).toEqual([]);
  });

  it('a step takes longer where that is said, and one that is left out is put back from its notice', async () => {
    await beginTask(await act('cut'));
    await moreTime('d', task('cut').id, 10);
    expect((await stored()).run?.did).toMatchObject([{ moreMinutes: 10 }]);
    await leaveOut('d', task('wrap'));
    expect((await stored()).changes).toMatchObject([{ taskId: task('wrap').id, isLeftOut: true }]);
    expect(currentNotice()?.text).toContain('left out');
    expect(await currentNotice()?.action?.run()).toBe(true);
    expect((await stored()).changes).toEqual([]);
  });
});
