/** Fit's second question: do filling and dough come out even, what would mend it, and is it as promised? */
import { stepsOf } from '@/core/stored/ways-to-cook';
import * as fc from 'fast-check';
import { assess } from '@/core/checks/assess';
import { ORDER } from '@/core/checks/check';
import { forecastHeat } from '@/core/forecast/heat';
import { PORTION_SPREAD, spreadOf } from '@/core/forecast/least-done';
import { judgement } from '@/core/checks/judgement';
import { soaksThroughIn } from '@/core/checks/wrap-findings';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { isWithinLimits } from '@/core/stored/within-limits';
import { DOUGH_IDS } from '@/core/vocabulary/doughs';
import { changeDough } from '@/core/stored/create';
import { lanternSupper } from '@/data/demo';
import { account } from '@/core/checks/account';
import { FORMS } from '@/core/forms';
import { dough } from '@/core/wrapper/dough';
import { wrapperMaking } from '@/core/wrapper/making';
import { layoutShare, overhangShare } from '@/core/wrapper/overhang';
import { LINE } from './make-lines';
import { kitchenOfSpread } from './kitchen-of-spread';

const AT = '2026-12-05T15:00:00Z';
const [turkey, pumpkin, duck, haddock] = lanternSupper(AT);
const changed = (batch: Batch, ...changes: Operation[]): Batch => changes.reduce(apply, batch);
const wrap = (to: Partial<Batch['wrap']>): Operation => ({ do: 'setWrap', to });
const count = (n: number): Operation => ({ do: 'setBatch', to: { count: n } });
const full = (batch: Batch) => assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'));
const fit = (...changes: Operation[]) => full(changed(turkey, ...changes)).checks.fit;

describe('the headline', () => {
  it('says when all is even, with portion × count as the key figure', () => {
    expect(fit()).toMatchObject({ state: 'good', headline: 'Fit: closes easily', figure: '28 g × 24' });
    expect(fit().sentence).toContain('Comes out even');
    for (const batch of [pumpkin, duck, haddock]) expect(full(batch).checks.fit.state).toBe('good');
  });
  it('says when there is filling for only some of them, or dough', () => {
    expect(fit(count(36))).toMatchObject({ state: 'fix', headline: 'Fit: filling for only 24 of 36', unit: 'pieces' });
    expect(fit(wrap({ doughG: 720 }))).toMatchObject({ state: 'watch', headline: 'Fit: dough for only 21 of 24' });
    expect(fit(wrap({ doughG: 500 })).state).toBe('fix');
  });
  it('says what would be left over, where it is worth a word', () => {
    expect(fit(count(15))).toMatchObject({ state: 'watch', headline: 'Fit: filling left over' });
    expect(fit(wrap({ doughG: 1200 }))).toMatchObject({ state: 'watch', headline: 'Fit: dough left over' });
    expect(fit(wrap({ doughG: 1200 })).sentence).toContain('left over, enough for 11 more');
    // What is rolled piece by piece may be a seventh more; what is cut from a sheet a third.
    expect(fit(wrap({ doughG: 920 })).state).toBe('good');
    expect(fit(wrap({ doughG: 980 })).state).toBe('watch');
    expect(
      full(changed(turkey, wrap({ ...changeDough('short', turkey.wrap), doughG: 1050 }))).checks.fit.fits?.even?.state,
    ).toBe('good');
    // Two spoonfuls are not; a whole second pie is.
    expect(fit(count(23)).state).toBe('good');
    expect(full(changed(haddock, count(1))).checks.fit.state).toBe('watch');
  });
  it('what hangs over a pan is no left-over, nor what lies between rounds of the sheet they are cut from', () => {
    const small: Batch['wrap']['skin'] = { shape: 'pan', diameterMm: 180, depthMm: 30, sheetsBelow: 1, sheetsAbove: 1 };
    const pie = changed(haddock, wrap({ ...changeDough('short', { ...haddock.wrap, skin: small }), skin: small }));
    const { fit: parcel, laid } = account(pie, DEFAULT_KITCHEN, null);
    // 20 mm all round, up the wall and over the cover: nearly half as much again as lies in it.
    const over = overhangShare(laid, FORMS['pan-pie'].skinArea(laid, parcel.fillMl));
    expect(over).toBeGreaterThan(0.4);
    expect(over).toBeLessThan(0.55);
    const even = (doughG: number) => full(changed(pie, wrap({ doughG }))).checks.fit.fits?.even?.state;
    expect(even(2 * parcel.wrapperG * 1.5)).toBe('good');
    expect(wrapperMaking(pie, DEFAULT_KITCHEN, parcel, laid, dough('short')).neededG).toBeCloseTo(
      pie.count * parcel.wrapperG * (1 + over),
      6,
    );
    // Ten rounds of 120 mm from sheets of 300 by 400, six to a sheet: two sheets are more than twice what the rounds are.
    expect(
      layoutShare({ skin: { shape: 'round', diameterMm: 120 }, sheet: { widthMm: 300, lengthMm: 400 } }, 10),
    ).toBeCloseTo((2 * 300 * 400) / (10 * Math.PI * 60 ** 2) - 1, 6);
    expect(layoutShare({ skin: small, sheet: null }, 10)).toBeNull();
  });
  it('what does not close comes before what comes out even, unless that is worse', () => {
    expect(fit(wrap({ portionG: 60 })).headline).toBe('Fit: overfilled, will split');
    expect(fit(wrap({ portionG: 60 })).fits).toMatchObject({ decides: 'closes', even: { state: 'fix' } });
    expect(fit(wrap({ portionG: 20 }), count(60)).fits?.decides).toBe('even');
  });
  it('an empty filling is not shared out', () => {
    const empty = { ...turkey, lines: [] };
    expect(judgement(empty, DEFAULT_KITCHEN, null).checks.fit.fits?.even).toBeNull();
  });
});

