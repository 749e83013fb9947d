/** How much collides, in minutes. */
import { type Conflict } from '../schedule/problem';

/** Minutes of everything that collides. */
export const troubleOf = (conflicts: readonly Conflict[]): number =>
  conflicts.reduce((sum, { kind, byMinutes }) => sum + (kind === 'impossible' ? 24 * 60 : byMinutes), 0);
