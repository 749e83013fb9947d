/** What the day knows of a batch: its documents' accounts, its forecasts, and what work on it has really taken. */
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { type Serving } from '../vocabulary/servings';
import { account, type Accounts } from '../checks/account';
import { type HeatForecast } from '../forecast/heat';
import { loadsToCook, type LoadsToCook } from '../cooking/loads-to-cook';
import { wrapperMaking, type WrapperMaking } from '../wrapper/making';
import { type Mended, type Warnings, warningsOf } from './red-checks';

export interface BatchFacts {
  batch: Batch;
  kitchen: Kitchen;
  /** What was taken since then belongs to this day, and changes nothing of it; null before it has begun. */
  runsSince: string | null;
  /** What it is called among the others, in a word or two. */
  about: string;
  serving: Serving;
  /** Epoch minute it is served at, and from which on it can be worked on. */
  serveMinute: number;
  from: number;
  accounts: Accounts;
  wrapPlan: WrapperMaking;
  loads: LoadsToCook | null;
  /** What is red, by the work at which it is said. */
  warnings: Warnings;
  /** Another way of cooling than the batch has, because that one breaks a rule; null where it keeps them. */
  mended: Mended | null;
  /** Minutes until the filling is wrap-ready; null where it never gets there as planned, 0 where nothing is hot. */
  coolMinutes: number | null;
  /** How many times as long frozen parcels take; 1 where they are planned from frozen already. */
  frozenFactor: number;
  /** Minutes on a tray until a parcel is hard. */
  hardMinutes: number;
}

export interface Forecasts {
  heat: HeatForecast | null;
  /** The same batch, its parcels frozen. */
  frozen: HeatForecast | null;
  hardMinutes: number | null;
  /** A way of cooling that keeps the rules, where the batch's own does not. */
  mended: Mended | null;
}

/** Where it is not known: overnight is enough. House estimate, minutes. */
const USUAL_HARD = 240;
/** Where no forecast says how much longer frozen parcels take. House estimate. */
const USUAL_FROZEN = 1.5;

/** @param now ISO 8601: what stands out goes on standing, and a limit is missed when it is */
export function factsOf(
  asPlanned: Batch,
  kitchen: Kitchen,
  of: Pick<BatchFacts, 'about' | 'serving' | 'serveMinute' | 'from' | 'runsSince'>,
  { heat: ofPlan, frozen, hardMinutes, mended }: Forecasts,
  now: string,
): BatchFacts {
  const batch = mended?.batch ?? asPlanned;
  const heat = mended?.heat ?? ofPlan;
  const accounts = account(batch, kitchen, heat, null, false, now);
  const { dough, fit, laid } = accounts;
  const isFrozen = batch.cook.startC < 0;
  const [thawed, cold] = [heat?.core?.leastDoneMinutes ?? null, frozen?.core?.leastDoneMinutes ?? null];
  return {
    batch,
    kitchen,
    ...of,
    accounts,
    wrapPlan: wrapperMaking(batch, kitchen, fit, laid, dough),
    loads: loadsToCook(batch, kitchen, { dough, fit, bears: heat?.core?.pot?.bears ?? null }),
    coolMinutes: heat === null || accounts.coolTarget === null ? 0 : heat.cooling === null ? 0 : heat.cooling.minutes,
    warnings: warningsOf(accounts),
    mended,
    frozenFactor: isFrozen ? 1 : thawed !== null && cold !== null && thawed > 0 ? cold / thawed : USUAL_FROZEN,
    hardMinutes: hardMinutes ?? USUAL_HARD,
  };
}

/** How much longer than thought some work on a batch has really taken: the last few times, each within half and double. */
const LAST = 3;
const WITHIN = [0.5, 2] as const;
export function takenFactor({ batch, runsSince }: Pick<BatchFacts, 'batch' | 'runsSince'>, what: string): number {
  const before = batch.taken.filter((t) => t.what === what && (runsSince === null || t.at < runsSince));
  const last = before.slice(-LAST);
  if (last.length === 0) return 1;
  const sum = last.reduce((all, t) => all + Math.min(WITHIN[1], Math.max(WITHIN[0], t.minutes / t.planned)), 0);
  return sum / last.length;
}
