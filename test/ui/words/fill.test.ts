/** What Fill says, read in one go. */
import * as words from '@/screens/batch/fill/words';
import { readAll } from './read-all';

readAll(words, {
  thatWouldHold: [[1], [3]],
  takeBinder: [[120, 'Pork', 'spoons', 'needs', 'freezing']],
  shareOfFilling: [[1.4]],
  binderTraits: [
    ['needs', 'freezing', ['one'], true],
    ['needs', 'freezing', ['one', 'two'], false],
  ],
  gramsOfIngredient: [
    [120, undefined, 'ingredient id'],
    [120, 'ginger', 'ingredient id'],
  ],
  fatInShort: [[120, 'runs', 120]],
  whereFatGoes: [[120, 120, 120, 'runs']],
  finishedFilling: [
    [120, ['one']],
    [120, ['one', 'two']],
  ],
  countsSalt: [[120]],
  takeTickOff: [['ginger']],
  hasGoneIn: [['ginger']],
  lineInFull: [['ginger', '150 g', 'state']],
  broughtIn: [['grams']],
  gramsInFinished: [['grams']],
  amountOf: [['ginger']],
  moveUp: [['ginger']],
  moveDown: [['ginger']],
  takeOut: [['ginger']],
  whatMethodSaysOf: [
    [true, 'ginger'],
    [false, 'ginger'],
  ],
  stopAt: [[120]],
  stopWeight: [['16:40']],
  toGo: [
    [120, 14.4, 'medium', 'a 260 mm pan', true],
    [120, 14.4, 'medium', 'an 11 in pan', false],
  ],
  nothingBoiledOff: [
    [120, null],
    [120, 120],
  ],
  boiledOff: [[120, 120]],
  takeWeighInAway: [[120]],
  boiledOffByEstimate: [
    [1, 120],
    [3, 120],
  ],
  readingLines: [
    [1, 1],
    [3, 3],
  ],
  andMoreRead: [
    [1, 1],
    [3, 3],
  ],
  methodSteps: [[1], [3]],
  moreLinesWait: [[1], [3]],
  putLinesIn: [[1], [3]],
  byTaste: [['moondust']],
  notInFilling: [['line']],
  gramsWanting: [[1.4]],
  gramsRun: [[1.4]],
  preparationInShort: [['Pork', 'free', 'costs']],
  ofWork: [[14.4]],
  ofWaiting: [[14.4]],
  whatIsItLike: [['ginger']],
  isA: [['ginger', 'food']],
  isSomethingElse: [['ginger']],
  soMuch: [['ginger']],
  scaledTo: [[120, 1.5]],
  gramsOfSalt: [
    [120, 1, 'Pork'],
    [120, 3, 'Pork'],
  ],
  firstThenHoldBack: [['now g', 120]],
  teaspoonHas: [[1.4]],
  yourTarget: [
    [1.4, true],
    [1.4, false],
  ],
  tastedAt: [[1.4, 'right']],
  addNoMore: [['Tasted.']],
  addNow: [['Tasted.', 'salt']],
  stretchIt: [['Tasted.']],
  tickedOf: [
    [1, 1],
    [3, 3],
  ],
  larderHasNone: [['moondust']],
  bringsAllergens: [[['one']], [['one', 'two']]],
  losesAllergens: [[['one']], [['one', 'two']]],
  listNotRead: [['no room']],
  methodNotRead: [['no room']],
});

it('says one and several, run and wanting, weighed with the pan or without', () => {
  expect(words.putLinesIn(1)).toBe('Put 1 line in');
  expect(words.putLinesIn(4)).toBe('Put 4 lines in');
  expect(words.moreLinesWait(1)).toBe('Put these in first: 1 more line waits here.');
  expect(words.finishedFilling(1200, [])).toMatch(/finished filling\.$/);
  expect(words.finishedFilling(1200, ['wheat', 'egg'])).toMatch(/Contains, with its wrapper: wheat, egg\.$/);
  expect(words.nothingBoiledOff(900, null)).toMatch(/ plus the pan\.$/);
  expect(words.nothingBoiledOff(900, 1100)).not.toContain('pan');
  expect(words.whereFatGoes(94, 0, 0.2, 'none')).not.toContain('crumbs');
  expect(words.boiledOff(800, 900)).toMatch(/^, 0\.0\sg boiled off$/);
});
