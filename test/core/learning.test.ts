/** What a kitchen learns: the law, what a batch teaches, and that its checks then say so. */
import * as fc from 'fast-check';
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/checks/heat';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/document/kitchen';
import { applyToKitchen } from '@/core/document/kitchen-operations';
import { learn, learnedOf, PRIOR, wouldLearn, wrapSeconds } from '@/core/document/learned';
import { apply } from '@/core/document/operations';
import { type Outcome } from '@/core/document/note-schema';
import { readKitchen } from '@/core/document/read';
import { LEARNED } from '@/core/document/vocabulary/learned';
import { normal, uniform } from '@/core/heat/random';
import { findCauses } from '@/core/notebook/find-causes';
import { learnedLabel } from '@/core/notebook/learned-words';
import { lessonsOf } from '@/core/notebook/lessons';
import { type BatchNumbers, numbersOf } from '@/core/notebook/numbers';
import { live } from '@/core/rehearsal/live';
import { AS_IT_SEEMS } from '@/core/rehearsal/truth';
import { ORDINARY } from './spoilt-batches';

const AT = '2026-12-05T10:00:00.000Z';
const { sd } = LEARNED['wet-edge'];
const edge = (xs: readonly number[], estimate = 8): number => learn('wet-edge', estimate, xs);

describe('the law', () => {
  const figure = fc.double({ min: 2, max: 20, noNaN: true });

  it('nothing said is the estimate; fewer than three batches move it less than half of the way', () => {
    expect(edge([])).toBe(8);
    fc.assert(
      fc.property(figure, figure, fc.integer({ min: 1, max: 2 }), (estimate, x, n) => {
        const moved = Math.abs(edge(Array<number>(n).fill(x), estimate) - estimate);
        expect(moved).toBeLessThanOrEqual(0.5 * Math.abs(x - estimate) + 1e-9);
      }),
    );
  });

  it('comes to what is so: within ten batches two thirds of the way, however they scatter', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.double({ min: -1.8, max: 1.8, noNaN: true }), (seed, off) => {
        const random = normal(seed);
        const truth = 10 + off * sd;
        const xs = Array.from({ length: 10 }, () => truth + 0.3 * sd * random());
        expect(Math.abs(edge(xs, 10) - truth)).toBeLessThanOrEqual(Math.abs(10 - truth) / 3 + 0.35 * sd);
      }),
    );
  });

  it('does not jump on one that lies far off', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 9, max: 11, noNaN: true }), { maxLength: 12 }),
        fc.double({ min: -90, max: 900, noNaN: true }),
        (xs, far) => {
          const [before, after] = [edge(xs, 10), edge([...xs, far], 10)];
          expect(Math.abs(after - before)).toBeLessThanOrEqual((2 * sd) / (PRIOR + 1) + 1.01);
        },
      ),
    );
  });

  it('never leaves its bounds, and the last batches count most', () => {
    expect(edge(Array<number>(30).fill(-90), 3)).toBeGreaterThanOrEqual(LEARNED['wet-edge'].bounds[0]);
    const [low, high] = [Array<number>(12).fill(6), Array<number>(12).fill(10)];
    expect(edge([...low, ...high])).toBeGreaterThan(edge([...high, ...low]));
  });
});

describe('what a batch teaches', () => {
  const [turkey] = ORDINARY;
  const { batch } = live(turkey, DEFAULT_KITCHEN, AS_IT_SEEMS, AT, 3);
  const numbers = numbersOf(
    { ...batch, note: { ...batch.note, outcomes: [] } },
    DEFAULT_KITCHEN,
    forecastHeat(batch, DEFAULT_KITCHEN, 'first'),
  );
  const [dry, wet] = numbers.heat.band;
  const found = (free: number, outcomes: Outcome[], band = numbers.heat.band): BatchNumbers => ({
    ...numbers,
    outcomes,
    heat: { value: free, band },
  });
  const of = (what: Outcome['what'], much: Outcome['much'] = 'clearly'): Outcome => ({ what, much, where: null });
  const edges = (n: BatchNumbers) => lessonsOf(n, findCauses(n)).filter(({ what }) => what !== 'wrap-seconds');

  it('soggy inside the band lowers its edge, right above it raises it, and what the band explains teaches nothing', () => {
    expect(edges(found(wet - 2, [of('soggy')]))).toMatchObject([{ what: 'wet-edge', x: wet - 3.5 }]);
    expect(edges(found(wet - 2, [of('soggy', 'little')]))[0].x).toBeGreaterThan(wet - 3.5);
    expect(edges(found(wet + 3, [of('juicy')]))).toMatchObject([{ what: 'wet-edge', x: wet + 3 }]);
    expect(edges(found(wet + 3, [of('soggy')]))).toEqual([]);
    expect(edges(found(wet - 2, [of('just-right')]))).toEqual([]);
    expect(edges(found(dry - 2, [of('juicy')]))).toMatchObject([{ what: 'dry-edge', x: dry - 2 }]);
  });

  it('what something else explains says nothing of the liquid', () => {
    const bench = live(turkey, DEFAULT_KITCHEN, { ...AS_IT_SEEMS, benchMinutes: 130 }, AT, 3).batch;
    const n = numbersOf(bench, DEFAULT_KITCHEN, forecastHeat(bench, DEFAULT_KITCHEN, 'first'));
    expect(n.outcomes.map((o) => o.what)).toContain('soggy');
    expect(edges(n)).toEqual([]);
  });

  it('a kitchen whose parcels bear less finds it out within ten batches', () => {
    const truth = wet - 3;
    const random = uniform(5);
    let kitchen: Kitchen = DEFAULT_KITCHEN;
    for (let i = 0; i < 40 && (kitchen.learned[0]?.evidence.length ?? 0) < 10; i++) {
      const free = dry + random() * (wet - dry);
      const band = [dry, kitchen.learned[0]?.value ?? wet] as const;
      const n = found(free, [free > truth ? of('soggy') : of('just-right')], [...band]);
      for (const { because: _b, ...lesson } of edges(n))
        kitchen = applyToKitchen(kitchen, { do: 'learn', lesson, batchId: `b${i}`, at: AT });
    }
    const value = kitchen.learned[0]?.value ?? wet;
    expect(Math.abs(value - truth)).toBeLessThan(Math.abs(wet - truth));
    expect(readKitchen(JSON.parse(JSON.stringify(kitchen)))).toMatchObject({ ok: true });
  });
});

