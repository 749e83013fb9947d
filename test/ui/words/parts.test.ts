/** What the room ui/parts says, read in one go. */
import * as words from '@/ui/parts/words';
import { readAll } from './read-all';

readAll(words, {
  atLeast: [['least', 'g']],
  atMost: [['most', 'g']],
  moreWaysFirst: [
    [1, 'headline'],
    [3, 'headline'],
  ],
  moreWays: [[1], [3]],
  effectInWords: [
    ['Pork', 'effect', true, 'g', null],
    ['Pork', 'effect', false, 'g', 'but'],
  ],
  notKeptYet: [['A name is missing.']],
  gaugeInWords: [
    ['Pork', 'figure', true, 'g', 'word'],
    ['Pork', 'figure', false, 'g', 'word'],
  ],
  figureAndWord: [['7.9 g run', 'right']],
  gramsLoose: [['grams']],
  gramsRun: [['grams']],
  stillTakes: [['grams']],
  waterBroughtIn: [['weighing'], ['estimate']],
  whereFrom: [['16:40', 120]],
  waterInWords: [
    [1, ['one']],
    [3, ['one', 'two']],
  ],
  estimated: [['22 g']],
});
