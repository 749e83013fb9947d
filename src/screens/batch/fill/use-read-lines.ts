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

/** What has been read is not read again, as long as the larder stays the same. */
const READ = new WeakMap<readonly OwnIngredient[], Map<string, ReadLine>>();
const MOST_REMEMBERED = 4000;

function rememberedFor(own: readonly OwnIngredient[]): Map<string, ReadLine> {
  const known = READ.get(own);
  if (known && known.size < MOST_REMEMBERED) return known;
  const fresh = new Map<string, ReadLine>();
  READ.set(own, fresh);
  return fresh;
}

function remember(known: Map<string, ReadLine>, text: string, own: readonly OwnIngredient[]): ReadLine {
  const read = known.get(text) ?? readLine(text, own);
  known.set(text, read);
  return read;
}

/** Reads a text line by line. */
export function useReadLines(text: string, own: readonly OwnIngredient[]): Reading {
  /** Goes up with every answer of the worker. */
  const [answers, setAnswers] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const all = useMemo(() => text.split(/\r?\n/).filter((line) => line.trim() !== ''), [text]);
  const lines = useMemo(() => {
    const known = rememberedFor(own);
    const texts = all.slice(0, MOST_READ);
    // What is in `known` has changed with the last answer.
    const isFew = answers >= 0 && new Set(texts.filter((line) => !known.has(line))).size <= FEW;
    return texts.map((line) => ({
      text: line,
      read: isFew ? remember(known, line, own) : (known.get(line) ?? null),
    }));
  }, [all, own, answers]);
  useEffect(() => {
    const next = [...new Set(lines.filter((line) => line.read === null).map((line) => line.text))].slice(0, CHUNK);
    if (next.length === 0) return undefined;
    let gone = false;
    readLines(next, own).then(
      (read) => {
        const known = rememberedFor(own);
        next.forEach((line, i) => known.set(line, read[i]));
        if (!gone) setAnswers((n) => n + 1);
      },
      (error: unknown) => {
        if (!gone) setProblem(`The list could not be read (${String(error)}). It is still here.`);
      },
    );
    return () => {
      gone = true;
    };
  }, [lines, own]);
  return {
    lines,
    done: lines.filter((line) => line.read !== null).length,
    beyond: all.slice(MOST_READ),
    problem,
  };
}
