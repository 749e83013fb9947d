/** The plan of a day, from a worker of its own, so that forecasts are not held up: shown as it improves, stopped when asked. */
import { proxy } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { type DayPlan } from '@/core/day/day-plan';
import { type DayInput } from '@/core/day/work-out';
import { lively } from '@/workers/lively';
import { type DaySeen } from '@/workers/planner';
import { type PlannerApi } from '@/workers/planner-api';
import { REMEDY_IDS } from '@/core/day/remedy-ids';
import { newId } from './new-id';
import { workedOut } from './worked-out';

const ask = lively<PlannerApi>(() => new Worker(new URL('../workers/planner-entry', window.location.href)));

/** The shopping list of batches. */
export const shoppingList = (...args: Parameters<PlannerApi['shoppingList']>) =>
  ask((remote) => remote.shoppingList(...args));

let turn = 0;

interface Planned {
  plan: DayPlan | null;
  remedies: DaySeen['remedies'];
  stage: DaySeen['stage'] | 'stopped' | 'failed';
  error: string | null;
}

const NOTHING: Planned = { plan: null, remedies: [], stage: 'planning', error: null };

/**
 * Plans a day anew whenever what it follows from has changed.
 * @param key says what it follows from; null where there is nothing to plan
 */
export function usePlanner(
  key: string | null,
  input: DayInput | null,
): Planned & { stop: () => void; again: () => void } {
  const [planned, setPlanned] = useState<Planned>(NOTHING);
  const [round, setRound] = useState(0);
  const asked = useRef(input);
  const isShown = useRef(false);
  useEffect(() => {
    asked.current = input;
    isShown.current = planned.plan !== null;
  });
  useEffect(() => {
    const what = asked.current;
    if (key === null || what === null) return undefined;
    const mine = ++turn;
    let isOver = false;
    setPlanned((before) => ({ ...before, stage: 'planning', error: null, remedies: [] }));
    const onBetter = proxy((seen: DaySeen) => {
      // The last words may come after the answer. Where nothing stands yet, first tries are not shown: what has just been
      // read would jump, and what is found within the planner's few seconds is the first that counts.
      if (!isOver && (seen.stage !== 'planning' || isShown.current)) setPlanned({ ...seen, error: null });
    });
    const ids = Array.from({ length: REMEDY_IDS }, newId);
    const work = () => ask((remote) => remote.planDay(mine, key, what, ids, onBetter));
    // A day that is under way is planned by the clock; any other by nothing but its key.
    const answer = what.day.run === null ? workedOut(what.day.id, 'plan', [key], work) : work();
    answer.then(
      (seen) => {
        if (isOver) return;
        isOver = true;
        setPlanned((before) => (seen === null ? { ...before, stage: 'stopped' } : { ...seen, error: null }));
      },
      (error: unknown) => {
        if (isOver) return;
        isOver = true;
        setPlanned((before) => ({
          ...before,
          stage: 'failed',
          error: error instanceof Error ? error.message : String(error),
        }));
      },
    );
    return () => {
      // What has been answered needs no stopping, and a kept plan no worker for it.
      if (!isOver) void ask((remote) => remote.stopPlanning(mine + 1)).catch(() => undefined);
      isOver = true;
    };
  }, [key, round]);
  const stop = useCallback(() => {
    turn += 1;
    void ask((remote) => remote.stopPlanning(turn)).catch(() => undefined);
    setPlanned((before) => ({ ...before, stage: 'stopped' }));
  }, []);
  const again = useCallback(() => setRound((n) => n + 1), []);
  return { ...planned, stop, again };
}