describe('a kitchen that has learned', () => {
  const [turkey] = ORDINARY;
  const { batch } = live(turkey, DEFAULT_KITCHEN, AS_IT_SEEMS, AT, 3);
  const { accounts } = numbersOf(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'));
  const lesson = { what: 'wet-edge' as const, of: accounts.takes.of, estimate: accounts.takes.band[1], x: 7 };
  const taught = [1, 2, 3].reduce<Kitchen>(
    (k, i) => applyToKitchen(k, { do: 'learn', lesson, batchId: `b${i}`, at: AT }),
    DEFAULT_KITCHEN,
  );
  const moisture = (kitchen: Kitchen) =>
    assess(turkey, kitchen, forecastHeat(turkey, kitchen, 'first')).checks.moisture;

  it('judges by its own edge, and says that it does', () => {
    const [before, after] = [moisture(DEFAULT_KITCHEN), moisture(taught)];
    expect(after.figures?.heat.band[1]).toBeLessThan(before.figures?.heat.band[1] ?? 0);
    expect(before.figures?.heat.sentence).not.toMatch(/your kitchen/);
    expect(after.figures?.heat.sentence).toMatch(/in your kitchen/);
    expect(learnedLabel(lesson)).toMatch(/^Most free liquid, /);
  });

  it('the same batch speaks once; frozen it stays; forgotten it is the estimate', () => {
    const again = applyToKitchen(taught, { do: 'learn', lesson: { ...lesson, x: 9 }, batchId: 'b3', at: AT });
    expect(again.learned[0].evidence.map((e) => e.batchId)).toEqual(['b1', 'b2', 'b3']);
    expect(again.learned[0].evidence.map((e) => e.x)).toEqual([7, 7, 9]);
    const { what, of } = lesson;
    const frozen = applyToKitchen(taught, { do: 'freezeLearned', what, of, isFrozen: true });
    expect(applyToKitchen(frozen, { do: 'learn', lesson, batchId: 'b4', at: AT })).toEqual(frozen);
    const forgotten = applyToKitchen(taught, { do: 'forgetLearned', what, of });
    expect(learnedOf(forgotten.learned, what, of)).toBeNull();
    expect(applyToKitchen(forgotten, { do: 'keepLearned', learned: taught.learned[0] })).toEqual(taught);
    expect(moisture(forgotten)).toEqual(moisture(DEFAULT_KITCHEN));
  });

  it('says beforehand what a batch would move, and when it has said so already', () => {
    const { what, of, estimate } = lesson;
    const fresh = wouldLearn([], lesson, 'b9');
    expect(fresh).toMatchObject({ before: estimate, batches: 0, isSaid: false, isFrozen: false });
    const then = applyToKitchen(DEFAULT_KITCHEN, { do: 'learn', lesson, batchId: 'b9', at: AT });
    expect(learnedOf(then.learned, what, of)?.value).toBe(fresh.after);
    expect(wouldLearn(then.learned, lesson, 'b9')).toMatchObject({ before: fresh.after, batches: 1, isSaid: true });
    const frozen = applyToKitchen(taught, { do: 'freezeLearned', what, of, isFrozen: true }).learned;
    const stays = wouldLearn(frozen, lesson, 'b9');
    expect(stays).toMatchObject({ isFrozen: true, after: stays.before });
  });

  it('takes its own seconds for a parcel', () => {
    const quick = { what: 'wrap-seconds' as const, of: 'pleats', estimate: 55, x: 30 };
    const kitchen = applyToKitchen(DEFAULT_KITCHEN, { do: 'learn', lesson: quick, batchId: 'b', at: AT });
    expect(wrapSeconds('pleats', kitchen)).toBeLessThan(wrapSeconds('pleats', DEFAULT_KITCHEN));
    expect(wrapSeconds('rope', kitchen)).toBe(wrapSeconds('rope', DEFAULT_KITCHEN));
  });

  it('an outcome noted and taken back leaves the document as it was', () => {
    const noted = apply(turkey, {
      do: 'noteOutcome',
      outcome: { what: 'dry', much: 'little', where: 'middle' },
      at: AT,
    });
    expect(apply(noted, { do: 'dropOutcome', what: 'dry', where: 'middle' }).note.outcomes).toEqual(
      turkey.note.outcomes,
    );
  });
});
