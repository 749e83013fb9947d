/** What a recipe brushes on before it bakes: egg, or milk. What seals an edge is no glaze. */
import { type Glaze } from '../../vocabulary/edges';

const BRUSHING = /\b(?:brush|glaz|paint|egg ?wash)\w*/i;
/** Brushed here to hold, not to shine. */
const SEALS = /\b(?:edges?|rims?|borders?|seams?|seal\w*|stick)\b/i;
const EGG = /\begg|\byolk/i;
const MILK = /\bmilk|\bcream\b/i;

/** @returns the glaze and the words it was read from; null where nothing is said of it */
export function glazeInWords(lines: readonly string[]): { glaze: Glaze; words: string } | null {
  const lineAbout = (what: RegExp): string | undefined =>
    lines.find((line) => BRUSHING.test(line) && what.test(line) && !SEALS.test(line));
  const egg = lineAbout(EGG);
  if (egg !== undefined) return { glaze: 'egg', words: egg };
  const milk = lineAbout(MILK);
  return milk === undefined ? null : { glaze: 'milk', words: milk };
}
