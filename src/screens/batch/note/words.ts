/** What Note says: all its sentences in one place, to be read in one go, tested, and translated some day. */

// The drawing.
export const cutOpen = (label: string): string => `${label}, cut open: tap where you found it`;

// Done.
export const onBenchAgain = (title: string): string => `“${title}” is on the Bench again.`;
export const inNotebookNow = (title: string): string => `“${title}” is done and in the Notebook.`;
export const BACK_TO_BENCH = 'Back to the Bench';
export const DONE_INTO_NOTEBOOK = 'Done: into the Notebook';
export const IS_IN_NOTEBOOK = 'It’s in the Notebook. Begin again from it whenever you like.';

// Files.
export const notWritten = (error: string): string => `Not written: ${error}`;
export const NAME_AND_FILES = 'Name and files';
export const NAME_OF_BATCH = 'Name of the batch';
export const SAVE_AS_FILE = 'Save as a file';
export const withAllVersions = (versions: number): string => `With all its ${versions} versions`;
export const NOTES_AS_TEXT = 'Notes as text';
export const AS_RECIPE = 'As a recipe';
export const LINES_AS_TABLE = 'Lines as a table';
export const WATER_AS_TABLE = 'Water as a table';

// What it learns.
export const WHAT_KITCHEN_LEARNS = 'What this kitchen learns';
export const learned = (label: string, what: string): string => `Learned: ${label}, ${what}.`;
export const learnsFromTo = (label: string, was: string, isSaid: boolean, isFrozen: boolean, becomes: string): string =>
  `${label}: ${was}${isSaid || isFrozen ? '' : ` → ${becomes}`}`;
export const estimateAndLearned = (what: string, batches: number, prior: number): string =>
  `Our estimate ${what}; learned from ${batches} ${batches === 1 ? 'batch' : 'batches'} so far${batches < prior ? ': few, so it moves little' : ''}.`;
export const IS_FROZEN = 'It’s kept fixed in the Kitchen, and stays as it is.';
export const HAS_SAID_SO = 'This batch has taught it already.';
export const LET_IT_LEARN = 'Let the kitchen learn it';

// What was weighed.
export const ONE_BEFORE = 'One before cooking';
export const SAME_AFTER = 'The same one after';
export const IN_THE_HEAT = 'Cooking time';
export const FILLING_AND_CLOSING = 'Filling and closing them all';
export const ROSE_FOR = 'They rose for';
export const WHAT_YOU_WEIGHED = 'What you weighed';
export const LEAVE_BLANK = 'Leave blank anything you didn’t measure. What you weighed makes the causes surer.';

// What stands on the screen itself.
export const TAP_WHERE = 'Tap where you found it';
export const tapOnceTwice = (label: string): string =>
  `${label}: tap once for “a lot”, twice for “a little”, three times to clear.`;
export const IN_YOUR_WORDS = 'In your own words';
export const WHAT_TO_CHANGE = 'What to change next time';

// The photograph.
export const PHOTOGRAPH_TAKEN = 'The photograph is removed.';
export const photographOf = (title: string): string => `Photograph of ${title}`;
export const MAKING_SMALLER = 'Making it smaller …';
export const ADD_PHOTOGRAPH = 'Add a photograph';
export const TAKE_IT_AWAY = 'Take it away';
export const KEPT_HERE_ONLY = 'It’s made smaller, and kept in this browser only.';

// Readings in a table.
export const nothingChanged = (problems: readonly string[]): string => `Nothing was changed. ${problems.join('. ')}.`;
export const ALL_THERE_ALREADY = 'All of these readings are there already.';
export const readingsPutIn = (count: number): string => `${count} ${count === 1 ? 'reading' : 'readings'} put in.`;
export const nothingChangedFor = (error: string): string => `Nothing was changed. ${error}`;
export const READINGS_AS_TABLE = 'Readings as a table';
export const TIME_AND_TEMPERATURE = 'A time and a temperature in each line.';
export const THESE_ARE_OF = 'If the file doesn’t say, these are readings of';
export const FILLING_THAT_COOLS = 'a filling that cools';
export const WHAT_IS_IN_HEAT = 'what’s cooking';
export const READINGS_TO_TABLE = 'Readings to a table';
export const READINGS_FROM_TABLE = 'Readings from a table';

// Two versions.
export const ARE_THE_SAME = 'They are the same.';
export const sideBySideOf = (first: string, second: string): string =>
  `${first} and ${second.toLowerCase()}, side by side`;

// Tasters.
export const WHO_ATE_IT = 'Who ate it';
export const didNotEat = (who: string): string => `${who} didn’t eat it`;

// Versions.
export const versionNumber = (number: number, isThis: boolean): string =>
  `Version ${number}${isThis ? ', this one' : ''}`;
export const NOTHING_NOTED = 'nothing noted yet';
export const PUT_IT_AWAY = 'Put it away';
export const SIDE_BY_SIDE = 'Side by side';
export const versionBeside = (number: number, isBeside: boolean): string =>
  `Version ${number}: ${isBeside ? 'put it away' : 'side by side with this one'}`;

// Why.
export const whyFailed = (message: string): string =>
  `The reasons couldn’t be worked out: ${message}. What you noted is kept.`;
export const READING_NUMBERS = 'Reading the batch’s numbers …';
export const whyOutcome = (label: string, where: string): string => `Why ${label}${where}`;
export const COMMON_ADVICE = 'None of your numbers explains this. Common advice:';
export const SEVERAL_AT_ONCE = 'With several changes at once you won’t know which one did it.';
export const rehearseAgain = (taken: number, changes: number): string =>
  `Rehearse it again with ${taken} of ${changes}`;
export const BEGIN_AGAIN_AS_WAS = 'Begin again as it was';
export const beginNext = (taken: number, changes: number): string =>
  `Begin the next version with ${taken} of ${changes}`;
export const changesTo = (what: string, before: string, after: string, fills: number | null, count: number): string =>
  `${what} ${before} → ${after}${fills === null ? '' : `. Then there’s enough for ${fills} of ${count}: scale the filling up at Fill.`}`;
export const WORKING_OUT_EFFECT = 'Working out what that does …';
export const insteadOf = (instead: string): string => `instead of “${instead}”: either does it alone`;
export const REMINDER = 'a reminder: it goes into the next batch’s notes';
