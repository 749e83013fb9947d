/** The next version: what is proposed does what it says, and the batch that is made of it is sound. */
import { account } from '@/core/checks/account';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { readBatch } from '@/core/stored/read';
import { type Batch } from '@/core/stored/schema';
import { type OutcomeId } from '@/core/vocabulary/outcomes';
import { ANSWERED } from '@/core/notebook/answers';
import { CAUSE_RULES, findCauses } from '@/core/notebook/find-causes';
import { nextBatch, type NextChange } from '@/core/notebook/next-batch';
import { nextVersion } from '@/core/notebook/next-version';
import { numbersOf } from '@/core/notebook/numbers';
import { live } from '@/core/rehearsal/live';
import { AS_IT_SEEMS, type Truth } from '@/core/rehearsal/truth';
import { ORDINARY } from './spoilt-batches';

const AT = '2026-12-05T10:00:00.000Z';
const kitchen = DEFAULT_KITCHEN;
const named = (title: RegExp): Batch => ORDINARY.filter((b) => title.test(b.title))[0];

function proposed(planned: Batch, truth: Partial<Truth> = {}, said: OutcomeId[] = []) {
  const lived = live(planned, kitchen, { ...AS_IT_SEEMS, ...truth }, AT, 7).batch;
  const batch = said.reduce(
    (b, what) => apply(b, { do: 'noteOutcome', outcome: { what, much: 'clearly', where: null }, at: AT }),
    lived,
  );
  const heat = forecastHeat(batch, kitchen, 'ways');
  const numbers = numbersOf(batch, kitchen, heat);
  return { batch, changes: nextVersion(numbers, findCauses(numbers), heat) };
}
const answering = (changes: NextChange[], cause: string): NextChange => changes.filter((c) => c.because === cause)[0];
const figure = (text: string): number => Number(/-?\d+(\.\d+)?/.exec(text.replace('−', '-'))?.[0]);

it('every cause has an answer, and no answer is to nothing', () => {
  expect([...ANSWERED].sort()).toEqual(CAUSE_RULES.map(({ id }) => id).sort());
});

