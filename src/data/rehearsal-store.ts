/** Rehearsals as they are stored: read, and their clock set where it was left. */
import { type Rehearsal } from '@/core/stored/rehearsal';
import { isClockOf, setClock } from './clock';
import { rehearsalKey } from './keys';
import { parse } from './records';
import { readText } from './store';
import * as validator from './validator';

/** What a text says; null where it is none, or none that can be read. */
export async function readRehearsal(text: string | null): Promise<Rehearsal | null> {
  if (text === null) return null;
  const result = await validator.readRehearsal(parse(text));
  return result.ok ? result.value : null;
}

/** Sets the clock of a rehearsal where this tab has not yet: it stands where it was left. */
export async function openRehearsal(id: string): Promise<void> {
  if (isClockOf(id)) return;
  const rehearsal = await readRehearsal(await readText(rehearsalKey(id)));
  if (rehearsal !== null) setClock(id, Date.parse(rehearsal.simAt), rehearsal.endedAt === null ? 1 : 0);
}
