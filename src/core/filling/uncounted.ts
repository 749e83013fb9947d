/** What is listed but counts nothing, or not as it is written: no check may be called good by not knowing it. */
import { lineName } from '../stored/line-name';
import { type Batch } from '../stored/schema';
import { hasPreparation } from '../vocabulary/releases';
import { lookUp } from '../food/larder';
import { type Finding } from './finding';
import { type ResolvedLine } from './lines';

export interface Uncounted {
  lineId: string;
  /** What stands in the line. */
  name: string;
  why: 'unknown' | 'unit' | 'preparation';
}

/** The lines of a batch that are not counted, or not as they say. */
export function uncountedLines(
  { lines, ingredients }: Pick<Batch, 'lines' | 'ingredients'>,
  resolved: readonly ResolvedLine[],
): Uncounted[] {
  const counted = new Set(resolved.map((l) => l.line.id));
  return lines.flatMap((line): Uncounted[] => {
    const ingredient = lookUp(ingredients, line.ingredientId);
    const named = { lineId: line.id, name: lineName(line, ingredient?.name) };
    if (!ingredient) return [{ ...named, why: 'unknown' }];
    if (!counted.has(line.id)) return [{ ...named, why: 'unit' }];
    return hasPreparation(ingredient.release, line.preparation) ? [] : [{ ...named, why: 'preparation' }];
  });
}

/** Whether a line counts nothing at all. */
export const countsNothing = ({ why }: Uncounted): boolean => why !== 'preparation';

/** What every check that it bears on says of it. */
export function uncountedSentence(uncounted: readonly Uncounted[]): string {
  const [first, ...others] = uncounted;
  if (!first) return '';
  const more = others.length === 0 ? '' : ` (and ${others.length} more)`;
  const what = {
    unknown: `“${first.name}”${more} is not in the larder: say what it’s most like.`,
    unit: `${first.name}${more} isn’t counted in that unit: weigh it.`,
    preparation: `How ${first.name.toLowerCase()}${more} was prepared isn’t known: choose it.`,
  };
  return what[first.why];
}

/** The same beside its line. */
export const uncountedFindings = (
  uncounted: readonly Uncounted[],
  { lines, ingredients }: Pick<Batch, 'lines' | 'ingredients'>,
): Finding[] =>
  uncounted.map(({ lineId, name, why }): Finding => {
    const line = lines.find((l) => l.id === lineId);
    if (why === 'unknown') {
      return {
        lineId,
        text: `The Larder doesn’t have “${name}”: say what it’s most like. Until then it could be anything from dry to all water.`,
        fix: null,
      };
    }
    if (why === 'unit') {
      return {
        lineId,
        text: `${name} isn’t counted in pieces here: weigh it. Until then it isn’t counted.`,
        fix: { label: 'In grams, then', change: [{ do: 'changeLine', id: lineId, to: { unit: 'g' } }] },
      };
    }
    const food = line && lookUp(ingredients, line.ingredientId);
    return {
      lineId,
      text: `“${line?.preparation ?? ''}” isn’t a way to prepare ${food?.name.toLowerCase() ?? name}: choose one; until then it’s counted as it comes.`,
      fix: { label: 'As it comes', change: [{ do: 'changeLine', id: lineId, to: { preparation: 'raw' } }] },
    };
  });