describe('what would mend it', () => {
  const labels = (...changes: Operation[]) => fit(...changes).fixes.map((f) => f.label);
  it('short of dough: more of it in flour and water, thinner, fewer', () => {
    expect(labels(wrap({ doughG: 720 }))).toEqual([
      expect.stringMatching(/^Mix \d+ g flour and \d+ g water more$/),
      'Roll: 100 mm skin instead of 110 mm skin',
      'Make 21 instead of 24, 33 g in each',
      'Make 21 instead of 24',
    ]);
    // A dough rolled to less than it bears is not offered.
    expect(labels(wrap({ doughG: 300 })).join()).not.toContain('Roll to');
  });
  it('short of filling: fewer, more of it, less in each', () => {
    expect(labels(count(36))).toEqual([
      'Take 19 g instead of 28 g',
      'Make 24 instead of 36',
      expect.stringMatching(/^Make 1\.\d+ times the filling$/),
    ]);
  });
  it('too much of either: more pieces with their dough, or less dough', () => {
    expect(labels(count(15), wrap({ doughG: 520 }))).toContainEqual(
      expect.stringMatching(/^Make 24 instead of 15, and mix \d+ g flour and \d+ g water more$/),
    );
    expect(labels(wrap({ doughG: 1200 }))).toEqual([
      expect.stringMatching(/^Mix \d+ g flour and \d+ g water less$/),
      'Make 35 instead of 24, 19.5 g in each',
    ]);
  });
  it('bought skins are bought, and weigh what the packet says', () => {
    const bought = { ...changeDough('bought-skin', turkey.wrap), packet: { count: 30, grams: 300 }, doughG: 150 };
    const check = fit(wrap(bought));
    expect(full(changed(turkey, wrap(bought))).portion.wrapperG).toBeCloseTo(10, 6);
    expect(check.headline).toBe('Fit: dough for only 15 of 24');
    expect(check.fixes[0].label).toBe('Buy 9 skins more');
  });

  it('whatever the batch, every fix does what it promised, and none makes the check worse', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(turkey, pumpkin, duck, haddock),
        fc.integer({ min: 1, max: 90 }),
        fc.double({ min: 0.3, max: 2.2, noNaN: true }),
        fc.option(fc.integer({ min: 100, max: 4000 })),
        fc.constantFrom(...DOUGH_IDS),
        (batch, n, portion, doughG, dough) => {
          const portionG = Math.max(2, Math.round(batch.wrap.portionG * portion));
          const at = changed(batch, count(n), wrap({ ...changeDough(dough, batch.wrap), portionG, doughG }));
          // How it fits has nothing to do with heat.
          const { fit: check } = assess(at, DEFAULT_KITCHEN, null).checks;
          for (const fix of check.fixes) {
            const then = changed(at, ...fix.change);
            expect(isWithinLimits(then)).toBe(true);
            const after = judgement(then, DEFAULT_KITCHEN, null).checks.fit;
            expect(after.value).toBeCloseTo(fix.promise, 9);
            expect(ORDER[after.state]).toBeLessThanOrEqual(ORDER[check.state]);
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('the first three', () => {
  const weigh = (...grams: number[]): Operation[] =>
    grams.map((g, i) => ({ do: 'addWeighed', weighed: { at: `2026-12-05T16:0${i}:00Z`, what: 'filling', grams: g } }));
  it('what was weighed corrects portion and skin, and says how many that makes', () => {
    const heavy = changed(turkey, ...weigh(31, 32, 30));
    const [fix] = full(heavy).checks.fit.fixes;
    expect(fix).toMatchObject({ id: 'weighed', label: 'Go on as weighed: 31 g of filling' });
    const then = changed(heavy, ...fix.change);
    expect(then.wrap.portionG).toBe(31);
    expect(full(then).checks.fit.headline).toBe('Fit: filling for only 22 of 24');
    // As it is now planned, it needs no correction.
    expect(full(then).checks.fit.fixes.map((f) => f.id)).not.toContain('weighed');
    expect(full(changed(turkey, ...weigh(28, 28.5, 27.8))).checks.fit.fixes).toEqual([]);
  });
  it('a heavier skin is a thicker one', () => {
    const skins: Operation[] = [40, 41, 42].map((grams, i) => ({
      do: 'addWeighed',
      weighed: { at: `2026-12-05T16:1${i}:00Z`, what: 'skin', grams },
    }));
    const at = changed(turkey, ...skins);
    const [fix] = full(at).checks.fit.fixes;
    const then = full(changed(at, ...fix.change));
    expect(then.portion.wrapperG).toBeCloseTo(41, 0);
  });
  it('their spread is the slowest piece’s, before the kitchen’s and the estimate', () => {
    const kitchen = kitchenOfSpread(10);
    expect(spreadOf(turkey, DEFAULT_KITCHEN)).toMatchObject({ portion: PORTION_SPREAD, from: 'estimate' });
    expect(spreadOf(turkey, kitchen)).toMatchObject({ portion: 0.1, from: 'kitchen' });
    const weighed = changed(turkey, ...weigh(27, 28, 29));
    expect(spreadOf(weighed, kitchen).from).toBe('weighed');
    expect(spreadOf(weighed, kitchen).portion).toBeCloseTo(1 / 28, 6);
    // The forecast of the least-done parcel goes with it.
    const least = (batch: Batch) => forecastHeat(batch, DEFAULT_KITCHEN, 'first').core?.leastDoneMinutes ?? NaN;
    expect(least(changed(turkey, ...weigh(20, 28, 36)))).toBeGreaterThan(least(turkey) + 1);
  });
});

describe('at the board', () => {
  const texts = (batch: Batch) => full(batch).findings.map((f) => f.text);
  it('a wet, closed piece in the oven without a vent is told so, and the vent is one tap away', () => {
    const wet = changed(haddock, wrap({ vent: 'none' }));
    const [finding] = full(wet).findings.filter((f) => f.text.includes('without a vent'));
    const vented = changed(wet, ...(finding.fix?.change ?? []));
    expect(vented.wrap.vent).toBe('slit');
    expect(texts(vented).join()).not.toContain('without a vent');
    // Not of what is dry enough, open, or in steam.
    expect(texts(duck).join()).not.toContain('vent');
    const steamed = changed(turkey, { do: 'addLine', line: { ...turkey.lines[2], id: 'more', amount: 400 } });
    expect(texts(steamed).join()).not.toContain('vent');
  });
  it('a vent under hot oil is closed', () => {
    const fried = changed(pumpkin, wrap({ vent: 'slit' }), {
      do: 'setCook',
      to: { method: 'fry', steps: stepsOf('fry', pumpkin.wrap.form) },
    });
    expect(texts(fried).join()).toContain('it spits');
  });
  it('a wet filling soaks through a thin skin sooner', () => {
    expect(soaksThroughIn(1.5, 3)).toBeCloseTo(45, 9);
    expect(soaksThroughIn(3, 3)).toBeCloseTo(180, 9);
    expect(soaksThroughIn(1.5, 6)).toBeLessThan(soaksThroughIn(1.5, 3));
    const loose = changed(turkey, wrap({ thicknessMm: 1 }), { do: 'addLine', line: LINE('courgette', 200) });
    expect(texts(loose).join()).toMatch(/within about \d+ min of closing/);
    expect(texts(turkey).join()).not.toContain('of closing');
  });
  it('a glaze brings its allergen', () => {
    expect(full(changed(duck, wrap({ glaze: 'egg' }))).allergens).toContain('egg');
    expect(full(changed(duck, wrap({ glaze: 'none' }))).allergens).not.toContain('egg');
  });
});

describe('what is left over', () => {
  it('is kept, frozen, or made into another form', () => {
    const { rest } = full(changed(turkey, count(15))).portion;
    expect(rest[0]).toContain('a day');
    expect(rest[1]).toContain('2 months');
    expect(rest[2]).toMatch(/^Or make \d+ [a-z -]+ of \d+ g of it\.$/);
    expect(full(changed(turkey, wrap({ doughG: 1200 }))).portion.rest.join()).toContain('keeps rising slowly');
    expect(full(duck).portion.rest).toEqual([]);
  });
});
