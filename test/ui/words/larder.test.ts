/** What Larder says, read in one go. */
import * as words from '@/screens/larder/words';
import { readAll } from './read-all';

readAll(words, {
  isNotAtHome: [['ginger']],
  oneWeighs: [
    ['16:40', 1],
    ['16:40', 3],
  ],
  cupWeighs: [
    [1, 1],
    [3, 3],
  ],
  preparationsOf: [['ginger']],
  usualDose: [[120, 120]],
  atHome: [['ginger']],
  isInLarder: [['ginger']],
  isOutOfLarder: [['ginger']],
  ingredientsHere: [
    [null, 1],
    [3, 3],
  ],
  nothingCalled: [['moondust']],
  showAll: [[1], [3]],
  doughInWords: [
    [['one'], 'dough'],
    [['one', 'two'], 'dough'],
  ],
  takeOutOfLarder: [['ginger']],
  notKeptYet: [[['one']], [['one', 'two']]],
  waterLeft: [[1.4]],
  rawIs: [['ginger']],
});
