/** What Core can say of the forecast, gravest first. A forecast never makes a batch safe: at best it says when to measure. */
import { plannedMinutes } from '../stored/cooking';
import { FORMS } from '../forms';
import { methodInstead, neverWords } from '../vocabulary/goes-together';
import { METHODS } from '../vocabulary/methods';
import { type CoreForecast } from '../forecast/heat';
import { written } from '../safety/threshold';
import { formatNumber } from '../units/amount';
import { formatMinutes, formatTemperature } from '../units/format';
import { type Accounts } from './account';
import { nothingIn } from './check';
import { crustOf } from './crust';
import { type Finding, type Verdict } from './finding';
import { isEnough } from './grace';
import { leftOutWords, measured } from './measured';
import { pale } from './pale';
import { potFinding } from './pot-finding';
import { tooLong } from './too-long';

/** What was measured, and what holds before there is a forecast. */
const measuredAlready: Finding<Accounts> = (accounts) => measured(accounts, accounts.heat?.core ?? null);

const nothingYet: Finding<Accounts> = ({ lines }) =>
  lines.length > 0 ? null : { ...nothingIn('Core'), sentence: 'The time depends on the filling.' };

/** What nobody makes is asked about: how long it would take is not the question. */
const nobodyMakes: Finding<Accounts> = ({ batch: { wrap, cook } }) => {
  const never = neverWords(wrap.dough, cook.method);
  return never === null
    ? null
    : {
        state: 'watch',
        headline: `Core: ${METHODS[cook.method].done}?`,
        sentence: `${never} ${METHODS[methodInstead(wrap.dough)].imperative} it, or choose another dough.`,
        isOpen: true,
      };
};

const noForecast: Finding<Accounts> = ({ heat, problem, limit, kitchen }) =>
  heat?.core != null || problem === null
    ? null
    : {
        state: 'watch',
        headline: 'Core: not known',
        sentence: `The time couldn’t be worked out (${problem}). Measure: *${written(limit.at, kitchen.temperature)}* ${limit.kind === 'safety' ? 'in the middle' : 'in the dough'}.`,
      };

const forecastToCome: Finding<Accounts> = ({ heat }) =>
  heat?.core != null
    ? null
    : { state: 'watch', headline: 'Core: working it out', sentence: 'Working out how it heats …', pending: true };

export const BEFORE_FORECAST: readonly Finding<Accounts>[] = [
  measuredAlready,
  nothingYet,
  nobodyMakes,
  noForecast,
  forecastToCome,
];

/** What of the forecast the rules look at. */
interface Seen {
  accounts: Accounts;
  forecast: CoreForecast;
  /** What is to be reached, in words. */
  where: string;
  planned: number;
}

/** The same where the forecast gets there, with when. */
interface Reached extends Seen {
  /** Of the average parcel, min. */
  minutes: number;
  /** Of the slowest, min. */
  slowest: number;
  /** When its crust is too brown, min; null where it never is. */
  burntAt: number | null;
  /** Both times and the plan. */
  sentence: string;
}

/** A bun that is filled afterwards is cooked alone; its filling is measured where it is cooked. */
const isFilledAfter = ({ batch }: Accounts): boolean => FORMS[batch.wrap.form].isFilledAfter;

/** What the rules look at. */
export function seenOf(accounts: Accounts, forecast: CoreForecast): Seen {
  const { batch, kitchen, limit } = accounts;
  const where =
    limit.kind === 'safety' && !isFilledAfter(accounts)
      ? `${written(limit.at, kitchen.temperature)} in the middle`
      : `dough cooked through (${formatTemperature(forecast.targetC, kitchen.temperature)})`;
  return { accounts, forecast, where, planned: plannedMinutes(batch.cook) };
}

/** The same with when it gets there; null where it does not. */
export function reachedOf(seen: Seen): Reached | null {
  const { accounts, forecast, where, planned } = seen;
  const { minutes, leastDoneMinutes } = forecast;
  if (minutes === null || leastDoneMinutes === null) return null;
  const begins = `${where[0].toUpperCase()}${where.slice(1)}`;
  return {
    ...seen,
    minutes,
    slowest: leastDoneMinutes,
    burntAt: crustOf(accounts.batch, forecast)?.burntAt ?? null,
    sentence: `${begins} after about *${formatMinutes(minutes)}*, ${lastly(leastDoneMinutes, planned)} in the slowest; planned ${formatNumber(planned)} min.`,
  };
}

