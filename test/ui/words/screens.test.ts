/** What any place says, read in one go. */
import * as words from '@/screens/words';
import { readAll } from './read-all';

readAll(words, {
  keepPageOpen: [['16:40']],
  alarmsForCalendar: [[1], [3]],
  setAsideUnder: [['key']],
  fileNotRead: [['no room']],
  notAllPutIn: [['no room']],
  putIn: [
    [1, 1],
    [3, 3],
  ],
  leftOut: [[['one']], [['one', 'two']]],
  andMore: [
    [1, 1],
    [3, 3],
  ],
});
