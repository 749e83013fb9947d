/** What Notebook says: all its sentences in one place, to be read in one go, tested, and translated some day. */

// What stands on the screen itself.
export const WHAT_CAME_OUT = 'What came out, and what to change.';
export const CLOSE_TRENDS = 'Close the trends';
export const REHEARSE = 'Rehearse in a practice kitchen';
export const NOTHING_NOTED =
  'Nothing is noted yet. Once a batch is cooked, cut one open and tap what you find at Note.';
export const FIND_BY = 'Find by ingredient, form, outcome or word';
export const showMore = (found: number, shown: number): string => `Show more: ${found - shown} left`;
export const whenAndWhich = (dateWords: string, number: number, status: string): string =>
  `${dateWords}, version ${number}, ${status}`;
export const beginAgain = (title: string): string => `Begin again: ${title}`;

// Trends.
export const trendsFailed = (message: string): string =>
  `The trends couldn’t be worked out: ${message}. Your notes are kept.`;
export const READING_NUMBERS = 'Reading the batches’ numbers …';
export const trendInWords = (title: string, unit: string, values: readonly string[]): string =>
  `${title}, ${unit}: ${values.join(', ')}`;
export const oneBatchSoFar = (value: string, unit: string): string =>
  `One batch so far, ${value} ${unit}: a line needs two.`;
export const trendAxis = (unit: string, points: number, aim: number | null): string =>
  `${unit}, the oldest of ${points} on the left${aim === null ? '' : '; dotted: your aim'}`;
export const OUTCOMES_BY_FORM = 'What came out, by form';
