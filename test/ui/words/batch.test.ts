/** What the frame of a batch says, read in one go. */
import * as words from '@/screens/batch/words';
import { readAll } from './read-all';

readAll(words, {
  notSureWhat: [['ginger']],
  larderHasNot: [['ginger']],
  deletedInOtherTab: [['Pockets']],
  batchTitle: [
    ['', 'Pockets', 'Pork'],
    ['Rehearsal: ', 'Pockets', 'Pork'],
  ],
  checkInWords: [['headline', 'sign', 'sentence']],
  addFood: [['150 g', 'ginger']],
  whatIsItLike: [['ginger']],
  isLike: [['ginger', 'food']],
  countsAsThat: [['ginger']],
  cannotBe: [
    ['moondust', 'temperature of a filling', 25, 'C'],
    ['moondust', 'temperature of a filling', 25, 'F'],
  ],
});
