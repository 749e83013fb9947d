/** What a kitchen learns, learned only on a tap; the notice takes it back as it was. */
import { type Kitchen } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { type Lesson } from '@/core/learning/learned';
import { editKitchen } from './hooks';
import { say } from './notices';

/**
 * Lets a kitchen learn a lesson of a batch.
 * @param text said where it was learned
 */
export async function learnLesson(
  kitchen: Pick<Kitchen, 'learned'>,
  { what, of, estimate, x, because }: Lesson,
  { batchId, at }: { batchId: string; at: string },
  text: string,
): Promise<void> {
  const before = kitchen.learned.find((l) => l.what === what && l.of === of);
  const lesson = { what, of, estimate, x, because };
  const done = await editKitchen({ do: 'learn', lesson, batchId, at }, 'foot', batchId);
  if (!done.ok) return;
  const back: KitchenOperation = before ? { do: 'keepLearned', learned: before } : { do: 'forgetLearned', what, of };
  say({
    text,
    kind: 'done',
    action: { label: 'Undo', run: async () => (await editKitchen(back, 'foot', batchId)).ok },
  });
}
