/** What a kitchen learns: the law, what a batch teaches, and that its checks then say so. */
import * as fc from 'fast-check';
import { assess } from '@/core/checks/assess';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN, type Kitchen } from '@/core/stored/kitchen';
import { applyToKitchen, fitKey } from '@/core/stored/kitchen-operations';
import { learn, learnedOf, PRIOR, spoonfulFactor, wouldLearn, wrapSeconds } from '@/core/learning/learned';
import { apply } from '@/core/stored/operations';
import { type Outcome } from '@/core/stored/note-schema';
import { readKitchen } from '@/core/stored/read';
import { type Batch } from '@/core/stored/schema';
import { sayTaken } from '@/core/stored/taken';
import { LEARNED, type LearnedId } from '@/core/vocabulary/learned';
import { type Much, type OutcomeId } from '@/core/vocabulary/outcomes';
import { normal, uniform } from '@/core/random/generators';
import { findCauses } from '@/core/notebook/find-causes';
import { learnedLabel } from '@/core/notebook/learned-words';
import { lessonsOf } from '@/core/notebook/lessons';
import { type BatchNumbers, numbersOf } from '@/core/notebook/numbers';
import { live } from '@/core/rehearsal/live';
import { AS_IT_SEEMS } from '@/core/rehearsal/truth';
import { wrapperMaking } from '@/core/wrapper/making';
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
  const [, wet] = numbers.heat.band;
  const found = (free: number, outcomes: Outcome[], band = numbers.heat.band): BatchNumbers => ({
    ...numbers,
    outcomes,
    heat: { value: free, band },
  });
  const of = (what: Outcome['what'], much: Outcome['much'] = 'clearly'): Outcome => ({ what, much, where: null });
  const edges = (n: BatchNumbers) => lessonsOf(n, findCauses(n)).filter(({ what }) => what.endsWith('-edge'));

  it('soggy inside the band lowers its edge, right above it raises it, and what the band explains teaches nothing', () => {
    expect(edges(found(wet - 2, [of('soggy')]))).toMatchObject([{ what: 'wet-edge', x: wet - 3.5 }]);
    expect(edges(found(wet - 2, [of('soggy', 'little')]))[0].x).toBeGreaterThan(wet - 3.5);
    expect(edges(found(wet + 3, [of('juicy')]))).toMatchObject([{ what: 'wet-edge', x: wet + 3 }]);
    expect(edges(found(wet + 3, [of('soggy')]))).toEqual([]);
    expect(edges(found(wet - 2, [of('just-right')]))).toEqual([]);
    // Where nothing ran, no edge of what may run was wrong.
    expect(edges(found(0, [of('soggy')]))).toEqual([]);
  });

  it('what something else explains says nothing of the liquid', () => {
    const bench = live(turkey, DEFAULT_KITCHEN, { ...AS_IT_SEEMS, benchMinutes: 130 }, AT, 3).batch;
    const n = numbersOf(bench, DEFAULT_KITCHEN, forecastHeat(bench, DEFAULT_KITCHEN, 'first'));
    expect(n.outcomes.map((o) => o.what)).toContain('soggy');
    expect(edges(n)).toEqual([]);
  });

  it('a kitchen whose pieces bear less finds it out within ten batches', () => {
    const truth = wet - 3;
    const random = uniform(5);
    let kitchen: Kitchen = DEFAULT_KITCHEN;
    for (let i = 0; i < 40 && (kitchen.learned[0]?.evidence.length ?? 0) < 10; i++) {
      const free = random() * wet;
      const band = [0, kitchen.learned[0]?.value ?? wet] as const;
      const n = found(free, [free > truth ? of('soggy') : of('just-right')], [...band]);
      for (const lesson of edges(n))
        kitchen = applyToKitchen(kitchen, { do: 'learn', lesson, batchId: `b${i}`, at: AT });
    }
    const value = kitchen.learned[0]?.value ?? wet;
    expect(Math.abs(value - truth)).toBeLessThan(Math.abs(wet - truth));
    expect(readKitchen(JSON.parse(JSON.stringify(kitchen)))).toMatchObject({ ok: true });
  });
});

