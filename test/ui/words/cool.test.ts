/** What Cool says, read in one go. */
import * as words from '@/screens/batch/cool/words';
import { readAll } from './read-all';

readAll(words, {
  waitingFor: [['ginger']],
  setBack: [[14.4]],
  measuredCold: [['Pockets', 'target', 14.4]],
  readySince: [[null], ['16:40']],
  measureThenWrap: [['Pockets', 'target']],
  leftToReady: [[null], ['16:40']],
  nowAbout: [['Pockets', 'now', 'target']],
  timeIsUp: [['rule']],
  toTheLimit: [[14.4, '16:40', 'rule']],
  outSoFar: [[14.4]],
  moveItIn: [[14.4, 'place']],
  earlierRuns: [
    [1, 'last day', 'coldest'],
    [3, 'last day', 'coldest'],
  ],
  missedAgo: [[14.4]],
  whatWasDone: [['US federal guidance', 'when']],
  learnedHere: [[1.5]],
  readingsDisagree: [['8 °C']],
  fittedTo: [
    [1, 1.5, 'was', 'is'],
    [3, 1.5, 'was', 'is'],
  ],
  metWithin: [['0.4 °C']],
  warmsFridge: [['3 °C', '57 °C']],
  liesOn: [
    [120, 0.3, '310 cm²', true],
    [120, 0.3, '310 cm²', false],
  ],
  restMeanwhile: [['above']],
  leftOut: [[1], [3]],
  stopClockWith: [['Pork']],
  coolingFromTo: [['25 °C', '25 °C', 14.4, 'ready']],
  readyBelow: [['25 °C']],
  limitMissed: [[', step 2']],
  placeInShort: [
    ['place', 'base', true],
    ['place', 'base', false],
  ],
  thenPlace: [[14.4, 'place', 'base']],
  legFor: [[1], [3]],
  takeLegAway: [[1], [3]],
  legPlace: [[1], [3]],
  legOn: [[1], [3]],
  legLid: [[1], [3]],
  layDeep: [['60 mm']],
  notCounted: [['why']],
  removeReading: [
    [25, 'C'],
    [25, 'F'],
  ],
  vesselInWords: [
    [60, true, 'board', true, 1, true, 'mm'],
    [60, false, 'metal', false, 3, false, 'in'],
  ],
  deepIn: [
    [60, 'mm', undefined],
    [60, 'in', 'Pork'],
  ],
  waysFrom: [
    [1, 14.4],
    [3, 14.4],
  ],
  losesSteam: [[120]],
  wayInWords: [
    ['Pork', 'minutes', true, 'needs', 'loss'],
    ['Pork', 'minutes', false, 'needs', 'loss'],
  ],
});

it('says one and several, known and unknown, in their own words', () => {
  expect(words.earlierRuns(1, '1 December', '22 °C')).toBe(
    'One earlier cooling on 1 December: measured down to 22 °C. It doesn’t count for the next one.',
  );
  expect(words.earlierRuns(3, '1 December', '22 °C')).toMatch(/^3 earlier coolings, the last on 1 December: /);
  expect(words.measuredCold('Pockets', '25 °C', 0)).toBe('Pockets: measured at or below 25 °C.');
  expect(words.measuredCold('Pockets', '25 °C', 14.4)).toMatch(/ 14\smin ago\. By the curve it still is\.$/);
  expect(words.readySince(null)).toBe('Wrap-ready by the forecast');
  expect(words.leftToReady(null)).toBe('left to wrap-ready');
  expect(words.toTheLimit(13.2, '18:10', 'in the fridge within 2 h')).toMatch(
    /^\*14\smin\* to the limit at 18:10: in the fridge within 2 h\.$/,
  );
  expect(words.fittedTo(1, 0.8, '1 h 20', '1 h 40')).toMatch(
    /^By 1 reading it cools \*0\.80\* times as fast as usual: /,
  );
  expect(words.liesOn(815, 0.5, '310 cm²', true)).toContain('(50 % of it)');
  expect(words.liesOn(1630, 1, '310 cm²', false)).not.toContain('% of it');
  expect(words.whatWasDone('US federal guidance', '')).toBe(
    'US federal guidance. Local codes come first. What did you do?',
  );
});
