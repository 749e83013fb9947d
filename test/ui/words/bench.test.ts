/** What Bench says, read in one go. */
import * as words from '@/screens/bench/words';
import { readAll } from './read-all';

readAll(words, {
  cookBatchAgain: [['Pockets']],
  saveBatchAsFile: [['Pockets']],
  moreFor: [['Pockets']],
  nextFor: [['Pockets', 'moondust']],
  notInLarder: [[['one']], [['one', 'two']]],
  fileNotRead: [['no room']],
  notOpened: [['ginger']],
  andMore: [[1], [3]],
});