const words = (slowest: number): string => formatMinutes(Math.ceil(slowest));
/** Seconds that are not asked for are not said either. */
const lastly = (slowest: number, planned: number): string =>
  isEnough(planned, slowest) ? formatMinutes(Math.round(slowest)) : words(slowest);

/** Where the forecast never gets there. */
export const neverThere = ({ where }: Seen): Verdict => ({
  state: 'fix',
  headline: 'Core: never gets hot enough',
  sentence: `At this heat it won’t reach ${where} within three hours.`,
});

const inThePot: Finding<Reached> = ({ accounts: { batch, kitchen }, forecast: { pot } }) =>
  pot ? potFinding(pot, batch.cook.flame, kitchen.temperature) : null;

const burntBeforeHot: Finding<Reached> = ({ burntAt, slowest, where }) =>
  burntAt === null || burntAt >= slowest
    ? null
    : {
        state: 'fix',
        headline: 'Core: too brown before it is hot',
        sentence: `Too brown after about *${formatMinutes(Math.round(burntAt))}* (our estimate); ${where} only after ${words(slowest)} in the slowest.`,
      };

/** Dough that is to be cooked through is a matter of taste so far: planned for three quarters of its time or more it is soft inside, and hurts nobody. House estimate. */
const SOFT_INSIDE = 0.75;

const tooShort: Finding<Reached> = ({ accounts: { limit }, planned, slowest, minutes, sentence }) => {
  if (isEnough(planned, slowest)) return null;
  if (limit.kind !== 'safety' && !isEnough(planned, minutes) && planned >= SOFT_INSIDE * minutes)
    return { state: 'watch', headline: 'Core: a little short', sentence };
  return !isEnough(planned, minutes)
    ? { state: 'fix', headline: 'Core: time too short', sentence }
    : { state: 'watch', headline: 'Core: too short for the slowest', sentence };
};

/** Longer than too brown by more than this share of the time that it took: burnt. */
const BURNT_BY = 0.5;

const burntByThen: Finding<Reached> = ({ burntAt, planned, slowest, where }) =>
  burntAt === null || burntAt >= planned
    ? null
    : {
        state: planned > (1 + BURNT_BY) * burntAt ? 'fix' : 'watch',
        headline: 'Core: too brown by then',
        sentence: `Too brown after about *${formatMinutes(Math.round(burntAt))}* (our estimate); ${where} after ${words(slowest)} in the slowest; planned ${formatNumber(planned)} min.`,
      };

const isTooLong: Finding<Reached> = ({ accounts, forecast }) => tooLong(accounts, forecast);

const isPale: Finding<Reached> = ({ accounts: { batch, kitchen }, forecast }) =>
  pale(batch, forecast, kitchen.temperature);

const doughIsDone: Finding<Reached> = ({ accounts: { limit }, sentence }) =>
  limit.kind === 'doneness' ? { state: 'good', headline: 'Core: cooked through', sentence } : null;

/** Time enough: what is left is to measure. */
const thenMeasure: Finding<Reached> = ({ accounts, sentence }) => {
  const { batch, limit, kitchen } = accounts;
  if (isFilledAfter(accounts))
    return {
      state: 'watch',
      headline: 'Core: long enough; measure the filling',
      sentence: `${sentence} The filling goes in afterwards: ${written(limit.at, kitchen.temperature)} measured in its pan, then fill at once.`,
    };
  const needed = batch.count < 3 ? 'every one' : '3 of them, the thickest first';
  const left = leftOutWords(accounts);
  return {
    state: 'watch',
    headline: 'Core: long enough, then measure',
    sentence: `${sentence} ${left === '' ? `Then measure ${needed}.` : left}`,
  };
};

export const OF_FORECAST: readonly Finding<Reached>[] = [
  inThePot,
  burntBeforeHot,
  tooShort,
  burntByThen,
  isTooLong,
  isPale,
  doughIsDone,
  thenMeasure,
];
