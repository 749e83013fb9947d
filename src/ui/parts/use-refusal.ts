/** What stands against an edit, beside the field it was made in. */
import { useRef, useState } from 'react';

/** What a handler may give back: nothing, or what became of its edit. */
export type Answer = unknown;

const problemsOf = (outcome: unknown): string[] | null =>
  typeof outcome === 'object' &&
  outcome !== null &&
  'ok' in outcome &&
  outcome.ok === false &&
  'problems' in outcome &&
  Array.isArray(outcome.problems)
    ? outcome.problems.map(String)
    : null;

/** Whether an answer refuses the edit. */
export const isRefusal = (outcome: unknown): boolean => problemsOf(outcome) !== null;

/**
 * Why the latest edit was refused, in a sentence; null where it was not.
 * @returns the reason, and what is told of every edit
 */
export function useRefusal(): { refusal: string | null; answered: (answer: Answer) => void; clear: () => void } {
  const [refusal, setShown] = useState<string | null>(null);
  const latest = useRef({ asked: 0, refusal: null as string | null });
  /** Nothing is drawn again where nothing has changed. */
  const setRefusal = (next: string | null): void => {
    if (latest.current.refusal === next) return;
    latest.current.refusal = next;
    setShown(next);
  };
  return {
    refusal,
    answered: (answer) => {
      const asked = ++latest.current.asked;
      if (!(answer instanceof Promise)) return;
      void answer.then((outcome: unknown) => {
        // A later edit has been answered, or will be.
        if (asked === latest.current.asked) setRefusal(problemsOf(outcome)?.join(' ') ?? null);
      });
    },
    clear: () => setRefusal(null),
  };
}
