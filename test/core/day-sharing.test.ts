/** What two batches of a day have in common is done once, and what there is only one of is not used twice. */
import { conflictSentences } from '@/core/day/conflict-words';
import { minuteOf } from '@/core/day/moments';
import { candidates } from '@/core/day/remedies';
import { type DayInput, type Remembered, workOutDay } from '@/core/day/work-out';
import { layOut } from '@/core/cooking/lay-out';
import { batchInWords, type FillingInWords } from '@/core/recipe/to-batch';
import { beginDay } from '@/core/stored/day';
import { applyToDay, type DayOperation } from '@/core/stored/day-operations';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { step } from '@/core/vocabulary/media/step';
import { planned } from './simulated-day';

const AT = '2026-12-04T09:00:00.000Z';
const remembered: Remembered = new Map();

const made = (id: string, words: Omit<FillingInWords, 'title'>, cook: Partial<Batch['cook']>): Batch =>
  apply(batchInWords({ title: id, ...words }, { id, at: AT }).batch, { do: 'setCook', to: cook });
const pies = (id: string, line: string, mediumC: number): Batch =>
  made(
    id,
    {
      form: 'half-moon',
      school: 'cooked',
      count: 12,
      lines: [line, '100 g onion, sweated', '5 g salt'],
      dough: 'short',
    },
    { method: 'bake', steps: [step('oven', mediumC, 30)] },
  );
const boiled = (id: string, line: string, dough: 'noodle' | 'hot-water' = 'noodle'): Batch =>
  made(
    id,
    { form: 'half-moon', school: 'raw', count: 24, lines: [line, '100 g leek, sweated', '5 g salt'], dough },
    { method: 'boil', steps: [step('water', null, 7)] },
  );

const BEEF = '500 g braised beef';
const LENTILS = '500 g lentils, cooked';
const PORK = '400 g pork mince';

function worked(...batches: Batch[]) {
  const operations = batches.map((b): DayOperation => ({ do: 'putBatch', batchId: b.id, serve: 'now' }));
  const begun = beginDay({ id: 'd', title: 'Day', serveAt: '2026-12-04T18:00:00.000Z', from: AT, at: AT });
  const input: DayInput = {
    day: operations.reduce(applyToDay, begun),
    batches,
    kitchen: DEFAULT_KITCHEN,
    now: { minute: minuteOf(AT), zone: 'Europe/Berlin' },
  };
  return workOutDay(input, remembered);
}
const ovens = (of: ReturnType<typeof worked>): (string | undefined)[] =>
  of.tasks.filter(({ kind, needs }) => kind === 'load' && needs.oven).map(({ ways }) => ways?.oven);

describe('an oven', () => {
  it('is shared within fifteen degrees, at the middle one, with minutes that follow', () => {
    const of = worked(pies('beef', BEEF, 190), pies('lentils', LENTILS, 200));
    expect(new Set(ovens(of))).toEqual(new Set(['195']));
    const [alone] = worked(pies('beef', BEEF, 190)).tasks.filter(({ kind }) => kind === 'load');
    const [shared] = of.tasks.filter(({ kind, batchIds }) => kind === 'load' && batchIds[0] === 'beef');
    expect(shared.minutes).toBeLessThan(alone.minutes);
    expect(shared.how).toContain('195');
    expect(shared.how).toContain(String(shared.minutes));
    expect(of.tasks.filter(({ kind }) => kind === 'heat').map(({ title }) => title)[0]).toContain('195');
  });
  it('is not shared by what lies further apart', () =>
    expect(new Set(ovens(worked(pies('beef', BEEF, 180), pies('lentils', LENTILS, 210))))).toEqual(
      new Set(['180', '210']),
    ));
});

