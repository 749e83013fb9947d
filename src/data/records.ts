/** Stored records in general: texts that cannot be read, and why an edit of one is refused. */

import { type Problem } from '@/core/stored/problem';

/** It is no JSON. @param what it was to be */
export const notJson = (what = ''): Problem => ({ code: 'shape', path: what, text: 'is not JSON' });

/** A record that cannot be read; its text is kept as it is. */
export interface BrokenRecord {
  key: string;
  text: string;
  problems: Problem[];
}

/** The document is not there any more: deleted, perhaps in another tab. */
export class MissingError extends Error {}
/** It is no document that could be read again. */
export class InvalidError extends Error {}
/** Something of that id is there already. */
export class TakenError extends Error {}

/** What a text says; undefined where it is no JSON. */
export function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
