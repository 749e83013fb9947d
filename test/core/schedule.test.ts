import * as fc from 'fast-check';
import { lowerBound } from '@/core/schedule/bound';
import { brokenBy } from '@/core/schedule/broken';
import { type Problem, type Task } from '@/core/schedule/problem';
import { plan } from '@/core/schedule/schedule';
import { uniform } from '@/core/random/generators';
import { randomRuns } from '../random-runs';

/** So many small ones, which are tried out whole, and so many larger. */
const SMALL = randomRuns(400, 100);
const RUNS = randomRuns(2000, 200);

/** A small random problem. */
function problemOf(seed: number, { most = 5, end = 16, waits = 2, follows = 0.35 } = {}): Problem {
  const random = uniform(seed);
  const upTo = (n: number): number => Math.floor(random() * (n + 1));
  const n = 2 + upTo(most - 2);
  const tasks = Array.from({ length: n }, (_, i): Task => {
    const before = Array.from({ length: i }, (_x, j) => j).filter(() => random() < follows);
    return {
      id: `t${i}`,
      minutes: 1 + upTo(4),
      needs: {
        ...(random() < 0.8 ? { hands: 1 } : {}),
        ...(random() < 0.3 ? { oven: 1 + upTo(1) } : {}),
      },
      after: before.map((j) => ({
        id: `t${j}`,
        minWait: random() < 0.3 ? upTo(3) : 0,
        ...(random() < 0.5 ? { maxWait: 3 + upTo(waits) } : {}),
      })),
      ...(random() < 0.15 ? { earliest: upTo(6) } : {}),
      ...(random() < 0.15 ? { latest: end - upTo(5) } : {}),
    };
  });
  const changes = random() < 0.3 ? [{ from: 5, to: 5 + 1 + upTo(3), by: -1 }] : [];
  return { endMinute: end, resources: { hands: { capacity: 1 + upTo(1), changes }, oven: { capacity: 2 } }, tasks };
}

/** The best first start there is, by trying everything; null where nothing is possible. */
function bruteForce(problem: Problem): number | null {
  const { tasks, endMinute, resources } = problem;
  const starts: number[] = [];
  const used = Object.fromEntries(Object.keys(resources).map((name) => [name, new Array<number>(endMinute).fill(0)]));
  const capacity = (name: string, at: number): number =>
    resources[name].capacity +
    (resources[name].changes ?? []).reduce((sum, c) => sum + (c.from <= at && at < c.to ? c.by : 0), 0);
  let best: number | null = null;
  const place = (i: number, first: number): void => {
    if (best !== null && first <= best) return;
    if (i === tasks.length) {
      best = first;
      return;
    }
    const task = tasks[i];
    const last = Math.min(endMinute, task.latest ?? endMinute) - task.minutes;
    for (let s = last; s >= Math.max(0, task.earliest ?? 0); s--) {
      const keepsOrder = task.after.every(({ id, minWait = 0, maxWait = Infinity }) => {
        const j = tasks.findIndex((t) => t.id === id);
        const wait = s - starts[j] - tasks[j].minutes;
        return wait >= minWait && wait <= maxWait;
      });
      if (!keepsOrder) continue;
      const needs = Object.entries(task.needs);
      let fits = true;
      for (let at = s; fits && at < s + task.minutes; at++)
        fits = needs.every(([name, units]) => used[name][at] + units <= Math.max(0, capacity(name, at)));
      if (!fits) continue;
      for (let at = s; at < s + task.minutes; at++) for (const [name, units] of needs) used[name][at] += units;
      starts[i] = s;
      place(i + 1, Math.min(first, s));
      for (let at = s; at < s + task.minutes; at++) for (const [name, units] of needs) used[name][at] -= units;
    }
  };
  place(0, endMinute);
  return best;
}

