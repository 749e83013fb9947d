/** What a rehearsal says, read in one go. */
import * as words from '@/screens/batch/rehearsal/words';
import { readAll } from './read-all';

readAll(words, {
  theyRang: [['16:40', '16:40']],
  peopleCome: [['16:40']],
  rehearsalOf: [['Pork', 'Pockets']],
  notWorkedOut: [['no room']],
  cutOpen: [[['one']], [['one', 'two']]],
  itDid: [[['one']], [['one', 'two']]],
  fileName: [
    ['Pockets', 1],
    ['Pockets', 3],
  ],
  kitchenNumber: [[1], [3]],
  learnedValue: [['Pork', 'value', 'estimate']],
  notLooked: [['no room']],
  notOpened: [[['one']], [['one', 'two']]],
  notOpenedFor: [['no room']],
  rehearsalRow: [
    ['Pork', 1, null],
    ['Pork', 3, '16:40'],
  ],
});
