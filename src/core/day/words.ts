/** How things of a day are said. */
import { type ResolvedLine } from '../filling/lines';

const MOST_NAMES = 5;
const lower = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/** `onion, leek, carrot and 2 more`. */
export function namesOf(lines: readonly Pick<ResolvedLine, 'ingredient'>[]): string {
  const names = [...new Set(lines.map((l) => lower(l.ingredient.name)))];
  if (names.length === 0) return '';
  const more = names.length - MOST_NAMES;
  if (more > 1) return `${names.slice(0, MOST_NAMES).join(', ')} and ${more} more`;
  return names.length === 1 ? names[0] : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
}
