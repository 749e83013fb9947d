/** The known lines as a list: how each was read. */
import { KNOWN_LINES, type KnownLine, SECOND_LINES, THIRD_LINES } from '../test/known-lines/known-lines';
import { type Read, readKnown } from '../test/known-lines/judged';

function list(lines: readonly KnownLine[], what: string): void {
  const counts: Record<Read['how'], number> = { right: 0, open: 0, weight: 0, other: 0 };
  for (const line of lines) {
    const { how, made } = readKnown(line);
    counts[how] += 1;
    if (how !== 'right') console.log(`${how.padEnd(6)}  ${line.text}  →  ${made}`);
  }
  const { right, open, weight, other } = counts;
  console.log(
    `${what}: ${right} of ${lines.length} read right; ${open} open, ${weight} with another weight, ${other} as another food`,
  );
}

list(KNOWN_LINES, 'first lines');
list(SECOND_LINES, 'second lines');
list(THIRD_LINES, 'third lines');