describe('a pot', () => {
  it('there is only one of: two batches do not boil at once, and a second one is offered', () => {
    const of = worked(boiled('pork', PORK), boiled('beef', '400 g beef mince', 'hot-water'));
    const { plan } = planned(of, remembered, 60);
    const inPot = plan.tasks.filter(({ needs, kind }) => needs.pot && kind === 'load');
    expect(new Set(inPot.flatMap(({ batchIds }) => batchIds)).size).toBe(2);
    for (const a of inPot) for (const b of inPot) if (a !== b) expect(a.end <= b.start || b.end <= a.start).toBe(true);
    expect(candidates(of, plan, (n) => `id${n}`).map(({ label }) => label)).toContain('A second pot');
    expect(conflictSentences(plan).join()).not.toMatch(/undefined/);
  });
});

describe('one dough for two batches', () => {
  const doughs = (of: ReturnType<typeof worked>) => of.tasks.filter(({ kind }) => kind === 'dough');
  it('is made once, for both, and both wait for it', () => {
    const of = worked(boiled('pork', PORK), boiled('beef', '400 g beef mince'));
    const together = doughs(of);
    expect(together.length).toBe(doughs(worked(boiled('pork', PORK))).length);
    expect(together[0]).toMatchObject({ batchIds: ['pork', 'beef'], about: '' });
    expect(together[0].title).toMatch(/, for both$/);
    expect(together[0].how).toMatch(/plain flour, .*; 568\sg: 284\sg for the pork, 284\sg for the beef$/);
    // Whoever fills follows what was made for both; nothing follows what is gone.
    const ids = new Set(of.tasks.map(({ id }) => id));
    for (const { after } of of.tasks) for (const { id } of after) expect(ids.has(id)).toBe(true);
    for (const batchId of ['pork', 'beef']) {
      const first = of.tasks.find((t) => t.kind === 'wrap' && t.batchIds[0] === batchId);
      expect(first?.after.some(({ id }) => id.startsWith('all dough'))).toBe(true);
    }
    expect(planned(of, remembered, 60).plan.conflicts).toEqual([]);
  });
  it('is not shared by two doughs, nor taken from a batch whose dough is made already', () => {
    const apart = worked(boiled('pork', PORK), boiled('beef', '400 g beef mince', 'hot-water'));
    expect(doughs(apart).every(({ batchIds }) => batchIds.length === 1)).toBe(true);
  });
});

describe('what is done', () => {
  const heldIn = (of: ReturnType<typeof worked>): (number | undefined)[] => [
    ...new Set(of.tasks.flatMap(({ kind, after }) => (kind === 'serve' ? after.map(({ maxWait }) => maxWait) : []))),
  ];
  const buns = made(
    'buns',
    { form: 'purse', school: 'raw', count: 12, lines: [PORK, '5 g salt'], dough: 'steamed-bun' },
    { method: 'steam', steps: [step('steam', null, 16)] },
  );
  it('waits as long as it stays good: buns under their lid for an hour and a half, pies for three quarters', () => {
    expect(heldIn(worked(buns))).toEqual([90]);
    expect(heldIn(worked(pies('beef', BEEF, 190)))).toEqual([45]);
    const fried = apply(boiled('pork', PORK), {
      do: 'setCook',
      to: { method: 'fry', steps: [step('oil', 175, 5)], load: 24 },
    });
    // All at once: what is eaten as it comes is another matter.
    expect(Math.max(...heldIn(worked(fried)).map(Number))).toBeLessThan(45);
  });
});

it('triangles lie in pairs: more of them than of rectangles as large', () => {
  const floor = { isRound: false, longMm: 400, wideMm: 340 };
  const size = { longMm: 120, wideMm: 60 };
  const triangles = layOut(floor, { outline: 'triangle', ...size }, 10);
  const rectangles = layOut(floor, { outline: 'rectangle', ...size }, 10);
  expect(triangles.length).toBeGreaterThan(1.3 * rectangles.length);
  // No two overlap: their middles are never nearer than pairs can be.
  for (const a of triangles)
    for (const b of triangles) if (a !== b) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(size.longMm / 2);
});
