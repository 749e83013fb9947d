/** A pasted text, read in the reading worker line by line, with its progress; a whole recipe with what its method says. */
import { useEffect, useMemo, useState } from 'react';
import { type School } from '@/core/vocabulary/schools';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { type FromMethod } from '@/core/recipe/method';
import { type ReadFood, type ReadLines } from '@/core/recipe/read-lines';
import { type WholeRecipe } from '@/core/recipe/whole';
import { useReading } from '@/data/use-reading';
import { readLines, readMethod } from '@/workers/reader';
import * as phrases from './words';

/** More are read when these have gone in. */
const MOST_READ = 1000;
/** The worker reads so many before it tells how far it is. */
const CHUNK = 20;

/** A food of a line, with what the method says of it. */
export interface ReadItem {
  /** The line as it stands. */
  text: string;
  food: ReadFood;
  from: FromMethod | null;
}

export interface Reading {
  recipe: WholeRecipe;
  /** Null where a line has not been read yet. */
  lines: { text: string; read: ReadLines | null }[];
  items: ReadItem[];
  /** How many of how many are read. */
  done: number;
  /** Lines beyond those that are read at once. */
  beyond: string[];
  problem: string | null;
}

/** What has been read is not read again, as long as the larder stays the same. */
const READ = new WeakMap<readonly OwnIngredient[], Map<string, ReadLines>>();
const MOST_REMEMBERED = 4000;

function rememberedFor(own: readonly OwnIngredient[]): Map<string, ReadLines> {
  const remembered = READ.get(own);
  if (remembered && remembered.size < MOST_REMEMBERED) return remembered;
  const fresh = new Map<string, ReadLines>();
  READ.set(own, fresh);
  return fresh;
}

const NOTHING_READ: WholeRecipe = { title: null, count: null, serves: null, ingredients: [], others: [], steps: [] };

const keyOf = (text: string, school: School): string => `${school} ${text}`;
const NOTHING: readonly (FromMethod | null)[] = [];

/** Reads a text. */
export function useReadLines(text: string, school: School, own: readonly OwnIngredient[]): Reading {
  /** Goes up with every answer of the worker. */
  const [answers, setAnswers] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const [method, setMethod] = useState<{ of: string; said: readonly (FromMethod | null)[] }>({ of: '', said: NOTHING });
  const { reading, problem: notThere } = useReading(true);
  const recipe = useMemo(() => reading?.takeApart(text) ?? NOTHING_READ, [reading, text]);
  const lines = useMemo(() => {
    const remembered = rememberedFor(own);
    // What is in `remembered` has changed with the last answer.
    return recipe.ingredients.slice(0, answers >= 0 ? MOST_READ : 0).map((line) => ({
      text: line,
      read: remembered.get(keyOf(line, school)) ?? null,
    }));
  }, [recipe, own, school, answers]);
  useEffect(() => {
    const next = [...new Set(lines.filter((line) => line.read === null).map((line) => line.text))].slice(0, CHUNK);
    if (next.length === 0) return undefined;
    let gone = false;
    readLines(next, school, own).then(
      (read) => {
        const remembered = rememberedFor(own);
        next.forEach((line, i) => remembered.set(keyOf(line, school), read[i]));
        if (!gone) setAnswers((n) => n + 1);
      },
      (error: unknown) => {
        if (!gone) setProblem(phrases.listNotRead(String(error)));
      },
    );
    return () => {
      gone = true;
    };
  }, [lines, school, own]);
  const done = lines.filter((line) => line.read !== null).length;
  const foods = useMemo(
    () =>
      lines.flatMap(({ text: line, read }) =>
        read?.kind === 'lines' ? read.lines.map((food) => ({ text: line, food })) : [],
      ),
    [lines],
  );
  const isRead = done === lines.length;
  useEffect(() => {
    if (recipe.steps.length === 0 || !isRead || foods.length === 0) return undefined;
    let gone = false;
    const plain = foods.map(({ food: { line, parsed } }) => ({ line, parsed }));
    readMethod(plain, recipe.steps, school, own).then(
      (said) => {
        if (!gone) setMethod({ of: text, said });
      },
      (error: unknown) => {
        if (!gone) setProblem(phrases.methodNotRead(String(error)));
      },
    );
    return () => {
      gone = true;
    };
  }, [recipe, isRead, foods, school, own, text]);
  const byMethod = method.of === text && method.said.length === foods.length ? method.said : NOTHING;
  return {
    recipe,
    lines,
    items: foods.map((item, i) => ({ ...item, from: byMethod[i] ?? null })),
    done,
    beyond: recipe.ingredients.slice(MOST_READ),
    problem: problem ?? notThere,
  };
}
