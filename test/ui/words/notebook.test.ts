/** What Notebook says, read in one go. */
import * as words from '@/screens/notebook/words';
import { readAll } from './read-all';

readAll(words, {
  showMore: [
    [1, 1],
    [3, 3],
  ],
  whenAndWhich: [
    ['date words', 1, 'status'],
    ['date words', 3, 'status'],
  ],
  beginAgain: [['Pockets']],
  trendsFailed: [['no room']],
  trendInWords: [
    ['Pockets', 'g', ['one']],
    ['Pockets', 'g', ['one', 'two']],
  ],
  oneBatchSoFar: [['value', 'g']],
  trendAxis: [
    ['g', 1, null],
    ['g', 3, 3],
  ],
});
