import { assess } from '@/core/checks/assess';
import { runningClocks } from '@/core/checks/clock-words';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';

const AT = '2026-12-05T16:00:00.000Z';
const [turkey, , duck] = lanternSupper(AT);
const after = (minutes: number): string => new Date(Date.parse(AT) + minutes * 60_000).toISOString();
const changed = (batch: Batch, ...changes: Operation[]): Batch => changes.reduce(apply, batch);
const clocks = (batch: Batch, minutes: number) =>
  runningClocks(
    batch,
    DEFAULT_KITCHEN,
    assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first')),
    after(minutes),
  );

describe('clocks that run, each in a line', () => {
  it('none runs: nothing is said', () => expect(clocks(turkey, 0)).toEqual([]));

  it('a load says which it is, how much is left, and what comes then', () => {
    const first = changed(turkey, { do: 'startLoad', at: AT, parcels: 12 });
    expect(clocks(first, 14)).toEqual([
      { station: 'cook', text: 'Load 1 of 2 cooking: *14 min left*, then measure', isDue: false },
    ]);
    expect(clocks(first, 29)).toEqual([{ station: 'cook', text: 'Load 1 of 2 cooking: *measure now*', isDue: true }]);
    const second = changed(first, { do: 'stopLoad', at: after(29) }, { do: 'startLoad', at: after(31), parcels: 12 });
    expect(clocks(second, 32)[0].text).toMatch(/^Load 2 of 2 cooking: \*27 min left\*/);
  });

  it('a cooling says how long until it is measured, and when its limit is missed', () => {
    const tray: Operation[] = [
      {
        do: 'setCool',
        to: { vessel: { kind: 'tray', areaCm2: 1500 }, base: 'rack', covered: false, place: 'counter' },
      },
      { do: 'startCooling', at: AT },
    ];
    const spread = changed(duck, ...tray);
    expect(clocks(spread, 5)[0]).toMatchObject({ station: 'cool', isDue: false });
    expect(clocks(spread, 5)[0].text).toMatch(/^Cooling: \*\d+ min left\*, then measure$/);
    expect(clocks(spread, 115)[0].text).toBe('Cooling: *measure now*');
    const pot = changed(duck, { do: 'startCooling', at: AT });
    expect(clocks(pot, 150)[0]).toEqual({ station: 'cool', text: 'Cooling: *limit missed*', isDue: true });
  });

  it('the bench says how many are closed, and is due when the hours of what can spoil are up', () => {
    const begun = changed(turkey, { do: 'startBoard', at: AT }, { do: 'addTap', tap: { at: after(3), parcels: 12 } });
    expect(clocks(begun, 18)).toEqual([
      { station: 'wrap', text: '*12 of 24 closed*, filling out 18 min', isDue: false },
    ]);
    expect(clocks(begun, 200)[0].isDue).toBe(true);
  });
});
