/** A piece of work of a day, as it follows from its batch. */
import { type Operation } from '../stored/operations';
import { type TaskKind } from '../vocabulary/task-kinds';

/** What tasks meet at: of each there is only so much. */
export type PlaceOfWork = 'hands' | 'bench' | 'hob' | 'oven' | 'steamer' | 'pan' | 'pot' | 'fridge';

export interface Follows {
  id: string;
  minWait?: number;
  maxWait?: number;
  /** Why it may not wait longer, in two or three words: `raw`, `skins dry`. */
  why?: string;
}

export interface DayTask {
  id: string;
  kind: TaskKind;
  /** The batches it belongs to; none of what is for all. */
  batchIds: readonly string[];
  /** What it is for, in a word: `Purses`; empty of what is for all. */
  about: string;
  /** What is done. */
  title: string;
  /** How much of what. */
  how: string;
  /** What shows that it is done. */
  doneWhen: string;
  /** As it is thought to take, minutes; planned with what is spare. */
  minutes: number;
  /** It takes a pair of hands all the time. */
  hasHands: boolean;
  needs: Partial<Record<PlaceOfWork, number>>;
  ways?: Partial<Record<PlaceOfWork, string>>;
  after: readonly Follows[];
  weight: number;
  /** Epoch minutes it has to be within. */
  earliest?: number;
  latest?: number;
  /** What must have gone in by its end, by name. */
  stillToAdd?: readonly string[];
  /** Of a batch's parcels, or loads, from which to which: where there are several such tasks. */
  part?: readonly [from: number, to: number];
  /** A check that is red and bears on this work, in words; null where none is. */
  warning: string | null;
  /** Another way than is planned in the batch, taken because that one breaks a rule: what it changes when it begins. */
  mended?: { label: string; change: readonly Operation[] };
  /** A figure that is estimated and not computed: said where it is asked for. */
  isEstimate: boolean;
}

/** Ids of tasks: the batch, the kind, and a number where there are several. */
export const taskId = (batchId: string, kind: TaskKind | string, n?: number | string): string =>
  n === undefined ? `${batchId} ${kind}` : `${batchId} ${kind} ${n}`;

/** `Purses: fill and close`. */
export const fullTitle = ({ about, title }: Pick<DayTask, 'about' | 'title'>): string =>
  about === '' ? title : `${about}: ${title.charAt(0).toLowerCase()}${title.slice(1)}`;
