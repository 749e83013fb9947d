/**
 * What is to be scheduled: tasks of whole minutes that need things of which there are only so many, follow one another, and may
 * not wait for ever. Minutes count from a moment that is the caller's.
 */

/** Something of which there is only so much: hands, rings, an oven. */
export interface Resource {
  capacity: number;
  /** From a minute to another there is so much more, or less. */
  changes?: readonly { from: number; to: number; by: number }[];
  /** Where two uses are of different kinds (an oven at two temperatures), so many minutes lie between them. */
  changeOver?: number;
}

/** What comes before a task. */
export interface After {
  id: string;
  /** At least so many minutes between its end and this one's start; 0 where it is not said. */
  minWait?: number;
  /** At most so many; without end where it is not said. */
  maxWait?: number;
}

export interface Task {
  id: string;
  minutes: number;
  /** So many units of each resource, all the time. */
  needs: Readonly<Record<string, number>>;
  after: readonly After[];
  /** It starts no earlier, and ends no later. */
  earliest?: number;
  latest?: number;
  /** How it uses a resource: two at once only in the same way (an oven's temperature). One that needs none of it, but
   *  has a way, brings it there: an oven heating up. */
  ways?: Readonly<Record<string, string>>;
  /** It stays at its time, whatever that costs: what cannot be done around it is a conflict. */
  isFirm?: boolean;
  /** A minute later is worth so much more than of other tasks: what spoils. 1 where it is not said. */
  weight?: number;
}

export interface Problem {
  /** Everything is over by then. */
  endMinute: number;
  /** Nothing starts before; 0 where it is not said. */
  startMinute?: number;
  resources: Readonly<Record<string, Resource>>;
  tasks: readonly Task[];
}

export interface Scheduled {
  id: string;
  start: number;
  end: number;
}

/** Where a plan cannot be had: what stands against it, and by how much. */
export interface Conflict {
  kind: 'too-late' | 'waits-too-long' | 'never-fits' | 'impossible';
  /** The tasks it is about: the first is the one that suffers. */
  tasks: readonly string[];
  /** What they meet at; null where nothing but the order of work stands against it. */
  resource: string | null;
  byMinutes: number;
}

export interface Schedule {
  feasible: boolean;
  tasks: Scheduled[];
  /** The first start. */
  startMinute: number;
  conflicts: Conflict[];
}

/** How much of a resource there is at a minute. */
export const capacityAt = ({ capacity, changes = [] }: Resource, minute: number): number =>
  Math.max(
    0,
    changes.reduce((sum, { from, to, by }) => (from <= minute && minute < to ? sum + by : sum), capacity),
  );

/** Whether a task can only be at one time: pinned, or serving. */
export const isFixed = ({ earliest, latest, minutes }: Task): boolean =>
  earliest !== undefined && latest !== undefined && latest - minutes <= earliest;