describe('a plan', () => {
  it('is there whenever there is one, and begins as late as the best', () => {
    let possible = 0;
    let impossible = 0;
    for (let seed = 1; seed <= SMALL; seed++) {
      const problem = problemOf(seed);
      const best = bruteForce(problem);
      const { schedule } = plan(problem, (steps) => steps > 4000);
      expect({ seed, feasible: schedule.feasible }).toEqual({ seed, feasible: best !== null });
      if (best === null) {
        impossible += 1;
        expect(schedule.conflicts.length).toBeGreaterThan(0);
        continue;
      }
      possible += 1;
      expect({ seed, broken: brokenBy(problem, schedule.tasks) }).toEqual({ seed, broken: [] });
      expect({ seed, start: schedule.startMinute }).toEqual({ seed, start: best });
    }
    // Both kinds were among them.
    expect(Math.min(possible, impossible)).toBeGreaterThanOrEqual(SMALL / 20);
  });

  it('is never double-booked and never breaks a wait', () => {
    let planned = 0;
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e9 }), (seed) => {
        const problem = problemOf(seed, { most: 12, end: 90, waits: 40, follows: 0.15 });
        const { schedule } = plan(problem, (steps) => steps > 3, { deadEnds: 30 });
        planned += Number(schedule.feasible);
        if (!schedule.feasible) return;
        expect(brokenBy(problem, schedule.tasks)).toEqual([]);
        expect(problem.endMinute - schedule.startMinute).toBeGreaterThanOrEqual(lowerBound(problem));
      }),
      { numRuns: RUNS },
    );
    expect(planned).toBeGreaterThan(RUNS / 2);
  });

  it('says what stands against it, and by how much', () => {
    const task = (id: string, minutes: number, after: Task['after'] = []): Task => ({
      id,
      minutes,
      needs: { hands: 1 },
      after,
    });
    const conflictsOf = (tasks: Task[], hands = 1) =>
      plan({ endMinute: 60, resources: { hands: { capacity: hands } }, tasks }, (steps) => steps > 50).schedule
        .conflicts;
    expect(conflictsOf([task('a', 40), task('b', 40)])).toEqual([
      { kind: 'too-late', tasks: expect.arrayContaining(['a', 'b']), resource: 'hands', byMinutes: 20 },
    ]);
    expect(
      conflictsOf([task('a', 10), task('c', 20, [{ id: 'a', maxWait: 0 }]), task('b', 10, [{ id: 'a', maxWait: 5 }])]),
    ).toEqual([{ kind: 'waits-too-long', tasks: ['c', 'a'], resource: null, byMinutes: 10 }]);
    expect(conflictsOf([task('a', 10)], 0)).toMatchObject([{ kind: 'never-fits', resource: 'hands' }]);
    expect(conflictsOf([task('a', 10, [{ id: 'b' }]), task('b', 10, [{ id: 'a' }])])).toMatchObject([
      { kind: 'impossible' },
    ]);
  });

  it('heats an oven once for what bakes alike, and between what does not', () => {
    const bake = (id: string, c: string): Task => ({
      id,
      minutes: 30,
      needs: { oven: 1 },
      after: [],
      ways: { oven: c },
    });
    const start = (tasks: Task[]) =>
      plan({ endMinute: 200, resources: { oven: { capacity: 2, changeOver: 10 } }, tasks }, (steps) => steps > 50)
        .schedule.startMinute;
    expect(start([bake('a', '190'), bake('b', '190')])).toBe(170);
    expect(start([bake('a', '190'), bake('b', '220')])).toBe(130);
  });

  it('leaves the night alone, however long the work', () => {
    const tasks = Array.from({ length: 5 }, (_, i): Task => ({
      id: `t${i}`,
      minutes: 100,
      needs: { hands: 1 },
      after: [],
    }));
    const night = { from: 300, to: 900, by: -1 };
    const problem = { endMinute: 1100, resources: { hands: { capacity: 1, changes: [night] } }, tasks };
    const { schedule } = plan(problem, (steps) => steps > 50);
    expect(brokenBy(problem, schedule.tasks)).toEqual([]);
    expect(schedule.startMinute).toBe(0);
  });
});
