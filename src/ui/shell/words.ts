/** What the frame around every page says. */

export const notShown = (what: string): string => `${what} couldn’t be shown`;
export const BATCHES_ARE_KEPT = 'Your batches are kept in this browser. Nothing is lost.';
export const SERVER_SILENT = 'The server isn’t answering. This page stays as it is until it does.';

export const notStored = (what: readonly string[], keys: number): string =>
  `Not stored: this browser’s store is full or closed. Everything works, but only this page has ${what.join(' and ')} as you see ${keys === 1 ? 'it' : 'them'}. What was stored before is unchanged.`;
export const SAVE_AS_FILES = 'Save as files';

export const PUT_MESSAGE_AWAY = 'Put this message away';

export const BACK_TO_BENCH = 'Back to the Bench';
