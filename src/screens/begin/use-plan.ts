/** A pasted recipe read in the reading worker: the plan as it stands, and what the cook has said otherwise. */
import { useEffect, useState, useRef } from 'react';
import { type OwnIngredient } from '@/core/food/own-ingredient';
import { type PlanSaid, type RecipePlan } from '@/core/recipe/plan';
import { now } from '@/data/hooks';
import { rowsWanted } from '@/data/larder-rows';
import { newId } from '@/data/new-id';
import { readPlan } from '@/workers/reader';
import * as phrases from './words';

interface ReadPlan {
  /** Null until it is read for the first time. */
  plan: RecipePlan | null;
  isReading: boolean;
  problem: string | null;
}

/** While somebody types nothing is read, ms. */
const PAUSE_MS = 250;

/** Reads a text; the last plan stays until the next has come. */
export function usePlan(text: string, own: readonly OwnIngredient[], corrections: readonly PlanSaid[]): ReadPlan {
  const [read, setRead] = useState<{ of: string; plan: RecipePlan | null; problem: string | null }>({
    of: '',
    plan: null,
    problem: null,
  });
  const key = `${JSON.stringify(corrections)} ${text}`;
  const asked = useRef({ text, said: corrections });
  const isFirst = useRef(true);
  useEffect(() => {
    asked.current = { text, said: corrections };
  });
  useEffect(() => {
    let gone = false;
    const ask = () =>
      readPlan(asked.current.text, { id: newId(), at: now() }, own, asked.current.said)
        .then(async (plan) => {
          await rowsWanted(plan.plans.map(({ batch }) => batch));
          return plan;
        })
        .then(
          (plan) => {
            if (gone) return;
            isFirst.current = false;
            setRead({ of: key, plan, problem: null });
          },
          (error: unknown) => {
            if (gone) return;
            isFirst.current = false;
            setRead({
              of: key,
              plan: null,
              problem: phrases.recipeNotRead(String(error)),
            });
          },
        );
    const timer = setTimeout(() => void ask(), isFirst.current ? 0 : PAUSE_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [key, own]);
  return { plan: read.plan, isReading: read.of !== key, problem: read.problem };
}
