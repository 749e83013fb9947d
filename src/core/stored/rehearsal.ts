/** A rehearsal: how it begins, and what happens to it. Its batch and its kitchen are kept beside it, apart from all that is real. */
import { type Rehearsal } from './rehearsal-schema';
import { type Batch } from './schema';
import { REHEARSAL_FORMAT, REHEARSAL_VERSION } from '../vocabulary/formats';
import { type RehearsalKitchen } from '../vocabulary/rehearsals';
import { MOST } from '../vocabulary/limits';
import { later } from './moments';

export type { Rehearsal };

export { isRehearsal, rehearsalId } from './rehearsal-id';

/** From the beginning until people come, minutes, where a kitchen does not say. House estimate. */
const USUAL_MINUTES = 240;

/**
 * Begins a rehearsal of a batch.
 * @param batch with an id of a rehearsal; @param at what its clock shows at the beginning
 */
export function beginRehearsal(
  batch: Batch,
  {
    kitchen,
    seed,
    at,
    minutes = USUAL_MINUTES,
  }: { kitchen: RehearsalKitchen; seed: number; at: string; minutes?: number },
): Rehearsal {
  return {
    format: REHEARSAL_FORMAT,
    version: REHEARSAL_VERSION,
    id: batch.id,
    kitchen,
    seed,
    begun: batch,
    startedAt: at,
    simAt: at,
    serveAt: later(at, minutes),
    hands: 'spoon',
    looks: [],
    endedAt: null,
  };
}

/** What can happen to a rehearsal. */
export type RehearsalOperation =
  | { do: 'passTime'; to: string }
  | { do: 'addLook'; look: Rehearsal['looks'][number] }
  | { do: 'setHands'; hands: Rehearsal['hands'] }
  | { do: 'end'; at: string };

/** The rehearsal after an operation. Its time never goes back; the oldest of very many looks is forgotten. */
export function applyToRehearsal(rehearsal: Rehearsal, operation: RehearsalOperation): Rehearsal {
  if (operation.do === 'passTime') {
    const isLater = Date.parse(operation.to) > Date.parse(rehearsal.simAt);
    return isLater ? { ...rehearsal, simAt: operation.to } : rehearsal;
  }
  if (operation.do === 'addLook')
    return { ...rehearsal, looks: [...rehearsal.looks, operation.look].slice(-MOST.looks) };
  if (operation.do === 'setHands') return { ...rehearsal, hands: operation.hands };
  return { ...rehearsal, endedAt: rehearsal.endedAt ?? operation.at };
}
