/** What the room ui/section says, read in one go. */
import * as words from '@/ui/section/words';
import { readAll } from './read-all';

readAll(words, {
  laidFlat: [['Pork', '16:40']],
  sliceOf: [['60 mm']],
  skinOf: [
    [true, '3 mm'],
    [false, '3 mm'],
  ],
  fillingOf: [[120]],
  shareOfBite: [[1.5]],
  looseLiquid: [[1.4]],
  sectionInWords: [['60 mm', '3 mm', 120, 120, 'wet']],
});
