/** Where the workers' answers lie (worked-out): a database of its own, cleared with the batch or day that they are about. */
import { clear, delMany } from 'idb-keyval';
import { database } from './database';

/** About a batch; and the plan of a day. */
const QUESTIONS = ['first', 'all', 'proposals', 'plan'] as const;
export type Question = (typeof QUESTIONS)[number];

/** Which program this is, from the build; what another one has found may not be what this one would. */
export const program = (): string | undefined => document.getElementById('parts')?.dataset.program;

/** The development server's program changes unnamed: of that nothing is kept. */
export const answers = database('involucrum-worked-out', 'answers', () => program() !== undefined);

/** Of a batch or day that is gone nothing is kept. */
export const forgetAnswers = (id: string) =>
  answers((store) =>
    delMany(
      QUESTIONS.map((question) => `${question} ${id}`),
      store,
    ),
  );

/** Nothing is kept any more. */
export const forgetAllAnswers = () => answers(clear);
