/** Where a reading comes from. What was practised is none of what happened: only a rehearsal's own kitchen believes it. */

/** Typed by the cook, heard from a probe by its name, or shown by the practice probe that ships with the application. */
export type Source = { by: 'typed' } | { by: 'probe'; name: string } | { by: 'practice' };

export const TYPED = { by: 'typed' } as const satisfies Source;
export const PRACTICE = { by: 'practice' } as const satisfies Source;

export const isPractice = ({ by }: Source): boolean => by === 'practice';

/** In words, beside a reading. */
export function sourceWords(source: Source): string {
  if (source.by === 'typed') return 'typed';
  return source.by === 'practice' ? 'practice, not a measurement' : `from “${source.name}”`;
}
