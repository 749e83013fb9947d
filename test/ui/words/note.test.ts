/** What Note says, read in one go. */
import * as words from '@/screens/batch/note/words';
import { readAll } from './read-all';

readAll(words, {
  cutOpen: [['Pork']],
  onBenchAgain: [['Pockets']],
  inNotebookNow: [['Pockets']],
  notWritten: [['no room']],
  withAllVersions: [[2], [3]],
  learned: [['Heat of the oven', '1.1 times']],
  learnsFromTo: [
    ['Pork', 'was', true, true, 'becomes'],
    ['Pork', 'was', false, false, 'becomes'],
  ],
  estimateAndLearned: [
    ['1.1 times', 1, 3],
    ['1.1 times', 3, 3],
  ],
  tapOnceTwice: [['Pork']],
  photographOf: [['Pockets']],
  nothingChanged: [[['one']], [['one', 'two']]],
  readingsPutIn: [[1], [3]],
  nothingChangedFor: [['no room']],
  sideBySideOf: [['first', 'second']],
  didNotEat: [['who']],
  versionNumber: [
    [1, true],
    [3, false],
  ],
  versionBeside: [
    [1, true],
    [3, false],
  ],
  whyFailed: [['no room']],
  whyOutcome: [['Pork', 'where']],
  rehearseAgain: [
    [1, 1],
    [3, 3],
  ],
  beginNext: [
    [1, 1],
    [3, 3],
  ],
  changesTo: [
    ['Cabbage', '400 g', '320 g', null, 1],
    ['Cabbage', '400 g', '320 g', 3, 3],
  ],
  insteadOf: [['instead']],
});
