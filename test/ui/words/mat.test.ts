/** What Mat says, read in one go. */
import * as words from '@/screens/mat/words';
import { readAll } from './read-all';

readAll(words, {
  lifeSize: [[['one']], [['one', 'two']]],
  matTitle: [['Pockets']],
});
