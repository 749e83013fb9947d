/** What Begin says: all its sentences in one place, to be read in one go, tested, and translated some day. */

// Was it understood?
export const takenFor = (takenAs: string, answers: number): string =>
  `Taken as ${takenAs}. ${answers > 0 ? 'Or is it:' : 'If it’s something else, change the text above.'}`;

// What stands on the screen itself.
export const BEGIN_A_BATCH = 'Begin a batch';
export const CHANGE_LATER = 'You can change everything later.';
export const PASTE_A_RECIPE = 'Paste a recipe';
export const RECIPE_FOR_EXAMPLE = 'Pork dumplings, makes 40\n500 g minced pork\n…';
export const CLEAR_AND_BUILD = 'Clear it and build one';
export const PASTE_FROM_CLIPBOARD = 'Paste from the clipboard';
export const OR_BUILD_ONE = 'Or build one';
export const TAP_WHAT_YOU_MAKE = 'Tap what you’re making. Its usual dough, size and heat are chosen for you.';
export const CLIPBOARD_IS_EMPTY = 'There’s no text on the clipboard.';
export const CLIPBOARD_IS_CLOSED = 'The browser won’t share the clipboard. Hold the field and paste there.';

// Building one.
export const WHAT_ARE_YOU_MAKING = 'What are you making?';

// What comes of it.
export const FILLING_GOES_IN = 'The filling goes in';
export const WHAT_YOU_CALL_IT = 'What you call it';
export const isThatMeant = (never: string): string => `${never} Is that what you mean?`;
export const USUAL_DOUGH = 'The usual dough';

// What was found.
export const CHANGE_AT_WRAP = 'Change it at Wrap.';
export const FOLLOWS_FROM = 'It follows from filling and number; change it at Wrap.';
export const SO_MUCH_HAS_TO_GO = 'That much has to boil off; Fill says what the pan should weigh then.';
export const FROM_FILLING_AND_NUMBER = 'from filling and number';
export const NOTHING_COOKS_FIRST = 'nothing in the method cooks it first';
export const foundInWords = (label: string, value: string, hasAsk: boolean): string =>
  `${label}: ${value}${hasAsk ? '. Change it' : ''}`;
export const RECIPE_DOES_NOT_SAY = 'the recipe doesn’t say: the usual';
export const HOW_COOKED = 'How it’s cooked';

// How many.
export const I_HAVE_FILLING = 'I have filling';
export const FILLING_THERE_IS = 'How much filling';
export const enoughAsMain = (count: number): string =>
  `${count === 1 ? 'One is enough' : `${count} pieces`} as a main course, by our estimate.`;

// A recipe that was pasted.
export const NO_FOOD_FOUND =
  'No food was found here. Paste a recipe with amounts, one ingredient a line or in a sentence.';
export const LEFT_OUT_OF_SUMS = 'Left out of the sums';
export const LEFT_OUT_OF_SUMS_ARE = 'Left out of the sums:';
export const andMore = (notes: number, shown: number): string => `and ${notes - shown} more`;
export const beginTheseBatches = (batches: number): string =>
  batches === 1 ? 'Begin this batch' : `Begin these ${batches} batches`;
export const fillingsFound = (fillings: number, ingredients: number): string =>
  `${fillings === 1 ? 'One filling' : `${fillings} fillings`}, ${ingredients} ${ingredients === 1 ? 'ingredient' : 'ingredients'}. Look it over; tap what’s wrong.`;

// A picture.
export const pictureInWords = (name: string, also: string, hasCooking: boolean, cooking: string): string =>
  `${name}: ${also}${hasCooking ? '' : ` (${cooking})`}`;

// The plan.
export const WHAT_WAS_FOUND = 'What was found';

// Its checks.
export const FIVE_CHECKS = 'The five checks';

// What goes in.
export const AS_IT_IS = 'as it is';
export const WHAT_GOES_IN = 'What goes in';
export const someAreLike = (count: number): string =>
  count === 1 ? 'One is counted as what it’s most like' : `${count} are counted as what they’re most like`;

// What can go wrong.
export const recipeNotRead = (error: string): string => `The recipe couldn’t be read (${error}). It’s still here.`;
