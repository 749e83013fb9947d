/** What is wrong with a document: a value that can be told by its code and its place, put into words only where it is shown. */
import { type z } from '../zod';

export interface Problem {
  /**
   * `shape`: not such an object at all; `format`: another kind of file; `newer`: made by a later version; `unknown-field`: a
   * field that nobody knows; `value`: a field that holds what it must not.
   */
  code: 'shape' | 'format' | 'newer' | 'unknown-field' | 'value';
  /** Where, keys and places joined by dots; empty: the document as a whole. */
  path: string;
  /** What is wrong, and what would be right. */
  text: string;
}

export type ReadResult<T> = { ok: true; value: T } | { ok: false; problems: Problem[] };

const joined = (...parts: readonly (string | number)[]): string => parts.filter((part) => part !== '').join('.');

/** The same, of what lies within something larger. */
export const inside = (path: string | number, problem: Problem): Problem => ({
  ...problem,
  path: joined(path, problem.path),
});

/** `lines.3.amount: would be above 0` */
export const problemWords = ({ path, text }: Problem): string => `${path === '' ? '(document)' : path}: ${text}`;

/** It is no such document. @param what `batch` */
export const wrongShape = (what: string): Problem => ({
  code: 'shape',
  path: '',
  text: `is not a ${what}, which would be a JSON object`,
});

/** It is a file of another kind. @param what `batch file` */
export const wrongFormat = (what: string, format: string): Problem => ({
  code: 'format',
  path: 'format',
  text: `is not a ${what}; would be "${format}"`,
});

/** It was made by a later version of the program. */
export const tooNew = (version: number, current: number): Problem => ({
  code: 'newer',
  path: 'version',
  text: `was made by a newer Involucrum (${version}); this one reads up to ${current}`,
});

/**
 * A Zod error as problems, unknown keys named one by one.
 * @param within the field that was checked, where it was not the whole document
 */
export const problemsOf = (error: z.ZodError, within = ''): Problem[] =>
  error.issues.flatMap((issue): Problem[] => {
    const path = joined(within, ...issue.path.map(String));
    return issue.code === 'unrecognized_keys'
      ? issue.keys.map((key) => ({
          code: 'unknown-field',
          path: joined(path, key),
          text: 'is not a known field; remove it',
        }))
      : [{ code: 'value', path, text: issue.message }];
  });

/** A file as a whole that cannot be taken. */
export const wrongFile = (text: string): { ok: false; problems: Problem[] } => ({
  ok: false,
  problems: [{ code: 'shape', path: '(file)', text }],
});
