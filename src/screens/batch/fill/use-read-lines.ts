/** Lines of a pasted list, read as they are typed: a few here and now, many in the reading worker, with its progress. */
import { useEffect, useMemo, useState } from 'react';
import { readLine, type ReadLine } from '@/core/recipe/read-line';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { readLines } from '@/workers/reader';

/** So many new lines are read at once without being felt. */
const FEW = 3;
/** More are read when these have gone in. */
const MOST_READ = 1000;
/** The worker reads so many before it tells how far it is. */
const CHUNK = 20;

export interface Reading {
  /** Null where a line has not been read yet. */
  lines: { text: string; read: ReadLine | null }[];
  /** How many of how many are read. */
  done: number;
  /** Lines beyond those that are read at once. */
  beyond: string[];
  problem: string | null;
}

/** Reads a text line by line. What has been read is not read again. */
export function useReadLines(text: string, own: readonly OwnIngredient[]): Reading {
  const [known, setKnown] = useState<ReadonlyMap<string, ReadLine>>(new Map());
  const [problem, setProblem] = useState<string | null>(null);
  const all = useMemo(() => text.split(/\r?\n/).filter((line) => line.trim() !== ''), [text]);
  const texts = useMemo(() => all.slice(0, MOST_READ), [all]);
  const lines = useMemo(() => {
    const isFew = new Set(texts.filter((line) => !known.has(line))).size <= FEW;
    return texts.map((line) => ({ text: line, read: known.get(line) ?? (isFew ? readLine(line, own) : null) }));
  }, [texts, known, own]);
  useEffect(() => {
    const open = [...new Set(lines.filter((line) => line.read === null).map((line) => line.text))];
    const fresh = lines.flatMap(({ text: line, read }) =>
      read !== null && !known.has(line) ? [[line, read] as const] : [],
    );
    // What was read here is remembered, so that the next stroke reads one line only.
    if (fresh.length > 0 && open.length === 0) setKnown((so) => new Map([...so, ...fresh]));
    if (open.length === 0) return undefined;
    let gone = false;
    const next = open.slice(0, CHUNK);
    readLines(next, own).then(
      (read) => {
        if (!gone) setKnown((so) => new Map([...so, ...next.map((line, i) => [line, read[i]] as const)]));
      },
      (error: unknown) => {
        if (!gone) setProblem(`The list could not be read (${String(error)}). It is still here.`);
      },
    );
    return () => {
      gone = true;
    };
  }, [lines, known, own]);
  return {
    lines,
    done: lines.filter((line) => line.read !== null).length,
    beyond: all.slice(MOST_READ),
    problem,
  };
}
