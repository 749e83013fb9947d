/** First step of three: what there is. Lines are resolved once, and everything that is judged is drawn up from them once. */
import { ORDINARY_DENSITY } from '../food/densities';
import { type Batch } from '../stored/schema';
import { type Laid } from '../forms/skins';
import { type Kitchen } from '../stored/kitchen-schema';
import { saltAim, wasteShare } from '../learning/learned';
import { fillingDensity } from '../filling/density';
import { accountFat, type FatAccount } from '../filling/fat';
import { kindOf } from '../filling/kind';
import { drawLedger, type Ledger } from '../filling/ledger';
import { accountSalt, type SaltAccount } from '../filling/salt';
import { type Takes, takesOf, withBroth } from '../filling/takes';
import { laidOf } from '../wrapper/laid';
import { type Exposure, exposureOf } from '../cooling/exposure-of';
import { wrapMinutesOf } from '../cooling/board-clock';
import { type Fastest, fastestOf } from '../cooking/fastest';
import { type CookedLoad, cookedLoads } from '../cooking/load-evidence';
import { FRIDGE_AFTER, type LoadsToCook, loadsToCook } from '../cooking/loads-to-cook';
import { judgeLoads, type Verdict } from '../safety/loads';
import { FORMS } from '../forms';
import { balance, type Balance } from '../wrapper/balance';
import { type Fit, fitParcel } from '../wrapper/fit';
import { type HeatForecast } from '../forecast/heat';
import { type Outline, outline } from '../forecast/outline';

export interface Accounts extends Outline {
  batch: Batch;
  kitchen: Kitchen;
  ledger: Ledger;
  /** g of filling that gets into parcels: less what this kitchen loses on the way. */
  usableG: number;
  fat: FatAccount;
  salt: SaltAccount;
  /** g/ml of the filling. */
  density: number;
  /** The skin as it is laid. */
  laid: Laid;
  fit: Fit;
  /** Parcels that filling and dough make. */
  balance: Balance;
  /** How much free liquid this parcel takes, and how dry it may be. */
  takes: Takes;
  /** g of steam that is not counted on: of a cooling that is too slow. */
  steamLeftOut: number;
  /** In how many loads it is cooked; null where in nothing of the kitchen's. */
  loads: LoadsToCook | null;
  /** Loads as they were cooked and measured. */
  cooked: readonly CookedLoad[];
  /** The verdict on what was measured, load by load. */
  verdict: Verdict;
  /** How long it has been out of the cold, and will be. */
  exposure: Exposure;
  heat: HeatForecast | null;
  /** Why there is no forecast and will be none. */
  problem: string | null;
  /** A change being tried out: nobody will ask why. */
  isTrial: boolean;
  /** ISO 8601; null where only what is stored is asked. */
  now: string | null;
}

/** Worked out when it is first asked for, once: of a change that is tried out for one check the others' accounts are not needed. */
function once<T>(make: () => T): () => T {
  let made: { value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}

/**
 * Draws up the accounts of a batch.
 * @param heat from `forecastHeat`; null while it is being worked out
 * @param problem why there will be no forecast, where it failed
 * @param isTrial whether a change is only tried out
 * @param now ISO 8601, to the minute: what stands out goes on standing; null where only what is stored is asked
 */
export function account(
  batch: Batch,
  kitchen: Kitchen,
  heat: HeatForecast | null,
  problem: string | null = null,
  isTrial = false,
  now: string | null = null,
): Accounts {
  const o = outline(batch, kitchen);
  const { wrap, cook } = batch;
  const usual = takesOf(
    kindOf(o.lines),
    {
      form: wrap.form,
      vent: wrap.vent,
      method: cook.method,
      dough: o.dough.kind,
    },
    kitchen.learned,
  );
  const steamG = heat?.cooling?.soundSteamG ?? 0;
  const ledger = drawLedger(o.lines, batch.water, steamG, usual.ovenPer100);
  const takes = withBroth(usual, wrap.form, ledger);
  const density = once(() => (o.lines.length > 0 ? fillingDensity(ledger.composition) : ORDINARY_DENSITY));
  const laid = laidOf(wrap, o.dough);
  const fit = once(() =>
    fitParcel({
      form: wrap.form,
      laid,
      dough: o.dough,
      fillingG: wrap.portionG,
      density: density(),
      hasMouth: wrap.vent === 'mouth',
    }),
  );
  const usableG = ledger.finishedG * (1 - wasteShare(kitchen));
  const balanced = once(() =>
    balance({
      fillingG: usableG,
      portionG: wrap.portionG,
      count: batch.count,
      doughG: wrap.doughG,
      skinG: fit().wrapperG,
    }),
  );
  const fat = once(() => accountFat(o.lines, ledger.finishedG));
  const salt = once(() =>
    accountSalt(o.lines, {
      finishedG: ledger.finishedG,
      portionG: wrap.portionG,
      wrapperG: fit().wrapperG,
      wrapperPercent: o.doughSaltPercent,
      aimPercent: saltAim(kitchen),
    }),
  );
  const loads = once(() =>
    loadsToCook(batch, kitchen, { dough: o.dough, fit: fit(), bears: heat?.core?.pot?.bears ?? null }),
  );
  // A bun that is filled afterwards is cooked alone: its filling is measured where it is cooked.
  const isFilledAfter = FORMS[wrap.form].isFilledAfter;
  const fastest = once((): Fastest | null =>
    heat?.core && !isFilledAfter ? fastestOf(heat.core.samples, o.limit.c) : null,
  );
  const cooked = once(() => {
    const atOnce = loads()?.atOnce ?? batch.count;
    if (!isFilledAfter) return cookedLoads(batch, atOnce, fastest()?.soonest ?? null);
    return cookedLoads({ ...batch, cook: { ...cook, run: null, earlierRuns: [] } }, batch.count, null);
  });
  const read = once(() =>
    judgeLoads(
      cooked().loads.map((load) => ({ ...load, isOut: load.isOut && !isFilledAfter })),
      o.limit,
      cooked().toCome,
      fastest()?.heating,
    ),
  );
  const exposed = once(() => {
    const waits = loads()?.lastWaits ?? 0;
    return exposureOf(
      batch,
      {
        perishable: o.perishable,
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
  return {
    ...o,
    batch,
    kitchen,
    ledger,
    laid,
    takes,
    usableG,
    steamLeftOut: Math.max(0, (heat?.cooling?.evaporatedG ?? 0) - steamG),
    heat,
    problem,
    isTrial,
    now,
    get fat() {
      return fat();
    },
    get salt() {
      return salt();
    },
    get density() {
      return density();
    },
    get fit() {
      return fit();
    },
    get balance() {
      return balanced();
    },
    get loads() {
      return loads();
    },
    get cooked() {
      return cooked().loads;
    },
    get verdict() {
      return read();
    },
    get exposure() {
      return exposed();
    },
  };
}
