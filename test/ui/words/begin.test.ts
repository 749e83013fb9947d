/** What Begin says, read in one go. */
import * as words from '@/screens/begin/words';
import { readAll } from './read-all';

readAll(words, {
  takenFor: [
    ['taken as', 1],
    ['taken as', 3],
  ],
  isThatMeant: [['Nobody boils those.']],
  foundInWords: [
    ['Pork', 'value', true],
    ['Pork', 'value', false],
  ],
  enoughAsMain: [[1], [3]],
  andMore: [
    [1, 1],
    [3, 3],
  ],
  beginTheseBatches: [[1], [3]],
  fillingsFound: [
    [1, 1],
    [3, 3],
  ],
  pictureInWords: [
    ['ginger', 'also', true, 'cooking'],
    ['ginger', 'also', false, 'cooking'],
  ],
  someAreLike: [[1], [3]],
  recipeNotRead: [['no room']],
});

it('says one and several', () => {
  expect(words.beginTheseBatches(1)).toBe('Begin this batch');
  expect(words.beginTheseBatches(2)).toBe('Begin these 2 batches');
  expect(words.fillingsFound(1, 1)).toBe('One filling, 1 ingredient. Look it over; tap what’s wrong.');
  expect(words.someAreLike(1)).toBe('One is counted as what it’s most like');
  expect(words.takenFor('leek', 0)).toBe('Taken as leek. If it’s something else, change the text above.');
});
