/** What Wrap says, read in one go. */
import * as words from '@/screens/batch/wrap/words';
import { readAll } from './read-all';

readAll(words, {
  leftOver: [
    [120, 'filling'],
    [120, 'dough'],
  ],
  doughFor: [[1], [3]],
  fillingSharedOver: [[1], [3]],
  benchForecast: [
    [1, 95, true],
    [3, 95, false],
  ],
  closedOf: [
    [1, 1],
    [3, 3],
  ],
  paceAndLast: [
    [null, '16:40'],
    [95, '16:40'],
  ],
  fillingOut: [
    [14.4, ' (10 min of it before it came here)', null, true],
    [14.4, ' (10 min of it before it came here)', ', by now warm', false],
  ],
  byNowAbout: [['middle', 'surface']],
  untilLimit: [[14.4, 14.4, 'US federal guidance']],
  tooSlow: [
    ['third', 1],
    ['third', 3],
  ],
  assumesFridge: [['4 °C', '60 mm']],
  stopBenchClockWith: [['Pork']],
  beforeItCame: [[1], [3]],
  outOfColdFor: [[14.4]],
  localCodesFirst: [['US federal guidance']],
  oneMoreClosedNumber: [[1], [3]],
  trayClosed: [[1], [3]],
  freezerTooWarm: [['−8 °C']],
  keepRaw: [[14.4]],
  aSheet: [[undefined], [3]],
  piecesOf: [
    [1, 120],
    [3, 120],
  ],
  logsOf: [
    [1, 60, 'in', 60, 1, 'each', 1],
    [3, 60, 'mm', 60, 3, 'each', 3],
  ],
  halveOrBall: [
    [1, 1, 1, 60, 'in'],
    [3, 3, 3, 60, 'mm'],
  ],
  cutAt: [[['one']], [['one', 'two']]],
  roundsCut: [
    [1, 60, 'in', 'square', 0.3, 1, 1],
    [3, 60, 'mm', 'hexagonal', 0.3, 3, 3],
  ],
  cutterIsRight: [
    [60, 'in'],
    [60, 'mm'],
  ],
  nearestCutter: [
    [60, 'in'],
    [60, 'mm'],
  ],
  takeCutter: [
    [60, 'in'],
    [60, 'mm'],
  ],
  roundsOnSheet: [
    [1, 60, 60, 'mm'],
    [3, 60, 60, 'in'],
  ],
  makeIt: [['dough']],
  doughSum: [
    [1, 120, 0.3, true],
    [3, 120, 0.3, false],
  ],
  holdBackWater: [[120]],
  waterTooHot: [['25 °C']],
  waterAt: [['25 °C', 120, '25 °C', '25 °C']],
  cupsOf: [[1], [3]],
  doughAndNeed: [[120, 'right', 120]],
  sheetsFor: [
    [1, true, 1, null],
    [3, false, 3, 3],
  ],
  wait: [[14.4, 14.4]],
  doughStep: [
    [1, '16:40', 14.4, ', wait 20 min'],
    [3, '16:40', 14.4, ', wait 20 min'],
  ],
  yeastDoesNothing: [
    [25, 'C'],
    [25, 'F'],
  ],
  doubledAfter: [
    [14.4, 25, 'C', true],
    [14.4, 25, 'F', false],
  ],
  itWeighs: [[120]],
  weighed: [['16:40', 120]],
  takeBack: [[120]],
  weighedOnAverage: [
    [1, '16:40', 120, null, 1],
    [3, '16:40', 120, 1.4, 3],
  ],
  kitchenTakes: [[1.4]],
  takesNow: [
    [1.4, 1],
    [1.4, 3],
  ],
  asMade: [['Pork']],
  doughForIt: [[1], [3]],
  isInLarder: [['ginger']],
  timesFilling: [[1.5, 120, 60, 'mm']],
  sameFilling: [
    [120, 60, 60, 1, 'mm'],
    [120, 60, 60, 3, 'in'],
  ],
  sheetsAPan: [[1], [3]],
  toMakeFor: [[1], [3]],
  scalesInWords: [
    [['one'], 1],
    [['one', 'two'], 3],
  ],
  fillingOf: [[120]],
  spoonAndShare: [['spoon', 0.3]],
  wrapperOf: [[120]],
  whatIsLeft: [['filling'], ['nothing']],
  afterAbout: [[14.4]],
  butterSoftens: [['25 °C', '25 °C', 'sheet minutes', 'disc minutes']],
  butterAdvice: [['advice']],
});

it('says one and several, and only what is so', () => {
  expect(words.logsOf(1, 400, 'mm', 30, 1, '20 g', 1)).toMatch(/^One log of .*: 1 piece of 20 g\.$/);
  expect(words.logsOf(2, 400, 'mm', 30, 13, '20 g', 24)).toMatch(
    /^2 logs of .*: 13 pieces of 20 g \(the last log 11\)\.$/,
  );
  expect(words.halveOrBall(24, 3, 3, 34, 'mm')).toMatch(
    /^Or halve 3 times and cut every part in 3\. Rolled into a ball, /,
  );
  expect(words.halveOrBall(1, 0, 1, 34, 'mm')).toMatch(/^Rolled into a ball, /);
  expect(words.roundsCut(24, 90, 'mm', 'hexagonal', 0.19, 0, 0)).toMatch(/in staggered rows; 19\s% trimmings\.$/);
  expect(words.roundsCut(24, 90, 'mm', 'square', 0.25, 4, 2)).toMatch(
    /; rolled out once more, they give 4\. 2 sheets in all\.$/,
  );
  expect(words.tooSlow(undefined, 7)).toContain('take a 7th of the rest');
  expect(words.sheetsFor(24, false, 24, 1)).toMatch(/: 1 packet\.$/);
  expect(words.weighedOnAverage(2, 'filling', 21.3, null, 3)).toMatch(/; weigh 1 more to see how much they vary\.$/);
  expect(words.doughStep(0, 'Rest it', 0, ', wait 30 min')).toBe('1. Rest it: no work, wait 30 min.');
});
