import { assess } from '@/core/checks/assess';
import { duplicateBatch } from '@/core/filling/duplicate';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch, batchSchema } from '@/core/stored/schema';
import { boilOffRate, minutesToBoilOff } from '@/core/filling/boil-off';
import { PAN_HEATS } from '@/core/vocabulary/pan-heats';
import { cookOffOf } from '@/core/filling/cook-off';
import { lanternSupper } from '@/data/demo';
import { DRY, weighed } from './make-lines';

const AT = '2026-12-05T15:00:00Z';
const haddock = lanternSupper(AT)[3];
const quick = (batch: Batch) => assess(batch, DEFAULT_KITCHEN, null);
const changed = (batch: Batch, ...changes: Operation[]) => changes.reduce(apply, batch);
const weighIn = (grams: number): Operation => ({ do: 'addWeighIn', weighIn: { at: AT, grams } });

describe('boiling off by estimate', () => {
  it('takes what the hob gives, and no more than the pan’s area takes up', () => {
    // 600 W for a minute over 2257 J/g.
    expect(boilOffRate(280, 'medium')).toBeCloseTo((600 * 60) / 2257, 6);
    expect(boilOffRate(160, 'high')).toBeLessThan((PAN_HEATS.high.watts * 60) / 2257);
    expect(boilOffRate(280, 'high')).toBeGreaterThan(boilOffRate(280, 'medium'));
    expect(minutesToBoilOff(boilOffRate(240, 'low') * 7, 240, 'low')).toBeCloseTo(7, 9);
  });

  it('minutes on the ledger are grams on the ledger', () => {
    const estimate = { by: 'minutes', panMm: 260, heat: 'medium', minutes: 8 } as const;
    const after = quick(changed(haddock, { do: 'setWater', to: { estimate } })).ledger;
    expect(after.cookedOff).toBeCloseTo(8 * boilOffRate(260, 'medium'), 6);
    expect(after.cookedOffBy).toBe('estimate');
  });
});

describe('weigh-ins', () => {
  const { panG } = haddock.water;
  const contents = quick(haddock).panContentsG;

  it('override the estimate, the last one counts, and taking it away brings the one before back', () => {
    const guessed = changed(haddock, { do: 'setWater', to: { estimate: { by: 'grams', grams: 400 } } });
    const once = changed(guessed, weighIn((panG ?? 0) + contents - 120));
    expect(quick(guessed).ledger.cookedOff).toBeCloseTo(400, 6);
    expect(quick(once).ledger).toMatchObject({ cookedOffBy: 'weighing' });
    expect(quick(once).ledger.cookedOff).toBeCloseTo(120, 6);
    const twice = changed(once, weighIn((panG ?? 0) + contents - 205));
    expect(quick(twice).ledger.cookedOff).toBeCloseTo(205, 6);
    expect(twice.water.weighIns).toHaveLength(2);
    const back = changed(twice, { do: 'removeWeighIn', weighIn: twice.water.weighIns[1] });
    expect(quick(back).ledger.cookedOff).toBeCloseTo(120, 6);
    expect(batchSchema.safeParse(twice).success).toBe(true);
  });

  it('grams to go fall as it boils down; the stop weight stays where it is', () => {
    const first = quick(haddock).stop;
    const later = quick(changed(haddock, weighIn((panG ?? 0) + contents - 100))).stop;
    expect(first?.toGoG).toBeGreaterThan(150);
    expect(later?.toGoG).toBeCloseTo((first?.toGoG ?? 0) - 100, 6);
    expect(later?.readsG).toBeCloseTo(first?.readsG ?? 0, 6);
    const done = quick(changed(haddock, weighIn(first?.readsG ?? 0)));
    expect(done.stop?.toGoG).toBe(0);
    expect(done.checks.moisture.state).toBe('good');
  });

  it('what a fix plans after a weigh-in is gone with the next one', () => {
    const weighedOnce = changed(haddock, weighIn((panG ?? 0) + contents - 50));
    const fix = quick(weighedOnce).checks.moisture.fixes.find((f) => f.id === 'cook-off');
    if (!fix) throw new Error('no fix to cook off');
    const planned = changed(weighedOnce, ...fix.change);
    expect(planned.water.plannedG).toBeGreaterThan(100);
    expect(quick(planned).checks.moisture.value).toBeCloseTo(fix.promise, 6);
    expect(changed(planned, weighIn((panG ?? 0) + contents - 60)).water.plannedG).toBe(0);
  });

  it('without the empty pan cannot be used, and says so; one that cannot be true says that', () => {
    expect(cookOffOf({ ...weighed(0, 900), panG: null }, 800).problem).toContain('empty pan');
    expect(cookOffOf(weighed(500, 1400), 800).problem).toContain('weighs more');
    // A gram on the scale is not a lie.
    expect(cookOffOf(weighed(500, 1300.4), 800)).toMatchObject({ grams: 0, problem: null });
    expect(cookOffOf(DRY, 800)).toEqual({ grams: 0, by: 'estimate', problem: null });
  });

  it('are next time’s estimate when the batch is cooked again', () => {
    const cooked = changed(haddock, weighIn((panG ?? 0) + contents - 205), {
      do: 'changeLine',
      id: 'leek',
      to: { ticked: true },
    });
    const again = duplicateBatch(cooked, { id: 'again', title: 'Again', at: AT });
    expect(again.water).toMatchObject({ estimate: { by: 'grams', grams: 205 }, weighIns: [], panG });
    expect(again.lines.some((l) => l.ticked)).toBe(false);
    expect(batchSchema.safeParse(again).success).toBe(true);
  });
});
