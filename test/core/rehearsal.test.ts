/** Kitchens to practise in: what is hidden shows, can be found out, and is mended by what a cook would do. */
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { readRehearsal } from '@/core/stored/read-rehearsal';
import { applyToRehearsal, beginRehearsal, isRehearsal, rehearsalId } from '@/core/stored/rehearsal';
import { type Look, LOOK_IDS } from '@/core/vocabulary/rehearsals';
import { plannedMinutes } from '@/core/stored/cooking';
import { debrief, heardAt } from '@/core/rehearsal/debrief';
import { faultsOf, hiddenOf } from '@/core/rehearsal/hidden';
import { insideOf, type Situation } from '@/core/rehearsal/inside';
import { look } from '@/core/rehearsal/look';
import { KITCHENS_WITH_A_BATCH, type KitchenWithBatch } from '@/core/rehearsal/kitchens-with-a-batch';
import { batchIn } from '@/core/rehearsal/own-batches';
import { rehearsedCore, rehearsedSignal } from '@/core/rehearsal/thermometers';

const AT = '2026-12-05T14:00:00.000Z';
const later = (at: string, minutes: number): string => new Date(Date.parse(at) + minutes * 60_000).toISOString();

function begin(kitchen: KitchenWithBatch, seed = 7, fresh: string = kitchen): Situation {
  const { batch, minutes } = batchIn(kitchen, { id: rehearsalId(fresh), at: AT });
  return { batch, kitchen: DEFAULT_KITCHEN, rehearsal: beginRehearsal(batch, { kitchen, seed, at: AT, minutes }) };
}

const pass = (s: Situation, minutes: number): Situation => ({
  ...s,
  rehearsal: applyToRehearsal(s.rehearsal, { do: 'passTime', to: later(s.rehearsal.simAt, minutes) }),
});
const edit = (s: Situation, ...operations: Operation[]): Situation => ({
  ...s,
  batch: operations.reduce(apply, s.batch),
});

/** Looks, and keeps what was said. */
function see(s: Situation, what: Look): { s: Situation; said: string } {
  const { said, operations } = look(what, s);
  const rehearsal = applyToRehearsal(s.rehearsal, { do: 'addLook', look: { what, at: s.rehearsal.simAt, said } });
  return { s: { ...s, rehearsal, batch: operations.reduce(apply, s.batch) }, said };
}

/** Cools, wraps and cooks as planned, or for so long. */
function make(s: Situation, { minutes = plannedMinutes(s.batch.cook), coolMinutes = 70 } = {}): Situation {
  let now = s;
  const act = (operation: (at: string) => Operation, then = 0) => {
    now = pass(edit(now, operation(now.rehearsal.simAt)), then);
  };
  if (now.batch.school === 'cooked') {
    act((at) => ({ do: 'startCooling', at }), coolMinutes);
    act((at) => ({ do: 'stopCooling', at }));
  }
  act((at) => ({ do: 'startBoard', at }), 25);
  act((at) => ({ do: 'stopBoard', at }));
  act((at) => ({ do: 'startLoad', at }), minutes);
  act((at) => ({ do: 'stopLoad', at }), 8);
  return now;
}

const whats = (s: Situation): string[] => (insideOf(s).outcomes ?? []).map(({ what }) => what);

