/** A line of a recipe as it is pasted: one or two lines of the filling, a note, or the one question it leaves open. */
import { type Line } from '../stored/schema';
import { type School } from '../vocabulary/schools';
import { type OwnIngredient } from '../food/own-ingredient';
import { notFilling } from './not-filling';
import { parseLine, type ParsedLine } from './parse-line';
import { type Answer, answers, question, toLine } from './to-line';
import { isSaltToTaste, toTaste } from './to-taste';
import { foodsIn } from './two-foods';

/** A food of a line, as far as it is understood. */
export interface ReadFood {
  parsed: ParsedLine;
  /** Null where something is open. Its id is to be given by whoever takes it. */
  line: Line | null;
  /** Null where nothing is. */
  question: string | null;
  answers: Answer[];
}

export type ReadLines =
  | { kind: 'lines'; lines: ReadFood[] }
  /** It does not go into the filling, or has no amount and needs none: kept in words. */
  | { kind: 'note'; why: string };

/** The id of a line that has none yet. */
const NO_ID = 'new';

/** Reads one line of a recipe. */
export function readLines(text: string, school: School, own: readonly OwnIngredient[] = []): ReadLines {
  const why = notFilling(text);
  if (why !== null) return { kind: 'note', why: `not in the filling: ${why}` };
  const lines = foodsIn(text, own).flatMap((food): ReadFood[] => {
    const parsed = toTaste(parseLine(food, undefined, own), text);
    const line = toLine(parsed, school, NO_ID, own);
    // Salt by taste is what the Salt check is for.
    const asks = line === null && !isSaltToTaste(parsed) ? question(parsed) : null;
    return [{ parsed, line, question: asks, answers: asks === null ? [] : answers(parsed, own) }];
  });
  return { kind: 'lines', lines };
}