describe('what is proposed', () => {
  it('a wet filling: less free liquid, by so much as is said', () => {
    const [like] = named(/Beef/).lines;
    const water: Operation = {
      do: 'addLine',
      line: { ...like, id: 'w', ingredientId: 'water', amount: 160, stage: 'raw-mix' },
    };
    const { batch, changes } = proposed(apply(named(/Beef/), water), {}, ['soggy']);
    const change = answering(changes, 'wet-filling');
    expect(figure(change.effect?.after ?? '')).toBeLessThan(figure(change.effect?.before ?? ''));
    const then = change.operations.reduce(apply, batch);
    const numbers = numbersOf(then, kitchen, forecastHeat(then, kitchen, 'first'));
    expect(numbers.heat.value).toBeLessThanOrEqual(numbers.heat.band[1] + 0.5);
  });

  it('says before it is taken that a filling cooked down further no longer fills all its skins', () => {
    const [like] = named(/Beef/).lines;
    const water: Operation = {
      do: 'addLine',
      line: { ...like, id: 'w', ingredientId: 'water', amount: 160, stage: 'simmer' },
    };
    const wet = apply(named(/Beef/), water);
    // It comes out even as it is.
    const count = Math.floor(account(wet, kitchen, null).balance.fromFilling);
    const { batch, changes } = proposed(apply(wet, { do: 'setBatch', to: { count } }), {}, ['soggy']);
    const less = changes.filter(({ effect, operations }) => {
      const then = operations.reduce(apply, batch);
      const { accounts } = numbersOf(then, kitchen, forecastHeat(then, kitchen, 'first'));
      const fills = Math.floor(accounts.balance.fromFilling + 1e-9);
      const isFewer = accounts.balance.fromFilling < batch.count * 0.95;
      if (effect !== null && effect.fills !== null) expect([effect.fills, isFewer]).toEqual([fills, true]);
      return effect !== null && effect.fills !== null;
    });
    expect(less.length).toBeGreaterThan(0);
  });

  it('an oven that is cold by its readings is set as much hotter', () => {
    const { batch, changes } = proposed(named(/Sausage/), { biasK: -35 });
    const [{ operations, label }] = [answering(changes, 'oven-cold')];
    const then = operations.reduce(apply, batch);
    const risen = (then.cook.steps[0].mediumC ?? 0) - (batch.cook.steps[0].mediumC ?? 0);
    expect(risen).toBeGreaterThanOrEqual(10);
    expect(risen).toBeLessThanOrEqual(40);
    expect(label).toContain(String(then.cook.steps[0].mediumC));
  });

  it('too short: at least the minutes of the slowest piece, never fewer than planned', () => {
    const short = named(/Duck/);
    const steps = short.cook.steps.map((s) => ({ ...s, minutes: s.minutes * 0.45 })) as Batch['cook']['steps'];
    const { batch, changes } = proposed(apply(short, { do: 'setCook', to: { steps } }), {}, ['cold-centre']);
    const then = answering(changes, 'too-short').operations.reduce(apply, batch);
    const { core } = forecastHeat(then, kitchen, 'first');
    const minutes = then.cook.steps.reduce((sum, s) => sum + s.minutes, 0);
    expect(minutes).toBeGreaterThanOrEqual(core?.leastDoneMinutes ?? Infinity);
  });

  it('an overfilled portion becomes one that closes; a spoon that was too large is only to be remembered', () => {
    const turkey = named(/Turkey/);
    const full = apply(turkey, { do: 'setWrap', to: { portionG: turkey.wrap.portionG * 1.9 } });
    const { batch, changes } = proposed(full, {}, ['burst']);
    const then = answering(changes, 'overfilled').operations.reduce(apply, batch);
    const numbers = numbersOf(
      { ...then, wrap: { ...then.wrap, weighed: [] } },
      kitchen,
      forecastHeat(then, kitchen, 'first'),
    );
    expect(numbers.fullness).toBeLessThanOrEqual(1);
    const spoon = proposed(turkey, { portionFactor: 1.9 }, ['burst']);
    expect(answering(spoon.changes, 'overfilled')).toMatchObject({ isReminder: true, operations: [] });
  });

  it('salt goes to what the kitchen aims for', () => {
    const salty = named(/Beef/);
    const { batch, changes } = proposed(salty);
    const then = answering(changes, 'much-salt').operations.reduce(apply, batch);
    const { salt } = numbersOf(then, kitchen, forecastHeat(then, kitchen, 'first')).accounts;
    expect(salt.fillingPercent).toBeCloseTo(salt.targetPercent, 1);
  });

  it('is a handful, each once, and every one leaves a batch that can be read', () => {
    for (const { batch, changes } of [
      proposed(named(/Haddock|haddock/), {}, ['soggy', 'leaked', 'pale', 'bland', 'dough-left']),
      proposed(named(/samosas/), {}, ['greasy', 'cold-centre', 'burst', 'salty', 'herb-strong', 'hollow']),
      proposed(named(/wontons/), { benchMinutes: 90 }, ['tough-prawns', 'soggy', 'unequal', 'dense']),
    ]) {
      expect(changes.length).toBeGreaterThan(0);
      expect(changes.length).toBeLessThanOrEqual(6);
      expect(new Set(changes.map(({ id }) => id)).size).toBe(changes.length);
      for (const { operations, label } of changes) {
        expect(label).not.toMatch(/NaN|undefined|Infinity/);
        expect(readBatch(JSON.parse(JSON.stringify(operations.reduce(apply, batch))))).toMatchObject({ ok: true });
      }
    }
  });

  it('nothing is proposed where nothing was found', () => {
    expect(proposed(named(/Turkey/), {}, []).changes).toEqual([]);
  });
});

describe('the next batch', () => {
  const { batch, changes } = proposed(named(/Sausage/), { biasK: -35, portionFactor: 1.5 }, ['burst']);
  const next = nextBatch(batch, changes, { id: 'next', at: AT, number: 2 });

  it('knows what it was made from and what was changed, and nothing measured is carried over', () => {
    expect(next.lineage).toEqual({
      thing: batch.lineage.thing,
      number: 2,
      parentId: batch.id,
      changed: changes.map(({ label }) => label),
    });
    expect(next.note.outcomes).toEqual([]);
    expect(next.cook.readings).toEqual([]);
    expect(next.wrap.weighed).toEqual([]);
    expect(next.doneAt).toBeNull();
    expect(readBatch(JSON.parse(JSON.stringify(next)))).toMatchObject({ ok: true });
  });
  it('keeps in its words what is to be remembered', () => {
    const reminders = changes.filter(({ isReminder }) => isReminder);
    expect(reminders.length).toBeGreaterThan(0);
    for (const { label } of reminders) expect(next.note.words).toContain(label);
  });
  it('takes only what was taken', () => {
    const none = nextBatch(batch, [], { id: 'same', at: AT, number: 2 });
    expect(none.cook.steps).toEqual(batch.cook.steps);
    expect(none.lineage.changed).toEqual([]);
  });
});
