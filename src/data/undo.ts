/**
 * Undo: for each batch the state it was in, and the steps that have been taken since. A step is taken back by replaying the
 * others, so that the last one can be undone, or one in their midst. The last twenty survive a reload.
 */
import { type Batch } from '@/core/stored/schema';
import { apply, type Operation } from '@/core/stored/operations';
import AsyncStorage from '@react-native-async-storage/async-storage';
import { useSyncExternalStore } from 'react';
import { undoKey } from './keys';

interface Step {
  id: number;
  operations: Operation[];
  /** What was edited, to join keystrokes: the same words within `JOIN_MS`. Nothing joins what has no words. */
  what: string;
  at: number;
}

interface History {
  base: Batch;
  steps: Step[];
  /** The stored state that base and steps lead to. Where something else is stored, somebody else has been there. */
  made: Pick<Batch, 'revision' | 'writer'>;
}

/** What is left when a step is taken back: replayed from `base`, it is the batch without that step. */
interface Without {
  base: Batch;
  operations: Operation[];
  expected: History['made'];
  stepId: number;
  /** What the step did. */
  gone: readonly Operation[];
}

const JOIN_MS = 1500;
const MOST = 100;
const MOST_KEPT = 20;

const histories = new Map<string, History>();
const listeners = new Set<() => void>();
let lastId = Date.now();

const leadsTo = ({ made }: History, { revision, writer }: Pick<Batch, 'revision' | 'writer'>): boolean =>
  made.revision === revision && made.writer === writer;

function set(id: string, history: History): void {
  histories.set(id, history);
  listeners.forEach((tell) => tell());
  keepSoon(id);
}

/**
 * Remembers an edit that was stored.
 * @param at milliseconds
 * @returns the step, to take just this one back
 */
export function remember(
  before: Batch,
  after: Batch,
  operations: readonly Operation[],
  what: string,
  at: number,
): number {
  const history = histories.get(before.id);
  // After another tab's edit what was done before it cannot be taken back without taking that, too.
  const { base, steps } = history && leadsTo(history, before) ? history : { base: before, steps: [] };
  const made = { revision: after.revision, writer: after.writer };
  const last = steps[steps.length - 1];
  if (last && what !== '' && last.what === what && at - last.at < JOIN_MS) {
    const joined = { ...last, at, operations: join(last.operations, operations) };
    set(before.id, { base, steps: [...steps.slice(0, -1), joined], made });
    return last.id;
  }
  lastId += 1;
  const longer = [...steps, { id: lastId, operations: [...operations], what, at }];
  set(before.id, { ...shortened(base, longer, MOST), made });
  return lastId;
}

/** A stroke that only says again what the last one said takes its place. */
function join(earlier: readonly Operation[], later: readonly Operation[]): Operation[] {
  const subject = (o: Operation): string =>
    JSON.stringify([o.do, 'id' in o ? o.id : null, 'to' in o ? Object.keys(o.to) : null]);
  const isSame =
    earlier.length === later.length && earlier.every((o, i) => 'to' in o && subject(o) === subject(later[i]));
  return isSame ? [...later] : [...earlier, ...later];
}

/** The oldest steps become part of the state that the others begin from. */
function shortened(base: Batch, steps: readonly Step[], most: number): Pick<History, 'base' | 'steps'> {
  const over = steps.slice(0, Math.max(0, steps.length - most));
  return { base: over.flatMap((step) => step.operations).reduce(apply, base), steps: steps.slice(over.length) };
}

/** What it would be without a step: the last one, or the one that is named. Null where it is not known any more. */
export function without(id: string, stepId?: number): Without | null {
  const history = histories.get(id);
  const step =
    history?.steps.find((s) => s.id === stepId) ?? (stepId === undefined ? history?.steps.at(-1) : undefined);
  if (!history || !step) return null;
  const operations = history.steps.filter((s) => s !== step).flatMap((s) => s.operations);
  return { base: history.base, operations, expected: history.made, stepId: step.id, gone: step.operations };
}

/** The step was taken back, and what is left is stored. */
export function takenBack(stored: Batch, stepId: number): void {
  const history = histories.get(stored.id);
  if (!history) return;
  set(stored.id, {
    ...history,
    steps: history.steps.filter((s) => s.id !== stepId),
    made: { revision: stored.revision, writer: stored.writer },
  });
}

/** Nothing of a document can be undone any more. */
export function forget(id: string): void {
  histories.delete(id);
  listeners.forEach((tell) => tell());
  AsyncStorage.removeItem(undoKey(id)).catch(ONLY_CONVENIENCE);
}

/** Whether there is anything to undo. */
export const useCanUndo = (id: string): boolean =>
  useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => (histories.get(id)?.steps.length ?? 0) > 0,
  );

/** A full store has no room for steps back; the documents themselves say so where they are written. */
const ONLY_CONVENIENCE = (): void => undefined;

const waiting = new Map<string, ReturnType<typeof setTimeout>>();
const KEEP_AFTER_MS = 600;

function keepSoon(id: string): void {
  clearTimeout(waiting.get(id));
  waiting.set(
    id,
    setTimeout(() => keep(id), KEEP_AFTER_MS),
  );
}

function keep(id: string): void {
  clearTimeout(waiting.get(id));
  waiting.delete(id);
  const history = histories.get(id);
  if (!history) return;
  const kept = { ...shortened(history.base, history.steps, MOST_KEPT), made: history.made };
  AsyncStorage.setItem(undoKey(id), JSON.stringify(kept)).catch(ONLY_CONVENIENCE);
}

/** Stores at once what is still waiting: the page is about to go. */
export const keepAll = (): void => [...waiting.keys()].forEach(keep);

/** Takes up this tab's steps of before a reload, if nothing else has been stored since: another tab's are its own. */
export async function recall(batch: Batch, tab: string): Promise<void> {
  if (histories.has(batch.id) || batch.writer !== tab) return;
  try {
    const text = await AsyncStorage.getItem(undoKey(batch.id));
    const kept = text === null ? null : (JSON.parse(text) as History);
    if (!kept || histories.has(batch.id) || !leadsTo(kept, batch) || !Array.isArray(kept.steps)) return;
    lastId = Math.max(lastId, ...kept.steps.map((s) => s.id));
    histories.set(batch.id, kept);
    listeners.forEach((tell) => tell());
  } catch {
    // Steps that cannot be read are no steps; the batch itself is as it is.
  }
}
