import { lanternSupper } from '@/data/demo';
import { ordinal, versionLine } from '@/screens/batch-line';
import { bound } from '@/ui/parts/bound';
import { roundTicks, tickLabel } from '@/ui/curve/ticks';

const NB = '\u00a0';

it.each([
  ['16 min in the slowest', `16${NB}min in the slowest`],
  ['18 h 39 until wrap-ready at 20 °C', `18${NB}h${NB}39 until wrap-ready at 20${NB}°C`],
  ['8.8 g per 100 g; takes 1 to 6.', `8.8${NB}g per 100${NB}g; takes 1 to 6.`],
  ['750 cm², 1.6 kg of ice', `750${NB}cm², 1.6${NB}kg of ice`],
  // A word that only begins like a unit is no unit.
  ['2 mushrooms and 3 leeks', '2 mushrooms and 3 leeks'],
  ['24 purses', '24 purses'],
])('%s: the figure stays with its unit', (said, is) => expect(bound(said)).toBe(is));

describe('marks of time', () => {
  it('stand at round minutes and hours, few enough to be read', () => {
    expect(roundTicks(20, 6, null)).toEqual([0, 5, 10, 15, 20]);
    expect(roundTicks(471, 6, null)).toEqual([0, 120, 240, 360]);
    expect([0, 30, 60, 90, 120].map(tickLabel)).toEqual(['0 min', '30 min', '1 h', '1 h 30', '2 h']);
    for (const end of [7, 33, 95, 100, 240, 493, 1440]) {
      const ticks = roundTicks(end, 6, null);
      expect(ticks.length).toBeLessThanOrEqual(7);
      expect(ticks.length).toBeGreaterThan(2);
      expect(ticks[ticks.length - 1]).toBeLessThanOrEqual(end);
    }
  });

  it('of a clock stand at full quarters of the day', () => {
    const start = new Date(2026, 11, 5, 15, 7, 30).getTime();
    const ticks = roundTicks(70, 6, start);
    expect(ticks.map((minute) => new Date(start + minute * 60_000).getMinutes() % 15)).toEqual(ticks.map(() => 0));
    expect(ticks[0]).toBeCloseTo(7.5, 9);
  });
});

describe('versions are told apart', () => {
  const [turkey] = lanternSupper('2026-12-05T16:00:00.000Z');
  const version = (number: number) => versionLine({ ...turkey, lineage: { ...turkey.lineage, number } });
  it('by number and day; the first one needs no word', () => {
    expect(version(1)).toBe('');
    expect(version(2)).toBe('2nd version, 5 December');
    expect([3, 4, 11, 12, 21, 22, 23].map(ordinal)).toEqual(['3rd', '4th', '11th', '12th', '21st', '22nd', '23rd']);
  });
});
