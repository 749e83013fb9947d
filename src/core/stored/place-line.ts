/** Reordering: a line up or down among the lines of its own stage. */
import { type Line } from './schema';

export interface Placing {
  id: string;
  /** Places down; below 0 up. Stops at the ends. */
  by: number;
}

/** Moves a line up or down among the lines of its own stage. */
export function placeLine(lines: readonly Line[], { id, by }: Placing): Line[] {
  const line = lines.find((l) => l.id === id);
  if (!line) return [...lines];
  const siblings = lines.filter((l) => l.stage === line.stage);
  const from = siblings.indexOf(line);
  const to = Math.min(siblings.length - 1, Math.max(0, from + by));
  siblings.splice(from, 1);
  siblings.splice(to, 0, line);
  let next = 0;
  return lines.map((l) => (l.stage === line.stage ? siblings[next++] : l));
}
