/** What Card says, read in one go. */
import * as words from '@/screens/card/words';
import { readAll } from './read-all';

readAll(words, {
  cardTitle: [['Pockets']],
  cautions: [[['one']], [['one', 'two']]],
});
