/** What a rehearsal says: all its sentences in one place, to be read in one go, tested, and translated some day. */

// Its clock.
export const ITS_CLOCK = 'The rehearsal’s clock';
export const TO_DEBRIEF = 'To the debrief';
export const END_AND_DEBRIEF = 'End the rehearsal, and debrief';
export const theyRang = (comeAt: string, serveAt: string): string =>
  `They rang: they come at ${comeAt}, not at ${serveAt}.`;
export const peopleCome = (serveAt: string): string => `People come at ${serveAt}.`;

// The debrief.
export const rehearsalOf = (label: string, title: string): string => `Rehearsal: ${label}. ${title}.`;
export const notWorkedOut = (message: string): string =>
  `It couldn’t be worked out: ${message}. The rehearsal is kept.`;
export const WORKING_OUT_INSIDE = 'Working out what happened inside …';
export const HOW_IT_CAME_OUT = 'How it came out';
export const cutOpen = (outcomes: readonly string[]): string => `Cut open: *${outcomes.join(', ')}*`;
export const WHAT_HAPPENED_INSIDE = 'What happened inside';
export const WHAT_YOU_DECIDED = 'What you decided';
export const NOTHING_DECIDED = 'Nothing: you cooked it as planned.';
export const CHANGED_NOTHING = 'It changed none of the numbers.';
export const itDid = (did: readonly string[]): string => `It did: ${did.join('; ')}.`;
export const COULD_HAVE_TOLD = 'What could have told you';
export const SAME_AGAIN = 'The same again';
export const SAVE_TO_SHARE = 'Save it to share';
export const fileName = (title: string, seed: number): string => `${title} rehearsal ${seed}`;
export const kitchenNumber = (seed: number): string =>
  `Kitchen number ${seed}: whoever opens the file cooks in the same one.`;
export const BACK_TO_NOTE = 'Back to its Note';

// What it learned.
export const WHAT_KITCHEN_LEARNED = 'What this kitchen learned';
export const learnedValue = (label: string, value: string, estimate: string): string =>
  `${label}: ${value}, our estimate ${estimate}.`;
export const OWN_KITCHEN_AS_WAS = 'Only the rehearsal’s kitchen learned this. Your own is as it was.';

// Looking for oneself.
export const notLooked = (error: string): string => `Not looked: ${error}`;
export const LOOK_FOR_YOURSELF = 'Look for yourself';
export const WITH_SPOON = 'with the spoon';
export const EACH_ON_SCALE = 'each on the scale';
export const LOOK_TAKES_MINUTES = 'Nothing here shows by itself. A look takes a minute or two.';
export const WHAT_IT_SAID = 'What it said';

// Beginning one.
export const notOpened = (problems: readonly string[]): string => `Not opened. ${problems.join('. ')}.`;
export const PRACTICE_KITCHEN =
  'A practice kitchen with something hidden. Your batches and what your kitchen has learned stay as they are.';
export const OPEN_FILE = 'Open a rehearsal’s file';
export const notOpenedFor = (error: string): string => `Not opened. ${error}`;
export const SOMEBODY_ELSES = 'Somebody else’s rehearsal: the same kitchen, from the beginning.';
export const rehearsalRow = (label: string, seed: number, endedAt: string | null): string =>
  `${label}, number ${seed}, ${endedAt === null ? 'goes on' : 'over: debrief'}`;
