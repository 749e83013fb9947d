/**
 * What the worker has found is kept in the browser: a page that is opened again has its verdicts at once, and neither starts the
 * worker nor heats a phone for what is known. Of each question about a batch the last answer is kept, with all that it hangs on:
 * another filling, another kitchen or another program asks anew.
 */
import { get, set } from 'idb-keyval';
import { answers, program, type Question } from './answers';
import { batchKey } from './keys';
import { readText } from './store';

interface Kept {
  asked: string;
  answer: unknown;
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
  const kept = await answers((store) => get<Kept>(key, store));
  if (kept?.asked === text) return kept.answer as Answer;
  const answer = await work();
  void keep(id, key, { asked: text, answer });
  return answer;
}

/** Only of a batch that is kept itself: not of a draft that was pasted, nor of one that is gone since it was asked about. */
async function keep(id: string, key: string, kept: Kept): Promise<void> {
  if ((await readText(batchKey(id))) !== null) await answers((store) => set(key, kept, store));
}
