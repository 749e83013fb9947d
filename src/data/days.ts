/** Days as SWR keys, and their edits. */
import useSWR, { mutate } from 'swr';
import { type Day } from '@/core/stored/day';
import { type DayOperation } from '@/core/stored/day-operations';
import * as store from './day-store';
import { forget } from './forget';
import { DAYS, inOrder, messageOf, now, opened, refused, type Outcome, type SaidWhere } from './hooks';
import { readingList, showInList } from './list-reading';
import { say } from './notices';
import { whilePending } from './pending';

type Days = Awaited<ReturnType<typeof store.listDays>>;

/** All days, the last changed first. */
export function useDays() {
  return useSWR<Days, Error>(DAYS, () =>
    readingList(DAYS, async () => {
      await opened();
      return store.listDays();
    }),
  );
}

const show = (day: Day): Promise<void> =>
  showInList<Days>(DAYS, (list) => ({ ...list, days: [day, ...list.days.filter((d) => d.id !== day.id)] }));

/** Earlier states of days, and what stood after each: a step back is taken only where nothing else has come. */
const earlier: { day: Day; after: Pick<Day, 'revision' | 'writer'> }[] = [];
const MOST = 40;

/**
 * Changes a day.
 * @param isStep whether it can be taken back by the cook; a plan that was worked out is none
 */
export async function editDay(
  id: string,
  operations: DayOperation | readonly DayOperation[],
  { where = 'foot', isStep = true }: { where?: SaidWhere; isStep?: boolean } = {},
): Promise<Outcome> {
  const list = ([] as DayOperation[]).concat(operations);
  const at = now();
  try {
    return await whilePending({ dayId: id, day: list, at }, null, (edit) =>
      inOrder(async (): Promise<Outcome> => {
        const changed = await store.changeDay(id, list, at, edit);
        if (!changed.ok) return refused(changed.problems, where);
        const { document, before } = changed;
        if (before) {
          const top = earlier[earlier.length - 1];
          if (isStep) earlier.push({ day: before, after: document });
          // What was worked out since belongs to the step before it.
          else if (top?.day.id === id && top.after.revision === before.revision) top.after = document;
          earlier.splice(0, Math.max(0, earlier.length - MOST));
        }
        await show(document);
        return { ok: true, step: null };
      }),
    );
  } catch (error) {
    void mutate(DAYS);
    return refused([messageOf(error)], where);
  }
}

/** Takes the last step of a day back. @returns whether it was */
export const undoDay = (id: string): Promise<boolean> =>
  inOrder(async () => {
    const step = earlier[earlier.length - 1];
    if (step?.day.id !== id) return false;
    earlier.pop();
    try {
      const restored = await store.restoreDay(step.day, step.after, now());
      if (restored === null) {
        say({ text: 'Not undone: this day was changed in another tab since. That change is kept.', kind: 'problem' });
        return false;
      }
      const under = earlier[earlier.length - 1];
      if (under) under.after = restored;
      await show(restored);
      return true;
    } catch (error) {
      say({ text: messageOf(error), kind: 'problem' });
      return false;
    }
  });

/** Stores a day that is new. @returns whether it was stored */
export async function keepDay(day: Day): Promise<boolean> {
  try {
    await store.createDay(day);
    await mutate(DAYS);
    return true;
  } catch (error) {
    say({ text: messageOf(error), kind: 'problem' });
    return false;
  }
}

/** Deletes a day; the notice offers to bring it back. */
export async function discardDay(day: Day): Promise<void> {
  try {
    await store.deleteDay(day.id);
    await forget(day.id);
  } catch (error) {
    say({ text: messageOf(error), kind: 'problem' });
    return;
  }
  await mutate(DAYS);
  say({
    text: `“${day.title}” is deleted.`,
    kind: 'done',
    action: { label: 'Bring it back', run: () => keepDay(day) },
  });
}
