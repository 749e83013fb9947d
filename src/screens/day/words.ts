/** What Day says, its card, sheet and shopping list with it: all its sentences in one place, to be read in one go, tested, and translated some day. */
import { capital, lowerFirst } from '@/core/units/letters';
import { weekdayOf } from '@/core/day/clock-words';
import { formatMinutes } from '@/core/units/format';

// A step of one’s own.
export const ownStep = (title: string, minutes: number): string => `${title}, ${minutes} min`;
export const takeStepOut = (title: string): string => `Take “${title}” out`;
export const WHAT_NEEDS_DOING = 'What needs doing';
export const LAY_THE_TABLE = 'Lay the table';
export const ADD_A_STEP = 'Add a step';

// Beginning a day.
export const WHAT_A_DAY_IS =
  'Say when people eat and what you’re making. The steps are planned backwards from there, so hands and oven are never needed twice at once.';
export const WHAT_IS_IT = 'What is it?';
export const PEOPLE_EAT_AT = 'People eat at';
export const NO_BATCH_YET = 'There’s no batch yet. Begin one on the Bench, or open the demo.';
export const OPEN_DEMO = 'Open the demo: the lantern supper';
export const WHAT_YOU_MAKE = 'What you’re making';
export const HOW_SERVED = 'How it’s served';
export const PLAN_THE_DAY = 'Plan the day';
export const BACK_TO_DAY_BEFORE = 'Back to the day before';

// A time.
export const TIME_FOR_EXAMPLE = 'Such as 19:00 or 7 pm.';
export const aDayEarlier = (label: string): string => `${label}: a day earlier`;
export const aDayLater = (label: string): string => `${label}: a day later`;

// What collides.
export const plannedAnew = (label: string): string => `${label}: the day is planned again.`;
export const IT_IS_TIGHT = 'It’s tight';
export const thenAllFits = (start: string): string => `Then it all fits; begin ${start}.`;
export const stillCollide = (leftMinutes: number): string => `Then ${formatMinutes(leftMinutes)} still collide.`;
export const NOTHING_MENDS =
  'None of the changes tried mends it, alone or in pairs. Take a batch out, serve something frozen ahead, or change a step’s minutes.';

// When it may begin.
export const anyTimeUntil = (until: string): string => `any time until ${until}`;
export const anyTimeFrom = (from: string): string => `any time from ${from}`;

// Its files.
export const SHEET_FOR_WALL = 'Sheet for the wall';
export const FILE_FOR_PHONE = 'File for another phone';

// A file from elsewhere.
export const OPEN_DAY_FILE = 'Open a day’s file';
export const FILE_NOT_OPENED = 'The file wasn’t opened; nothing was changed.';

// What stands on the screen itself.
export const DAY_CANNOT_BE_READ = 'One saved day can’t be read';
export const NOTHING_CHANGED_SAVE_TEXT = 'Nothing was changed. Save its text to a file before you remove it.';
export const SEVERAL_BATCHES = 'Several batches, one pair of hands, and people at seven.';
export const dayAt = (title: string, serve: string, isFirst: boolean, begins: string): string =>
  `${title} at ${serve}${isFirst ? '; working out the plan …' : begins}`;
export const LOOKING_FOR_BETTER = 'Looking for a better plan …';
export const TRYING_TO_MEND = 'Trying what would mend it …';
export const BEST_SO_FAR = 'Stopped; this is the best so far.';

export const planFailed = (error: string): string =>
  `The plan couldn’t be worked out: ${error}. Nothing of the day is lost.`;

// The gauge.
export const dayFromTo = (start: string, end: string): string => `The day from ${start} to ${end}`;
export const ofWaiting = (minutes: number): string => `${formatMinutes(minutes)} of waiting`;

// Hours and hands.
export const HOURS_AND_HANDS = 'Hours and hands';
export const dayAndServe = (day: string, serve: string): string => `${day}, eat at ${serve}`;
export const WHAT_IT_IS_CALLED = 'What it’s called';
export const HANDS_REST_AT_NIGHT = 'hands rest, nine to seven';
export const SPARE_TIME = 'Spare time on work';
export const CARRIED_WARM = 'On the way, carried warm';
export const RINGS_OF_HOB = 'Rings of the hob';
export const PLACES_TO_WORK = 'Places to work';
export const SET_IN_KITCHEN =
  'Trays, steamers and the fridge are set in the Kitchen. Minutes of work are our estimates until you’ve done it once.';
export const youAndHelpers = (helpers: number): string =>
  helpers === 0 ? 'you alone' : `you and ${helpers === 1 ? 'a helper' : `${helpers} helpers`}`;
export const awayFromTo = (name: string, from: string, to: string): string => `${name}: ${from} to ${to}`;
export const takeAwayOut = (name: string): string => `Take ${name} out`;
export const WHY_AWAY = 'Why you’re away';
export const ADD_HELPER = 'Add the helper';
export const ADD_TIME = 'Add the time';
export const AWAY_FOR_A_WHILE = 'You’re away for a while';

// What is made.
export const BATCH_GONE = 'A batch that’s gone';
export const leftOutOfPlan = (title: string): string => `${title} is left out of the plan.`;
export const NOTHING_IN_FILLING = 'Its filling is empty. Put something in, and it’s planned.';
export const takeOutOfDay = (title: string): string => `Take ${title} out of the day`;
export const isOutOfDay = (title: string): string => `“${title}” is out of the day; the batch itself stays.`;
export const PUT_IT_BACK = 'Put it back';
export const howBatchServed = (title: string): string => `How ${title} is served`;
export const PUT_IN_ANOTHER = 'Put in another';

