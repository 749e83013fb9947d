/**
 * What the worker has found is kept in the browser: a page that is opened again has its verdicts at once, and neither starts the
 * worker nor heats a phone for what is known. Of each question about a batch the last answer is kept, with all that it hangs on:
 * another filling, another kitchen or another program asks anew.
 */
import { clear, createStore, delMany, get, set, type UseStore } from 'idb-keyval';

const QUESTIONS = ['first', 'all', 'proposals'] as const;
type Question = (typeof QUESTIONS)[number];

interface Kept {
  asked: string;
  answer: unknown;
}

let answers: UseStore | 'none' | undefined;

/** Which program this is, from the build; what another one has found may not be what this one would. */
const program = (): string | undefined =>
  typeof document === 'undefined' ? undefined : document.getElementById('parts')?.dataset.program;

/**
 * Uses the database of answers. Without one, where it refuses, and in the development server, whose program changes unnamed, all
 * is worked out anew, as it would be the first time.
 */
async function using<Result>(ask: (store: UseStore) => Promise<Result>): Promise<Result | undefined> {
  answers ??= program() === undefined ? 'none' : createStore('involucrum-worked-out', 'answers');
  if (answers === 'none') return undefined;
  try {
    return await ask(answers);
  } catch {
    answers = 'none';
    return undefined;
  }
}

/**
 * The answer to a question about a batch: as it was kept, or worked out now and kept.
 * @param asked all that the answer hangs on
 */
export async function workedOut<Answer>(
  id: string,
  question: Question,
  asked: readonly unknown[],
  work: () => Promise<Answer>,
): Promise<Answer> {
  const key = `${question} ${id}`;
  const text = JSON.stringify([program(), ...asked]);
  const kept = await using((known) => get<Kept>(key, known));
  if (kept?.asked === text) return kept.answer as Answer;
  const answer = await work();
  void using((known) => set(key, { asked: text, answer } satisfies Kept, known));
  return answer;
}

/** Of a batch that is gone nothing is kept. */
export const forgetWorkedOut = (id: string) =>
  using((known) =>
    delMany(
      QUESTIONS.map((question) => `${question} ${id}`),
      known,
    ),
  );

/** Nothing is kept any more. */
export const forgetAllWorkedOut = () => using(clear);
