/** What the documents call themselves. */
export const BATCH_FORMAT = 'involucrum/batch';
export const BATCH_VERSION = 13;

export const KITCHEN_FORMAT = 'involucrum/kitchen';
export const KITCHEN_VERSION = 12;

export const DAY_FORMAT = 'involucrum/day';
export const DAY_VERSION = 2;

export const REHEARSAL_FORMAT = 'involucrum/rehearsal';
export const REHEARSAL_VERSION = 1;

/** A whole kitchen in one file. */
export const WHOLE_FORMAT = 'involucrum/whole';
export const WHOLE_VERSION = 1;