// What comes beside it.
export const inPassing = (title: string): string => `${title}, in passing`;
export const NEXT_TWO = 'The next two';
export const allDoneAbout = (at: string): string => `All done about ${at}.`;

// What can be done.
export const openStation = (station: string): string => `Open ${capital(station)}`;

// The large card.
export const backTo = (title: string): string => `Back to ${title}`;
export const stepsDone = (done: number, of: number): string => `${done} of ${of} ${of === 1 ? 'step' : 'steps'} done`;
export const WORKING_OUT_STEPS = 'Working out the steps …';
export const NOTHING_TO_COOK = 'There’s nothing in the filling yet. Put it together at Fill, then come back.';
export const AT_FIRST_BITE = 'At the first bite, note what you find.';

// The one thing now.
export const IT_BEGINS_WITH = 'It begins with';
export const untilTime = (title: string, at: string): string => `${title.toLowerCase()}, until ${at}`;
export const TIME_IS_UP = 'Time is up';
export const minutesLeft = (seconds: number): string => `${Math.ceil(seconds / 60)} minutes left`;
export const leftUntil = (at: string): string => `left, until ${at}`;

// Reading aloud.
export const STOP_READING = 'Stop reading aloud';
export const READ_EACH_STEP = 'Read each step aloud';

// Now, on the day’s own screen.
export const BEGINS_WITH = 'it begins with';
export const moreAbout = (task: string): string => `More about ${task}`;
export const STILL_TO_ADD = 'Still to add: ';
export const waitsFor = (names: readonly string[]): string => `Waits for ${names.join(', ')}`;
export const canBegin = (free: string): string => `It can begin ${free}.`;
export const BEGIN_THE_DAY = 'Begin the day';
export const DONE_ON_TO_NEXT = 'Done, on to the next';
export const doneOnTo = (onTo: string): string => `Done, on to ${onTo}`;
export const notYet = (more: number): string => `Not yet, +${more}`;
export const minutesAway = (isOver: boolean, state: 'done' | 'planned' | 'running', seconds: number): string =>
  `${isOver ? 'Over for' : state === 'running' ? 'Still' : 'Begins in'} ${Math.floor(seconds / 60)} minutes`;
export const WHAT_IT_TOOK =
  'The minutes it really took are kept with each batch. At the first bite, open Note and tap what you find.';

// Other days.
export const OWN_STEPS = 'Steps of your own';
export const stepsLeftOut = (leftOut: number): string =>
  leftOut === 1 ? 'One step is left out.' : `${leftOut} steps are left out.`;
export const ONLY_THIS_ONE = 'only this one';
export const PLAN_ANOTHER = 'Plan another day';
export const BEGIN_ANEW = 'Start the day over';
export const DELETE_THIS_DAY = 'Delete this day';
export const dayInList = (title: string, serveAt: number, hereZone: string, at: string): string =>
  `${title}, ${weekdayOf(serveAt, hereZone)} ${at}`;
export const leftOutCount = (leftOut: number): string => `${leftOut} left out`;

// A pin.
export const isPinned = (task: string, at: string): string => `“${task}” is pinned to ${at}.`;
export const LET_IT_GO = 'Let it go';

// What is red.
export const WHAT_IS_RED = 'What is red';
export const LOOK_BEFORE_BEGIN = 'Look at these before you begin';

export const plansAnotherWay = (task: string, way: string): string =>
  `“${task}” is planned another way, since yours breaks the rule: ${lowerFirst(way)}.`;

// The sheet.
export const BACK_TO_THE_DAY = 'Back to the day';
export const weekdayAt = (serve: number, zone: string, at: string): string => `${weekdayOf(serve, zone)} at ${at}`;
export const SHEET_CAUTIONS =
  'Minutes of work are estimates. Never taste a raw filling. A forecast makes nothing safe: only a thermometer reading does. Local codes come first.';

// The shopping list.
export const LIST_COPIED = 'The list is copied.';
export const LIST_NOT_COPIED = 'Not copied: this browser doesn’t allow it. Print it, or select it by hand.';
export const ALL_THERE = 'all of it at home';
export const toGet = (left: number, of: number): string => `${left} of ${of} to get`;
export const listFailed = (message: string): string => `The list couldn’t be worked out: ${message}. Nothing is lost.`;
export const PUT_BATCH_IN = 'Put a batch into the day, and you see here what it needs.';
export const notInList = (label: string, names: readonly string[]): string =>
  `${label}: ${names.join(', ')}. Change that in the Larder.`;
export const foodInList = (name: string, amount: string, isThere: boolean): string =>
  `${name}, ${amount}${isThere ? ', at home' : ''}`;

// A step.
export const stepInWords = (start: string, task: string, isPinned: boolean, isDone: boolean): string =>
  `${start}, ${task}${isPinned ? ', pinned' : ''}${isDone ? ', done' : ''}`;

// A step, opened.
export const stepFrom = (start: string, planned: number, hasHands: boolean): string =>
  `${start}, ${formatMinutes(planned)}${hasHands ? ', with your hands' : ', by itself'}`;
export const RESET_TO_ESTIMATE = 'Reset to the estimate';
export const NOT_DONE_AFTER_ALL = 'Not done after all';
export const LEAVE_IT_OUT = 'Leave it out';

// The gauge on a wide screen.
export const stepFromTo = (start: string, end: string, task: string, isPinned: boolean): string =>
  `${start} to ${end}, ${task}${isPinned ? ', pinned' : ''}`;
