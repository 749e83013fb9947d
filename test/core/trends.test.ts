/** How batches went, and a proposal taken with another number. */
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { adjustable, adjusted } from '@/core/notebook/adjust';
import { findCauses } from '@/core/notebook/find-causes';
import { tryChange, nextVersion } from '@/core/notebook/next-version';
import { numbersOf } from '@/core/notebook/numbers';
import { outcomesByForm, type TrendId, trendsOf } from '@/core/notebook/trends';
import { live } from '@/core/rehearsal/live';
import { AS_IT_SEEMS } from '@/core/rehearsal/truth';
import { ORDINARY } from './spoilt-batches';

const day = (n: number): string => `2026-11-${String(n).padStart(2, '0')}T12:00:00.000Z`;
const turkey = ORDINARY.find(({ cook }) => cook.method === 'steam') ?? ORDINARY[0];
const made = (n: number, truth = {}): Batch => ({
  ...live(turkey, DEFAULT_KITCHEN, { ...AS_IT_SEEMS, ...truth }, day(n), n).batch,
  id: `b${n}`,
  doneAt: day(n),
});

describe('trends', () => {
  const batches = [made(3), made(1, { heatShare: 1.5 }), made(2, { portionFactor: 1.6 })];
  const trends = trendsOf(batches, DEFAULT_KITCHEN);
  const of = (id: TrendId) => trends.find((t) => t.id === id);

  it('stand in the order of time, each with its one sentence', () => {
    expect(trends.map(({ id }) => id)).toEqual(['free-liquid', 'salt', 'minutes', 'readings']);
    for (const { points, sentence } of trends) {
      expect(points.map(({ batchId }) => batchId)).toEqual(['b1', 'b2', 'b3']);
      expect(sentence).toMatch(/^[^*]*\*[^*]+\*[^*]*/);
    }
  });

  it('say what the checks say of each', () => {
    const { moisture } = assess(batches[0], DEFAULT_KITCHEN, forecastHeat(batches[0], DEFAULT_KITCHEN, 'first'));
    expect(of('free-liquid')?.points[2].value).toBeCloseTo(Math.max(0, moisture.heat.value), 6);
    expect(of('minutes')?.points.map(({ value }) => Math.round(value))).toEqual([
      Math.round(0.5 * turkey.cook.steps.reduce((sum, s) => sum + s.minutes, 0)),
      0,
      0,
    ]);
    expect(of('minutes')?.sentence).toMatch(/min longer\* than planned/);
    expect(of('readings')?.sentence).toBe('*3 of 3* reached it by their last readings.');
  });

  it('of nothing measured there is nothing; only the latest are looked at', () => {
    const bare: Batch = { ...turkey, id: 'bare', wrap: { ...turkey.wrap, weighed: [] } };
    expect(trendsOf([bare], DEFAULT_KITCHEN).map(({ id }) => id)).toEqual(['free-liquid', 'salt']);
    expect(trendsOf([], DEFAULT_KITCHEN)).toEqual([]);
    const many = Array.from({ length: 26 }, (_, i) => ({ ...bare, id: `m${i}`, doneAt: day(i + 1) }));
    const [liquid] = trendsOf(many, DEFAULT_KITCHEN);
    expect(liquid.points.map(({ batchId }) => batchId)).toEqual(many.slice(-20).map(({ id }) => id));
  });

  it('what came out, by form: those that were right, and the fault that comes most often', () => {
    const noting = (id: string, ...whats: ('just-right' | 'soggy' | 'burst')[]): Batch =>
      whats.reduce<Batch>(
        (b, what) => apply(b, { do: 'noteOutcome', outcome: { what, much: 'clearly', where: null }, at: day(1) }),
        { ...turkey, id },
      );
    const [one, ...rest] = outcomesByForm([
      noting('1', 'just-right'),
      noting('2', 'soggy'),
      noting('3', 'soggy', 'burst'),
      { ...turkey, id: '4' },
    ]);
    expect(rest).toEqual([]);
    expect(one).toMatchObject({
      batches: 3,
      right: 1,
      faults: [
        { what: 'soggy', count: 2 },
        { what: 'burst', count: 1 },
      ],
    });
    expect(one.sentence).toBe('Purses: right in *1 of 3*; most often soggy (2).');
  });
});

