/**
 * What the workers have found is kept in the browser: a page that is opened again has its verdicts at once, and neither starts a
 * worker nor heats a phone for what is known. Of each question about a batch or a day the last answer is kept, with all that it
 * hangs on: another filling, another kitchen or another program asks anew.
 */
import { get, set } from 'idb-keyval';
import { answers, program, type Question } from './answers';
import { batchKey, dayKey } from './keys';
import { readText } from './store';

interface Kept {
  asked: string;
  answer: unknown;
}

/**
 * The answer to a question about a batch or a day: as it was kept, or worked out now and kept.
 * @param id of the batch; of the day, where its plan is asked for
 * @param asked all that the answer hangs on
 * @param work answers null where it was stopped: that is not kept
 */
export async function workedOut<Answer>(
  id: string,
  question: Question,
  asked: readonly unknown[],
  work: () => Promise<Answer>,
): Promise<Answer> {
  const key = `${question} ${id}`;
  const text = JSON.stringify([program(), ...asked]);
  const kept = await answers((store) => get<Kept>(key, store));
  if (kept?.asked === text) return kept.answer as Answer;
  const answer = await work();
  if (answer !== null) void keep(question === 'plan' ? dayKey(id) : batchKey(id), key, { asked: text, answer });
  return answer;
}

/** Only of a document that is kept itself: not of a draft that was pasted, nor of one that is gone since it was asked about. */
async function keep(document: string, key: string, kept: Kept): Promise<void> {
  if ((await readText(document)) !== null) await answers((store) => set(key, kept, store));
}
