/** What the documents call themselves. */
export const BATCH_FORMAT = 'involucrum/batch';
export const BATCH_VERSION = 8;

export const KITCHEN_FORMAT = 'involucrum/kitchen';
export const KITCHEN_VERSION = 7;
