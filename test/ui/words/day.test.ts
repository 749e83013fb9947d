/** What Day says, read in one go. */
import * as words from '@/screens/day/words';
import { readAll } from './read-all';

readAll(words, {
  ownStep: [['Pockets', 14.4]],
  takeStepOut: [['Pockets']],
  aDayEarlier: [['Pork']],
  aDayLater: [['Pork']],
  plannedAnew: [['Pork']],
  thenAllFits: [['at 14:00']],
  stillCollide: [[14.4]],
  anyTimeUntil: [['16:40']],
  anyTimeFrom: [['16:40']],
  dayAt: [
    ['Pockets', '19:00', true, ', begin 14:00'],
    ['Pockets', '19:00', false, ', begin 14:00'],
  ],
  planFailed: [['no room']],
  dayFromTo: [['14:00', '14:20']],
  ofWaiting: [[14.4]],
  dayAndServe: [['1 December', '19:00']],
  youAndHelpers: [[1], [3]],
  awayFromTo: [['ginger', '16:40', '16:40']],
  takeAwayOut: [['ginger']],
  leftOutOfPlan: [['Pockets']],
  takeOutOfDay: [['Pockets']],
  isOutOfDay: [['Pockets']],
  howBatchServed: [['Pockets']],
  inPassing: [['Pockets']],
  allDoneAbout: [['16:40']],
  openStation: [['wrap']],
  backTo: [['Pockets']],
  stepsDone: [
    [1, 1],
    [3, 3],
  ],
  untilTime: [['Pockets', '16:40']],
  minutesLeft: [[95]],
  leftUntil: [['16:40']],
  moreAbout: [['Roll out']],
  waitsFor: [[['one']], [['one', 'two']]],
  canBegin: [['any time until 16:40']],
  doneOnTo: [['16:40']],
  notYet: [[1], [3]],
  minutesAway: [
    [true, 'done', 95],
    [false, 'running', 95],
  ],
  stepsLeftOut: [[1], [3]],
  dayInList: [
    ['Pockets', 1, 'Europe/Berlin', '16:40'],
    ['Pockets', 3, 'Europe/Berlin', '16:40'],
  ],
  leftOutCount: [[1], [3]],
  isPinned: [['Roll out', '16:40']],
  plansAnotherWay: [['Roll out', 'way']],
  weekdayAt: [
    [1, 'Europe/Berlin', '16:40'],
    [3, 'Europe/Berlin', '16:40'],
  ],
  toGet: [
    [1, 1],
    [3, 3],
  ],
  listFailed: [['no room']],
  notInList: [
    ['Pork', ['one']],
    ['Pork', ['one', 'two']],
  ],
  foodInList: [
    ['ginger', '150 g', true],
    ['ginger', '150 g', false],
  ],
  stepInWords: [
    ['14:00', 'Roll out', true, true],
    ['14:00', 'Roll out', false, false],
  ],
  stepFrom: [
    ['14:00', 1, true],
    ['14:00', 3, false],
  ],
  stepFromTo: [
    ['14:00', '14:20', 'Roll out', true],
    ['14:00', '14:20', 'Roll out', false],
  ],
});

it('says one and several, home or not', () => {
  expect(words.youAndHelpers(0)).toBe('you alone');
  expect(words.youAndHelpers(1)).toBe('you and a helper');
  expect(words.youAndHelpers(2)).toBe('you and 2 helpers');
  expect(words.stepsLeftOut(1)).toBe('One step is left out.');
  expect(words.stepsDone(0, 1)).toBe('0 of 1 step done');
  expect(words.foodInList('Leek', '2 stalks', true)).toBe('Leek, 2 stalks, at home');
  expect(words.weekdayAt(Date.parse('2026-12-05T18:00:00Z') / 60_000, 'Europe/Berlin', '19:00')).toBe(
    'Saturday at 19:00',
  );
});
