import { type PlannedTask } from '@/core/day/day-plan';
import { columnsOf, lengthOf, minuteAt, placeOf, stretchesOf } from '@/screens/day/gauge-layout';

const SCALE = { perMinute: 1.5, least: 56, pause: 54 };
const task = (id: string, start: number, end: number, hasHands = true): PlannedTask => ({
  id,
  kind: 'cut',
  batchIds: [],
  about: '',
  title: id,
  how: '',
  doneWhen: '',
  minutes: end - start,
  hasHands,
  needs: {},
  after: [],
  weight: 1,
  isEstimate: true,
  warning: null,
  state: 'planned',
  start,
  end,
  due: end,
  isPinned: false,
  hand: 0,
  latestStart: null,
});
const tasks = [
  task('a', 0, 4),
  task('b', 4, 90),
  task('c', 600, 620),
  task('d', 610, 615),
  task('rest', 90, 600, false),
];
const stretches = stretchesOf(tasks, 0, 660, SCALE);

describe('the gauge', () => {
  it('has room for the words of each step, however short', () => {
    const starts = tasks.filter((t) => t.hasHands).map((t) => placeOf(stretches, t.start));
    const between = starts.slice(1).map((at, i) => at - starts[i]);
    expect(Math.min(...between)).toBeGreaterThanOrEqual(SCALE.least);
  });
  it('is to scale where hands are at work for long, and shortened where they have nothing to do', () => {
    expect(placeOf(stretches, 90) - placeOf(stretches, 4)).toBeCloseTo(86 * SCALE.perMinute, 6);
    expect(placeOf(stretches, 600) - placeOf(stretches, 90)).toBe(SCALE.pause);
    expect(stretches.filter((s) => s.isShort).map((s) => [s.from, s.to])).toEqual([[90, 600]]);
  });
  it('goes on and on: a later minute never lies before an earlier one, and a place leads back to its minute', () => {
    for (let m = 0; m < 660; m += 7) {
      expect(placeOf(stretches, m + 1)).toBeGreaterThan(placeOf(stretches, m));
      expect(Math.abs(minuteAt(stretches, placeOf(stretches, m)) - m)).toBeLessThanOrEqual(1);
    }
    expect(placeOf(stretches, 9999)).toBe(lengthOf(stretches));
  });
  it('draws what stands in an appliance there, and what only waits beside', () => {
    expect(columnsOf({ needs: { oven: 1, hands: 1 }, hasHands: true, kind: 'load' })).toEqual(['oven']);
    expect(columnsOf({ needs: {}, hasHands: false, kind: 'rest' })).toEqual(['waits']);
    expect(columnsOf({ needs: { hands: 1 }, hasHands: true, kind: 'cut' })).toEqual([]);
    expect(columnsOf({ needs: {}, hasHands: false, kind: 'heat' })).toEqual([]);
  });
});
