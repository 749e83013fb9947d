/** What the room ui/shell says, read in one go. */
import * as words from '@/ui/shell/words';
import { readAll } from './read-all';

readAll(words, {
  notShown: [['16:40']],
  notStored: [
    [['one'], 1],
    [['one', 'two'], 3],
  ],
});
