/** What stands on more than one place, and what is said when something cannot be read: sentences in one place. */

// Alarms.
export const keepPageOpen = (what: string): string => `${what} Keep this page open: it can’t ring once closed.`;
export const KEEP_OPEN_OR_CALENDAR = 'Keep this page open, or put the alarms into your phone’s calendar.';
export const alarmsForCalendar = (alarms: number): string =>
  `${alarms} ${alarms === 1 ? 'alarm' : 'alarms'} for the calendar`;

// A kitchen that cannot be read.
export const SETTINGS_NOT_READ = 'Some of the kitchen’s settings can’t be read';
export const SETTINGS_IN_USE =
  'What can be read is in use, with the usual settings for the rest. Nothing was changed. When you next change one, the old text is set aside under today’s date, and stays.';
export const GO_ON_WITH_REST = 'Go on with what can be read';
export const SETTINGS_SET_ASIDE = 'Kitchen settings were set aside';
export const setAsideUnder = (key: string): string => `They couldn’t all be read, and were set aside${key}.`;

// A record that cannot be read.
export const SAVE_ITS_TEXT = 'Save its text';

// A page that isn’t there.
export const NOTHING_HERE = 'Nothing is here';
export const PAGE_DOES_NOT_EXIST = 'This page doesn’t exist, or the batch was deleted. Nothing else was changed.';
export const TO_THE_BENCH = 'To the Bench';

// Before anything is read.
export const NOT_READ_YET = 'Not read yet';
export const DATA_NOT_READ =
  'Your data couldn’t be read just now. Nothing was changed. Part of the program may be missing while the server is away.';

// A file that brings everything.
export const NEW_COMES_IN = 'New: it will be added';
export const SAME_AS_HERE = 'The same as here';
export const fileNotRead = (error: string): string => `The file couldn’t be read: ${error}. Nothing was changed.`;
export const READING_FILE = 'Reading the file …';
export const FILE_NOT_OPENED = 'The file wasn’t opened; nothing was changed.';
export const notAllPutIn = (error: string): string => `Not everything was put in: ${error}`;
export const putIn = (put: number, left: number): string =>
  `${put} put in${left > 0 ? `; ${left} of yours ${left === 1 ? 'stays as it is' : 'stay as they are'}` : ''}.`;
export const leftOut = (slice: readonly string[]): string => `Not read, and left out: ${slice.join('; ')}.`;
export const WHAT_FILE_BRINGS = 'What the file would bring';
export const IF_YOURS_DIFFERS = 'If yours is different';
export const TAKE_FILES_KEEP_MINE = 'take the file’s, and keep mine beside it';
export const HAVE_ALL_OF_IT = 'You have all of it already.';
export const PUT_IT_IN = 'Put it in';
export const andMore = (names: number, shown: number): string => `; and ${names - shown} more`;
