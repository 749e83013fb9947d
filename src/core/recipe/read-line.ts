/** A line of a recipe read as far as it can be: what it is, or the one question it leaves open, with answers to tap. */
import { type OwnIngredient } from '../food/own-ingredient';
import { parseLine, type ParsedLine } from './parse-line';
import { type Answer, answers, question } from './to-line';

export interface ReadLine {
  parsed: ParsedLine;
  /** Null where nothing is open. */
  question: string | null;
  answers: Answer[];
}

/** Reads a line. */
export function readLine(text: string, own: readonly OwnIngredient[] = []): ReadLine {
  const parsed = parseLine(text, undefined, own);
  const asks = question(parsed);
  return { parsed, question: asks, answers: asks === null ? [] : answers(parsed, own) };
}
