/** What the room ui/section says, read in one go. */
import * as words from '@/ui/section/words';
import { readAll } from './read-all';

readAll(words, {
  widthByHeight: [[60, 60]],
  laidFlat: [['Pork', '16:40']],
  sliceOf: [[60]],
  skinOf: [
    [true, 60],
    [false, 60],
  ],
  fillingOf: [[120]],
  shareOfBite: [[1.5]],
  looseLiquid: [[1.4]],
  sectionInWords: [[60, 60, 120, 120, 'wet']],
});
