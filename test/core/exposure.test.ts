/** One exposure clock: cooling, board and waiting are one sum, whichever clock ran; and which fillings have hours at all. */
import { judgement } from '@/core/checks/judgement';
import { exposureOf } from '@/core/cooling/exposure-of';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { readBatch } from '@/core/stored/read';
import { type Batch } from '@/core/stored/schema';
import { TYPED } from '@/core/vocabulary/sources';
import { duplicateBatch } from '@/core/filling/duplicate';
import { perishable } from '@/core/filling/perishable';
import { lanternSupper } from '@/data/demo';
import { LINE, resolved } from './make-lines';

const AT = '2026-12-05T12:00:00.000Z';
const later = (minutes: number): string => new Date(Date.parse(AT) + minutes * 60_000).toISOString();
const duck = lanternSupper(AT).find(({ id }) => id === 'demo-duck-pockets') as Batch;
const lived = (...operations: Operation[]): Batch =>
  operations.reduce(apply, { ...duck, cool: { ...duck.cool, run: null, earlierRuns: [] } });

const KNOWN = {
  perishable: { counts: true, why: '' },
  cooling: null,
  wrapMinutes: 0,
  waitMinutes: 0,
  roomC: 20,
  toCome: duck.count,
};
const sums = (batch: Batch, now: number, known: Partial<typeof KNOWN> = {}) => {
  const { coolingMinutes, boardMinutes, waitingMinutes, minutes, state } = exposureOf(
    batch,
    { ...KNOWN, ...known },
    later(now),
  );
  return { cooling: coolingMinutes, board: boardMinutes, waiting: waitingMinutes, minutes, state };
};

/** An hour of cooling, a quarter until somebody begins, half an hour of wrapping, twenty minutes until the heat. */
const EVENING: Operation[] = [
  { do: 'startCooling', at: AT },
  { do: 'stopCooling', at: later(60), goesTo: 'board', missed: [] },
  { do: 'startBoard', at: later(75) },
  { do: 'stopBoard', at: later(105), goesTo: 'heat' },
  { do: 'startLoad', at: later(125), parcels: duck.count },
];

describe('the exposure clock', () => {
  it('adds what every clock saw, and what lay between them', () => {
    expect(sums(lived(...EVENING), 200, { toCome: 0 })).toEqual({
      cooling: 60,
      board: 45,
      waiting: 20,
      minutes: 125,
      state: 'watch',
    });
    // Half-way through the wrapping, by now.
    expect(sums(lived(...EVENING.slice(0, 3)), 90)).toMatchObject({
      cooling: 60,
      board: 30,
      minutes: 90,
      state: 'good',
    });
  });

  it('stops in the fridge and goes on out of it', () => {
    const [start, , ...rest] = EVENING;
    const kept = lived(start, { do: 'stopCooling', at: later(60), goesTo: 'cold', missed: [] }, ...rest);
    expect(sums(kept, 200, { toCome: 0 })).toMatchObject({ cooling: 60, board: 30, minutes: 110 });
    const away = lived(
      { do: 'startBoard', at: AT },
      { do: 'putAway', at: later(30) },
      { do: 'takeOut', at: later(400) },
    );
    expect(sums(away, 420)).toMatchObject({ board: 50, minutes: 50 });
  });

  it('counts no minute twice where two clocks ran at once', () => {
    const both = lived(
      { do: 'startCooling', at: AT },
      { do: 'startBoard', at: later(40) },
      { do: 'stopCooling', at: later(60), goesTo: 'board', missed: [] },
    );
    expect(sums(both, 100).minutes).toBe(100);
  });

  it('is that of the load which waited longest', () => {
    const two = lived(
      ...EVENING.slice(0, 4),
      { do: 'startLoad', at: later(125), parcels: 10 },
      { do: 'stopLoad', at: later(150) },
      { do: 'startLoad', at: later(155), parcels: 10 },
    );
    expect(sums(two, 160, { toCome: 0 })).toMatchObject({ waiting: 50, minutes: 155 });
    // A third load still on the bench goes on counting.
    expect(sums(two, 400, { toCome: 4 })).toMatchObject({ minutes: 400, state: 'fix' });
  });

  it('is the same from its file, begins anew in a copy, and never runs backwards', () => {
    const batch = lived(...EVENING);
    const read = readBatch(JSON.parse(JSON.stringify(batch)));
    expect(read.ok && sums(read.value, 200)).toEqual(sums(batch, 200));
    const copy = duplicateBatch(batch, { id: 'copy', title: 'Again', at: later(300) });
    expect(sums(copy, 400)).toMatchObject({ minutes: 0 });
    expect(copy.cook.readings).toEqual([]);
    expect(copy.taken).toEqual([]);
    // A device's clock set back to before it came off the heat.
    expect(sums(lived(EVENING[0]), -500).minutes).toBeGreaterThanOrEqual(0);
  });

  it('is said by the check whatever clock is asked: on the bench for hours after a cooling in good time', () => {
    const batch = lived(
      { do: 'startCooling', at: AT },
      { do: 'addCoolReading', reading: { at: later(80), c: 20, source: TYPED } },
      { do: 'stopCooling', at: later(80), goesTo: 'board', missed: [] },
    );
    const { checks } = judgement(batch, DEFAULT_KITCHEN, null, later(80 + 18 * 60));
    expect(checks.cooling.state).not.toBe('good');
  });
});

describe('hours are counted', () => {
  const counts = (...lines: Parameters<typeof LINE>[]) =>
    perishable(resolved(lines.map((l) => LINE(...l))), true).counts;

  it.each([
    ['cooked rice', [['rice-cooked', 200]]],
    ['lentils, cooked', [['lentils-cooked', 200]]],
    ['mushrooms, fried', [['mushroom', 300, 'raw', 'cook-first']]],
    ['potato, boiled', [['potato', 300, 'boiled']]],
    ['cabbage, sweated', [['white-cabbage', 300, 'sweated']]],
    ['roasted peppers from a jar', [['pepper-roasted', 200]]],
    ['curd', [['cottage-cheese', 200]]],
    ['raw mince', [['pork-mince', 200]]],
  ] as [string, Parameters<typeof LINE>[]][])('for %s', (_name, lines) => {
    expect(resolved(lines.map((l) => LINE(...l)))).toHaveLength(lines.length);
    expect(counts(...lines)).toBe(true);
  });

  it.each([
    [
      'apple and sugar',
      [
        ['apple', 400],
        ['sugar', 80],
      ],
    ],
    ['raw cabbage', [['white-cabbage', 300]]],
    [
      'poppy seeds, sugar and butter',
      [
        ['poppy-seeds', 200],
        ['sugar', 150],
        ['butter', 50],
      ],
    ],
  ] as [string, Parameters<typeof LINE>[]][])('not for %s', (_name, lines) => {
    expect(resolved(lines.map((l) => LINE(...l)))).toHaveLength(lines.length);
    expect(counts(...lines)).toBe(false);
  });

  it('for whatever is not known', () => {
    expect(perishable(resolved([LINE('apple', 400)]), false).counts).toBe(true);
  });
});
