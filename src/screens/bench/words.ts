/** What Bench says: all its sentences in one place, to be read in one go, tested, and translated some day. */

// More for a batch.
export const COOK_AGAIN = 'Cook it again: duplicate';
export const cookBatchAgain = (title: string): string => `Cook ${title} again: duplicate`;
export const SAVE_AS_FILE = 'Save as a file';
export const saveBatchAsFile = (title: string): string => `Save ${title} as a file`;

// A batch.
export const moreFor = (title: string): string => `More for ${title}`;
export const nextFor = (title: string, text: string): string => `Next for ${title}: ${text}`;
export const notInLarder = (unknown: readonly string[]): string => `Not in the Larder: ${unknown.join(', ')}`;

// What stands on the screen itself.
export const WHAT_IS_IN_WORK = 'What you’re making, and the next thing to do for each.';
export const BATCH_CANNOT_BE_READ = 'One saved batch can’t be read';
export const NOTHING_CHANGED_SAVE_TEXT = 'Nothing was changed. Save its text to a file before you remove it.';
export const EVERYTHING_DONE = 'Everything is done and in the Notebook.';
export const WHAT_A_BATCH_IS =
  'A batch is one filling in one kind of piece. Begin one and say what goes in. You see at once how wet and how salty it’ll be.';
export const OPEN_DEMO = 'Open the demo: the lantern supper';
export const BEGIN_A_BATCH = 'Begin a batch';

// A file.
export const fileNotRead = (error: string): string => `(file): couldn’t be read (${error})`;
export const OPEN_A_FILE = 'Open a file';
export const READING_FILE = 'Reading the file …';
export const notOpened = (name: string): string => `“${name}” wasn’t opened; nothing was changed.`;
export const andMore = (problems: number): string => `and ${problems - 6} more`;