describe('what else a batch teaches', () => {
  const [turkey] = ORDINARY;
  const heat = forecastHeat(turkey, DEFAULT_KITCHEN, 'first');
  const taught = (batch: Batch, what: LearnedId, kitchen: Kitchen = DEFAULT_KITCHEN) => {
    const n = numbersOf(batch, kitchen, heat);
    return lessonsOf(n, findCauses(n)).filter((l) => l.what === what);
  };
  const noting = (what: OutcomeId, much: Much = 'clearly', percent = 1): Batch => {
    // Salted to so much of what is aimed for.
    const { salt, ledger } = numbersOf(turkey, DEFAULT_KITCHEN, heat).accounts;
    const grams = ((percent * salt.targetPercent) / 100) * ledger.finishedG - salt.totalG;
    const line = { ...turkey.lines[0], id: 'more', ingredientId: 'salt', preparation: 'raw', unit: 'g' as const };
    const salted =
      grams > 0.05 ? apply(turkey, { do: 'addLine', line: { ...line, amount: grams, stage: 'raw-mix' } }) : turkey;
    return apply(salted, { do: 'noteOutcome', outcome: { what, much, where: null }, at: AT });
  };

  it('bland at what was aimed for raises the aim, too salty lowers it, well seasoned moves it to where it was', () => {
    const aim = DEFAULT_KITCHEN.saltTargetPercent;
    expect(taught(noting('bland'), 'salt')[0].x).toBeCloseTo(aim + 0.2, 1);
    expect(taught(noting('bland', 'little'), 'salt')[0].x).toBeLessThan(taught(noting('bland'), 'salt')[0].x);
    expect(taught(noting('salty'), 'salt')[0].x).toBeCloseTo(aim - 0.2, 1);
    expect(taught(noting('well-seasoned', 'clearly', 1.2), 'salt')[0].x).toBeGreaterThan(aim + 0.1);
    // Too salty where far more was in it than was aimed for says nothing of the aim.
    expect(taught(noting('salty', 'clearly', 1.5), 'salt')).toEqual([]);
  });

  it('what was weighed says how far portions differ and what a spoonful holds; rising and waste say their own', () => {
    const weighed = [30, 34, 38].reduce<Batch>(
      (b, grams) => apply(b, { do: 'addWeighed', weighed: { at: AT, what: 'filling', grams } }),
      turkey,
    );
    expect(taught(turkey, 'spoonful')).toEqual([]);
    expect(taught(weighed, 'spoonful')[0].x).toBeCloseTo(34 / turkey.wrap.portionG, 6);
    expect(taught(weighed, 'portion-spread')[0].x).toBeCloseTo((100 * 4) / 34, 1);
    const risen = apply(turkey, { do: 'addTaken', taken: { what: 'rise', minutes: 45, planned: 30, at: AT } });
    expect(taught(risen, 'rise')).toMatchObject([{ x: 1.5, because: expect.stringContaining('*45 min*') }]);
    const wasted = apply(turkey, { do: 'setMeasured', to: { wastedG: 30 } });
    expect(taught(wasted, 'waste')[0].x).toBeCloseTo(
      3000 / numbersOf(turkey, DEFAULT_KITCHEN, heat).accounts.ledger.finishedG,
      6,
    );
  });

  it('minutes that were typed in where no clock ran count as measured, and the last word replaces the one before', () => {
    const say = (batch: Batch, what: 'load' | 'wrap', minutes: number | null) =>
      sayTaken(batch, what, { minutes, planned: 30, at: AT }).reduce(apply, batch);
    const said = say(say(say(turkey, 'load', 40), 'load', 44), 'wrap', 36);
    expect(said.taken.map(({ what, minutes }) => [what, minutes])).toEqual([
      ['load', 44],
      ['wrap', 36],
    ]);
    expect(numbersOf(said, DEFAULT_KITCHEN, heat)).toMatchObject({ inHeatMinutes: 44, isTimed: true });
    expect(taught(said, 'wrap-seconds')[0].x).toBeCloseTo((36 * 60) / turkey.count, 6);
    expect(say(say(said, 'load', null), 'wrap', null).taken).toEqual([]);
    expect(numbersOf(turkey, DEFAULT_KITCHEN, heat).isTimed).toBe(false);
  });

  const having = (what: LearnedId, x: number, times = 30): Kitchen =>
    Array.from({ length: times }).reduce<Kitchen>(
      (k, _none, i) =>
        applyToKitchen(k, {
          do: 'learn',
          lesson: { what, of: 'all', estimate: what === 'waste' ? 0 : what === 'salt' ? 1.1 : 1, x, because: '' },
          batchId: `b${i}`,
          at: AT,
        }),
      DEFAULT_KITCHEN,
    );
  const assessed = (kitchen: Kitchen) => assess(turkey, kitchen, forecastHeat(turkey, kitchen, 'first'));

  it('decides: the aim of salt, the spoon, what is left for pieces, how long dough rises', () => {
    const before = assessed(DEFAULT_KITCHEN);
    const [beef] = ORDINARY.filter((b) => b.cook.method === 'bake' && b.title.startsWith('Beef'));
    const target = (kitchen: Kitchen) => assess(beef, kitchen, null).salt.targetPercent;
    expect(target(having('salt', 1.4))).toBeGreaterThan(target(DEFAULT_KITCHEN) + 0.1);
    expect(JSON.stringify(assessed(having('salt', 1.4)).checks.salt.why)).toMatch(
      /your kitchen, learned from 30 batches/,
    );
    expect(before.portion.spoon).not.toMatch(/kitchen/);
    expect(assess(beef, having('salt', 1.4), null).checks.salt.sentence).toMatch(/in your kitchen\.$/);
    expect(assess(beef, DEFAULT_KITCHEN, null).checks.salt.sentence).not.toMatch(/your kitchen/);
    expect(assessed(having('spoonful', 1.4)).portion.spoon).toMatch(/, as your kitchen fills it$/);
    expect(assessed(having('waste', 8)).portion.fromFilling).toBeLessThan(0.95 * before.portion.fromFilling);
    expect(JSON.stringify(assessed(having('waste', 8)).checks.fit.why)).toMatch(/g of it in pieces \(your kitchen\)/);
    const { dough } = numbersOf(turkey, DEFAULT_KITCHEN, heat).accounts;
    const rise = (kitchen: Kitchen) =>
      wrapperMaking(turkey, kitchen, before.fit, before.laid, dough).steps.reduce(
        (sum, s) => sum + s.waitMinutes[1],
        0,
      );
    expect(rise(having('rise', 1.6))).toBeGreaterThan(rise(DEFAULT_KITCHEN));
  });

  it('finds out within ten batches what a spoon holds in a practice kitchen, and one outlier hardly moves it', () => {
    const truth = 1.25;
    let kitchen: Kitchen = DEFAULT_KITCHEN;
    const learnFrom = (factor: number, i: number): void => {
      const { batch } = live(turkey, DEFAULT_KITCHEN, { ...AS_IT_SEEMS, portionFactor: factor }, AT, 30 + i);
      for (const lesson of taught(batch, 'spoonful', kitchen))
        kitchen = applyToKitchen(kitchen, { do: 'learn', lesson, batchId: `b${i}`, at: AT });
    };
    for (let i = 0; i < 10; i++) learnFrom(truth, i);
    const learned = spoonfulFactor(kitchen);
    expect(Math.abs(learned - truth)).toBeLessThan(0.3 * (truth - 1));
    learnFrom(0.5, 11);
    expect(Math.abs(spoonfulFactor(kitchen) - learned)).toBeLessThan(0.05);
  });

  it('what is frozen of fits stays, whatever is read', () => {
    const fit = { vessel: 'pot', place: 'counter', base: 'board', covered: true, factor: 1.2, readings: 3 } as const;
    const kept = applyToKitchen(DEFAULT_KITCHEN, { do: 'keepFit', fit });
    const frozen = applyToKitchen(kept, { do: 'freeze', key: fitKey(fit), isFrozen: true });
    expect(applyToKitchen(frozen, { do: 'keepFit', fit: { ...fit, factor: 2 } })).toEqual(frozen);
    const freed = applyToKitchen(frozen, { do: 'freeze', key: fitKey(fit), isFrozen: false });
    expect(applyToKitchen(freed, { do: 'keepFit', fit: { ...fit, factor: 2 } }).cooling[0].factor).toBe(2);
  });
});

describe('a kitchen that has learned', () => {
  const [turkey] = ORDINARY;
  const { batch } = live(turkey, DEFAULT_KITCHEN, AS_IT_SEEMS, AT, 3);
  const { accounts } = numbersOf(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'));
  const lesson = {
    what: 'wet-edge' as const,
    of: accounts.takes.of,
    estimate: accounts.takes.wet,
    x: 7,
    because: 'It was wet.',
  };
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
    expect(learnedLabel(lesson)).toMatch(/^Most loose liquid, /);
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

  it('takes its own seconds for a piece', () => {
    const quick = { what: 'wrap-seconds' as const, of: 'pleats', estimate: 55, x: 30, because: '' };
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