describe('a proposal taken with another number', () => {
  const change = (operations: Operation[]) => ({
    id: 'x',
    because: 'x',
    label: 'As proposed',
    operations,
    insteadOf: null,
    isReminder: false,
    effect: { what: 'fit', before: '', after: '', fills: null },
  });
  const [line] = turkey.lines;
  const longer = { steps: turkey.cook.steps.map((s) => ({ ...s, minutes: s.minutes + 4 })) as Batch['cook']['steps'] };

  it.each<[string, Operation[], number, Operation]>([
    ['Filling in each', [{ do: 'setWrap', to: { portionG: 24 } }], 22, { do: 'setWrap', to: { portionG: 22 } }],
    [
      'Turkey thigh, minced',
      [{ do: 'changeLine', id: line.id, to: { amount: 300 } }],
      280,
      { do: 'changeLine', id: line.id, to: { amount: 280 } },
    ],
    ['How many', [{ do: 'setBatch', to: { count: 20 } }], 18, { do: 'setBatch', to: { count: 18 } }],
  ])('%s', (what, operations, value, then) => {
    const proposed = change(operations);
    expect(adjustable(proposed, turkey)?.what).toEqual(expect.any(String));
    const other = adjusted(proposed, turkey, value);
    expect(other.operations).toEqual([then]);
    expect(other.label).toContain(String(value));
    expect(other.effect).toBeNull();
    // As it was proposed it is the proposal itself.
    expect(adjusted(proposed, turkey, adjustable(proposed, turkey)?.value ?? 0)).toBe(proposed);
    expect(what).not.toBe('');
  });

  it('minutes in the heat are all its steps’; what has no number of its own cannot be changed', () => {
    const proposed = change([{ do: 'setCook', to: longer }]);
    const { value, unit } = adjustable(proposed, turkey) ?? { value: 0, unit: '' };
    expect(unit).toBe('min');
    const other = adjusted(proposed, turkey, value + 3).operations.reduce(apply, turkey);
    expect(other.cook.steps.reduce((sum, s) => sum + s.minutes, 0)).toBe(value + 3);
    for (const none of [
      [],
      [{ do: 'setWrap' as const, to: { vent: 'slit' as const } }],
      [proposed.operations[0], proposed.operations[0]],
    ])
      expect(adjustable({ operations: none }, turkey)).toBeNull();
  });

  it('says what it does, as the check does on the batch as it would be', () => {
    const haddock = ORDINARY.find(({ title }) => title.includes('haddock')) ?? turkey;
    const wet = live(haddock, DEFAULT_KITCHEN, { ...AS_IT_SEEMS, extraFree: 16 }, day(5), 5).batch;
    const heat = forecastHeat(wet, DEFAULT_KITCHEN, 'ways');
    const n = numbersOf(wet, DEFAULT_KITCHEN, heat);
    const changes = nextVersion(n, findCauses(n), heat).filter((c) => c.effect !== null && adjustable(c, wet) !== null);
    expect(changes.length).toBeGreaterThan(0);
    const [proposed] = changes;
    const tried = tryChange(wet, DEFAULT_KITCHEN, proposed, proposed.effect?.what ?? null);
    expect(tried.effect).toEqual(proposed.effect);
    const { value } = adjustable(proposed, wet) ?? { value: 0 };
    const other = tryChange(wet, DEFAULT_KITCHEN, adjusted(proposed, wet, value * 0.3), proposed.effect?.what ?? null);
    expect(other.effect?.before).toBe(proposed.effect?.before);
    expect(other.effect?.after).not.toBe(proposed.effect?.after);
    expect(tryChange(wet, DEFAULT_KITCHEN, proposed, null)).toBe(proposed);
  });
});
