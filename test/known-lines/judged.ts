/** How a known line was read: right, with something open, by a wrong weight, or as another food. */
import { ingredientById } from '@/core/food/catalogue';
import { aliasesOf } from '@/core/food/names';
import { readLines } from '@/core/recipe/read-lines';
import { type KnownLine } from './known-lines';

export interface Read {
  how: 'right' | 'open' | 'weight' | 'other';
  /** What was made of it. */
  made: string;
}

/** Reads the line, and says how. */
export function readKnown({ text, is, isNot, grams, tolerance }: KnownLine): Read {
  const read = readLines(text, 'raw');
  if (read.kind === 'note') return { how: 'open', made: `a note: ${read.why}` };
  const made = read.lines
    .map(
      ({ parsed, question }) =>
        `${parsed.ingredientId ?? '?'} ${parsed.grams ?? '? '}g${question === null ? '' : ` (${question})`}`,
    )
    .join(' + ');
  if (read.lines.some(({ parsed }) => parsed.ingredientId === null)) return { how: 'open', made };
  const named = read.lines.map(({ parsed }) => ingredientById(parsed.ingredientId ?? '')?.name ?? '');
  const known = (name: string, id: string | null): boolean =>
    (is.test(name) || is.test(id ?? '') || aliasesOf(id ?? '').some((alias) => is.test(alias))) &&
    !(isNot?.test(name) ?? false);
  const of = read.lines.find(({ parsed }, i) => known(named[i], parsed.ingredientId));
  if (!of) return { how: 'other', made };
  if (grams === null) return { how: 'right', made };
  if (of.parsed.grams === null) return { how: 'open', made };
  return { how: Math.abs(of.parsed.grams - grams) <= tolerance * grams + 0.3 ? 'right' : 'weight', made };
}
