/** Ready-made ways to cook for a form: what they come to, and which of them some steps are. */
import { FORMS, type FormId } from '../forms';
import { type CookStep } from '../vocabulary/media/step';
import { type Method } from '../vocabulary/methods';
import { WAY_TO_COOK_IDS, type WayToCook, WAYS_TO_COOK } from '../vocabulary/ways-to-cook';

/** What a ready-made way comes to for a form. */
export const stepsOf = (way: WayToCook, form: FormId): CookStep[] =>
  WAYS_TO_COOK[way].steps(FORMS[form].size).map((s) => ({ ...s }));

/** The same medium, turn and slurry; and water said where the way says it. */
const isLike = (a: CookStep, b: CookStep): boolean =>
  a.medium === b.medium &&
  a.turn === b.turn &&
  a.starchG > 0 === b.starchG > 0 &&
  (a.waterG === null) === (b.waterG === null);

/** Which ready-made way has these media and turns; null where it is one's own. */
export const wayOf = (
  { method, steps }: { method: Method; steps: readonly CookStep[] },
  form: FormId,
): WayToCook | null =>
  WAY_TO_COOK_IDS.find((id) => {
    const ready = stepsOf(id, form);
    return (
      WAYS_TO_COOK[id].method === method &&
      ready.length === steps.length &&
      ready.every((step, i) => isLike(step, steps[i]))
    );
  }) ?? null;
