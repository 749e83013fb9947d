/** What Cook says, read in one go. */
import * as words from '@/screens/batch/cook/words';
import { readAll } from './read-all';

readAll(words, {
  coldestOf: [
    ['68 °C', 1, '74 °C'],
    ['68 °C', 3, '74 °C'],
  ],
  holdsForLoad: [['2 h at most.']],
  keepItAt: [['74 °C']],
  moreThenMeasure: [[1], [3]],
  enoughIfHeld: [['68 °C', 14.4]],
  coldestAndNeeded: [
    ['68 °C', '74 °C', true, 'Cook it on.'],
    ['68 °C', '74 °C', false, 'Cook it on.'],
  ],
  measureAgainNow: [[1], [3]],
  loadBackIn: [[1], [3]],
  notWorkedOut: [['no room']],
  waterBoilsAt: [
    [25, 'C'],
    [25, 'F'],
  ],
  safeFrom: [['25 °C']],
  cookedThroughFrom: [['25 °C']],
  forecastReaches: [
    ['25 °C', null],
    ['25 °C', 14.4],
  ],
  cutThroughAfter: [
    [14.4, 'coldest', true, '2 h at most.', 'half of the way'],
    [14.4, 'coldest', false, '2 h at most.', 'half of the way'],
  ],
  afterMinutes: [
    [14.4, 'coldest', true],
    [14.4, 'coldest', false],
  ],
  wayToMiddle: [
    [1, 1],
    [3, 3],
  ],
  keptFor: [['ginger']],
  keepThisFor: [['ginger']],
  loadOf: [
    [1, 1],
    [3, 3],
  ],
  allWereIn: [[1], [3]],
  someWereIn: [
    [1, 1],
    [3, 3],
  ],
  startLoadClock: [
    [1, 'which', true],
    [3, 'which', false],
  ],
  loadOnClock: [
    ['Pockets', 1, 'which', 'countdown', 1, 1, 'step'],
    ['Pockets', 3, 'which', 'countdown', 3, 3, 'step'],
  ],
  across: [
    [230, 'mm'],
    [230, 'in'],
  ],
  longByWide: [
    [60, 40, 'mm'],
    [60, 40, 'in'],
  ],
  loadFromAbove: [
    ['steamer', '230 mm across', 1, '60 × 40 mm', 1, 14],
    ['steamer', '230 mm across', 3, '60 × 40 mm', 3, 14],
  ],
  oneOfFloors: [[1], [3]],
  loadsOf: [
    [1, 1, 14.4],
    [3, 3, 14.4],
  ],
  cookedIn: [
    ['ginger', 1],
    ['ginger', 3],
  ],
  doneOf: [
    [1, 1],
    [3, 3],
  ],
  nextOf: [
    [1, 1],
    [3, 3],
  ],
  hobGives: [
    ['3 l of water.', 1800, null],
    ['3 l of water.', 1800, 1800],
  ],
  liquidFalls: [
    ['water', '25 °C', '25 °C'],
    ['oil', '25 °C', '25 °C'],
  ],
  withinK: [
    [25, 'C'],
    [25, 'F'],
  ],
  hobGivesKept: [[1800, 'ginger']],
  readItTwice: [
    ['water', 120],
    ['oil', 120],
  ],
  hobGivesNow: [[1800]],
  liveFrom: [['ginger']],
  probeIsSlow: [['source']],
  roundAndPiece: [
    [1, 1],
    [3, 3],
  ],
  notCounted: [['why']],
  removeReading: [['74 °C']],
  ofOtherLoads: [[1], [3]],
  yourOwnWay: [['Pork']],
  closeCookedIn: [[', step 2']],
  changeCookedIn: [[', step 2']],
  leaveStepOut: [[1], [3]],
  inOnOrUnder: [[', step 2']],
  asStepBegins: [[', step 2']],
  plannedTime: [[', step 2']],
  waterInStep: [[', step 2']],
  starchInStep: [[', step 2']],
});

it('says how long as far as it knows, and whose readings they are', () => {
  expect(words.forecastReaches('74 °C', null)).toBe('Forecast: 74 °C after more than three hours.');
  expect(words.forecastReaches('74 °C', 12)).toMatch(/after about 12\smin\.$/);
  expect(words.ofOtherLoads(1)).toBe('1 reading is from another load. It says nothing about this one.');
  expect(words.ofOtherLoads(3)).toBe('3 readings are from other loads. They say nothing about this one.');
  expect(words.startLoadClock(1, 'Load 1 of 1', false)).toBe('They are in: start the clock');
  expect(words.startLoadClock(3, 'Load 2 of 3', true)).toBe('Load 2 of 3 is back in: start the clock');
  expect(words.coldestAndNeeded('68 °C', '74 °C', false, '')).toMatch(/Cook it again\.$/);
  expect(words.hobGives('3 l of water.', 1800, 1750)).not.toContain('estimate');
});