describe('a rehearsal', () => {
  it('is the same kitchen for the same seed, another for another, and nobody is told of it', () => {
    for (const kitchen of KITCHENS_WITH_A_BATCH) {
      const once = begin(kitchen, 3);
      expect(hiddenOf(begin(kitchen, 3).rehearsal)).toEqual(hiddenOf(once.rehearsal));
      expect(hiddenOf(begin(kitchen, 4).rehearsal)).not.toEqual(hiddenOf(once.rehearsal));
      expect(JSON.stringify(once.rehearsal)).not.toMatch(/bias|factor|hidden/i);
      // Whatever it is called: somebody else's has another id.
      const theirs = begin(kitchen, 3, 'theirs');
      for (const what of LOOK_IDS) expect(look(what, once)).toEqual(look(what, theirs));
      for (const parcel of [0, 1])
        expect(rehearsedCore(once, parcel, 15, 2)).toBe(rehearsedCore(theirs, parcel, 15, 2));
    }
  });

  it('is read again as it was written; its time never goes back', () => {
    const { rehearsal } = pass(begin('old-oven'), 12);
    const read = readRehearsal(JSON.parse(JSON.stringify(rehearsal)));
    expect(read).toEqual({ ok: true, value: rehearsal });
    expect(applyToRehearsal(rehearsal, { do: 'passTime', to: AT })).toEqual(rehearsal);
    expect(isRehearsal(rehearsal.id)).toBe(true);
    expect(readRehearsal({ ...rehearsal, version: 9 })).toMatchObject({ ok: false });
    expect(readRehearsal({ ...rehearsal, kitchen: 'mine' })).toMatchObject({
      ok: false,
      problems: [{ code: 'value', path: 'kitchen' }],
    });
  });

  it('in a kitchen as it seems comes out right', () => {
    const s = begin('old-oven');
    const asItSeems: Situation = { ...s, rehearsal: { ...s.rehearsal, kitchen: 'as-it-seems' } };
    expect(whats(make(asItSeems))).toEqual(['just-right']);
    expect(debrief(make(asItSeems)).told).toEqual([]);
  });

  it.each([
    ['blue-jar', 'salty'],
    ['after-rain', 'soggy'],
    ['their-spoon', 'filling-left'],
    ['old-oven', 'pale'],
    ['full-fridge', 'dough-tore'],
  ] as const)('%s, worked through blindly, comes out %s', (kitchen, what) => {
    for (const seed of [1, 2, 3]) expect(whats(make(begin(kitchen, seed), { coolMinutes: 120 }))).toContain(what);
  });

  it('tastes what is too salty, and what was added to it helps', () => {
    const first = see(begin('blue-jar'), 'taste');
    expect(first.said).toMatch(/too salty/);
    const salt = first.s.batch.lines.find((l) => l.ingredientId === 'salt');
    const mended = edit(first.s, { do: 'changeLine', id: salt?.id ?? '', to: { amount: 0.35 } });
    expect(see(mended, 'taste').said).toBe('Right.');
    expect(whats(make(mended))).not.toContain('salty');
    const { decisions, told } = debrief(make(mended));
    expect(decisions).toEqual([
      { what: 'Salt: 0.75 tsp → 0.35 tsp', did: [expect.stringMatching(/^salt \d.*→.* %$/)] },
    ]);
    expect(told).toEqual([{ text: expect.stringContaining('% more than was counted'), was: 'seen' }]);
  });

  it('presses what is wetter than counted, and crumbs bind it', () => {
    const { s, said } = see(begin('after-rain'), 'press');
    expect(said).toMatch(/About 2\d\sg runs out of 100 g\. The list counts 1\d\sg loose/);
    const before = whats(make(s));
    const bound = edit(s, {
      do: 'addLine',
      line: { ...s.batch.lines[0], id: 'crumbs', ingredientId: 'breadcrumbs-dry', amount: 45, preparation: 'raw' },
    });
    expect(before).toContain('soggy');
    expect(whats(make(bound))).not.toContain('soggy');
  });

  it('weighs what a small spoon holds: by the scale it is what is planned, whatever the spoon', () => {
    const { s, said } = see(begin('their-spoon'), 'weigh-filling');
    expect(said).toMatch(/^The filling weighs 2\d\sg; planned 34\sg\.$/);
    expect(s.batch.wrap.weighed).toHaveLength(1);
    // A smaller portion in the plan does not make the spoon smaller.
    const asItIs = edit(s, { do: 'setWrap', to: { portionG: 23 } });
    expect(insideOf(asItIs).portionG).toBeCloseTo(insideOf(s).portionG, 6);
    const weighed: Situation = { ...s, rehearsal: applyToRehearsal(s.rehearsal, { do: 'setHands', hands: 'scale' }) };
    expect(insideOf(weighed).portionG).toBe(34);
    expect(debrief(make(weighed)).decisions).toContainEqual({
      what: 'Portions by the scale',
      did: [expect.stringMatching(/^filling in each 2\d → 34 g$/)],
    });
  });

  it('hangs a thermometer in a cold oven; longer or hotter makes it brown', () => {
    const { s, said } = see(begin('old-oven'), 'oven-thermometer');
    expect(said).toMatch(/^It shows 1[4-6]\d\s°C; the dial says 190\s°C\.$/);
    const steps = s.batch.cook.steps.map((step) => ({ ...step, mediumC: 230 })) as typeof s.batch.cook.steps;
    const hotter = edit(s, { do: 'setCook', to: { steps } });
    expect(whats(make(hotter))).not.toContain('pale');
    const { decisions } = debrief(make(hotter));
    expect(decisions.map(({ what }) => what)).toEqual([expect.stringMatching(/^Heat: 190\s°C → 230\s°C$/)]);
    expect(decisions[0].did.join()).toMatch(/coldest middle/);
    // Through the door, half an hour in, they are pale where they should be gold.
    const inHeat = pass(edit(s, { do: 'startLoad', at: s.rehearsal.simAt }), 28);
    expect(see(inHeat, 'colour').said).toMatch(/pale/i);
  });

  it('cools slower in a full fridge than the curve says, and ice water does not mind', () => {
    const s = begin('full-fridge');
    expect(see(s, 'fridge-thermometer').said).toMatch(/It’s 1[1-3]\s°C; its dial says 4\s°C\./);
    const running = pass(edit(s, { do: 'startCooling', at: AT }), 60);
    const inFridge = rehearsedSignal(running, 60.5)?.c ?? rehearsedSignal(running, 61)?.c ?? 0;
    const asItSeems: Situation = { ...running, rehearsal: { ...running.rehearsal, kitchen: 'as-it-seems' } };
    expect(inFridge).toBeGreaterThan((rehearsedSignal(asItSeems, 60.5)?.c ?? 0) + 4);
    const onIce = edit(s, { do: 'setCool', to: { base: 'ice' } });
    expect(insideOf(make(onIce)).wrappedC ?? 99).toBeLessThan(insideOf(make(s)).wrappedC ?? 0);
  });

  it('reads too much where the probe has missed the middle, and the truth when it is pushed in again', () => {
    const s = begin('early-guests');
    const [first, again] = [1, 2].map((times) => rehearsedCore(s, 0, 16, times) ?? 0);
    expect(first - again).toBeGreaterThan(10);
    expect(rehearsedCore(s, 0, 16, 3)).toBe(again);
  });

  it('people come early: it is heard an hour before, and the debrief counts from then', () => {
    const s = begin('early-guests');
    const heard = heardAt(s);
    expect(heard).not.toBeNull();
    expect(Date.parse(heard ?? '')).toBeGreaterThan(Date.parse(s.rehearsal.startedAt));
    expect(heardAt(begin('old-oven'))).toBeNull();
    const late = debrief(make(pass(s, 110)));
    expect(late.verdicts.map(({ good, text }) => `${good} ${text}`).join('\n')).toMatch(
      /false People came \d\d min early; on the table \d+ min late\./,
    );
    expect(debrief(make(s)).verdicts[1].good).toBe(true);
  });

  it('draws a fault that can be noticed in the batch', () => {
    const raw = begin('after-rain').rehearsal;
    for (let seed = 1; seed < 60; seed++) {
      const [fault] = faultsOf({ ...raw, kitchen: 'drawn', seed });
      // Nothing is hot, and boiling water is as hot as it is.
      expect(['warm-fridge', 'cold-oven']).not.toContain(fault);
    }
    expect(
      new Set(Array.from({ length: 60 }, (_, i) => faultsOf({ ...raw, kitchen: 'drawn', seed: i + 1 })[0])).size,
    ).toBe(5);
  });

  it('counts what is closed by the clock, slower by the scale, and never more than there are', () => {
    const s = pass(edit(begin('their-spoon'), { do: 'startBoard', at: AT }), 5);
    const bySpoon = see(s, 'closed');
    const by = (said: string): number => Number(/^\d+/.exec(said)?.[0]);
    const byScale = see({ ...s, rehearsal: { ...s.rehearsal, hands: 'scale' } }, 'closed');
    expect(by(byScale.said)).toBeLessThan(by(bySpoon.said));
    expect(bySpoon.s.batch.wrap.board?.taps).toEqual([{ at: s.rehearsal.simAt, parcels: by(bySpoon.said) }]);
    expect(see(pass(bySpoon.s, 300), 'closed').said).toBe('All 22 are closed.');
  });

  it('nothing in the heat: nobody has eaten, and nothing is found', () => {
    const s = begin('blue-jar');
    expect(see(s, 'cut').said).toBe('None has been cooked yet.');
    expect(debrief(s).verdicts).toEqual([{ good: false, text: expect.stringContaining('nobody has eaten') }]);
  });
});
