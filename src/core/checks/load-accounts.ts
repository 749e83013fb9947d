/** A batch as it goes into the heat: in loads, with what was measured of each, and how long it stands out until then. */
import { wrapMinutesOf } from '../cooling/board-clock';
import { type Exposure, exposureOf } from '../cooling/exposure-of';
import { type Fastest, fastestOf } from '../cooking/fastest';
import { type CookedLoad, cookedLoads } from '../cooking/load-evidence';
import { FRIDGE_AFTER, type LoadsToCook, loadsToCook } from '../cooking/loads-to-cook';
import { type HeatForecast } from '../forecast/heat';
import { type Outline } from '../forecast/outline';
import { FORMS } from '../forms';
import { judgeLoads, type Verdict } from '../safety/loads';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { type Fit } from '../wrapper/fit';
import { once } from './once';

export interface LoadAccounts {
  /** In how many loads it is cooked; null where in nothing of the kitchen's. */
  readonly loads: LoadsToCook | null;
  /** Loads as they were cooked and measured. */
  readonly cooked: readonly CookedLoad[];
  /** The verdict on what was measured, load by load. */
  readonly verdict: Verdict;
  /** How long it has been out of the cold, and will be. */
  readonly exposure: Exposure;
}

interface Made {
  batch: Batch;
  kitchen: Kitchen;
  heat: HeatForecast | null;
  /** ISO 8601; null where only what is stored is asked. */
  now: string | null;
  fit: () => Fit;
}

/** Each is drawn up when it is first asked for. */
export function loadAccounts({ dough, limit, perishable }: Outline, { batch, kitchen, heat, now, fit }: Made) {
  // A bun that is filled afterwards is cooked alone: its filling is measured where it is cooked.
  const { isFilledAfter } = FORMS[batch.wrap.form];
  const loads = once(() => loadsToCook(batch, kitchen, { dough, fit: fit(), bears: heat?.core?.pot?.bears ?? null }));
  const fastest = once((): Fastest | null =>
    heat?.core && !isFilledAfter ? fastestOf(heat.core.samples, limit.c) : null,
  );
  const cooked = once(() => {
    const atOnce = loads()?.atOnce ?? batch.count;
    if (!isFilledAfter) return cookedLoads(batch, atOnce, fastest()?.soonest ?? null);
    return cookedLoads({ ...batch, cook: { ...batch.cook, run: null, earlierRuns: [] } }, batch.count, null);
  });
  const verdict = once(() =>
    judgeLoads(
      cooked().loads.map((load) => ({ ...load, isOut: load.isOut && !isFilledAfter })),
      limit,
      cooked().toCome,
      fastest()?.heating,
    ),
  );
  const exposure = once(() => {
    const waits = loads()?.lastWaits ?? 0;
    return exposureOf(
      batch,
      {
        perishable,
        cooling: heat?.cooling ?? null,
        wrapMinutes: wrapMinutesOf(batch, kitchen),
        // What waits for longer goes back into the fridge: so it is said.
        waitMinutes: waits < FRIDGE_AFTER ? waits : 0,
        roomC: kitchen.roomC,
        toCome: cooked().toCome,
      },
      now,
    );
  });
  return { loads, cooked: () => cooked().loads, verdict, exposure };
}
